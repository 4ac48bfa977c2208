<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Solution\FindingCode;
use BraveAnvil\Solution\Station;

/** What the capacitor brings up. */
enum CorrectFinding: string implements FindingCode
{
    case CapacitorExcluded = 'capacitor_excluded';
    case CapacitorNeedsContactor = 'capacitor_needs_contactor';
    case CapacitorVoltage = 'capacitor_voltage';
    case InstalledCapacitorTooLarge = 'installed_capacitor_too_large';
    case NoCapacitorNeeded = 'no_capacitor_needed';
    case NoStepFits = 'no_step_fits';
    case TargetNotReached = 'target_not_reached';
    case Leading = 'leading';
    case LeftOnAlone = 'left_on_alone';
    case AboveNoLoadReactive = 'above_no_load_reactive';
    case TapProtectionNotChecked = 'tap_protection_not_checked';
    case StoredCharge = 'stored_charge';
    case Resonance = 'resonance';

    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return Station::Correct;
    }
}
