<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Where the voltage coil of a single wattmeter stands. */
enum VoltageCoil: string implements Choice
{
    use Labelled;

    case Neutral = 'neutral';
    case Pair = 'pair';
    case OtherLines = 'other_lines';

    private const LABELS = ['neutral' => 'to neutral', 'pair' => 'between two lines', 'other_lines' => 'across the two other lines'];
}
