<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How the supply is earthed. */
enum Earthing: string implements Choice
{
    case TnS = 'tn_s';
    case TnCS = 'tn_c_s';
    case Tt = 'tt';
    case It = 'it';
    case Resistance = 'resistance';

    public function label(Words $words): string
    {
        return match ($this) {
            self::TnS => 'TN-S',
            self::TnCS => 'TN-C-S',
            self::Tt => 'TT',
            self::It => 'IT',
            self::Resistance => 'Star point earthed through a resistor',
        };
    }
}
