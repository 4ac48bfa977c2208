<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Whether something is there. */
enum Presence: string implements Choice
{
    case Present = 'present';
    case Absent = 'absent';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Present => 'Present',
            self::Absent => 'Absent',
        };
    }
}
