<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Which values of capacitors for one phase are sold here. */
enum CapacitorSeries: string implements Choice
{
    case Run = 'run';
    case E6 = 'e6';
    case E12 = 'e12';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Run => 'Run capacitors',
            self::E6 => 'E6',
            self::E12 => 'E12',
        };
    }
}
