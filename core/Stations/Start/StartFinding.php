<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What the start brings up. */
enum StartFinding: string implements FindingCode
{
    use FindingWords;

    case CodeLetterIsStar = 'code_letter_is_star';
    case StarDeltaRefused = 'star_delta_refused';
    case StartWindingTime = 'start_winding_time';
    case HowItStartsUnknown = 'how_it_starts_unknown';
    case OnePhaseMethodRefused = 'one_phase_method_refused';
    case ReclosingPeak = 'reclosing_peak';
    case RunUpNotChecked = 'run_up_not_checked';
    case DirectAboveLimit = 'direct_above_limit';
    case InertiaAboveLimit = 'inertia_above_limit';
    case Stalls = 'stalls';
    case StallsAtWorst = 'stalls_at_worst';
    case ChangeoverNever = 'changeover_never';
    case ChangeoverEarly = 'changeover_early';
    case ChangeoverLate = 'changeover_late';
    case ChangeoverByHand = 'changeover_by_hand';
    case DipAtBus = 'dip_at_bus';
    case DipAtMotor = 'dip_at_motor';
    case LockedRotorScaled = 'locked_rotor_scaled';
    case LockedRotorDiffers = 'locked_rotor_differs';
    case SurgeTooSmall = 'surge_too_small';
    case SurgeTooShort = 'surge_too_short';
    case DipNotChecked = 'dip_not_checked';
    case ControlSupplyDips = 'control_supply_dips';
    case RunUpDiffers = 'run_up_differs';
    case InertiaByStopwatch = 'inertia_by_stopwatch';
    case StopwatchImpossible = 'stopwatch_impossible';
    case LoadAboveRating = 'load_above_rating';
    case TorqueMarginLow = 'torque_margin_low';
    case RunUpByStamps = 'run_up_by_stamps';
    case LockedRotorTimeExceeded = 'locked_rotor_time_exceeded';
    case DriveHarmonics = 'drive_harmonics';

    private const STATION = Station::Start;
}
