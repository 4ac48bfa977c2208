<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** One of the three lines. */
enum Line: string implements Choice
{
    use Labelled;

    case One = '1';
    case Two = '2';
    case Three = '3';

    private const LABELS = ['1' => 'L1', '2' => 'L2', '3' => 'L3'];
}
