<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Cable\Rejection;

/** Both runs with their protective conductors, and the faults at both ends. */
final readonly class SettledPaths
{
    /**
     * @param  FaultPath|null  $line  to the starter; null where there is no such run
     * @param  Rejection|null  $rejection  what fails even with the largest protective conductors
     * @param  bool  $lineFails  whether it is the run to the starter that fails
     */
    public function __construct(
        public ?FaultPath $line,
        public FaultPath $motor,
        public EarthFault $atMotor,
        public ?Rejection $rejection,
        public bool $lineFails,
    ) {
    }
}
