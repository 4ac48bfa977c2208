<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Trip classes of overload relays. */
enum TripClass: string implements Choice
{
    use Labelled;

    case Class5 = '5';
    case Class10A = '10A';
    case Class10 = '10';
    case Class20 = '20';
    case Class30 = '30';

    private const LABELS = ['5' => '5', '10A' => '10A', '10' => '10', '20' => '20', '30' => '30'];
}
