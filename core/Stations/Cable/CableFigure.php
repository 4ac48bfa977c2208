<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** Conductors of both runs: from supply to starter (`line`) and from starter to motor. */
enum CableFigure: string implements FigureName
{
    case RequiredAmpacity = 'cable.required_ampacity';
    case Size = 'cable.size';
    case Conductors = 'cable.conductors';
    case Sets = 'cable.sets';
    case Ampacity = 'cable.ampacity';
    case ConductorAmpacity = 'cable.conductor_ampacity';
    case DeratedAmpacity = 'cable.derated_ampacity';
    case SizeByAmpacity = 'cable.size_by_ampacity';
    case VoltageDrop = 'cable.voltage_drop';
    case TotalDrop = 'cable.total_drop';
    case StartingDrop = 'cable.starting_drop';
    case TotalStartingDrop = 'cable.total_starting_drop';
    case ProtectiveSize = 'cable.protective_size';
    case RacewayTradeSize = 'cable.raceway_trade_size';
    case RacewayFill = 'cable.raceway_fill';
    case LineRequiredAmpacity = 'cable.line_required_ampacity';
    case LineSize = 'cable.line_size';
    case LineSets = 'cable.line_sets';
    case LineAmpacity = 'cable.line_ampacity';
    case LineConductorAmpacity = 'cable.line_conductor_ampacity';
    case LineDeratedAmpacity = 'cable.line_derated_ampacity';
    case LineSizeByAmpacity = 'cable.line_size_by_ampacity';
    case LineDrop = 'cable.line_drop';
    case LineStartingDrop = 'cable.line_starting_drop';
    case LineProtectiveSize = 'cable.line_protective_size';
    case LineRacewayTradeSize = 'cable.line_raceway_trade_size';
    case LineRacewayFill = 'cable.line_raceway_fill';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::RequiredAmpacity, self::LineRequiredAmpacity => 'Required current-carrying capacity',
            self::Size => 'Conductor size, starter to motor',
            self::Conductors => 'Conductors from starter to motor',
            self::Sets => 'Parallel sets, starter to motor',
            self::LineSets => 'Parallel sets, supply to starter',
            self::Ampacity, self::LineAmpacity => 'Current-carrying capacity',
            self::ConductorAmpacity, self::LineConductorAmpacity => 'Current-carrying capacity of each conductor',
            self::DeratedAmpacity, self::LineDeratedAmpacity => 'Current-carrying capacity after derating',
            self::SizeByAmpacity => 'Size by current-carrying capacity alone, starter to motor',
            self::VoltageDrop => 'Voltage drop, starter to motor',
            self::TotalDrop => 'Voltage drop, whole circuit',
            self::StartingDrop => 'Voltage drop starting, starter to motor',
            self::TotalStartingDrop => 'Voltage drop starting, whole circuit',
            self::ProtectiveSize, self::LineProtectiveSize => 'Protective conductor',
            self::RacewayTradeSize => 'Raceway to the motor, trade size',
            self::LineRacewayTradeSize => 'Raceway to the starter, trade size',
            self::RacewayFill, self::LineRacewayFill => 'Raceway fill',
            self::LineSize => 'Conductor size, supply to starter',
            self::LineSizeByAmpacity => 'Size by current-carrying capacity alone, supply to starter',
            self::LineDrop => 'Voltage drop, supply to starter',
            self::LineStartingDrop => 'Voltage drop starting, supply to starter',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Size,
            self::SizeByAmpacity,
            self::ProtectiveSize,
            self::LineSize,
            self::LineSizeByAmpacity,
            self::LineProtectiveSize => Unit::SquareMillimetre,
            self::Conductors, self::Sets, self::LineSets, self::RacewayTradeSize, self::LineRacewayTradeSize => Unit::None,
            self::RacewayFill, self::LineRacewayFill => Unit::Percent,
            self::VoltageDrop,
            self::TotalDrop,
            self::StartingDrop,
            self::TotalStartingDrop,
            self::LineDrop,
            self::LineStartingDrop => Unit::Percent,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Cable;
    }
}
