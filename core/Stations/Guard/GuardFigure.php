<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What protects the circuit and what is set on it. */
enum GuardFigure: string implements FigureName
{
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

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::SourceImpedance => 'Source impedance',
            self::ProspectiveCurrent => 'Prospective short-circuit current',
            self::Scpd, self::ScpdRating => 'Protective device',
            self::ScpdLimit => 'Percentage limit',
            self::ScpdMaximumRating => 'Largest standard rating permitted',
            self::ScpdExceptionLimit => 'Limit of the starting exception',
            self::ScpdExceptionRating => 'Largest rating within the exception',
            self::InstantaneousSetting => 'Instantaneous trip',
            self::OverloadPlace => 'Position of the overload relay',
            self::OverloadSetting => 'Maximum trip current',
            self::OverloadDial => 'Overload relay setting',
            self::StuckInStar => 'Winding current if the starter stays in star',
            self::StartMultiple => 'Starting current ÷ relay setting',
            self::OverloadClass => 'Trip class',
            self::DisconnectRating => 'Minimum disconnect rating',
            self::DisconnectSize => 'Disconnect switch',
            self::ControllerPower => 'Minimum rating of disconnect and controller',
            self::Contactor => 'Contactor, AC-3, minimum',
            self::ContactorMain => 'Main contactor, AC-3, minimum',
            self::ContactorDelta => 'Delta contactor, AC-3, minimum',
            self::ContactorStar => 'Star contactor, AC-3, minimum',
            self::ContactorTransformer => 'Transformer contactor',
            self::ContactorStarPoint => 'Star-point contactor of the transformer',
            self::ContactorBypass => 'Bypass contactor',
            self::ContactorTransition => 'Bridging contactor',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::SourceImpedance => Unit::Ohm,
            self::ControllerPower => Unit::Watt,
            self::Scpd, self::OverloadPlace, self::OverloadClass => Unit::None,
            self::StuckInStar => Unit::TimesRated,
            self::StartMultiple => Unit::Times,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Guard;
    }
}
