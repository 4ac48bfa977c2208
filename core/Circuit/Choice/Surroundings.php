<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** The place around the motor. */
enum Surroundings: string implements Choice
{
    case Dry = 'dry';
    case Damp = 'damp';
    case Outdoor = 'outdoor';
    case WashDown = 'wash_down';
    case Dust = 'dust';
    case CombustibleDust = 'combustible_dust';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Dry => 'Dry, indoors',
            self::Damp => 'Damp',
            self::Outdoor => 'Outdoors',
            self::WashDown => 'Wash-down',
            self::Dust => 'Dust',
            self::CombustibleDust => 'Combustible dust',
        };
    }
}
