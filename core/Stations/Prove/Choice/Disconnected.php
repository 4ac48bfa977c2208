<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Choice;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Ground\Words;

/** What test volts could destroy, and was taken off before they were applied. */
enum Disconnected: string implements Choice
{
    case Drive = 'drive';
    case SoftStarter = 'soft_starter';
    case Capacitor = 'capacitor';
    case Arrester = 'arrester';
    case Sensors = 'sensors';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Drive => 'drive',
            self::SoftStarter => 'soft starter',
            self::Capacitor => 'capacitor',
            self::Arrester => 'surge arrester',
            self::Sensors => 'temperature sensors',
        };
    }
}
