<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** Conductors of both runs: from supply to starter (`line`) and from starter to motor. */
enum CableFigure: string implements FigureName
{
    use FigureWords;

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

    private const STATION = Station::Cable;

    private function says(): array
    {
        return match ($this) {
            self::RequiredAmpacity, self::LineRequiredAmpacity => ['Required current-carrying capacity', Unit::Ampere],
            self::Size => ['Conductor size, starter to motor', Unit::SquareMillimetre],
            self::Conductors => ['Conductors from starter to motor', Unit::None],
            self::Sets => ['Parallel sets, starter to motor', Unit::None],
            self::Ampacity, self::LineAmpacity => ['Current-carrying capacity', Unit::Ampere],
            self::ConductorAmpacity, self::LineConductorAmpacity => ['Current-carrying capacity of each conductor', Unit::Ampere],
            self::DeratedAmpacity, self::LineDeratedAmpacity => ['Current-carrying capacity after derating', Unit::Ampere],
            self::SizeByAmpacity => ['Size by current-carrying capacity alone, starter to motor', Unit::SquareMillimetre],
            self::VoltageDrop => ['Voltage drop, starter to motor', Unit::Percent],
            self::TotalDrop => ['Voltage drop, whole circuit', Unit::Percent],
            self::StartingDrop => ['Voltage drop starting, starter to motor', Unit::Percent],
            self::TotalStartingDrop => ['Voltage drop starting, whole circuit', Unit::Percent],
            self::ProtectiveSize, self::LineProtectiveSize => ['Protective conductor', Unit::SquareMillimetre],
            self::RacewayTradeSize => ['Raceway to the motor, trade size', Unit::None],
            self::RacewayFill, self::LineRacewayFill => ['Raceway fill', Unit::Percent],
            self::LineSize => ['Conductor size, supply to starter', Unit::SquareMillimetre],
            self::LineSets => ['Parallel sets, supply to starter', Unit::None],
            self::LineSizeByAmpacity => ['Size by current-carrying capacity alone, supply to starter', Unit::SquareMillimetre],
            self::LineDrop => ['Voltage drop, supply to starter', Unit::Percent],
            self::LineStartingDrop => ['Voltage drop starting, supply to starter', Unit::Percent],
            self::LineRacewayTradeSize => ['Raceway to the starter, trade size', Unit::None],
        };
    }
}
