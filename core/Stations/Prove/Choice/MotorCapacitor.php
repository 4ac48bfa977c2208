<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** Which capacitor of a single-phase motor was tested. */
enum MotorCapacitor: string implements Choice
{
    use Labelled;

    case Run = 'run';
    case RunSecond = 'run_second';
    case Start = 'start';

    private const LABELS = [
        'run' => 'Run capacitor', 'run_second' => 'Second section of the run capacitor', 'start' => 'Start capacitor',
    ];
}
