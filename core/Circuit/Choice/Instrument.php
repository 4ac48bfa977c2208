<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What somebody has at hand to measure power with. */
enum Instrument: string implements Choice
{
    use Labelled;

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
    case KnownCapacitor = 'known_capacitor';

    private const LABELS = [
        'voltmeter' => 'Voltmeter', 'clamp' => 'Clamp meter', 'wattmeter' => 'One wattmeter', 'two_wattmeters' => 'Two wattmeters',
        'three_wattmeters' => 'Three wattmeters', 'power_analyser' => 'Power analyser', 'power_factor_meter' => 'Power-factor meter',
        'angle_meter' => 'Phase-angle meter', 'energy_meter' => 'Energy meter', 'scope' => 'Oscilloscope',
        'brake' => 'Brake and tachometer', 'known_capacitor' => 'A capacitor of known value',
    ];
}
