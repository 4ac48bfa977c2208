<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What protection brings up. */
enum GuardFinding: string implements FindingCode
{
    use FindingWords;

    case FaultLevelUnknown = 'fault_level_unknown';
    case BreakingCapacity = 'breaking_capacity';
    case BreakingCapacityNotChecked = 'breaking_capacity_not_checked';
    case NotABranchDevice = 'not_a_branch_device';
    case BreakerVoltage = 'breaker_voltage';
    case NoBreakerCarriesStart = 'no_breaker_carries_start';
    case NoDeviceFits = 'no_device_fits';
    case ScpdMayTripOnStart = 'scpd_may_trip_on_start';
    case SmallFuseHasNoGates = 'small_fuse_has_no_gates';
    case FuseBetweenGates = 'fuse_between_gates';
    case StarterMarkingWanted = 'starter_marking_wanted';
    case MarkedMaximumTooSmall = 'marked_maximum_too_small';
    case InstalledDeviceTooLarge = 'installed_device_too_large';
    case InstalledDeviceTooSmall = 'installed_device_too_small';
    case InstalledDeviceMayTrip = 'installed_device_may_trip';
    case InstalledDeviceNotJudged = 'installed_device_not_judged';
    case OverloadReducedByCapacitor = 'overload_reduced_by_capacitor';
    case OverloadSchoolsDiffer = 'overload_schools_differ';
    case StuckInStar = 'stuck_in_star';
    case DialIsNotTheLimit = 'dial_is_not_the_limit';
    case InstalledDialTooHigh = 'installed_dial_too_high';
    case InstalledDialLow = 'installed_dial_low';
    case NoClassHoldsStart = 'no_class_holds_start';
    case ClassTripsOnStart = 'class_trips_on_start';
    case ClassNotChecked = 'class_not_checked';
    case InstalledDialTrips = 'installed_dial_trips';
    case WorstCaseStart = 'worst_case_start';
    case WorstStartTrips = 'worst_start_trips';
    case FirePump = 'fire_pump';
    case Hoist = 'hoist';
    case IsolatorAtMachine = 'isolator_at_machine';
    case LongerStart = 'longer_start';
    case WorstStartMelts = 'worst_start_melts';
    case SlashRating = 'slash_rating';
    case DisconnectInSight = 'disconnect_in_sight';
    case HorsepowerRated = 'horsepower_rated';
    case OnePhaseRelayPoles = 'one_phase_relay_poles';
    case OnePhaseSwitch = 'one_phase_switch';
    case ThermalProtectorWanted = 'thermal_protector_wanted';
    case ThermalProtector = 'thermal_protector';
    case ThermalProtectorRestarts = 'thermal_protector_restarts';
    case PhaseLossSensitive = 'phase_loss_sensitive';
    case SlowClass = 'slow_class';
    case RotorWithstandAssumed = 'rotor_withstand_assumed';
    case RelayOutlastsRotor = 'relay_outlasts_rotor';
    case ExceptionGivesNothing = 'exception_gives_nothing';
    case ExceptionUsed = 'exception_used';
    case ListedCombination = 'listed_combination';
    case InstantaneousTooHigh = 'instantaneous_too_high';
    case InstantaneousLow = 'instantaneous_low';
    case RelayWanted = 'relay_wanted';
    case NoMotorBreaker = 'no_motor_breaker';
    case AutomaticRestart = 'automatic_restart';
    case ContactorOfHeavyDuty = 'contactor_of_heavy_duty';
    case ContactorHardStart = 'contactor_hard_start';
    case RepeatedStarts = 'repeated_starts';
    case CoordinationByMaker = 'coordination_by_maker';

    private const STATION = Station::Guard;
}
