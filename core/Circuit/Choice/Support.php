<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What carries cables in air. */
enum Support: string implements Choice
{
    case Perforated = 'perforated';
    case Ladder = 'ladder';
    case Bunched = 'bunched';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Perforated => 'Perforated tray',
            self::Ladder => 'Ladder',
            self::Bunched => 'Bunched',
        };
    }
}
