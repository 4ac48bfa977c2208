<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Machine\Fit;
use BraveAnvil\Machine\FittedMachine;
use BraveAnvil\Machine\Plate;
use BraveAnvil\RuleBook\Practice\Practice;
use BraveAnvil\Solution\Figure;

/** Fits the equivalent circuit to the plate; where starting values are not stamped, typical ones stand in and are named. */
final readonly class MachineOfPlate
{
    public function __construct(private Practice $practice)
    {
    }

    /**
     * @param  Figure|null  $current  stamped, of the connection in use, A: what a stamped Ia/In is a multiple of
     * @return FittedMachine|null null where it cannot be tried: one phase, or poles, slip or power not known
     */
    public function fitted(
        Circuit $circuit,
        ?Supplied $supplied,
        ?Figure $current,
        RatedValues $rated,
        Turning $turning,
    ): ?FittedMachine {
        if (
            $supplied === null ||
            $rated->output === null ||
            $rated->efficiency === null ||
            $rated->powerFactor === null ||
            $circuit->phases() !== 3
        ) {
            return null;
        }
        $slip = $turning->slip;
        if ($turning->poles === null || $turning->synchronousSpeed === null || $slip === null) {
            return null;
        }
        $output = $rated->output->number();
        $usual = $this->practice->typicalMotor();
        $typical = [];
        $startCurrent = $circuit->number('plate.start_current_ratio')?->number();
        if ($startCurrent === null) {
            $typical[] = 'starting current';
            $startCurrent = $usual->startCurrent($output, (int) $turning->poles->number());
        }
        $startTorque = $circuit->number('plate.start_torque_ratio')?->number();
        if ($startTorque === null && $startCurrent !== null) {
            $typical[] = 'starting torque';
            $startTorque = $usual->startTorque($output);
        }
        $breakdown = $circuit->number('plate.breakdown_torque_ratio')?->number();
        if ($breakdown === null && $startCurrent !== null && $startTorque !== null) {
            $typical[] = 'breakdown torque';
            $breakdown = $usual->breakdownTorque($output);
        }
        if ($startCurrent === null || $startTorque === null || $breakdown === null) {
            return new FittedMachine(null, [], null, $typical);
        }
        $plate = new Plate($output, $supplied->ratedVoltage->number(), $rated->efficiency->number(), $rated->powerFactor->number(),
            $turning->synchronousSpeed->number(), $slip->number() / 100, $startCurrent, $startTorque, $breakdown);
        $fit = Fit::to($current === null ? $plate : $plate->startingAt($startCurrent * $current->number()));

        return new FittedMachine($fit->machine, $fit->flags, $fit->refusal, $typical);
    }
}
