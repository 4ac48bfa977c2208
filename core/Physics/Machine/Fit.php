<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use BraveAnvil\Ground\Show;

/**
 * A machine fitted to a plate: the rated point exactly, then starting current and torque exactly, then breakdown torque
 * as near as physics allows. Whatever does not fit is flagged, and what cannot be a motor is refused with the reason.
 */
final readonly class Fit
{
    /** Shares of the stator's losses taken as copper, tried in this order. */
    private const COPPER_SHARES = [0.6, 0.45, 0.3, 0.15];

    /**
     * @param  list<string>  $flags  what does not quite fit
     * @param  string|null  $refusal  why there is no machine
     */
    private function __construct(public ?Machine $machine, public array $flags, public ?string $refusal)
    {
    }

    public static function to(Plate $plate): self
    {
        $refusal = self::gates($plate);
        if ($refusal !== null) {
            return new self(null, [], $refusal);
        }
        foreach (self::COPPER_SHARES as $share) {
            $stator = Stator::of($plate, $share);
            if (is_string($stator)) {
                return new self(null, [], $stator);
            }
            $found = (new LeakageSearch($plate, $stator))->found();
            if ($found !== null) {
                [$machine, $flag] = $found;
                $flags = array_filter([$stator->flag, $flag], static fn (?string $said): bool => $said !== null);

                return new self($machine, [...array_values($flags), ...self::review($plate, $machine)], null);
            }
        }

        return new self(null, [], 'Starting current and starting torque do not belong to one motor of this rating.');
    }

    private static function gates(Plate $plate): ?string
    {
        foreach (
            [
                ['Ia/In', $plate->startCurrent, 2.5, 13.0],
                ['Tst/Tn', $plate->startTorque, 0.3, 5.0],
                ['Tmax/Tn', $plate->breakdownTorque, 1.3, 6.0],
                ['a power factor', $plate->powerFactor, 0.35, 0.96],
                ['an efficiency', $plate->efficiency, 0.3, 0.985],
                ['a slip', $plate->slip, 0.0005, 0.25],
            ] as [$name, $value, $low, $high]
        ) {
            if ($value < $low || $value > $high) {
                return ucfirst($name).' of '.Show::number($value, 3).' is outside the range of the motor model, '.Show::number($low).
                    ' to '.Show::number($high).'.';
            }
        }

        return null;
    }

    /** @return list<string> what the fitted machine does not quite reproduce */
    private static function review(Plate $plate, Machine $machine): array
    {
        $flags = [];
        $stand = $machine->at(1.0);
        foreach (
            [
                ['rated current', $machine->at($machine->ratedSlip)['current'], $plate->current()],
                ['Ia/In', $stand['current'] / $plate->current(), $plate->startCurrent],
                ['Tst/Tn', $stand['torque'] / $plate->torque(), $plate->startTorque],
                ['Tmax/Tn', $machine->breakdown($plate->largestBreakdownSlip())[0] / $plate->torque(), $plate->breakdownTorque],
            ] as [$name, $got, $want]
        ) {
            $off = 100 * ($got / $want - 1);
            if (abs($off) > 1) {
                $flags[] =
                    $name.
                    ' '.
                    Show::number($off, 2).
                    ' % off'.
                    ($name === 'Tmax/Tn' && abs($off) > 15 ? ': Tmax/Tn and Ia/In do not belong together' : '');
            }
        }
        $ratio = $machine->rotorStandstill / $machine->rotorRunning;
        if ($ratio < 0.6 || $ratio > 8) {
            $flags[] = 'the rotor resistance changes by a factor of '.Show::number($ratio, 2).' between running and standstill';
        }

        return $flags;
    }
}
