<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/** Which sizes of both ladders are taken. */
final readonly class Picks
{
    /**
     * @param  int|null  $motor  place on its ladder; null where no size passes
     * @param  int|null  $line  place on its ladder; null where there is no such run, or no size passes
     */
    public function __construct(public ?int $motor, public ?int $line)
    {
    }
}
