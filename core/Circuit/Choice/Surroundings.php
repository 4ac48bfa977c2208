<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** The place around the motor. */
enum Surroundings: string implements Choice
{
    use Labelled;

    case Dry = 'dry';
    case Damp = 'damp';
    case Outdoor = 'outdoor';
    case WashDown = 'wash_down';
    case Dust = 'dust';
    case CombustibleDust = 'combustible_dust';

    private const LABELS = [
        'dry' => 'Dry, indoors', 'damp' => 'Damp', 'outdoor' => 'Outdoors', 'wash_down' => 'Wash-down', 'dust' => 'Dust',
        'combustible_dust' => 'Combustible dust',
    ];
}
