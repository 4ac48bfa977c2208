<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

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
}
