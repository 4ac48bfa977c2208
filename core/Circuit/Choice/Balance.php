<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Whether all three lines carry alike. */
enum Balance: string implements Choice
{
    case Balanced = 'balanced';
    case Unbalanced = 'unbalanced';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Balanced => 'balanced',
            self::Unbalanced => 'unbalanced',
        };
    }
}
