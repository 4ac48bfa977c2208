<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;

/** How many phases the supply has: 3 unless one is typed. */
final class RatedPhases
{
    public static function of(Circuit $circuit): int
    {
        return $circuit->number('supply.phases')?->number() === 1.0 ? 1 : 3;
    }
}
