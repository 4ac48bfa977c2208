<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

/** The conductors of both runs. */
final readonly class Cabling
{
    /**
     * @param  SizedRun|null  $motor  from starter to motor; null where no size passes
     * @param  SizedRun|null  $line  from supply to starter; null where there is no such run, or no size passes
     * @param  list<Rejection>  $fails  why no size passes; empty where every run has its size
     * @param  bool  $lineFails  whether it is the run to the starter that has none
     */
    public function __construct(public ?SizedRun $motor, public ?SizedRun $line, public array $fails = [], public bool $lineFails = false)
    {
    }

    /**
     * No single size passes.
     *
     * @param  list<Rejection>  $fails
     */
    public static function none(array $fails, bool $line): self
    {
        return new self(null, null, $fails, $line);
    }
}
