<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** Of what the insulation is, by which its resistance falls with temperature. */
enum InsulationSystem: string implements Choice
{
    case General = 'general';
    case Thermosetting = 'thermosetting';

    public function label(Words $words): string
    {
        return match ($this) {
            self::General => 'not specified (general rule)',
            self::Thermosetting => 'thermosetting, class F or H',
        };
    }
}
