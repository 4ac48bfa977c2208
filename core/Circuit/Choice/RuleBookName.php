<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Whose rules the circuit keeps. */
enum RuleBookName: string implements Choice
{
    use Labelled;

    case Iec = 'iec';
    case Nec = 'nec';
    case Cec = 'cec';

    private const LABELS = ['iec' => 'IEC 60364', 'nec' => 'NEC', 'cec' => 'CE Code'];

    /** Whether a bare power, a size and an insulation are those of North America; a book that is not known here is none. */
    public static function isAmerican(mixed $ruleBook): bool
    {
        return match (is_string($ruleBook) ? self::tryFrom($ruleBook) : null) {
            self::Nec, self::Cec => true,
            self::Iec, null => false,
        };
    }
}
