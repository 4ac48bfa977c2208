<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** The order in which the lines follow one another. */
enum Sequence: string implements Choice
{
    case Forward = '123';
    case Backward = '132';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Forward => 'L1-L2-L3',
            self::Backward => 'L1-L3-L2',
        };
    }
}
