<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

/** Two motors of a board that start at the same moment, with all else running. */
final readonly class StartPair
{
    /**
     * @param  float|null  $dip  from nominal, %; null where the voltage collapses
     * @param  bool  $isAllowed  whether that keeps the limit of the board
     */
    public function __construct(public string $first, public string $second, public ?float $dip, public bool $isAllowed)
    {
    }
}
