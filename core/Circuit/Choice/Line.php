<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** One of the three lines. */
enum Line: string implements Choice
{
    case One = '1';
    case Two = '2';
    case Three = '3';

    public function label(Words $words): string
    {
        return match ($this) {
            self::One => 'L1',
            self::Two => 'L2',
            self::Three => 'L3',
        };
    }
}
