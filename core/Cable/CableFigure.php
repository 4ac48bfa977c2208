<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;

/** Conductors of both runs: from supply to starter (`line`) and from starter to motor. */
enum CableFigure: string implements FigureName
{
    case RequiredAmpacity = 'cable.required_ampacity';
    case Size = 'cable.size';
    case Conductors = 'cable.conductors';
    case Ampacity = 'cable.ampacity';
    case DeratedAmpacity = 'cable.derated_ampacity';
    case SizeByAmpacity = 'cable.size_by_ampacity';
    case VoltageDrop = 'cable.voltage_drop';
    case TotalDrop = 'cable.total_drop';
    case StartingDrop = 'cable.starting_drop';
    case TotalStartingDrop = 'cable.total_starting_drop';
    case ProtectiveSize = 'cable.protective_size';
    case LineRequiredAmpacity = 'cable.line_required_ampacity';
    case LineSize = 'cable.line_size';
    case LineAmpacity = 'cable.line_ampacity';
    case LineDeratedAmpacity = 'cable.line_derated_ampacity';
    case LineSizeByAmpacity = 'cable.line_size_by_ampacity';
    case LineDrop = 'cable.line_drop';
    case LineStartingDrop = 'cable.line_starting_drop';
    case LineProtectiveSize = 'cable.line_protective_size';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::RequiredAmpacity, self::LineRequiredAmpacity => 'Required ampacity',
            self::Size => 'Conductor size, starter to motor',
            self::Conductors => 'Conductors from starter to motor',
            self::Ampacity, self::LineAmpacity => 'Ampacity',
            self::DeratedAmpacity, self::LineDeratedAmpacity => 'Ampacity after derating',
            self::SizeByAmpacity => 'Size by ampacity alone, starter to motor',
            self::VoltageDrop => 'Voltage drop, starter to motor',
            self::TotalDrop => 'Voltage drop, whole circuit',
            self::StartingDrop => 'Voltage drop starting, starter to motor',
            self::TotalStartingDrop => 'Voltage drop starting, whole circuit',
            self::ProtectiveSize, self::LineProtectiveSize => 'Protective conductor',
            self::LineSize => 'Conductor size, supply to starter',
            self::LineSizeByAmpacity => 'Size by ampacity alone, supply to starter',
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
            self::Conductors => Unit::None,
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
