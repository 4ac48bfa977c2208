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

    private const SAYS = [
        'windings.each' => ['Each winding', Unit::Ohm],
        'windings.ohms_star' => ['Ohmmeter between terminals, star', Unit::Ohm],
        'windings.ohms_delta' => ['Ohmmeter between terminals, delta', Unit::Ohm],
        'windings.star_voltage' => ['Voltage of each winding, star', Unit::Volt],
        'windings.delta_voltage' => ['Voltage of each winding, delta', Unit::Volt],
        'windings.star_current' => ['Star: line current and winding current', Unit::Ampere],
        'windings.delta_winding_current' => ['Delta: winding current', Unit::Ampere],
        'windings.delta_line_current' => ['Delta: line current', Unit::Ampere],
        'windings.star_power' => ['Star: real power', Unit::Watt],
        'windings.star_reactive' => ['Star: reactive power', Unit::Var],
        'windings.delta_power' => ['Delta: real power', Unit::Watt],
        'windings.delta_reactive' => ['Delta: reactive power', Unit::Var],
    ];
}
