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

    private function says(): array
    {
        return match ($this) {
            self::SourceImpedance => ['Source impedance', Unit::Ohm],
            self::ProspectiveCurrent => ['Prospective short-circuit current', Unit::Ampere],
            self::Scpd => ['Protective device', Unit::None],
            self::ScpdLimit => ['Percentage limit', Unit::Ampere],
            self::ScpdMaximumRating => ['Largest standard rating permitted', Unit::Ampere],
            self::ScpdRating => ['Protective device', Unit::Ampere],
            self::ScpdExceptionLimit => ['Limit of the starting exception', Unit::Ampere],
            self::ScpdExceptionRating => ['Largest rating within the exception', Unit::Ampere],
            self::InstantaneousSetting => ['Instantaneous trip', Unit::Ampere],
            self::OverloadPlace => ['Position of the overload relay', Unit::None],
            self::OverloadSetting => ['Maximum trip current', Unit::Ampere],
            self::OverloadDial => ['Overload relay setting', Unit::Ampere],
            self::StuckInStar => ['Winding current if the starter stays in star', Unit::TimesRated],
            self::StartMultiple => ['Starting current ÷ relay setting', Unit::Times],
            self::OverloadClass => ['Trip class', Unit::None],
            self::DisconnectRating => ['Minimum disconnect rating', Unit::Ampere],
            self::DisconnectSize => ['Disconnect switch', Unit::Ampere],
            self::ControllerPower => ['Minimum rating of disconnect and controller', Unit::Watt],
            self::Contactor => ['Contactor, AC-3, minimum', Unit::Ampere],
            self::ContactorMain => ['Main contactor, AC-3, minimum', Unit::Ampere],
            self::ContactorDelta => ['Delta contactor, AC-3, minimum', Unit::Ampere],
            self::ContactorStar => ['Star contactor, AC-3, minimum', Unit::Ampere],
            self::ContactorTransformer => ['Transformer contactor', Unit::Ampere],
            self::ContactorStarPoint => ['Star-point contactor of the transformer', Unit::Ampere],
            self::ContactorBypass => ['Bypass contactor', Unit::Ampere],
            self::ContactorTransition => ['Bridging contactor', Unit::Ampere],
        };
    }
}
