<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What instruments bring up. */
enum MeasuredFinding: string implements FindingCode
{
    use FindingWords;

    case VoltagesNoTriangle = 'voltages_no_triangle';
    case VoltageUnbalance = 'voltage_unbalance';
    case CurrentUnbalance = 'current_unbalance';
    case SinglePhasing = 'single_phasing';
    case Overloaded = 'overloaded';
    case SineAndSteady = 'sine_and_steady';
    case CurrentLeads = 'current_leads';
    case LoadChanged = 'load_changed';
    case OnlyHeat = 'only_heat';
    case NotASine = 'not_a_sine';
    case FewCounts = 'few_counts';
    case LoadNotByCurrent = 'load_not_by_current';
    case PowerBackwards = 'power_backwards';
    case TwoAnswers = 'two_answers';
    case TwoWattmetersUnbalanced = 'two_wattmeters_unbalanced';
    case WattmetersDisagree = 'wattmeters_disagree';
    case LowMeterNegative = 'low_meter_negative';

    private const STATION = Station::Power;
}
