<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

/** What a starting method asks of a capacitor beside the motor. */
final readonly class CapacitorLimits
{
    /**
     * @param  bool  $behindStarter  whether it may sit on the motor's side of the starter
     * @param  string  $whyNot  what would happen there
     * @param  bool  $ownContactor  whether before the starter it wants a contactor of its own, closed only in run
     * @param  string|null  $instead  what to do where it is refused; null where another place is the answer
     */
    public function __construct(
        public bool $behindStarter,
        public string $whyNot,
        public bool $ownContactor,
        public ?string $instead = null,
    ) {
    }
}
