<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Figure;

/** The conductors of one run, once they are sized. */
final readonly class SizedRun
{
    public Conductor $conductor;

    /**
     * @param  SizeCandidate  $candidate  chosen, or there already
     * @param  Figure  $size  its size
     * @param  Figure  $ampacity  A
     * @param  Conductor|null  $byAmpacity  what ampacity and terminals alone ask for; null where no size passes
     * @param  Figure|null  $drop  running, of this run, %
     * @param  Figure|null  $startingDrop  of this run, %
     * @param  Figure|null  $totalDrop  running, from the supply on, %
     * @param  Figure|null  $totalStartingDrop  %
     * @param  float  $resistance  of each conductor of the run, Ω; 0 where its length is not known
     * @param  float  $reactance  Ω
     */
    public function __construct(
        public SizeCandidate $candidate,
        public Figure $size,
        public Figure $ampacity,
        public ?Conductor $byAmpacity,
        public ?Figure $drop = null,
        public ?Figure $startingDrop = null,
        public ?Figure $totalDrop = null,
        public ?Figure $totalStartingDrop = null,
        public float $resistance = 0.0,
        public float $reactance = 0.0,
    ) {
        $this->conductor = $candidate->conductor;
    }
}
