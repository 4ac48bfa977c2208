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
    case PhaseAngles = 'phase_angles';
    case OneWattmeter = 'one_wattmeter';
    case TwoWattmeters = 'two_wattmeters';
    case ThreeWattmeters = 'three_wattmeters';
    case MeterDisc = 'meter_disc';
    case MeterPulses = 'meter_pulses';
    case Brake = 'brake';
    case ClampCapacitor = 'clamp_capacitor';
    case ScopeScreen = 'scope_screen';
    case BeforeAfter = 'before_after';

    private const LABELS = [
        'volts_amps' => 'Clamp meter and voltmeter only', 'volts_amps_watts' => 'Voltage, current and power',
        'power_factor_meter' => 'Power-factor meter', 'line_angle' => 'Angle of voltage and current',
        'phase_angles' => 'Angle of each current to the neutral',
        'one_wattmeter' => 'One wattmeter', 'two_wattmeters' => 'Two wattmeters', 'three_wattmeters' => 'Three wattmeters',
        'meter_disc' => 'Energy meter: turns of the disc', 'meter_pulses' => 'Energy meter: pulses', 'brake' => 'Brake test',
        'clamp_capacitor' => 'Clamp meter and a known capacitor', 'scope_screen' => 'Oscilloscope screen, read by eye',
        'before_after' => 'Current before and after a capacitor',
    ];
}
