<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** Of what the insulation is, by which its resistance falls with temperature. */
enum InsulationSystem: string implements Choice
{
    use Labelled;

    case General = 'general';
    case Thermosetting = 'thermosetting';

    private const LABELS = ['general' => 'not specified (general rule)', 'thermosetting' => 'thermosetting, class F or H'];
}
