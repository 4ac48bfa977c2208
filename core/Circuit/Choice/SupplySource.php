<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What supplies a circuit. */
enum SupplySource: string implements Choice
{
    use Labelled;

    case Mains = 'mains';
    case Generator = 'generator';
    case Inverter = 'inverter';

    private const LABELS = ['mains' => 'Mains', 'generator' => 'Generator set', 'inverter' => 'Inverter with battery'];
}
