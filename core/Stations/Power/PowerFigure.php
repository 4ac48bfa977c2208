<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What the motor draws, and which current the rule book goes by. */
enum PowerFigure: string implements FigureName
{
    use FigureWords;

    case Voltage = 'power.voltage';
    case Output = 'power.output';
    case Input = 'power.input';
    case Apparent = 'power.apparent';
    case Reactive = 'power.reactive';
    case PowerFactor = 'power.power_factor';
    case ComputedCurrent = 'power.computed_current';
    case PlateCurrent = 'power.plate_current';
    case TableCurrent = 'power.table_current';
    case DesignCurrent = 'power.design_current';
    case ConductorCurrent = 'power.conductor_current';
    case OverloadCurrent = 'power.overload_current';
    case CurrentDifference = 'power.current_difference';
    case TableDifference = 'power.table_difference';
    case PartLoadWay = 'power.part_load_way';
    case NoLoadCurrent = 'power.no_load_current';
    case LoadAtSupplyFrequency = 'power.load_at_supply_frequency';
    case LoadOutput = 'power.load_output';
    case LoadEfficiency = 'power.load_efficiency';
    case LoadPowerFactor = 'power.load_power_factor';
    case LoadInput = 'power.load_input';
    case LoadApparent = 'power.load_apparent';
    case LoadReactive = 'power.load_reactive';
    case LoadCurrent = 'power.load_current';
    case GeneratorShare = 'power.generator_share';
    case EngineShare = 'power.engine_share';
    case InverterShare = 'power.inverter_share';
    case InverterShareCorrected = 'power.inverter_share_corrected';
    case DcPower = 'power.dc_power';
    case DcPowerCorrected = 'power.dc_power_corrected';
    case DcCurrent = 'power.dc_current';
    case BatteryHours = 'power.battery_hours';

    private const STATION = Station::Power;

    private const SAYS = [
        'power.voltage' => ['Supply voltage', Unit::Volt],
        'power.output' => ['Shaft output', Unit::Watt],
        'power.input' => ['Input power', Unit::Watt],
        'power.apparent' => ['Apparent power', Unit::VoltAmpere],
        'power.reactive' => ['Reactive power', Unit::Var],
        'power.power_factor' => ['Power factor', Unit::None],
        'power.computed_current' => ['Calculated current', Unit::Ampere],
        'power.plate_current' => ['Nameplate current', Unit::Ampere],
        'power.table_current' => ['Full-load current from the table', Unit::Ampere],
        'power.design_current' => ['Design current', Unit::Ampere],
        'power.conductor_current' => ['Full-load current for the conductors', Unit::Ampere],
        'power.overload_current' => ['Current for the overload relay', Unit::Ampere],
        'power.current_difference' => ['Nameplate current compared with calculated current', Unit::Percent],
        'power.table_difference' => ['Table current compared with the motor’s own', Unit::Percent],
        'power.part_load_way' => ['Part load', Unit::None],
        'power.no_load_current' => ['No-load current', Unit::Ampere],
        'power.load_at_supply_frequency' => ['Load at the supply frequency, share of rated output', Unit::Percent],
        'power.load_output' => ['Shaft output at this load', Unit::Watt],
        'power.load_efficiency' => ['Efficiency at this load', Unit::None],
        'power.load_power_factor' => ['Power factor at this load', Unit::None],
        'power.load_input' => ['Input power at this load', Unit::Watt],
        'power.load_apparent' => ['Apparent power at this load', Unit::VoltAmpere],
        'power.load_reactive' => ['Reactive power at this load', Unit::Var],
        'power.load_current' => ['Current at this load', Unit::Ampere],
        'power.generator_share' => ['Load on the generator, share of its rating', Unit::Percent],
        'power.engine_share' => ['Load on the engine, share of its power', Unit::Percent],
        'power.inverter_share' => ['Load on the inverter, share of its rating', Unit::Percent],
        'power.inverter_share_corrected' => ['Load on the inverter with the capacitor', Unit::Percent],
        'power.dc_power' => ['Power from the battery', Unit::Watt],
        'power.dc_power_corrected' => ['Power from the battery with the capacitor', Unit::Watt],
        'power.dc_current' => ['Current from the battery', Unit::Ampere],
        'power.battery_hours' => ['Battery time', Unit::Hour],
    ];
}
