<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** From what a capacitor is worked out. */
enum CorrectionBasis: string implements Choice
{
    use Labelled;

    case Calculated = 'calculated';
    case Measured = 'measured';

    private const LABELS = ['calculated' => 'Nameplate and operating load', 'measured' => 'Measured values'];
}
