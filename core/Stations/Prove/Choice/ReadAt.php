<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** Where on the circuit a current or a power was read. */
enum ReadAt: string implements Choice
{
    use Labelled;

    case Motor = 'motor';
    case Line = 'line';
    case Lead = 'lead';

    private const LABELS = [
        'motor' => 'at the motor', 'line' => 'in the line, supply side of the capacitor', 'lead' => 'in a lead of a winding',
    ];
}
