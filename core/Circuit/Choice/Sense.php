<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Whether the current lags or leads the voltage. */
enum Sense: string implements Choice
{
    case Lagging = 'lagging';
    case Leading = 'leading';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Lagging => 'lags (a motor)',
            self::Leading => 'leads (a capacitor)',
        };
    }
}
