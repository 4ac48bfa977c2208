<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Where the overload relay sits. */
enum RelayPlace: string implements Choice
{
    use Labelled;

    case Line = 'line';
    case Delta = 'delta';

    private const LABELS = ['line' => 'In the supply line', 'delta' => 'In the motor leads (delta)'];
}
