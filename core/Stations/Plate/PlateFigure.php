<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What the plate says, and what follows from it on this supply. */
enum PlateFigure: string implements FigureName
{
    case Kind = 'plate.kind';
    case Row = 'plate.row';
    case Frequency = 'plate.frequency';
    case SupplyVoltage = 'plate.supply_voltage';
    case Connection = 'plate.connection';
    case RatedVoltage = 'plate.rated_voltage';
    case Pair = 'plate.pair';
    case Fit = 'plate.fit';
    case WindingVoltage = 'plate.winding_voltage';
    case Flux = 'plate.flux';
    case Current = 'plate.current';
    case Poles = 'plate.poles';
    case SynchronousSpeed = 'plate.synchronous_speed';
    case Speed = 'plate.speed';
    case Slip = 'plate.slip';
    case Output = 'plate.output';
    case Efficiency = 'plate.efficiency';
    case PowerFactor = 'plate.power_factor';
    case RatedTorque = 'plate.rated_torque';
    case ServiceFactorOutput = 'plate.service_factor_output';
    case ServiceFactorAmps = 'plate.service_factor_amps';
    case DeratingAmbient = 'plate.derating_ambient';
    case DeratingAltitude = 'plate.derating_altitude';
    case DeratingUnbalance = 'plate.derating_unbalance';
    case UsableOutput = 'plate.usable_output';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Kind => 'Type of motor',
            self::Row => 'Nameplate row used',
            self::Frequency => 'Rated frequency',
            self::SupplyVoltage => 'Supply voltage',
            self::Connection => 'Connection on this supply',
            self::RatedVoltage => 'Rated voltage of this connection',
            self::Pair => 'Position on the nameplate',
            self::Fit => 'Match with the supply',
            self::WindingVoltage => 'Voltage of each winding',
            self::Flux => 'Volts per hertz, relative to the nameplate',
            self::Current => 'Rated current of this connection',
            self::Poles => 'Poles',
            self::SynchronousSpeed => 'Synchronous speed',
            self::Speed => 'Rated speed',
            self::Slip => 'Slip',
            self::Output => 'Rated output',
            self::Efficiency => 'Efficiency',
            self::PowerFactor => 'Power factor',
            self::RatedTorque => 'Rated torque',
            self::ServiceFactorOutput => 'Output with service factor',
            self::ServiceFactorAmps => 'Current at the service-factor output',
            self::DeratingAmbient => 'Derating for ambient temperature',
            self::DeratingAltitude => 'Derating for altitude',
            self::DeratingUnbalance => 'Derating for voltage unbalance',
            self::UsableOutput => 'Available output here',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Frequency => Unit::Hertz,
            self::SupplyVoltage, self::RatedVoltage, self::WindingVoltage => Unit::Volt,
            self::Fit, self::Slip => Unit::Percent,
            self::Current, self::ServiceFactorAmps => Unit::Ampere,
            self::SynchronousSpeed, self::Speed => Unit::Rpm,
            self::Output, self::ServiceFactorOutput, self::UsableOutput => Unit::Watt,
            self::RatedTorque => Unit::NewtonMetre,
            default => Unit::None,
        };
    }

    public function station(): Station
    {
        return Station::Plate;
    }
}
