<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How the supply is earthed. */
enum Earthing: string implements Choice
{
    use Labelled;

    case TnS = 'tn_s';
    case TnCS = 'tn_c_s';
    case Tt = 'tt';
    case It = 'it';
    case Resistance = 'resistance';

    private const LABELS = [
        'tn_s' => 'TN-S', 'tn_c_s' => 'TN-C-S', 'tt' => 'TT', 'it' => 'IT', 'resistance' => 'Star point earthed through a resistor',
    ];
}
