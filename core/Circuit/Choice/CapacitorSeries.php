<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Which values of capacitors for one phase are sold here. */
enum CapacitorSeries: string implements Choice
{
    use Labelled;

    case Run = 'run';
    case E6 = 'e6';
    case E12 = 'e12';

    private const LABELS = ['run' => 'Run capacitors', 'e6' => 'E6', 'e12' => 'E12'];
}
