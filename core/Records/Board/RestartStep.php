<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

/** One moment of a restart: what comes back then, and what it does to the voltage. */
final readonly class RestartStep
{
    /**
     * @param  float  $at  s after the supply is back
     * @param  list<string>  $tags
     * @param  float|null  $dip  from nominal, %; null where the voltage collapses
     * @param  float  $current  in the feeder, A
     * @param  float  $runUp  of the slowest, s
     */
    public function __construct(
        public int $step,
        public float $at,
        public array $tags,
        public ?float $dip,
        public float $current,
        public float $runUp,
    ) {
    }

    /** @return array{step: int, at: float, tags: list<string>, dip: float|null, current: float, run_up: float} */
    public function toArray(): array
    {
        return ['step' => $this->step, 'at' => $this->at, 'tags' => $this->tags, 'dip' => $this->dip, 'current' => $this->current,
            'run_up' => $this->runUp];
    }
}
