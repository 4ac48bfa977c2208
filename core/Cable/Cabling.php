<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

/** The conductors of both runs. */
final readonly class Cabling
{
    /**
     * @param  SizedRun|null  $motor  from starter to motor; null where no size passes
     * @param  SizedRun|null  $line  from supply to starter; null where there is no such run, or no size passes
     * @param  bool  $complete  whether every run that there is has its size
     */
    public function __construct(public ?SizedRun $motor, public ?SizedRun $line, public bool $complete)
    {
    }
}
