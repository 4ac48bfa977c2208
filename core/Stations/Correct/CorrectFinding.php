<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What the capacitor brings up. */
enum CorrectFinding: string implements FindingCode
{
    use FindingWords;

    case LeadsInParallel = 'leads_in_parallel';
    case SupplySeesDrive = 'supply_sees_drive';
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
    case NoLowestLoad = 'no_lowest_load';
    case LeadingAtLowestLoad = 'leading_at_lowest_load';
    case CapacitorTrait = 'capacitor_trait';
    case CapacitorFrequency = 'capacitor_frequency';
    case CapacitorOvercurrent = 'capacitor_overcurrent';
    case LittleVoltageMargin = 'little_voltage_margin';
    case DetunedBehindController = 'detuned_behind_controller';
    case UndetunedBeside = 'undetuned_beside';
    case VoltageRise = 'voltage_rise';
    case Distortion = 'distortion';
    case DualCapacitor = 'dual_capacitor';
    case RunCapacitorStays = 'run_capacitor_stays';
    case RunNotStart = 'run_not_start';
    case CapacitorOnGenerator = 'capacitor_on_generator';
    case InverterSaving = 'inverter_saving';
    case ResistorTooLarge = 'resistor_too_large';
    case ResistorHot = 'resistor_hot';
    case ResistorInSeries = 'resistor_in_series';
    case MeasurementNotUsed = 'measurement_not_used';
    case AfterAgrees = 'after_agrees';
    case AfterDiffers = 'after_differs';
    case AfterNotComparable = 'after_not_comparable';
    case AlreadyLeading = 'already_leading';

    private const STATION = Station::Correct;
}
