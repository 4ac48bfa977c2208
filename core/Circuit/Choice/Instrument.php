<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What somebody has at hand to measure power with. */
enum Instrument: string implements Choice
{
    case Voltmeter = 'voltmeter';
    case Clamp = 'clamp';
    case Wattmeter = 'wattmeter';
    case TwoWattmeters = 'two_wattmeters';
    case ThreeWattmeters = 'three_wattmeters';
    case PowerAnalyser = 'power_analyser';
    case PowerFactorMeter = 'power_factor_meter';
    case AngleMeter = 'angle_meter';
    case EnergyMeter = 'energy_meter';
    case Scope = 'scope';
    case Brake = 'brake';

    public function label(Words $words): string
    {
        return match ($this) {
            self::Voltmeter => 'Voltmeter',
            self::Clamp => 'Clamp meter',
            self::Wattmeter => 'One wattmeter',
            self::TwoWattmeters => 'Two wattmeters',
            self::ThreeWattmeters => 'Three wattmeters',
            self::PowerAnalyser => 'Power analyser',
            self::PowerFactorMeter => 'Power-factor meter',
            self::AngleMeter => 'Phase-angle meter',
            self::EnergyMeter => 'Energy meter',
            self::Scope => 'Oscilloscope',
            self::Brake => 'Brake and tachometer',
        };
    }
}
