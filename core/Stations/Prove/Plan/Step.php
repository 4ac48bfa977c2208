<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Plan;

use BraveAnvil\Stations\Prove\ReadingKind;

/** One reading of a plan: why, what is to be expected, what has to be off before. */
final readonly class Step
{
    /**
     * @param  bool  $needed  else it is worth having
     * @param  string  $proves  what is known once it agrees
     * @param  string  $expects  what it should read; empty where that is not worked out
     * @param  list<string>  $before  what must be disconnected or ready first
     */
    public function __construct(
        public ReadingKind $kind,
        public bool $needed,
        public string $proves,
        public string $expects,
        public array $before,
    ) {
    }
}
