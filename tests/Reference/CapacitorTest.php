<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** Capacitors by another road: ngspice has the network of each phase, SciPy the charge that flows off, NumPy the bill of a year. */
final class CapacitorTest extends TestCase
{
    private const MOTOR = [
        'rule_book' => 'iec',
        'supply' => ['voltage' => 400, 'frequency' => 50, 'transformer_kva' => 630, 'transformer_impedance_percent' => 4,
            'x_over_r' => 100],
        'plate' => ['power' => '30 kW', 'voltage' => '400 D', 'current' => 57, 'power_factor' => 0.83, 'efficiency' => 93.2],
        'starter' => ['method' => 'direct'], 'correction' => ['target_power_factor' => 0.95, 'place' => 'board'],
    ];

    /** @param  array<string, mixed>  $changes */
    private static function solve(array $changes): Solution
    {
        return Bench::solve(Circuits::changed(self::MOTOR, $changes));
    }

    private static function number(Solution $solution, string $key): float
    {
        $figure = $solution->figure($key);
        self::assertNotNull($figure, $key);

        return $figure->number();
    }

    /** @return iterable<string, array{float, float}> percent, kvar */
    public static function detunings(): iterable
    {
        yield '5.67 %' => [5.67, 12.5];
        yield '7 %' => [7.0, 25.0];
        yield '14 %' => [14.0, 10.0];
    }

    #[DataProvider('detunings')]
    public function test_a_detuned_unit_takes_its_current_and_stands_at_its_volts(float $percent, float $kvar): void
    {
        $solution = self::solve([
            'correction.rated_kvar' => $kvar, 'correction.rated_voltage' => 525, 'correction.detuning_percent' => $percent,
        ]);
        $farad = self::number($solution, 'correct.capacitance_delta');
        $henry = self::number($solution, 'correct.reactor_inductance');
        $elements = CircuitSimulator::supply(400)."\n".implode("\n", [
            "ll1 l1 a $henry", "ll2 l2 b $henry", "ll3 l3 c $henry", "c1 a b $farad", "c2 b c $farad", "c3 c a $farad", 'rn a 0 1e9',
        ]);
        [$amperes, $volts] = CircuitSimulator::magnitudes($elements, 50, ['i(vl1)', 'v(a,b)']);
        self::assertEqualsWithDelta($amperes, self::number($solution, 'correct.capacitor_current'), 1e-4 * $amperes);
        self::assertEqualsWithDelta($volts, self::number($solution, 'correct.capacitor_voltage'), 1e-4 * $volts);
    }

    #[DataProvider('resonances')]
    public function test_a_current_of_the_resonance_order_meets_the_largest_impedance(?float $percent): void
    {
        $solution = self::solve([
            'correction.rated_kvar' => 25, 'correction.rated_voltage' => 525, 'correction.detuning_percent' => $percent,
        ]);
        // One phase of the network: the supply behind the transformer, reactor and capacitor in star.
        $source = 400 ** 2 / (630e3 / 0.04) / (2 * M_PI * 50);
        $farad = self::number($solution, 'correct.capacitance_star');
        $henry = $percent === null ? 1e-12 : self::number($solution, 'correct.reactor_inductance');
        $elements = "is 0 bus ac 1\nls bus 0 $source\nrb bus 0 1e5\nlr bus a $henry\nca a 0 $farad\nra a 0 1e9";
        $order = self::number($solution, 'correct.resonance_order');
        $meets = static fn (float $at): float => CircuitSimulator::magnitudes($elements, 50 * $at, ['v(bus)'])[0];
        foreach ([0.99, 0.999, 1.001, 1.01] as $beside) {
            self::assertGreaterThan($meets($order * $beside), $meets($order), "$beside of the order");
        }
    }

    #[DataProvider('resonances')]
    public function test_the_picture_shows_what_a_harmonic_current_meets(?float $percent): void
    {
        $solution = self::solve([
            'correction.rated_kvar' => 25, 'correction.rated_voltage' => 525, 'correction.detuning_percent' => $percent,
            'supply.other_capacitors_kvar' => 60,
        ]);
        /** @var list<array{order: int|float, times: float}> $points by the curve's shape */
        $points = ($solution->curves['resonance'] ?? null)?->toArray()['points'] ?? [];
        /** @var array<array-key, float> $times */
        $times = [];
        foreach ($points as $point) {
            $times[(string) $point['order']] = $point['times'];
        }
        $source = 400 ** 2 / (630e3 / 0.04);
        $farad = self::number($solution, 'correct.capacitance_star');
        $plain = 60e3 / (2 * M_PI * 50 * 400 ** 2);
        $henry = $percent === null ? 1e-9 : self::number($solution, 'correct.reactor_inductance');
        foreach ([3, 5, 7, 11, 13] as $order) {
            // Resistance of the supply a tenth of its reactance at every order.
            $alone = 'is 0 bus ac 1
rs bus s '.($order * $source / 10).'
ls s 0 '.($source / (2 * M_PI * 50));
            $with = "$alone
lr bus a $henry
ca a 0 $farad
co bus 0 $plain";
            $meets = static fn (string $elements): float => CircuitSimulator::magnitudes($elements, 50 * $order, ['v(bus)'])[0];
            $expected = $meets($with) / $meets($alone);
            self::assertEqualsWithDelta($expected, $times[$order] ?? 0.0, 0.03 * $expected, "order $order");
        }
    }

    /** @return iterable<string, array{float|null}> */
    public static function resonances(): iterable
    {
        yield 'plain' => [null];
        yield 'detuned by 7 %' => [7.0];
    }

    /** @return iterable<string, array{list<string>, string}> elements of the capacitor of {C}, what it looks like */
    public static function broken(): iterable
    {
        yield 'whole' => [['c1 l1 l2 {C}', 'c2 l2 l3 {C}', 'c3 l3 l1 {C}'], 'agrees'];
        yield 'one element dead' => [['c1 l1 l2 {C}', 'c2 l2 l3 {C}'], 'One of its three elements seems to be open'];
        yield 'a blown fuse' => [['c1 l1 x {C}', 'c2 x l3 {C}', 'c3 l3 l1 {C}', 'rx x 0 1e9'], 'One of its fuses seems to be blown'];
        yield 'in star' => [['c1 l1 x {C}', 'c2 l2 x {C}', 'c3 l3 x {C}', 'rx x 0 1e9'], 'connected in star'];
        yield 'not connected' => [['rx l1 0 1e9'], 'does not seem to be connected'];
    }

    /** @param  list<string>  $capacitor */
    #[DataProvider('broken')]
    public function test_readings_after_fitting_tell_a_broken_capacitor(array $capacitor, string $looks): void
    {
        $kvar = 15;
        $farad = 1000 * $kvar / (3 * 2 * M_PI * 50 * 400 ** 2);
        $load = implode("\n", array_map(
            static fn (int $k): string => CircuitSimulator::impedance("z$k", "l$k", 'n', 5.0, 0.75, 50), [1, 2, 3],
        ));
        $read = static function (string $elements): array {
            $amperes = CircuitSimulator::magnitudes($elements, 50, ['i(vl1)', 'i(vl2)', 'i(vl3)']);
            $watts = CircuitSimulator::wattmeters($elements, 50, [['v(l1)', 'i(vl1)'], ['v(l2)', 'i(vl2)'], ['v(l3)', 'i(vl3)']]);

            return [array_sum($amperes) / 3, abs(array_sum($watts))];
        };
        $supply = CircuitSimulator::supply(400)."\n$load\nrn n 0 1e9\n";
        [$before, $wattsBefore] = $read($supply);
        [$after, $wattsAfter] = $read($supply.str_replace('{C}', (string) $farad, implode("\n", $capacitor)));
        $solution = self::solve([
            'measure.method' => 'volts_amps_watts', 'measure.volts_12' => 400, 'measure.amps_1' => $before, 'measure.watts' => $wattsBefore,
            'correction.rated_kvar' => $kvar, 'correction.after_volts' => 400, 'correction.after_amps' => $after,
            'correction.after_watts' => $wattsAfter,
        ]);
        if ($looks === 'agrees') {
            self::assertSame('agrees', $solution->figure('correct.after_verdict')?->value);
            self::assertEqualsWithDelta($after, self::number($solution, 'correct.after_current_expected'), 1e-3 * $after);

            return;
        }
        self::assertSame('differs', $solution->figure('correct.after_verdict')?->value);
        $texts = array_map(static fn ($finding): string => $finding->text, $solution->findings);
        self::assertStringContainsString($looks, implode("\n", $texts));
    }

    public function test_the_charge_flows_off_in_the_time_that_is_allowed(): void
    {
        foreach ([['iec', 75.0, 180.0], ['nec', 50.0, 60.0]] as [$book, $residual, $seconds]) {
            $solution = self::solve(['rule_book' => $book, 'plate.voltage' => '400', 'correction.rated_voltage' => 440]);
            // Three nodes without earth: a resistor beside each capacitor of the delta, the worst element charged to its peak.
            $answer = NumericalLibrary::compute(
                <<<'PY'
                from scipy.integrate import solve_ivp
                C, R, V, T = given['farad'], given['ohm'], given['volts'], given['seconds']
                A = np.array([[2, -1, -1], [-1, 2, -1], [-1, -1, 2]])
                start = np.array([V/2, -V/2, 0.0])
                # C A v' = -(A / R) v: the part that all share stays.
                flow = lambda t, v: -(np.linalg.pinv(C*A) @ (A/R) @ v)
                end = solve_ivp(flow, (0, T), start, rtol=1e-9, atol=1e-9).y[:, -1]
                answer = {'left': float(max(abs(end[0]-end[1]), abs(end[1]-end[2]), abs(end[2]-end[0])))}
                PY,
                [
                    'farad' => self::number($solution, 'correct.capacitance_delta'),
                    'ohm' => self::number($solution, 'correct.discharge_resistance'), 'volts' => sqrt(2) * 440, 'seconds' => $seconds,
                ],
            );
            self::assertEqualsWithDelta($residual, $answer['left'], 1e-3 * $residual, $book);
        }
    }

    public function test_a_year_of_many_loads_costs_what_an_array_of_them_costs(): void
    {
        $rows = [];
        for ($i = 0; $i < 12; $i++) {
            $rows[] = [30 + 7 * $i, 200 + 45 * $i];
        }
        $solution = self::solve([
            'load.hours' => $rows, 'correction.rated_kvar' => 10,
            'settings.tariff' => ['energy_price' => 0.14, 'kvarh' => ['price' => 0.02, 'free_tan' => 0.3]],
            'settings.site_load' => ['power' => 5, 'reactive' => 4],
        ]);
        $answer = NumericalLibrary::compute(
            <<<'PY'
            x, h = np.array(given['rows']).T
            x = x / 100
            loss = 30000*(1/0.932 - 1)
            idle = np.sqrt(3)*400*min(2*(1 - 0.83), np.sqrt(1 - 0.83**2))*30000/0.932/0.83/(np.sqrt(3)*400)
            full = 30000/0.932*np.tan(np.arccos(0.83))
            P = x*30000 + loss*(0.4 + 0.6*x**2)
            Q = idle + (full - idle)*x**2
            bill = lambda Qc: 0.02*max(0, h @ np.maximum(0, 4000 + Q - Qc)/1000 - 0.3*(h @ (5000 + P))/1000)
            answer = {'energy': float(h @ P), 'saved': float(bill(0) - bill(10000))}
            PY,
            ['rows' => $rows],
        );
        self::assertEqualsWithDelta($answer['energy'], self::number($solution, 'power.running_energy'), 1e-6 * $answer['energy']);
        self::assertEqualsWithDelta($answer['saved'], self::number($solution, 'correct.saving_tariff'), 2e-3 * $answer['saved']);
    }
}
