<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** How the windings were joined while their resistance was read. */
enum ReadJoin: string implements Choice
{
    case Star = 'star';
    case Delta = 'delta';
    case Open = 'open';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Star => 'star',
            self::Delta => 'delta',
            self::Open => 'links out',
        };
    }
}
