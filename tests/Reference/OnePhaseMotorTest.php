<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/** Single-phase motors by another road: ngspice has main winding, start winding and capacitors as a network. */
final class OnePhaseMotorTest extends TestCase
{
    private const VOLTS = 230.0;

    /** Main winding 14 Ω and 35 mH, second winding 22 Ω and 60 mH behind 40 µF; both take their current from the line. */
    private const RUNNING = "vl l 0 ac 230\nvm l m 0\nrm m m1 14\nlm m1 0 35m\nvs l s 0\ncr s s1 40u\nrs s1 s2 22\nls s2 0 60m";

    private static function number(Solution $solution, string $key): float
    {
        $figure = $solution->figure($key);
        self::assertNotNull($figure, "$key: ".json_encode(Circuits::errors($solution)));

        return $figure->number();
    }

    /** @param  array<string, mixed>  $changes */
    private static function motor(array $changes): Solution
    {
        $line = CircuitSimulator::magnitudes(self::RUNNING, 50, ['i(vl)'])[0];
        $watts = -CircuitSimulator::wattmeters(self::RUNNING, 50, [['v(l)', 'i(vl)']])[0];

        return Bench::solve(Circuits::changed([
            'rule_book' => 'iec', 'supply' => ['voltage' => self::VOLTS, 'frequency' => 50, 'phases' => 1],
            'plate' => ['power' => sprintf('%.6f W', 0.8 * $watts), 'voltage' => '230', 'phases' => '1', 'current' => $line, 'speed' => 1420,
                'efficiency' => 80, 'run_capacitor' => '40 µF'],
            'correction' => ['place' => 'before_controller', 'target_power_factor' => 1],
        ], $changes));
    }

    /** @return iterable<string, array{float}> µF across the line */
    public static function corrections(): iterable
    {
        yield '4 µF' => [4.0];
        yield '10 µF' => [10.0];
        yield '50 µF, leading' => [50.0];
    }

    #[DataProvider('corrections')]
    public function test_a_capacitor_across_the_line_leaves_the_run_capacitor_alone(float $microfarads): void
    {
        $solution = self::motor(['correction.capacitance' => "$microfarads µF"]);
        $with = self::RUNNING."\ncc l 0 {$microfarads}u";
        $line = CircuitSimulator::magnitudes($with, 50, ['i(vl)'])[0];
        self::assertEqualsWithDelta($line, self::number($solution, 'correct.load_corrected_current'), 1e-4 * $line);
        $watts = -CircuitSimulator::wattmeters($with, 50, [['v(l)', 'i(vl)']])[0];
        self::assertEqualsWithDelta($watts, self::number($solution, 'power.input'), 1e-4 * $watts);
    }

    /** The voltage across a run capacitor is above that of the supply: its current over that voltage tells its capacitance. */
    public function test_the_current_of_a_run_capacitor_tells_its_capacitance(): void
    {
        [$amps, $volts] = CircuitSimulator::magnitudes(self::RUNNING, 50, ['i(vs)', 'v(s,s1)']);
        $solution = self::motor(['readings' => [[
            'kind' => 'motor_capacitor', 'at' => '2026-04-20T09:00:00Z', 'load_percent' => null, 'simulated' => false,
            'values' => ['which' => 'run', 'amps' => $amps, 'volts' => $volts],
        ]]]);
        self::assertEqualsWithDelta(40e-6, self::number($solution, 'prove.motor_capacitor.measured'), 1e-9);
        self::assertSame('agrees', $solution->comparisons[0]->toArray()['verdict']);
    }

    /** The same of a start capacitor, at standstill: it lies in series with the start winding. */
    public function test_the_current_of_a_start_capacitor_tells_its_capacitance(): void
    {
        $standing = "vl l 0 ac 230\nrm l m1 2.2\nlm m1 0 9m\nvs l s 0\ncs s s1 208u\nrs s1 s2 5\nls s2 0 11m";
        [$amps, $volts] = CircuitSimulator::magnitudes($standing, 50, ['i(vs)', 'v(s,s1)']);
        $solution = self::motor(['plate.start_capacitor' => '189-227 µF', 'readings' => [[
            'kind' => 'motor_capacitor', 'at' => '2026-04-20T09:00:00Z', 'load_percent' => null, 'simulated' => false,
            'values' => ['which' => 'start', 'amps' => $amps, 'volts' => $volts],
        ]]]);
        self::assertEqualsWithDelta(208e-6, self::number($solution, 'prove.motor_capacitor.measured'), 1e-9);
        self::assertSame('agrees', $solution->comparisons[0]->toArray()['verdict']);
    }

    /** Out on one wire and back on the other: what the terminals lack, by a network with the load as an impedance. */
    public function test_the_drop_over_two_wires(): void
    {
        $solution = self::motor([
            'cable' => ['length' => '40 m', 'size' => '2.5', 'material' => 'copper', 'insulation' => 'pvc', 'method' => 'C'],
        ]);
        $amps = self::number($solution, 'power.plate_current');
        $factor = self::number($solution, 'plate.power_factor');
        // 22.5 Ω·mm²/km over 2.5 mm² and 0.08 Ω/km, 40 m each way.
        $r = 22.5 / 2.5 * 0.04;
        $l = 0.08 * 0.04 / (2 * M_PI * 50);
        $ohm = self::VOLTS / $amps;
        $henry = $ohm * sqrt(1 - $factor ** 2) / (2 * M_PI * 50);
        $elements = 'vs a 0 ac '.self::VOLTS."\nr1 a b $r\nl1 b c $l\nrz c d ".$ohm * $factor."\nlz d e $henry\nr2 e f $r\nl2 f 0 $l";
        $left = CircuitSimulator::magnitudes($elements, 50, ['v(c,e)'])[0];
        // The load takes a little less current at the lower voltage: within a twentieth of the drop.
        $drop = 100 * (1 - $left / self::VOLTS);
        self::assertEqualsWithDelta($drop, self::number($solution, 'cable.voltage_drop'), 0.05 * $drop);
    }
}
