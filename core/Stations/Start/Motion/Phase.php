<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** Which part of a start a moment belongs to. */
enum Phase: string
{
    /** Reduced: star, a tap, an element in series, a ramp; the only one of a direct start is `full`. */
    case First = 'first';
    /** Between two stages, without a supply. */
    case Gap = 'gap';
    case Full = 'full';
}
