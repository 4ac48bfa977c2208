<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How a motor is used, whatever its plate allows. NEC Table 430.22(E), CE Code Table 27. */
enum Service: string implements Choice
{
    use Labelled;

    case Continuous = 'continuous';
    case ShortTime = 'short_time';
    case Intermittent = 'intermittent';
    case Periodic = 'periodic';
    case Varying = 'varying';

    private const LABELS = [
        'continuous' => 'Continuous', 'short_time' => 'Short-time: valves, lifts', 'intermittent' => 'Intermittent: hoists, machines',
        'periodic' => 'Periodic: cycling loads', 'varying' => 'Varying',
    ];
}
