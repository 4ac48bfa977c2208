<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Whether the motor loses its supply at the changeover. */
enum Transition: string implements Choice
{
    case Open = 'open';
    case Closed = 'closed';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Open => 'Open',
            self::Closed => 'Closed',
        };
    }
}
