<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What protects the circuit and what is set on it. */
enum GuardFigure: string implements FigureName
{
    use FigureWords;

    case SourceImpedance = 'guard.source_impedance';
    case ProspectiveCurrent = 'guard.prospective_current';
    case Scpd = 'guard.scpd';
    case ScpdLimit = 'guard.scpd_limit';
    case ScpdMaximumRating = 'guard.scpd_maximum_rating';
    case ScpdRating = 'guard.scpd_rating';
    case ScpdExceptionLimit = 'guard.scpd_exception_limit';
    case ScpdExceptionRating = 'guard.scpd_exception_rating';
    case InstantaneousSetting = 'guard.instantaneous_setting';
    case OverloadPlace = 'guard.overload_place';
    case OverloadSetting = 'guard.overload_setting';
    case OverloadDial = 'guard.overload_dial';
    case StuckInStar = 'guard.stuck_in_star';
    case StartMultiple = 'guard.start_multiple';
    case OverloadClass = 'guard.overload_class';
    case DisconnectRating = 'guard.disconnect_rating';
    case DisconnectSize = 'guard.disconnect_size';
    case ControllerPower = 'guard.controller_power';
    case Contactor = 'guard.contactor';
    case ContactorMain = 'guard.contactor_main';
    case ContactorDelta = 'guard.contactor_delta';
    case ContactorStar = 'guard.contactor_star';
    case ContactorTransformer = 'guard.contactor_transformer';
    case ContactorStarPoint = 'guard.contactor_star_point';
    case ContactorBypass = 'guard.contactor_bypass';
    case ContactorTransition = 'guard.contactor_transition';

    private const STATION = Station::Guard;

    private const SAYS = [
        'guard.source_impedance' => ['Source impedance', Unit::Ohm],
        'guard.prospective_current' => ['Prospective short-circuit current', Unit::Ampere],
        'guard.scpd' => ['Protective device', Unit::None],
        'guard.scpd_limit' => ['Percentage limit', Unit::Ampere],
        'guard.scpd_maximum_rating' => ['Largest standard rating permitted', Unit::Ampere],
        'guard.scpd_rating' => ['Protective device', Unit::Ampere],
        'guard.scpd_exception_limit' => ['Limit of the starting exception', Unit::Ampere],
        'guard.scpd_exception_rating' => ['Largest rating within the exception', Unit::Ampere],
        'guard.instantaneous_setting' => ['Instantaneous trip', Unit::Ampere],
        'guard.overload_place' => ['Position of the overload relay', Unit::None],
        'guard.overload_setting' => ['Maximum trip current', Unit::Ampere],
        'guard.overload_dial' => ['Overload relay setting', Unit::Ampere],
        'guard.stuck_in_star' => ['Winding current if the starter stays in star', Unit::TimesRated],
        'guard.start_multiple' => ['Starting current ÷ relay setting', Unit::Times],
        'guard.overload_class' => ['Trip class', Unit::None],
        'guard.disconnect_rating' => ['Minimum disconnect rating', Unit::Ampere],
        'guard.disconnect_size' => ['Disconnect switch', Unit::Ampere],
        'guard.controller_power' => ['Minimum rating of disconnect and controller', Unit::Watt],
        'guard.contactor' => ['Contactor, AC-3, minimum', Unit::Ampere],
        'guard.contactor_main' => ['Main contactor, AC-3, minimum', Unit::Ampere],
        'guard.contactor_delta' => ['Delta contactor, AC-3, minimum', Unit::Ampere],
        'guard.contactor_star' => ['Star contactor, AC-3, minimum', Unit::Ampere],
        'guard.contactor_transformer' => ['Transformer contactor', Unit::Ampere],
        'guard.contactor_star_point' => ['Star-point contactor of the transformer', Unit::Ampere],
        'guard.contactor_bypass' => ['Bypass contactor', Unit::Ampere],
        'guard.contactor_transition' => ['Bridging contactor', Unit::Ampere],
    ];
}
