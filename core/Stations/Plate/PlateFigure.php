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

    private const SAYS = [
        'plate.kind' => ['Type of motor', Unit::None],
        'plate.row' => ['Nameplate row used', Unit::None],
        'plate.frequency' => ['Rated frequency', Unit::Hertz],
        'plate.supply_voltage' => ['Supply voltage', Unit::Volt],
        'plate.connection' => ['Connection on this supply', Unit::None],
        'plate.rated_voltage' => ['Rated voltage of this connection', Unit::Volt],
        'plate.pair' => ['Position on the nameplate', Unit::None],
        'plate.fit' => ['Match with the supply', Unit::Percent],
        'plate.winding_voltage' => ['Voltage of each winding', Unit::Volt],
        'plate.flux' => ['Volts per hertz, relative to the nameplate', Unit::None],
        'plate.current' => ['Rated current of this connection', Unit::Ampere],
        'plate.poles' => ['Poles', Unit::None],
        'plate.synchronous_speed' => ['Synchronous speed', Unit::Rpm],
        'plate.speed' => ['Rated speed', Unit::Rpm],
        'plate.slip' => ['Slip', Unit::Percent],
        'plate.output' => ['Rated output', Unit::Watt],
        'plate.efficiency' => ['Efficiency', Unit::None],
        'plate.power_factor' => ['Power factor', Unit::None],
        'plate.rated_torque' => ['Rated torque', Unit::NewtonMetre],
        'plate.service_factor_output' => ['Output with service factor', Unit::Watt],
        'plate.service_factor_amps' => ['Current at the service-factor output', Unit::Ampere],
        'plate.derating_ambient' => ['Derating for ambient temperature', Unit::None],
        'plate.derating_altitude' => ['Derating for altitude', Unit::None],
        'plate.derating_unbalance' => ['Derating for voltage unbalance', Unit::None],
        'plate.usable_output' => ['Available output here', Unit::Watt],
    ];
}
