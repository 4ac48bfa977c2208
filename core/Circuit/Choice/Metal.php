<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What a conductor is made of. */
enum Metal: string implements Choice
{
    case Copper = 'copper';
    case Aluminium = 'aluminium';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Copper => 'Copper',
            self::Aluminium => 'Aluminium',
        };
    }
}
