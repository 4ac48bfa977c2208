<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

/** In which hand circuits are drawn. */
enum Symbols: string
{
    /** Contacts as opening arms, coils as boxes. IEC 60617. */
    case International = 'international';
    /** Contacts as pairs of bars, coils as circles. */
    case American = 'american';
}
