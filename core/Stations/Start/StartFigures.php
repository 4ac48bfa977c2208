<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Figure;

/** Currents and torques at standstill that every starting method is worked out from. Null is what does not follow yet. */
final readonly class StartFigures
{
    /**
     * @param  Figure|null  $lockedRotorCurrent  direct on line at rated voltage, A
     * @param  Figure|null  $peak  first peak direct on line, an upper bound, A
     * @param  Figure|null  $lockedRotorTorque  direct on line, N·m
     * @param  Figure|null  $starLineCurrent  in the line in star, A; null where the motor cannot be started so
     * @param  Figure|null  $starTorque  N·m
     * @param  Figure|null  $reclosingPeak  when delta closes, worst case, A
     * @param  Figure|null  $ratedCurrent  of the motor, in the line, A
     * @param  float|null  $firstPeak  over √2 times the standstill current, of the motor’s own power factor
     * @param  Figure|null  $highest  locked-rotor current that the plate's tolerance or letter allows at most, A
     */
    public function __construct(
        public ?Figure $lockedRotorCurrent,
        public ?Figure $peak,
        public ?Figure $lockedRotorTorque,
        public ?Figure $starLineCurrent,
        public ?Figure $starTorque,
        public ?Figure $reclosingPeak,
        public ?Figure $highest = null,
        public ?Figure $ratedCurrent = null,
        public ?float $firstPeak = null,
    ) {
    }
}
