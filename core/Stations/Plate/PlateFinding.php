<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What the plate, read against itself and its surroundings, brings up. */
enum PlateFinding: string implements FindingCode
{
    use FindingWords;

    case CorrectionOutOfLine = 'correction_out_of_line';
    case UnknownFields = 'unknown_fields';
    case RowInUse = 'row_in_use';
    case KindNotComputed = 'kind_not_computed';
    case ThreePhasesWanted = 'three_phases_wanted';
    case NoConnectionFits = 'no_connection_fits';
    case BoardCounts = 'board_counts';
    case BoardWaits = 'board_waits';
    case UnusedFields = 'unused_fields';
    case VoltageOff = 'voltage_off';
    case DeltaAssumed = 'delta_assumed';
    case FluxTooHigh = 'flux_too_high';
    case FluxLow = 'flux_low';
    case FrequencyDiffers = 'frequency_differs';
    case CurrentRatio = 'current_ratio';
    case CurrentDisagrees = 'current_disagrees';
    case PowerUnitAssumed = 'power_unit_assumed';
    case HorsepowerDisagrees = 'horsepower_disagrees';
    case SynchronousSpeedStamped = 'synchronous_speed_stamped';
    case SlipUnusual = 'slip_unusual';
    case EfficiencyBelowClass = 'efficiency_below_class';
    case FrameUnusual = 'frame_unusual';
    case YearDisagrees = 'year_disagrees';
    case ServiceFactor = 'service_factor';
    case ServiceFactorAmps = 'service_factor_amps';
    case RiseAboveClass = 'rise_above_class';
    case ProtectionUnknown = 'protection_unknown';
    case ProtectionTooLow = 'protection_too_low';
    case CombustibleDust = 'combustible_dust';
    case AmbientAboveRating = 'ambient_above_rating';
    case AltitudeAboveRating = 'altitude_above_rating';
    case Unbalance = 'unbalance';
    case UnbalanceTooLarge = 'unbalance_too_large';
    case PlateValueAssumed = 'plate_value_assumed';
    case CodeLetterDisagrees = 'code_letter_disagrees';
    case LockOffBeforeLinks = 'lock_off_before_links';

    private const STATION = Station::Plate;
}
