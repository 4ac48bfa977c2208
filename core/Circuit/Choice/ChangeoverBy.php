<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What brings about the changeover. */
enum ChangeoverBy: string implements Choice
{
    case Time = 'time';
    case Speed = 'speed';
    case Hand = 'hand';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Time => 'Timer',
            self::Speed => 'Speed switch',
            self::Hand => 'Manual',
        };
    }
}
