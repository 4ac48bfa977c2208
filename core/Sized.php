<?php

declare(strict_types=1);

namespace BraveAnvil;

use BraveAnvil\Correct\Correction;
use BraveAnvil\Fault\LoopCheck;
use BraveAnvil\Guard\Protection;
use BraveAnvil\Start\Starting;

/** What was chosen for a circuit once conductors, device and fault agree. Null is what waits, or is not there. */
final readonly class Sized
{
    public function __construct(
        public Starting $starting,
        public ?Correction $correction,
        public ?Protection $protection,
        public ?LoopCheck $loop,
    ) {
    }
}
