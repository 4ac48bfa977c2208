<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Stations\Correct\Correction;
use BraveAnvil\Stations\Fault\LoopCheck;
use BraveAnvil\Stations\Guard\Protection;
use BraveAnvil\Stations\Start\Starting;

/** What was chosen for a circuit once conductors, device and fault agree. Null is what waits, or is not there. */
final readonly class SizedCircuit
{
    public function __construct(
        public Starting $starting,
        public ?Correction $correction,
        public ?Protection $protection,
        public ?LoopCheck $loop,
    ) {
    }
}
