<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** Which way the shaft was seen to turn. */
enum Turning: string implements Choice
{
    case Right = 'right';
    case Wrong = 'wrong';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Right => 'correct direction',
            self::Wrong => 'wrong direction',
        };
    }
}
