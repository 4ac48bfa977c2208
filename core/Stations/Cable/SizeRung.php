<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/** One size on the ladder: what rejects it, and whether it is taken. */
final readonly class SizeRung
{
    /**
     * @param  float|null  $runningDrop  total so far, %; null where it is not checked
     * @param  list<Rejection>  $fails
     */
    public function __construct(
        public SizeCandidate $candidate,
        public ?float $runningDrop,
        public ?float $startingDrop,
        public array $fails,
        public bool $chosen,
    ) {
    }
}
