<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What the motor draws, and which current the rule book goes by. */
enum PowerFigure: string implements FigureName
{
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

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Voltage => 'Supply voltage',
            self::Output => 'Shaft output',
            self::Input => 'Input power',
            self::Apparent => 'Apparent power',
            self::Reactive => 'Reactive power',
            self::PowerFactor => 'Power factor',
            self::ComputedCurrent => 'Calculated current',
            self::PlateCurrent => 'Nameplate current',
            self::TableCurrent => 'Full-load current from the table',
            self::DesignCurrent => 'Design current',
            self::ConductorCurrent => 'Full-load current for the conductors',
            self::OverloadCurrent => 'Current for the overload relay',
            self::CurrentDifference => 'Nameplate current compared with calculated current',
            self::TableDifference => 'Table current compared with the motor’s own',
            self::PartLoadWay => 'Part load',
            self::NoLoadCurrent => 'No-load current',
            self::LoadAtSupplyFrequency => 'Load at the supply frequency, share of rated output',
            self::LoadOutput => 'Shaft output at this load',
            self::LoadEfficiency => 'Efficiency at this load',
            self::LoadPowerFactor => 'Power factor at this load',
            self::LoadInput => 'Input power at this load',
            self::LoadApparent => 'Apparent power at this load',
            self::LoadReactive => 'Reactive power at this load',
            self::LoadCurrent => 'Current at this load',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Voltage => Unit::Volt,
            self::Output, self::Input, self::LoadOutput, self::LoadInput => Unit::Watt,
            self::Apparent, self::LoadApparent => Unit::VoltAmpere,
            self::Reactive, self::LoadReactive => Unit::Var,
            self::PowerFactor, self::PartLoadWay, self::LoadEfficiency, self::LoadPowerFactor => Unit::None,
            self::CurrentDifference, self::TableDifference, self::LoadAtSupplyFrequency => Unit::Percent,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Power;
    }
}
