<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** The capacitor, its leads, and what the line carries after it. */
enum CorrectFigure: string implements FigureName
{
    use FigureWords;

    case NoLoadCurrent = 'correct.no_load_current';
    case NoLoadReactive = 'correct.no_load_reactive';
    case LoadPower = 'correct.load_power';
    case LoadReactive = 'correct.load_reactive';
    case LoadCurrent = 'correct.load_current';
    case FundamentalCurrent = 'correct.fundamental_current';
    case DistortionPower = 'correct.distortion_power';
    case AttainablePowerFactor = 'correct.attainable_power_factor';
    case ReactiveRequired = 'correct.reactive_required';
    case ReactiveLimit = 'correct.reactive_limit';
    case ReactiveCeiling = 'correct.reactive_ceiling';
    case CapacitanceRequired = 'correct.capacitance_required';
    case CapacitorUnits = 'correct.capacitor_units';
    case ChoiceBelowCapacitance = 'correct.choice_below_capacitance';
    case ChoiceBelowCurrent = 'correct.choice_below_current';
    case ChoiceBelowPowerFactor = 'correct.choice_below_power_factor';
    case ChoiceAboveCapacitance = 'correct.choice_above_capacitance';
    case ChoiceAboveCurrent = 'correct.choice_above_current';
    case ChoiceAbovePowerFactor = 'correct.choice_above_power_factor';
    case RatedVoltage = 'correct.rated_voltage';
    case CapacitorVoltage = 'correct.capacitor_voltage';
    case TuningOrder = 'correct.tuning_order';
    case TuningFrequency = 'correct.tuning_frequency';
    case ReactorInductance = 'correct.reactor_inductance';
    case CapacitorRating = 'correct.capacitor_rating';
    case ReactiveChosen = 'correct.reactive_chosen';
    case CapacitanceStar = 'correct.capacitance_star';
    case CapacitanceDelta = 'correct.capacitance_delta';
    case CapacitorCurrent = 'correct.capacitor_current';
    case CapacitorRatedCurrent = 'correct.capacitor_rated_current';
    case DischargeResistance = 'correct.discharge_resistance';
    case DischargeRecommended = 'correct.discharge_recommended';
    case DischargePower = 'correct.discharge_power';
    case DischargeRating = 'correct.discharge_rating';
    case DischargeLimit = 'correct.discharge_limit';
    case DischargeTime = 'correct.discharge_time';
    case ResistorPower = 'correct.resistor_power';
    case CorrectedCurrent = 'correct.corrected_current';
    case CorrectedPowerFactor = 'correct.corrected_power_factor';
    case LoadCorrectedCurrent = 'correct.load_corrected_current';
    case LoadCorrectedPowerFactor = 'correct.load_corrected_power_factor';
    case LowestCorrectedPowerFactor = 'correct.lowest_corrected_power_factor';
    case ApparentReleased = 'correct.apparent_released';
    case InverterInput = 'correct.inverter_input';
    case AloneCurrent = 'correct.alone_current';
    case ConductorAmpacity = 'correct.conductor_ampacity';
    case ConductorSize = 'correct.conductor_size';
    case FuseRating = 'correct.fuse_rating';
    case DisconnectRating = 'correct.disconnect_rating';
    case AfterReactive = 'correct.after_reactive';
    case AfterPowerFactor = 'correct.after_power_factor';
    case AfterCurrentExpected = 'correct.after_current_expected';
    case AfterCurrentLow = 'correct.after_current_low';
    case AfterCurrentHigh = 'correct.after_current_high';
    case AfterShare = 'correct.after_share';
    case AfterVerdict = 'correct.after_verdict';
    case ContactorRating = 'correct.contactor_rating';
    case ResonanceOrder = 'correct.resonance_order';
    case VoltageRise = 'correct.voltage_rise';

    private const STATION = Station::Correct;

    private function says(): array
    {
        return match ($this) {
            self::NoLoadCurrent => ['No-load current', Unit::Ampere],
            self::NoLoadReactive => ['Reactive power at no load', Unit::Var],
            self::LoadPower => ['Real power at this load', Unit::Watt],
            self::LoadReactive => ['Reactive power at this load', Unit::Var],
            self::LoadCurrent => ['Current at this load', Unit::Ampere],
            self::FundamentalCurrent => ['Current without its harmonics', Unit::Ampere],
            self::DistortionPower => ['Distortion', Unit::VoltAmpere],
            self::AttainablePowerFactor => ['Power factor that a capacitor can reach', Unit::None],
            self::ReactiveRequired => ['Reactive power required', Unit::Var],
            self::ReactiveLimit => ['Limit at the motor', Unit::Var],
            self::ReactiveCeiling => ['Largest reactive power allowed here', Unit::Var],
            self::CapacitanceRequired => ['Capacitance required', Unit::Farad],
            self::CapacitorUnits => ['Equal capacitors in parallel', Unit::None],
            self::ChoiceBelowCapacitance => ['Next standard value below', Unit::Farad],
            self::ChoiceBelowCurrent => ['Current with the next standard value below', Unit::Ampere],
            self::ChoiceBelowPowerFactor => ['Power factor with the next standard value below', Unit::None],
            self::ChoiceAboveCapacitance => ['Next standard value above', Unit::Farad],
            self::ChoiceAboveCurrent => ['Current with the next standard value above', Unit::Ampere],
            self::ChoiceAbovePowerFactor => ['Power factor with the next standard value above', Unit::None],
            self::RatedVoltage => ['Capacitor rated voltage', Unit::Volt],
            self::CapacitorVoltage => ['Voltage across the capacitor', Unit::Volt],
            self::TuningOrder => ['Tuning order', Unit::None],
            self::TuningFrequency => ['Tuning frequency', Unit::Hertz],
            self::ReactorInductance => ['Reactor, per phase', Unit::Henry],
            self::CapacitorRating => ['Capacitor rating', Unit::Var],
            self::ReactiveChosen => ['Reactive power supplied at site voltage', Unit::Var],
            self::CapacitanceStar => ['Capacitance per phase, star', Unit::Farad],
            self::CapacitanceDelta => ['Capacitance per phase, delta', Unit::Farad],
            self::CapacitorCurrent => ['Capacitor current at site voltage', Unit::Ampere],
            self::CapacitorRatedCurrent => ['Capacitor rated current', Unit::Ampere],
            self::DischargeResistance => ['Discharge resistor, maximum', Unit::Ohm],
            self::DischargeRecommended => ['Discharge resistor, standard value', Unit::Ohm],
            self::DischargePower => ['Power loss in each resistor', Unit::Watt],
            self::DischargeRating => ['Resistor power rating', Unit::Watt],
            self::DischargeLimit => ['Discharge time allowed', Unit::Second],
            self::DischargeTime => ['Discharge time with the installed resistor', Unit::Second],
            self::ResistorPower => ['Power loss in the installed resistor', Unit::Watt],
            self::CorrectedCurrent => ['Line current after correction, full load', Unit::Ampere],
            self::CorrectedPowerFactor => ['Power factor after correction, full load', Unit::None],
            self::LoadCorrectedCurrent => ['Line current after correction at this load', Unit::Ampere],
            self::LoadCorrectedPowerFactor => ['Power factor after correction at this load', Unit::None],
            self::LowestCorrectedPowerFactor => ['Power factor after correction at the lowest load', Unit::None],
            self::ApparentReleased => ['Apparent power released', Unit::VoltAmpere],
            self::InverterInput => ['DC input of the inverter', Unit::Watt],
            self::AloneCurrent => ['Leading current with the motor stopped', Unit::Ampere],
            self::ConductorAmpacity => ['Capacitor conductors, minimum current-carrying capacity', Unit::Ampere],
            self::ConductorSize => ['Capacitor conductor size', Unit::SquareMillimetre],
            self::FuseRating => ['Capacitor fuse', Unit::Ampere],
            self::DisconnectRating => ['Capacitor disconnect, minimum rating', Unit::Ampere],
            self::AfterReactive => ['Reactive power, capacitor on', Unit::Var],
            self::AfterPowerFactor => ['Power factor, capacitor on', Unit::None],
            self::AfterCurrentExpected => ['Expected current, capacitor on', Unit::Ampere],
            self::AfterCurrentLow => ['Expected current, capacitor on, lower limit', Unit::Ampere],
            self::AfterCurrentHigh => ['Expected current, capacitor on, upper limit', Unit::Ampere],
            self::AfterShare => ['Share of the capacitor that works', Unit::None],
            self::AfterVerdict => ['Measured result compared with the calculation', Unit::None],
            self::ContactorRating => ['Capacitor contactor, minimum rating', Unit::Ampere],
            self::ResonanceOrder => ['Resonance order', Unit::None],
            self::VoltageRise => ['Voltage rise caused by the capacitor', Unit::Percent],
        };
    }
}
