<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** Three equal windings or heating elements in star and in delta. */
enum WindingFigure: string implements FigureName
{
    use FigureWords;

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

    private const STATION = Station::Power;

    private function says(): array
    {
        return match ($this) {
            self::Each => ['Each winding', Unit::Ohm],
            self::OhmsStar => ['Ohmmeter between terminals, star', Unit::Ohm],
            self::OhmsDelta => ['Ohmmeter between terminals, delta', Unit::Ohm],
            self::StarVoltage => ['Voltage of each winding, star', Unit::Volt],
            self::DeltaVoltage => ['Voltage of each winding, delta', Unit::Volt],
            self::StarCurrent => ['Star: line current and winding current', Unit::Ampere],
            self::DeltaWindingCurrent => ['Delta: winding current', Unit::Ampere],
            self::DeltaLineCurrent => ['Delta: line current', Unit::Ampere],
            self::StarPower => ['Star: real power', Unit::Watt],
            self::StarReactive => ['Star: reactive power', Unit::Var],
            self::DeltaPower => ['Delta: real power', Unit::Watt],
            self::DeltaReactive => ['Delta: reactive power', Unit::Var],
        };
    }
}
