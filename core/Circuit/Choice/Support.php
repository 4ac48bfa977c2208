<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What carries cables in air. */
enum Support: string implements Choice
{
    use Labelled;

    case Perforated = 'perforated';
    case Ladder = 'ladder';
    case Bunched = 'bunched';

    private const LABELS = ['perforated' => 'Perforated tray', 'ladder' => 'Ladder', 'bunched' => 'Bunched'];
}
