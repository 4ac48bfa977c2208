<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Whose rules the circuit keeps. */
enum RuleBookName: string implements Choice
{
    case Iec = 'iec';
    case Nec = 'nec';
    case Cec = 'cec';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Iec => 'IEC 60364',
            self::Nec => 'NEC',
            self::Cec => 'CE Code',
        };
    }
}
