<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Figure;

/** The figures of a run-up that something is judged by. Null is what there is not. */
final readonly class RunUpTimes
{
    /**
     * @param  Figure|null  $time  to full speed, s
     * @param  Figure|null  $stageTime  of the first stage, s; the run-up time with one stage
     * @param  Figure|null  $worst  run-up time at the least torque, s
     * @param  Figure|null  $stall  speed at which it stays behind, rpm
     * @param  Figure|null  $reducedSpeed  that the first stage reaches, rpm
     * @param  Figure|null  $changeoverCurrent  in the line as the second stage closes, A
     * @param  Figure|null  $first  earliest useful changeover, s
     * @param  Figure|null  $dip  at the bus, %
     * @param  Figure|null  $dipAtMotor  %
     * @param  Figure|null  $margin  least torque over that of the load
     * @param  Figure|null  $lockedRotorTime  s
     * @param  Figure|null  $leastGenerator  that keeps its voltage at this start, VA
     */
    public function __construct(
        public ?Figure $time,
        public ?Figure $stageTime,
        public ?Figure $worst,
        public ?Figure $stall,
        public ?Figure $reducedSpeed,
        public ?Figure $changeoverCurrent,
        public ?Figure $first,
        public ?Figure $dip,
        public ?Figure $dipAtMotor,
        public ?Figure $margin,
        public ?Figure $lockedRotorTime,
        public ?Figure $leastGenerator,
    ) {
    }
}
