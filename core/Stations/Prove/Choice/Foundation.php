<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** What a machine stands on. */
enum Foundation: string implements Choice
{
    case Rigid = 'rigid';
    case Flexible = 'flexible';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Rigid => 'rigid',
            self::Flexible => 'flexible',
        };
    }
}
