<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** The capacitor, its leads, and what the line carries after it. */
enum CorrectFigure: string implements FigureName
{
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

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::NoLoadCurrent => 'No-load current',
            self::NoLoadReactive => 'Reactive power at no load',
            self::LoadPower => 'Real power at this load',
            self::LoadReactive => 'Reactive power at this load',
            self::LoadCurrent => 'Current at this load',
            self::FundamentalCurrent => 'Current without its harmonics',
            self::DistortionPower => 'Distortion',
            self::AttainablePowerFactor => 'Power factor that a capacitor can reach',
            self::ReactiveRequired => 'Reactive power required',
            self::ReactiveLimit => 'Limit at the motor',
            self::ReactiveCeiling => 'Largest reactive power allowed here',
            self::CapacitanceRequired => 'Capacitance required',
            self::CapacitorUnits => 'Equal capacitors in parallel',
            self::ChoiceBelowCapacitance => 'Next standard value below',
            self::ChoiceBelowCurrent => 'Current with the next standard value below',
            self::ChoiceBelowPowerFactor => 'Power factor with the next standard value below',
            self::ChoiceAboveCapacitance => 'Next standard value above',
            self::ChoiceAboveCurrent => 'Current with the next standard value above',
            self::ChoiceAbovePowerFactor => 'Power factor with the next standard value above',
            self::RatedVoltage => 'Capacitor rated voltage',
            self::CapacitorVoltage => 'Voltage across the capacitor',
            self::TuningOrder => 'Tuning order',
            self::TuningFrequency => 'Tuning frequency',
            self::ReactorInductance => 'Reactor, per phase',
            self::CapacitorRating => 'Capacitor rating',
            self::ReactiveChosen => 'Reactive power supplied at site voltage',
            self::CapacitanceStar => 'Capacitance per phase, star',
            self::CapacitanceDelta => 'Capacitance per phase, delta',
            self::CapacitorCurrent => 'Capacitor current at site voltage',
            self::CapacitorRatedCurrent => 'Capacitor rated current',
            self::DischargeResistance => 'Discharge resistor, maximum',
            self::DischargeRecommended => 'Discharge resistor, standard value',
            self::DischargePower => 'Power loss in each resistor',
            self::DischargeRating => 'Resistor power rating',
            self::DischargeLimit => 'Discharge time allowed',
            self::DischargeTime => 'Discharge time with the installed resistor',
            self::ResistorPower => 'Power loss in the installed resistor',
            self::CorrectedCurrent => 'Line current after correction, full load',
            self::CorrectedPowerFactor => 'Power factor after correction, full load',
            self::LoadCorrectedCurrent => 'Line current after correction at this load',
            self::LoadCorrectedPowerFactor => 'Power factor after correction at this load',
            self::LowestCorrectedPowerFactor => 'Power factor after correction at the lowest load',
            self::ApparentReleased => 'Apparent power released',
            self::InverterInput => 'DC input of the inverter',
            self::AloneCurrent => 'Leading current with the motor stopped',
            self::ConductorAmpacity => 'Capacitor conductors, minimum current-carrying capacity',
            self::ConductorSize => 'Capacitor conductor size',
            self::FuseRating => 'Capacitor fuse',
            self::DisconnectRating => 'Capacitor disconnect, minimum rating',
            self::AfterReactive => 'Reactive power, capacitor on',
            self::AfterPowerFactor => 'Power factor, capacitor on',
            self::AfterCurrentExpected => 'Expected current, capacitor on',
            self::AfterCurrentLow => 'Expected current, capacitor on, lower limit',
            self::AfterCurrentHigh => 'Expected current, capacitor on, upper limit',
            self::AfterShare => 'Share of the capacitor that works',
            self::AfterVerdict => 'Measured result compared with the calculation',
            self::ContactorRating => 'Capacitor contactor, minimum rating',
            self::ResonanceOrder => 'Resonance order',
            self::VoltageRise => 'Voltage rise caused by the capacitor',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::NoLoadReactive, self::LoadReactive, self::ReactiveRequired, self::ReactiveLimit, self::ReactiveCeiling,
            self::CapacitorRating, self::ReactiveChosen, self::AfterReactive => Unit::Var,
            self::DistortionPower, self::ApparentReleased => Unit::VoltAmpere,
            self::LoadPower, self::DischargePower, self::DischargeRating, self::ResistorPower, self::InverterInput => Unit::Watt,
            self::CapacitanceStar, self::CapacitanceDelta, self::CapacitanceRequired, self::ChoiceBelowCapacitance,
            self::ChoiceAboveCapacitance => Unit::Farad,
            self::DischargeResistance, self::DischargeRecommended => Unit::Ohm,
            self::DischargeLimit, self::DischargeTime => Unit::Second,
            self::RatedVoltage, self::CapacitorVoltage => Unit::Volt,
            self::TuningFrequency => Unit::Hertz,
            self::ReactorInductance => Unit::Henry,
            self::VoltageRise => Unit::Percent,
            self::CorrectedPowerFactor, self::LoadCorrectedPowerFactor, self::LowestCorrectedPowerFactor, self::AttainablePowerFactor,
            self::ChoiceBelowPowerFactor, self::ChoiceAbovePowerFactor, self::CapacitorUnits, self::TuningOrder,
            self::ResonanceOrder, self::AfterPowerFactor, self::AfterShare, self::AfterVerdict => Unit::None,
            self::ConductorSize => Unit::SquareMillimetre,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Correct;
    }
}
