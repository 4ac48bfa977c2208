<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How an overload relay comes back after a trip. */
enum ResetMode: string implements Choice
{
    case Manual = 'manual';
    case Automatic = 'automatic';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Manual => 'Manual',
            self::Automatic => 'Automatic',
        };
    }
}
