<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Whether all three lines carry alike. */
enum Balance: string implements Choice
{
    use Labelled;

    case Balanced = 'balanced';
    case Unbalanced = 'unbalanced';

    private const LABELS = ['balanced' => 'balanced', 'unbalanced' => 'unbalanced'];
}
