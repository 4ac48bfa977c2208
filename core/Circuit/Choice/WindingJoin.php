<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How three windings are joined. */
enum WindingJoin: string implements Choice
{
    case Star = 'star';
    case Delta = 'delta';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Star => $words->star,
            self::Delta => 'delta',
        };
    }
}
