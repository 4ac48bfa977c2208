<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** How much a finding weighs. Stop: would break a rule, burn, trip, stall or hurt. */
enum Grade: string
{
    case Stop = 'stop';
    case Caution = 'caution';
    case Note = 'note';
}
