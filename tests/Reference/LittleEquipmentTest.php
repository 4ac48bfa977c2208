<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Physics\Machine\WindingNetwork;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a clamp, a capacitor or a screen is read to say, by networks in ngspice whose power a wattmeter there shows. */
final class LittleEquipmentTest extends TestCase
{
    /** @return iterable<string, array{string, float}> load between l and 0, and µF across it */
    public static function loads(): iterable
    {
        yield 'a small motor' => ["rl l a 30\nll a 0 120m", 30.0];
        yield 'almost a choke' => ["rl l a 4\nll a 0 90m", 60.0];
        yield 'a heater with a fan' => ["r1 l 0 40\nrl l a 60\nll a 0 400m", 30.0];
        yield 'corrected too far' => ["rl l a 60\nll a 0 150m\ncx l 0 60u", 30.0];
    }

    private static function number(Solution $solution, string $key): float
    {
        $figure = $solution->figure($key);
        self::assertNotNull($figure, $key.': '.json_encode(array_map(static fn ($e): string => $e->text, $solution->errors)));

        return $figure->number();
    }

    #[DataProvider('loads')]
    public function test_three_currents_tell_the_watts(string $load, float $microfarads): void
    {
        $source = "vs l 0 ac 230\n";
        $capacitor = "\ncc l 0 {$microfarads}u";
        $before = CircuitSimulator::magnitudes($source.$load, 50, ['i(vs)'])[0];
        $after = CircuitSimulator::magnitudes($source.$load.$capacitor, 50, ['i(vs)'])[0];
        $own = CircuitSimulator::magnitudes($source.'rz l 0 1e12'.$capacitor, 50, ['i(vs)'])[0];
        $watts = -CircuitSimulator::wattmeters($source.$load, 50, [['v(l)', 'i(vs)']])[0];
        $solution = Bench::solve([
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => 230, 'phases' => 1, 'frequency' => 50],
            'measure' => ['method' => 'clamp_capacitor', 'volts_12' => 230, 'amps_before' => $before, 'amps_after' => $after,
                'capacitor_amps' => $own],
        ]);
        self::assertEqualsWithDelta($watts, self::number($solution, 'measured.real'), 1e-5 * $watts);
        self::assertSame(str_contains($load, 'cx'), self::number($solution, 'measured.reactive') < 0);
        $byCapacitance = Bench::solve([
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => 230, 'phases' => 1, 'frequency' => 50],
            'measure' => ['method' => 'clamp_capacitor', 'volts_12' => 230, 'amps_before' => $before, 'amps_after' => $after,
                'capacitor_uf' => $microfarads],
        ]);
        self::assertEqualsWithDelta($watts, self::number($byCapacitance, 'measured.real'), 1e-5 * $watts);
    }

    /** Heights and the way between the zero crossings, as the network has them, give the watts of its wattmeter. */
    public function test_a_screen_tells_the_watts(): void
    {
        $elements = "vs l 0 ac 230\nrl l a 30\nll a 0 120m";
        $amps = CircuitSimulator::magnitudes($elements, 50, ['i(vs)'])[0];
        $watts = -CircuitSimulator::wattmeters($elements, 50, [['v(l)', 'i(vs)']])[0];
        $delay = acos($watts / (230 * $amps)) / (2 * M_PI * 50);
        $solution = Bench::solve([
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => 230, 'phases' => 1, 'frequency' => 50],
            'measure' => [
                'method' => 'scope_screen', 'scope_sine' => true, 'scope_height' => 'peak', 'scope_volts_per_division' => 100,
                'scope_volts_divisions' => M_SQRT2 * 2.3, 'scope_amps_volts_per_division' => 0.02,
                'scope_amps_divisions' => M_SQRT2 * $amps * 0.01 / 0.02, 'scope_millivolts_per_ampere' => 10,
                'scope_time_per_division' => 0.002, 'scope_delay_divisions' => $delay / 0.002, 'sense' => 'lagging',
            ],
        ]);
        self::assertEqualsWithDelta($watts, self::number($solution, 'measured.real'), 1e-5 * $watts);
    }

    /** Three unequal loads to the neutral: angles as phasors of ngspice have them, and the three wattmeters of the same network. */
    public function test_three_angles_tell_the_watts_of_an_unbalanced_load(): void
    {
        $network = CircuitSimulator::supply(400)."\nvn n 0 0\n".CircuitSimulator::impedance('a', 'l1', 'n', 23.0, 0.8, 50)."\n"
            .CircuitSimulator::impedance('b', 'l2', 'n', 31.0, 0.5, 50)."\nrc l3 mc 20\ncc mc n 200u";
        $amps = CircuitSimulator::magnitudes($network, 50, ['i(vl1)', 'i(vl2)', 'i(vl3)']);
        $watts = CircuitSimulator::wattmeters($network, 50, [['v(l1)', 'i(vl1)'], ['v(l2)', 'i(vl2)'], ['v(l3)', 'i(vl3)']]);
        $measure = ['method' => 'phase_angles'];
        foreach ([0, 1, 2] as $line) {
            $angle = rad2deg(acos($watts[$line] / $amps[$line] / (400 / sqrt(3))));
            $measure['phase_volts_'.($line + 1)] = 400 / sqrt(3);
            $measure['amps_'.($line + 1)] = $amps[$line];
            $measure['angle_'.($line + 1)] = $line === 2 ? -$angle : $angle;
        }
        $solution = Bench::solve([
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => 400, 'frequency' => 50], 'measure' => $measure,
        ]);
        self::assertEqualsWithDelta(array_sum($watts), self::number($solution, 'measured.real'), 1e-4 * array_sum($watts));
        $reactive = 0.0;
        foreach ([0, 1, 2] as $line) {
            $reactive += ($line === 2 ? -1 : 1) * sqrt((400 / sqrt(3) * $amps[$line]) ** 2 - $watts[$line] ** 2);
        }
        self::assertEqualsWithDelta($reactive, self::number($solution, 'measured.reactive'), 1e-3 * abs($reactive));
    }

    /** Random windings, leads and joints: NumPy solves the nodes of the whole network, joints as tenths of a milliohm. */
    public function test_ohms_between_terminals_are_those_of_the_network(): void
    {
        $random = new Randomizer(new Mt19937(20260930));
        $cases = [];
        $ours = [];
        for ($i = 0; $i < 60; $i++) {
            $ohms = array_map(static fn (): float => $random->getInt(0, 9) === 0 ? INF : $random->getInt(5, 400) / 100, [0, 1, 2]);
            $leads = $random->getInt(0, 1) === 0 ? [0, 1, 2, 3, 4, 5] : $random->shuffleArray([0, 1, 2, 3, 4, 5]);
            $joined = [[], [[3, 4, 5]], [[1, 3], [2, 4], [0, 5]], [[0, 4], [1, 5], [2, 3]], [[4, 5]]][$random->getInt(0, 4)];
            $network = new WindingNetwork([$ohms[0], $ohms[1], $ohms[2]], array_values($leads), $joined);
            $cases[] = ['ohms' => array_map(static fn (float $o): ?float => is_finite($o) ? $o : null, $ohms), 'leads' => $leads,
                'joined' => $joined];
            $reads = [];
            for ($one = 0; $one < 6; $one++) {
                for ($other = $one + 1; $other < 6; $other++) {
                    $reads[] = min(1e6, $network->between($one, $other));
                }
            }
            $ours[] = $reads;
        }
        $found = NumericalLibrary::compute('answer = {"reads": []}
for case in given:
    g = np.zeros((6, 6))
    def put(a, b, s):
        g[a, a] += s; g[b, b] += s; g[a, b] -= s; g[b, a] -= s
    for w, ohm in enumerate(case["ohms"]):
        if ohm is not None and case["leads"][w] != case["leads"][w + 3]:
            put(case["leads"][w], case["leads"][w + 3], 1 / ohm)
    for join in case["joined"]:
        for a, b in zip(join, join[1:]):
            put(a, b, 1e4)
    g += np.eye(6) * 1e-9
    inverse = np.linalg.inv(g)
    answer["reads"].append([min(1e6, inverse[a, a] + inverse[b, b] - 2 * inverse[a, b]) for a in range(6) for b in range(a + 1, 6)])', $cases);
        self::assertIsArray($found['reads']);
        foreach ($ours as $i => $reads) {
            self::assertIsArray($found['reads'][$i]);
            foreach ($reads as $pair => $ohm) {
                self::assertIsNumeric($found['reads'][$i][$pair]);
                self::assertEqualsWithDelta((float) $found['reads'][$i][$pair], $ohm, 1e-3 * max(1.0, $ohm), json_encode($cases[$i], JSON_THROW_ON_ERROR));
            }
        }
    }
}
