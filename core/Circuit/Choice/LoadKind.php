<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** How the torque of the load follows its speed. */
enum LoadKind: string implements Choice
{
    case Constant = 'constant';
    case Linear = 'linear';
    case Quadratic = 'quadratic';
    case ConstantPower = 'constant_power';
    case Points = 'points';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Constant => 'Constant torque',
            self::Linear => 'Linear',
            self::Quadratic => 'Fan or pump',
            self::ConstantPower => 'Constant power',
            self::Points => 'Load curve (points)',
        };
    }
}
