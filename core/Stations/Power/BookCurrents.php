<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

/** How one rule book finds the current that it sizes by, and what it is called. */
final readonly class BookCurrents
{
    public function __construct(public string $name, public CurrentRules $currents)
    {
    }
}
