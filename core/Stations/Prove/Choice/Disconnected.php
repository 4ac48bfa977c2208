<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Labelled;

/** What test volts could destroy, and was taken off before they were applied. */
enum Disconnected: string implements Choice
{
    use Labelled;

    case Drive = 'drive';
    case SoftStarter = 'soft_starter';
    case Capacitor = 'capacitor';
    case Arrester = 'arrester';
    case Sensors = 'sensors';

    private const LABELS = [
        'drive' => 'drive', 'soft_starter' => 'soft starter', 'capacitor' => 'capacitor', 'arrester' => 'surge arrester',
        'sensors' => 'temperature sensors',
    ];
}
