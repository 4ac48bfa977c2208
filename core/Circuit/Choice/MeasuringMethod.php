<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** What is at hand to measure with. */
enum MeasuringMethod: string implements Choice
{
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

    public function label(Words $words): string
    {
        return match ($this) {
            self::VoltsAmps => 'Clamp meter and voltmeter only',
            self::VoltsAmpsWatts => 'Voltage, current and power',
            self::PowerFactorMeter => 'Power-factor meter',
            self::LineAngle => 'Angle of voltage and current',
            self::OneWattmeter => 'One wattmeter',
            self::TwoWattmeters => 'Two wattmeters',
            self::ThreeWattmeters => 'Three wattmeters',
            self::MeterDisc => 'Energy meter: turns of the disc',
            self::MeterPulses => 'Energy meter: pulses',
            self::Brake => 'Brake test',
        };
    }
}
