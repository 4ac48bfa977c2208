<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** From what a capacitor is worked out. */
enum CorrectionBasis: string implements Choice
{
    case Calculated = 'calculated';
    case Measured = 'measured';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Calculated => 'Nameplate and operating load',
            self::Measured => 'Measured values',
        };
    }
}
