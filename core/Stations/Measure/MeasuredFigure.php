<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What instruments show, and what follows from it. */
enum MeasuredFigure: string implements FigureName
{
    use FigureWords;

    case Voltage = 'measured.voltage';
    case Current = 'measured.current';
    case VoltageUnbalance = 'measured.voltage_unbalance';
    case NegativeSequence = 'measured.negative_sequence';
    case CurrentUnbalance = 'measured.current_unbalance';
    case CurrentUnbalanceExpected = 'measured.current_unbalance_expected';
    case PhasesLive = 'measured.phases_live';
    case Watts1 = 'measured.watts_1';
    case Watts2 = 'measured.watts_2';
    case Watts3 = 'measured.watts_3';
    case Apparent1 = 'measured.apparent_1';
    case Apparent2 = 'measured.apparent_2';
    case Apparent3 = 'measured.apparent_3';
    case PowerFactor1 = 'measured.power_factor_1';
    case PowerFactor2 = 'measured.power_factor_2';
    case PowerFactor3 = 'measured.power_factor_3';
    case Real = 'measured.real';
    case Reactive = 'measured.reactive';
    case Apparent = 'measured.apparent';
    case PowerFactor = 'measured.power_factor';
    case Angle = 'measured.angle';
    case CapacitorCurrent = 'measured.capacitor_current';
    case ReactiveCurrent = 'measured.reactive_current';
    case RealLow = 'measured.real_low';
    case RealHigh = 'measured.real_high';
    case PowerFactorLow = 'measured.power_factor_low';
    case PowerFactorHigh = 'measured.power_factor_high';
    case PowerFactorAfter = 'measured.power_factor_after';
    case LossDrop = 'measured.loss_drop';
    case Shaft = 'measured.shaft';
    case Efficiency = 'measured.efficiency';
    case LoadByPower = 'measured.load_by_power';
    case LoadByPowerLow = 'measured.load_by_power_low';
    case LoadByPowerHigh = 'measured.load_by_power_high';
    case LoadBySlip = 'measured.load_by_slip';
    case LoadBySlipLow = 'measured.load_by_slip_low';
    case LoadBySlipHigh = 'measured.load_by_slip_high';
    case LoadByCurrent = 'measured.load_by_current';
    case LoadByCurrentLow = 'measured.load_by_current_low';
    case LoadByCurrentHigh = 'measured.load_by_current_high';
    case CurrentAgainstPlate = 'measured.current_against_plate';
    case RunUpTime = 'measured.run_up_time';
    case ChangeoverTime = 'measured.changeover_time';
    case RunUpVerdict = 'measured.run_up_verdict';
    case RunUpChange = 'measured.run_up_change';

    private const STATION = Station::Power;

    private const SAYS = [
        'measured.voltage' => ['Measured voltage', Unit::Volt],
        'measured.current' => ['Measured current', Unit::Ampere],
        'measured.voltage_unbalance' => ['Voltage unbalance', Unit::Percent],
        'measured.negative_sequence' => ['Negative-sequence voltage, share of positive-sequence', Unit::Percent],
        'measured.current_unbalance' => ['Current unbalance', Unit::Percent],
        'measured.current_unbalance_expected' => ['Current unbalance expected from the voltages', Unit::Percent],
        'measured.phases_live' => ['Lines carrying current', Unit::None],
        'measured.watts_1' => ['Wattmeter in L1', Unit::Watt],
        'measured.watts_2' => ['Wattmeter in L2', Unit::Watt],
        'measured.watts_3' => ['Wattmeter in L3', Unit::Watt],
        'measured.apparent_1' => ['Apparent power of L1', Unit::VoltAmpere],
        'measured.apparent_2' => ['Apparent power of L2', Unit::VoltAmpere],
        'measured.apparent_3' => ['Apparent power of L3', Unit::VoltAmpere],
        'measured.power_factor_1' => ['Power factor of L1', Unit::None],
        'measured.power_factor_2' => ['Power factor of L2', Unit::None],
        'measured.power_factor_3' => ['Power factor of L3', Unit::None],
        'measured.real' => ['Real power', Unit::Watt],
        'measured.reactive' => ['Reactive power', Unit::Var],
        'measured.apparent' => ['Apparent power', Unit::VoltAmpere],
        'measured.power_factor' => ['Power factor', Unit::None],
        'measured.angle' => ['Angle between phase voltage and current', Unit::Degree],
        'measured.capacitor_current' => ['Current of the capacitor', Unit::Ampere],
        'measured.reactive_current' => ['Reactive part of the current', Unit::Ampere],
        'measured.real_low' => ['Real power, lower limit', Unit::Watt],
        'measured.real_high' => ['Real power, upper limit', Unit::Watt],
        'measured.power_factor_low' => ['Power factor, lower limit', Unit::None],
        'measured.power_factor_high' => ['Power factor, upper limit', Unit::None],
        'measured.power_factor_after' => ['Power factor with the capacitor', Unit::None],
        'measured.loss_drop' => ['Less heat in the same conductors', Unit::Percent],
        'measured.shaft' => ['Shaft power', Unit::Watt],
        'measured.efficiency' => ['Efficiency by brake test', Unit::Percent],
        'measured.load_by_power' => ['Load by power', Unit::Percent],
        'measured.load_by_power_low' => ['Load by power, lower limit', Unit::Percent],
        'measured.load_by_power_high' => ['Load by power, upper limit', Unit::Percent],
        'measured.load_by_slip' => ['Load by slip', Unit::Percent],
        'measured.load_by_slip_low' => ['Load by slip, lower limit', Unit::Percent],
        'measured.load_by_slip_high' => ['Load by slip, upper limit', Unit::Percent],
        'measured.load_by_current' => ['Load by current', Unit::Percent],
        'measured.load_by_current_low' => ['Load by current, lower limit', Unit::Percent],
        'measured.load_by_current_high' => ['Load by current, upper limit', Unit::Percent],
        'measured.current_against_plate' => ['Measured current ÷ nameplate current', Unit::Percent],
        'measured.run_up_time' => ['Timed run-up', Unit::Second],
        'measured.changeover_time' => ['Timed changeover', Unit::Second],
        'measured.run_up_verdict' => ['Timed run-up ÷ calculated run-up', Unit::None],
        'measured.run_up_change' => ['Timed run-up ÷ the one before', Unit::Percent],
    ];
}
