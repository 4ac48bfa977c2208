<?php

declare(strict_types=1);

namespace BraveAnvil\Prove;

use BraveAnvil\Solution\FindingCode;
use BraveAnvil\Solution\Station;

/** What readings bring up: one for each kind, by the reading of it that counts. */
enum ProveFinding: string implements FindingCode
{
    case WindingResistance = 'winding_resistance';
    case InsulationResistance = 'insulation_resistance';
    case LoopImpedance = 'loop_impedance';
    case RelayTrip = 'relay_trip';
    case SupplyVoltage = 'supply_voltage';
    case Rotation = 'rotation';
    case NoLoadCurrent = 'no_load_current';
    case Inrush = 'inrush';
    case RunUpTime = 'run_up_time';
    case LineCurrent = 'line_current';
    case Power = 'power';
    case Speed = 'speed';
    case Capacitor = 'capacitor';
    case Correction = 'correction';
    case Vibration = 'vibration';
    case Temperature = 'temperature';
    case TemperatureRise = 'temperature_rise';

    public static function of(ReadingKind $kind): self
    {
        return self::from($kind->value);
    }

    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return Station::Prove;
    }
}
