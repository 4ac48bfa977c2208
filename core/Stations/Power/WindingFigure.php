<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** Three equal windings or heating elements in star and in delta. */
enum WindingFigure: string implements FigureName
{
    case Each = 'windings.each';
    case OhmsStar = 'windings.ohms_star';
    case OhmsDelta = 'windings.ohms_delta';
    case StarVoltage = 'windings.star_voltage';
    case DeltaVoltage = 'windings.delta_voltage';
    case StarCurrent = 'windings.star_current';
    case DeltaWindingCurrent = 'windings.delta_winding_current';
    case DeltaLineCurrent = 'windings.delta_line_current';
    case StarPower = 'windings.star_power';
    case StarReactive = 'windings.star_reactive';
    case DeltaPower = 'windings.delta_power';
    case DeltaReactive = 'windings.delta_reactive';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Each => 'Each winding',
            self::OhmsStar => 'Ohmmeter between terminals, star',
            self::OhmsDelta => 'Ohmmeter between terminals, delta',
            self::StarVoltage => 'Voltage of each winding, star',
            self::DeltaVoltage => 'Voltage of each winding, delta',
            self::StarCurrent => 'Star: line current and winding current',
            self::DeltaWindingCurrent => 'Delta: winding current',
            self::DeltaLineCurrent => 'Delta: line current',
            self::StarPower => 'Star: real power',
            self::StarReactive => 'Star: reactive power',
            self::DeltaPower => 'Delta: real power',
            self::DeltaReactive => 'Delta: reactive power',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::StarVoltage, self::DeltaVoltage => Unit::Volt,
            self::StarCurrent, self::DeltaWindingCurrent, self::DeltaLineCurrent => Unit::Ampere,
            self::StarPower, self::DeltaPower => Unit::Watt,
            self::StarReactive, self::DeltaReactive => Unit::Var,
            default => Unit::Ohm,
        };
    }

    public function station(): Station
    {
        return Station::Power;
    }
}
