<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** What an inrush reading is. */
enum InrushAs: string implements Choice
{
    case Rms = 'rms';
    case Peak = 'peak';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Rms => 'highest rms of about 100 ms',
            self::Peak => 'true first peak',
        };
    }
}
