<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use PHPUnit\Framework\TestCase;

/** What an equivalent circuit does, whatever motor it is of. */
final class MachineTest extends TestCase
{
    private static function kilnFan(): Machine
    {
        $machine = Fit::to(new Plate(37000, 400, 0.939, 0.85, 1500, 1 - 1482 / 1500, 7.0, 2.4, 2.9))->machine;
        self::assertNotNull($machine);

        return $machine;
    }

    /** The law of a bar in a slot: no displacement at low frequency, 1 + 4/45 ξ⁴ at first, and resistance as ξ when it is deep. */
    public function test_current_is_driven_to_the_top_of_a_bar(): void
    {
        self::assertSame(1.0, Machine::bar(0.0));
        foreach ([0.2, 0.3, 0.4] as $xi) {
            self::assertEqualsWithDelta(1 + 4 / 45 * $xi ** 4, Machine::bar($xi), 1e-4);
        }
        foreach ([4.0, 8.0, 20.0] as $xi) {
            self::assertEqualsWithDelta($xi, Machine::bar($xi), 3e-3 * $xi);
        }
        // Without a step where the series is cut off.
        self::assertEqualsWithDelta(Machine::bar(0.0009), Machine::bar(0.0011), 1e-9);
    }

    /** Current displacement: rotor resistance falls and leakage grows as the motor speeds up; both hold at and below rated slip. */
    public function test_a_rotor_changes_between_standstill_and_full_speed(): void
    {
        $machine = self::kilnFan();
        [$resistance, $leakage] = [INF, 0.0];
        foreach ([1.0, 0.8, 0.6, 0.4, 0.2, 0.1, 0.05] as $slip) {
            self::assertLessThan($resistance, $machine->rotor($slip), "resistance at slip $slip");
            self::assertGreaterThan($leakage, $machine->leakage($slip), "leakage at slip $slip");
            [$resistance, $leakage] = [$machine->rotor($slip), $machine->leakage($slip)];
        }
        self::assertEqualsWithDelta($machine->rotorStandstill, $machine->rotor(1.0), 1e-5 * $machine->rotorStandstill);
        self::assertEqualsWithDelta($machine->rotorRunning, $machine->rotor($machine->ratedSlip), 1e-9);
        self::assertSame($machine->leakageStandstill, $machine->leakage(1.0));
        self::assertSame($machine->leakageRunning, $machine->leakage($machine->ratedSlip / 2));
    }

    /** Breakdown torque is the largest at any slip, and stamped Tmax/Tn is what it was fitted to. */
    public function test_no_slip_gives_more_than_breakdown_torque(): void
    {
        $machine = self::kilnFan();
        [$torque, $slip] = $machine->breakdown();
        $best = 0.0;
        for ($i = 1; $i <= 2000; $i++) {
            $best = max($best, $machine->at($i / 2000)['torque']);
        }
        self::assertEqualsWithDelta($best, $torque, 1e-3 * $best);
        self::assertEqualsWithDelta(2.9 * 37000 / (2 * M_PI * 1482 / 60), $torque, 1e-3 * $torque);
        self::assertGreaterThan($machine->ratedSlip, $slip);
        self::assertLessThan(0.3, $slip);
    }

    /** The slip for an output gives that output back; beyond what the motor can carry there is none. */
    public function test_the_slip_of_a_load(): void
    {
        $machine = self::kilnFan();
        foreach ([0.0, 5000.0, 18500.0, 37000.0, 45000.0] as $output) {
            $slip = $machine->slipFor($output);
            self::assertNotNull($slip);
            self::assertEqualsWithDelta($output, $machine->at($slip)['output'], 0.05);
            self::assertGreaterThan(0.0, $slip);
        }
        self::assertNull($machine->slipFor(4 * 37000.0));
    }

    /** What goes in comes out or is lost: in stator, iron, rotor and friction, at every slip. */
    public function test_power_is_kept(): void
    {
        $machine = self::kilnFan();
        foreach ([1.0, 0.4, 0.1, $machine->ratedSlip] as $slip) {
            $at = $machine->at($slip);
            $iron = 400 ** 2 / $machine->core;
            // The stator's coils carry the line current less that of the iron branch, which lies across the terminals.
            $phase = 400 / sqrt(3);
            $coils = ($at['real'] / 3 / $phase - $phase / $machine->core) ** 2 + ($at['reactive'] / 3 / $phase) ** 2;
            $gap = $at['real'] - $iron - 3 * $coils * $machine->stator;
            $fraction = (1 - $slip) / (1 - $machine->ratedSlip);
            $shaft = $gap * (1 - $slip) - $machine->friction * $fraction ** 3;
            self::assertEqualsWithDelta($shaft, $at['output'], 1e-6 * $at['real'], "at slip $slip");
        }
    }
}
