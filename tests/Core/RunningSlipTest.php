<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Machine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Physics\Machine\RunningSlip;
use BraveAnvil\Stations\Power\MachineLoad;
use PHPUnit\Framework\TestCase;

/** How far a loaded motor falls behind its field. */
final class RunningSlipTest extends TestCase
{
    private static function fan(): Machine
    {
        $machine = Fit::to(new Plate(37000, 400, 0.939, 0.85, 1500, 1 - 1482 / 1500, 7.0, 2.4, 2.9))->machine;
        self::assertNotNull($machine);

        return $machine;
    }

    public function test_at_rated_output_it_is_the_stamped_slip(): void
    {
        $machine = self::fan();
        self::assertEqualsWithDelta(0.012, (new RunningSlip($machine))->at($machine->outputAt($machine->ratedSlip)), 1e-9);
        self::assertSame($machine->slipFor(20000.0), (new RunningSlip($machine))->at(20000.0));
    }

    public function test_more_output_is_more_slip_up_to_what_the_motor_can_give(): void
    {
        $running = new RunningSlip(self::fan());
        $before = 0.0;
        for ($kilowatts = 0; $kilowatts <= 60; $kilowatts += 5) {
            $slip = $running->at(1000.0 * $kilowatts);
            self::assertNotNull($slip, "$kilowatts kW");
            self::assertGreaterThan($before, $slip, "$kilowatts kW");
            $before = $slip;
        }
        self::assertNull($running->at(200_000.0), 'no motor gives five times its output');
    }

    /** Slip is what the rotor's copper takes: with half as much again of resistance the motor falls half as far again behind. */
    public function test_a_rotor_with_broken_bars_falls_further_behind(): void
    {
        $machine = self::fan();
        $sound = (new RunningSlip($machine))->at(37000.0);
        $broken = (new RunningSlip($machine->withRotor(1.5)))->at(37000.0);
        self::assertNotNull($sound);
        self::assertNotNull($broken);
        self::assertEqualsWithDelta(1.5 * $sound, $broken, 0.05 * $sound);
    }

    public function test_friction_alone_is_turned_without_a_load(): void
    {
        $machine = self::fan();
        $idle = (new RunningSlip($machine))->at(0.0);
        $stiff = (new RunningSlip($machine->withFriction(2.0)))->at(0.0);
        self::assertNotNull($idle);
        self::assertEqualsWithDelta(2.0, $stiff / $idle, 0.02, 'twice the friction, twice the slip');
    }

    public function test_part_load_asks_it_for_every_share(): void
    {
        $machine = self::fan();
        $load = new MachineLoad($machine);
        foreach ([0.25, 0.5, 1.0, 1.25] as $share) {
            $slip = (new RunningSlip($machine))->at($share * $machine->outputAt($machine->ratedSlip));
            self::assertEqualsWithDelta(100 * (float) $slip, $load->at($share)?->slip, 1e-9);
        }
    }

    /** Torque goes with the square of the volts, so that a loaded motor slips about as much more as the square is less. */
    public function test_low_voltage_is_more_slip_for_the_same_torque(): void
    {
        $machine = self::fan();
        $torque = $machine->at($machine->ratedSlip)['torque'];
        $low = $machine->at($machine->ratedSlip / 0.81, 0.9 * $machine->volts)['torque'];
        self::assertEqualsWithDelta($torque, $low, 0.03 * $torque);
        self::assertGreaterThan($machine->at($machine->ratedSlip, 0.9 * $machine->volts)['torque'], $low);
    }
}
