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

    private const STATION = Station::Power;

    private function says(): array
    {
        return match ($this) {
            self::Voltage => ['Supply voltage', Unit::Volt],
            self::Output => ['Shaft output', Unit::Watt],
            self::Input => ['Input power', Unit::Watt],
            self::Apparent => ['Apparent power', Unit::VoltAmpere],
            self::Reactive => ['Reactive power', Unit::Var],
            self::PowerFactor => ['Power factor', Unit::None],
            self::ComputedCurrent => ['Calculated current', Unit::Ampere],
            self::PlateCurrent => ['Nameplate current', Unit::Ampere],
            self::TableCurrent => ['Full-load current from the table', Unit::Ampere],
            self::DesignCurrent => ['Design current', Unit::Ampere],
            self::ConductorCurrent => ['Full-load current for the conductors', Unit::Ampere],
            self::OverloadCurrent => ['Current for the overload relay', Unit::Ampere],
            self::CurrentDifference => ['Nameplate current compared with calculated current', Unit::Percent],
            self::TableDifference => ['Table current compared with the motor’s own', Unit::Percent],
            self::PartLoadWay => ['Part load', Unit::None],
            self::NoLoadCurrent => ['No-load current', Unit::Ampere],
            self::LoadAtSupplyFrequency => ['Load at the supply frequency, share of rated output', Unit::Percent],
            self::LoadOutput => ['Shaft output at this load', Unit::Watt],
            self::LoadEfficiency => ['Efficiency at this load', Unit::None],
            self::LoadPowerFactor => ['Power factor at this load', Unit::None],
            self::LoadInput => ['Input power at this load', Unit::Watt],
            self::LoadApparent => ['Apparent power at this load', Unit::VoltAmpere],
            self::LoadReactive => ['Reactive power at this load', Unit::Var],
            self::LoadCurrent => ['Current at this load', Unit::Ampere],
        };
    }
}
