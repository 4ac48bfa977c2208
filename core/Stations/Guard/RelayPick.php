<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\TripClass;

/** A trip class, and whether a relay of it lets the start pass. */
final readonly class RelayPick
{
    public function __construct(public TripClass $class, public bool $holds)
    {
    }
}
