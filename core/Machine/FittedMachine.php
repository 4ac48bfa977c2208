<?php

declare(strict_types=1);

namespace BraveAnvil\Machine;

/** The one machine of a solution: fitted to the plate once, and what was not stamped for it. */
final readonly class FittedMachine
{
    /**
     * @param  list<string>  $flags  what does not quite fit
     * @param  string|null  $refusal  why there is no machine although all was there to fit one
     * @param  list<string>  $typical  starting values that were not stamped, so that typical ones stand in
     */
    public function __construct(public ?Machine $machine, public array $flags, public ?string $refusal, public array $typical)
    {
    }

    /** ' with a typical starting current, …', or nothing. */
    public function typicalWords(): string
    {
        return $this->typical === [] ? '' : 'a typical '.implode(', ', $this->typical);
    }
}
