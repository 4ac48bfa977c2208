<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\FittedMachine;
use BraveAnvil\Physics\Machine\Plate;
use BraveAnvil\Tables\Practice\Practice;

/** Fits the equivalent circuit to the plate; where starting values are not stamped, typical ones stand in and are named. */
final readonly class MachineOfPlate
{
    public function __construct(private Practice $practice)
    {
    }

    /**
     * @param  Motor  $motor  as it was read, without a machine
     * @param  float|null  $table  locked-rotor current by the rule book's table, A
     * @return FittedMachine|null null where it cannot be tried: one phase, or poles, slip or power not known
     */
    public function fitted(Circuit $circuit, Motor $motor, ?float $table): ?FittedMachine
    {
        $volts = $motor->ratedVoltage();
        if ($volts === null || $motor->output === null || $motor->efficiency === null || $motor->powerFactor === null
            || $circuit->phases() !== 3 || $motor->poles === null || $motor->synchronousSpeed === null || $motor->slip === null) {
            return null;
        }
        $output = $motor->output->number();
        $usual = $this->practice->typicalMotor();
        $typical = [];
        // Rated current first: what starting currents are multiples of, where the plate gives none.
        $plate = new Plate($output, $volts->number(), $motor->efficiency->number(), $motor->powerFactor->number(),
            $motor->synchronousSpeed->number(), $motor->slip->number() / 100, 1.0, 1.0, 2.0);
        [$amperes, $isTypical] = $this->standstill($circuit, $motor, $motor->current?->number() ?? $plate->current(), $table);
        if ($isTypical) {
            $typical[] = 'starting current';
        }
        $startTorque = $circuit->number('plate.start_torque_ratio')?->number();
        if ($startTorque === null && $amperes !== null) {
            $typical[] = 'starting torque';
            $startTorque = StartTorque::usual($circuit, $motor->output, $usual)?->number();
        }
        $breakdown = $circuit->number('plate.breakdown_torque_ratio')?->number();
        if ($breakdown === null && $amperes !== null && $startTorque !== null) {
            $typical[] = 'breakdown torque';
            $breakdown = $usual->breakdownTorque($output);
            // A rotor class above what is usual lifts the largest torque with it.
            $breakdown = $breakdown === null || ! in_array('starting torque', $typical, true) ? $breakdown : max($breakdown, $startTorque);
        }
        if ($amperes === null || $startTorque === null || $breakdown === null) {
            return new FittedMachine(null, [], null, $typical);
        }
        $plate = $plate->starting($amperes, $startTorque, $breakdown);
        $fit = Fit::to($plate);

        return new FittedMachine($fit->machine, $fit->flags, $fit->refusal, $typical, $plate);
    }

    /**
     * Line current of a rotor that stands, from the best source: measured, Ia/In, code letter, table, a typical ratio.
     *
     * @param  float  $rated  A
     * @return array{float|null, bool} A, and whether it is only typical
     */
    private function standstill(Circuit $circuit, Motor $motor, float $rated, ?float $table): array
    {
        $read = $motor->ratedVoltage() === null ? null : StandstillReading::of($circuit, $motor->ratedVoltage()->number());
        if ($read !== null) {
            return [$read->amperes, false];
        }
        $ratio = $circuit->number('plate.start_current_ratio')?->number();
        if ($ratio !== null) {
            return [$ratio * $rated, false];
        }
        $letter = CodeLetterCurrent::of($circuit, $motor->output, $motor->supplied, $rated, $this->practice);
        $likely = $letter?->likely();
        if ($likely !== null) {
            return [$likely, false];
        }
        $typical = $motor->output === null
            ? null : $this->practice->typicalMotor()->startCurrent($motor->output->number(), $motor->poleCount());
        $other = $table ?? ($typical === null ? null : $typical * $rated);

        return [$other === null ? null : ($letter?->bounded($other) ?? $other), true];
    }
}
