<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Where the voltage coil of a single wattmeter stands. */
enum VoltageCoil: string implements Choice
{
    case Neutral = 'neutral';
    case Pair = 'pair';
    case OtherLines = 'other_lines';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Neutral => 'to neutral',
            self::Pair => 'between two lines',
            self::OtherLines => 'across the two other lines',
        };
    }
}
