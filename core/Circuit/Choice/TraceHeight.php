<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** How the height of a trace was read from a screen. */
enum TraceHeight: string implements Choice
{
    use Labelled;

    case Peak = 'peak';
    case PeakToPeak = 'peak_to_peak';

    private const LABELS = ['peak' => 'Peak, from the middle line', 'peak_to_peak' => 'Peak to peak'];

    /** Divisions that are one peak. */
    public function peaks(): float
    {
        return $this === self::Peak ? 1.0 : 2.0;
    }
}
