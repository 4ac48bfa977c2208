<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** A protector inside the motor that opens its current. */
enum ThermalProtector: string implements Choice
{
    use Labelled;

    case None = 'none';
    case Manual = 'manual';
    case Automatic = 'automatic';

    private const LABELS = ['none' => 'None', 'manual' => 'Manual reset', 'automatic' => 'Automatic reset'];
}
