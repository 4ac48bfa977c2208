<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** The order in which the lines follow one another. */
enum Sequence: string implements Choice
{
    use Labelled;

    case Forward = '123';
    case Backward = '132';

    private const LABELS = ['123' => 'L1-L2-L3', '132' => 'L1-L3-L2'];
}
