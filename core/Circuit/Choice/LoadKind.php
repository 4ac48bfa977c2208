<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How the torque of the load follows its speed. */
enum LoadKind: string implements Choice
{
    use Labelled;

    case Constant = 'constant';
    case Linear = 'linear';
    case Quadratic = 'quadratic';
    case ConstantPower = 'constant_power';
    case Points = 'points';

    private const LABELS = [
        'constant' => 'Constant torque', 'linear' => 'Linear', 'quadratic' => 'Fan or pump', 'constant_power' => 'Constant power',
        'points' => 'Load curve (points)',
    ];
}
