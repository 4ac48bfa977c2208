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

    private const SAYS = [
        'correct.no_load_current' => ['No-load current', Unit::Ampere],
        'correct.no_load_reactive' => ['Reactive power at no load', Unit::Var],
        'correct.load_power' => ['Real power at this load', Unit::Watt],
        'correct.load_reactive' => ['Reactive power at this load', Unit::Var],
        'correct.load_current' => ['Current at this load', Unit::Ampere],
        'correct.fundamental_current' => ['Current without its harmonics', Unit::Ampere],
        'correct.distortion_power' => ['Distortion', Unit::VoltAmpere],
        'correct.attainable_power_factor' => ['Power factor that a capacitor can reach', Unit::None],
        'correct.reactive_required' => ['Reactive power required', Unit::Var],
        'correct.reactive_limit' => ['Limit at the motor', Unit::Var],
        'correct.reactive_ceiling' => ['Largest reactive power allowed here', Unit::Var],
        'correct.capacitance_required' => ['Capacitance required', Unit::Farad],
        'correct.capacitor_units' => ['Equal capacitors in parallel', Unit::None],
        'correct.choice_below_capacitance' => ['Next standard value below', Unit::Farad],
        'correct.choice_below_current' => ['Current with the next standard value below', Unit::Ampere],
        'correct.choice_below_power_factor' => ['Power factor with the next standard value below', Unit::None],
        'correct.choice_above_capacitance' => ['Next standard value above', Unit::Farad],
        'correct.choice_above_current' => ['Current with the next standard value above', Unit::Ampere],
        'correct.choice_above_power_factor' => ['Power factor with the next standard value above', Unit::None],
        'correct.rated_voltage' => ['Capacitor rated voltage', Unit::Volt],
        'correct.capacitor_voltage' => ['Voltage across the capacitor', Unit::Volt],
        'correct.tuning_order' => ['Tuning order', Unit::None],
        'correct.tuning_frequency' => ['Tuning frequency', Unit::Hertz],
        'correct.reactor_inductance' => ['Reactor, per phase', Unit::Henry],
        'correct.capacitor_rating' => ['Capacitor rating', Unit::Var],
        'correct.reactive_chosen' => ['Reactive power supplied at site voltage', Unit::Var],
        'correct.capacitance_star' => ['Capacitance per phase, star', Unit::Farad],
        'correct.capacitance_delta' => ['Capacitance per phase, delta', Unit::Farad],
        'correct.capacitor_current' => ['Capacitor current at site voltage', Unit::Ampere],
        'correct.capacitor_rated_current' => ['Capacitor rated current', Unit::Ampere],
        'correct.discharge_resistance' => ['Discharge resistor, maximum', Unit::Ohm],
        'correct.discharge_recommended' => ['Discharge resistor, standard value', Unit::Ohm],
        'correct.discharge_power' => ['Power loss in each resistor', Unit::Watt],
        'correct.discharge_rating' => ['Resistor power rating', Unit::Watt],
        'correct.discharge_limit' => ['Discharge time allowed', Unit::Second],
        'correct.discharge_time' => ['Discharge time with the installed resistor', Unit::Second],
        'correct.resistor_power' => ['Power loss in the installed resistor', Unit::Watt],
        'correct.corrected_current' => ['Line current after correction, full load', Unit::Ampere],
        'correct.corrected_power_factor' => ['Power factor after correction, full load', Unit::None],
        'correct.load_corrected_current' => ['Line current after correction at this load', Unit::Ampere],
        'correct.load_corrected_power_factor' => ['Power factor after correction at this load', Unit::None],
        'correct.lowest_corrected_power_factor' => ['Power factor after correction at the lowest load', Unit::None],
        'correct.apparent_released' => ['Apparent power released', Unit::VoltAmpere],
        'correct.inverter_input' => ['DC input of the inverter', Unit::Watt],
        'correct.alone_current' => ['Leading current with the motor stopped', Unit::Ampere],
        'correct.conductor_ampacity' => ['Capacitor conductors, minimum current-carrying capacity', Unit::Ampere],
        'correct.conductor_size' => ['Capacitor conductor size', Unit::SquareMillimetre],
        'correct.fuse_rating' => ['Capacitor fuse', Unit::Ampere],
        'correct.disconnect_rating' => ['Capacitor disconnect, minimum rating', Unit::Ampere],
        'correct.after_reactive' => ['Reactive power, capacitor on', Unit::Var],
        'correct.after_power_factor' => ['Power factor, capacitor on', Unit::None],
        'correct.after_current_expected' => ['Expected current, capacitor on', Unit::Ampere],
        'correct.after_current_low' => ['Expected current, capacitor on, lower limit', Unit::Ampere],
        'correct.after_current_high' => ['Expected current, capacitor on, upper limit', Unit::Ampere],
        'correct.after_share' => ['Share of the capacitor that works', Unit::None],
        'correct.after_verdict' => ['Measured result compared with the calculation', Unit::None],
        'correct.contactor_rating' => ['Capacitor contactor, minimum rating', Unit::Ampere],
        'correct.resonance_order' => ['Resonance order', Unit::None],
        'correct.voltage_rise' => ['Voltage rise caused by the capacitor', Unit::Percent],
    ];
}
