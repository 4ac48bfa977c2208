<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/** The conductors of both runs. */
final readonly class Cabling
{
    /**
     * @param  SizedRun|null  $motor  from starter to motor; null where no size passes
     * @param  SizedRun|null  $line  from supply to starter; null where there is no such run, or no size passes
     * @param  Ladder|null  $motorLadder  every size that was looked at
     * @param  Picks|null  $picks  which sizes are taken
     * @param  bool  $byFault  whether an earth fault asked for more than the load
     * @param  list<Rejection>  $fails  why no size passes; empty where every run has its size
     * @param  bool  $lineFails  whether it is the run to the starter that has none
     */
    public function __construct(
        public ?SizedRun $motor,
        public ?SizedRun $line,
        public ?Ladder $motorLadder = null,
        public ?Ladder $lineLadder = null,
        public ?Picks $picks = null,
        public bool $byFault = false,
        public array $fails = [],
        public bool $lineFails = false,
    ) {
    }

    /**
     * No size passes.
     *
     * @param  list<Rejection>  $fails
     */
    public static function none(array $fails, bool $line): self
    {
        return new self(null, null, fails: $fails, lineFails: $line);
    }
}
