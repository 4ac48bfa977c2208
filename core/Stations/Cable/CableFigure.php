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
    case DropWithFeeder = 'cable.drop_with_feeder';
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

    private const SAYS = [
        'cable.required_ampacity' => ['Required current-carrying capacity', Unit::Ampere],
        'cable.size' => ['Conductor size, starter to motor', Unit::SquareMillimetre],
        'cable.conductors' => ['Conductors from starter to motor', Unit::None],
        'cable.sets' => ['Parallel sets, starter to motor', Unit::None],
        'cable.ampacity' => ['Current-carrying capacity', Unit::Ampere],
        'cable.conductor_ampacity' => ['Current-carrying capacity of each conductor', Unit::Ampere],
        'cable.derated_ampacity' => ['Current-carrying capacity after derating', Unit::Ampere],
        'cable.size_by_ampacity' => ['Size by current-carrying capacity alone, starter to motor', Unit::SquareMillimetre],
        'cable.voltage_drop' => ['Voltage drop, starter to motor', Unit::Percent],
        'cable.total_drop' => ['Voltage drop, whole circuit', Unit::Percent],
        'cable.drop_with_feeder' => ['Voltage drop, board’s feeder and circuit', Unit::Percent],
        'cable.starting_drop' => ['Voltage drop starting, starter to motor', Unit::Percent],
        'cable.total_starting_drop' => ['Voltage drop starting, whole circuit', Unit::Percent],
        'cable.protective_size' => ['Protective conductor', Unit::SquareMillimetre],
        'cable.raceway_trade_size' => ['Raceway to the motor, trade size', Unit::None],
        'cable.raceway_fill' => ['Raceway fill', Unit::Percent],
        'cable.line_required_ampacity' => ['Required current-carrying capacity', Unit::Ampere],
        'cable.line_size' => ['Conductor size, supply to starter', Unit::SquareMillimetre],
        'cable.line_sets' => ['Parallel sets, supply to starter', Unit::None],
        'cable.line_ampacity' => ['Current-carrying capacity', Unit::Ampere],
        'cable.line_conductor_ampacity' => ['Current-carrying capacity of each conductor', Unit::Ampere],
        'cable.line_derated_ampacity' => ['Current-carrying capacity after derating', Unit::Ampere],
        'cable.line_size_by_ampacity' => ['Size by current-carrying capacity alone, supply to starter', Unit::SquareMillimetre],
        'cable.line_drop' => ['Voltage drop, supply to starter', Unit::Percent],
        'cable.line_starting_drop' => ['Voltage drop starting, supply to starter', Unit::Percent],
        'cable.line_protective_size' => ['Protective conductor', Unit::SquareMillimetre],
        'cable.line_raceway_trade_size' => ['Raceway to the starter, trade size', Unit::None],
        'cable.line_raceway_fill' => ['Raceway fill', Unit::Percent],
    ];
}
