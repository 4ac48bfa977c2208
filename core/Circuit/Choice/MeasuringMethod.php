<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** What is at hand to measure with. */
enum MeasuringMethod: string implements Choice
{
    use Labelled;

    case VoltsAmps = 'volts_amps';
    case VoltsAmpsWatts = 'volts_amps_watts';
    case PowerFactorMeter = 'power_factor_meter';
    case LineAngle = 'line_angle';
    case OneWattmeter = 'one_wattmeter';
    case TwoWattmeters = 'two_wattmeters';
    case ThreeWattmeters = 'three_wattmeters';
    case MeterDisc = 'meter_disc';
    case MeterPulses = 'meter_pulses';
    case Brake = 'brake';

    private const LABELS = [
        'volts_amps' => 'Clamp meter and voltmeter only', 'volts_amps_watts' => 'Voltage, current and power',
        'power_factor_meter' => 'Power-factor meter', 'line_angle' => 'Angle of voltage and current',
        'one_wattmeter' => 'One wattmeter', 'two_wattmeters' => 'Two wattmeters', 'three_wattmeters' => 'Three wattmeters',
        'meter_disc' => 'Energy meter: turns of the disc', 'meter_pulses' => 'Energy meter: pulses', 'brake' => 'Brake test',
    ];
}
