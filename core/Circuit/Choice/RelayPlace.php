<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Where the overload relay sits. */
enum RelayPlace: string implements Choice
{
    case Line = 'line';
    case Delta = 'delta';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Line => 'In the supply line',
            self::Delta => 'In the motor leads (delta)',
        };
    }
}
