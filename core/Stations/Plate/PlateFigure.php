<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What the plate says, and what follows from it on this supply. */
enum PlateFigure: string implements FigureName
{
    use FigureWords;

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

    private const STATION = Station::Plate;

    private function says(): array
    {
        return match ($this) {
            self::Kind => ['Type of motor', Unit::None],
            self::Row => ['Nameplate row used', Unit::None],
            self::Frequency => ['Rated frequency', Unit::Hertz],
            self::SupplyVoltage => ['Supply voltage', Unit::Volt],
            self::Connection => ['Connection on this supply', Unit::None],
            self::RatedVoltage => ['Rated voltage of this connection', Unit::Volt],
            self::Pair => ['Position on the nameplate', Unit::None],
            self::Fit => ['Match with the supply', Unit::Percent],
            self::WindingVoltage => ['Voltage of each winding', Unit::Volt],
            self::Flux => ['Volts per hertz, relative to the nameplate', Unit::None],
            self::Current => ['Rated current of this connection', Unit::Ampere],
            self::Poles => ['Poles', Unit::None],
            self::SynchronousSpeed => ['Synchronous speed', Unit::Rpm],
            self::Speed => ['Rated speed', Unit::Rpm],
            self::Slip => ['Slip', Unit::Percent],
            self::Output => ['Rated output', Unit::Watt],
            self::Efficiency => ['Efficiency', Unit::None],
            self::PowerFactor => ['Power factor', Unit::None],
            self::RatedTorque => ['Rated torque', Unit::NewtonMetre],
            self::ServiceFactorOutput => ['Output with service factor', Unit::Watt],
            self::ServiceFactorAmps => ['Current at the service-factor output', Unit::Ampere],
            self::DeratingAmbient => ['Derating for ambient temperature', Unit::None],
            self::DeratingAltitude => ['Derating for altitude', Unit::None],
            self::DeratingUnbalance => ['Derating for voltage unbalance', Unit::None],
            self::UsableOutput => ['Available output here', Unit::Watt],
        };
    }
}
