<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How a motor is used, whatever its plate allows. NEC Table 430.22(E), CE Code Table 27. */
enum Service: string implements Choice
{
    case Continuous = 'continuous';
    case ShortTime = 'short_time';
    case Intermittent = 'intermittent';
    case Periodic = 'periodic';
    case Varying = 'varying';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Continuous => 'Continuous',
            self::ShortTime => 'Short-time: valves, lifts',
            self::Intermittent => 'Intermittent: hoists, machines',
            self::Periodic => 'Periodic: cycling loads',
            self::Varying => 'Varying',
        };
    }
}
