<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Whether the current lags or leads the voltage. */
enum Sense: string implements Choice
{
    use Labelled;

    case Lagging = 'lagging';
    case Leading = 'leading';

    private const LABELS = ['lagging' => 'lags (a motor)', 'leading' => 'leads (a capacitor)'];
}
