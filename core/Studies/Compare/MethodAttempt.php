<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Start\Method\Refused;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\RunUp;

/** A motor with one starting method, worked out as far as it goes. */
final readonly class MethodAttempt
{
    /**
     * @param  Refused|null  $refused  why this motor cannot be started so at all
     * @param  RunUp|null  $runUp  null where it is refused
     * @param  float|null  $rated  line current of the motor, A; null while it is not known
     * @param  bool  $relayHolds  whether a relay of the slowest class lets it pass; true while no relay is chosen
     */
    public function __construct(
        public StartingMethod $method,
        public ?float $rated,
        public ?Refused $refused,
        public ?Cabling $cabling = null,
        public ?RunUp $runUp = null,
        public bool $relayHolds = true,
    ) {
    }
}
