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

    private function says(): array
    {
        return match ($this) {
            self::Voltage => ['Measured voltage', Unit::Volt],
            self::Current => ['Measured current', Unit::Ampere],
            self::VoltageUnbalance => ['Voltage unbalance', Unit::Percent],
            self::NegativeSequence => ['Negative-sequence voltage, share of positive-sequence', Unit::Percent],
            self::CurrentUnbalance => ['Current unbalance', Unit::Percent],
            self::CurrentUnbalanceExpected => ['Current unbalance expected from the voltages', Unit::Percent],
            self::PhasesLive => ['Lines carrying current', Unit::None],
            self::Watts1 => ['Wattmeter in L1', Unit::Watt],
            self::Watts2 => ['Wattmeter in L2', Unit::Watt],
            self::Watts3 => ['Wattmeter in L3', Unit::Watt],
            self::Apparent1 => ['Apparent power of L1', Unit::VoltAmpere],
            self::Apparent2 => ['Apparent power of L2', Unit::VoltAmpere],
            self::Apparent3 => ['Apparent power of L3', Unit::VoltAmpere],
            self::PowerFactor1 => ['Power factor of L1', Unit::None],
            self::PowerFactor2 => ['Power factor of L2', Unit::None],
            self::PowerFactor3 => ['Power factor of L3', Unit::None],
            self::Real => ['Real power', Unit::Watt],
            self::Reactive => ['Reactive power', Unit::Var],
            self::Apparent => ['Apparent power', Unit::VoltAmpere],
            self::PowerFactor => ['Power factor', Unit::None],
            self::Angle => ['Angle between phase voltage and current', Unit::Degree],
            self::Shaft => ['Shaft power', Unit::Watt],
            self::Efficiency => ['Efficiency by brake test', Unit::Percent],
            self::LoadByPower => ['Load by power', Unit::Percent],
            self::LoadByPowerLow => ['Load by power, lower limit', Unit::Percent],
            self::LoadByPowerHigh => ['Load by power, upper limit', Unit::Percent],
            self::LoadBySlip => ['Load by slip', Unit::Percent],
            self::LoadBySlipLow => ['Load by slip, lower limit', Unit::Percent],
            self::LoadBySlipHigh => ['Load by slip, upper limit', Unit::Percent],
            self::LoadByCurrent => ['Load by current', Unit::Percent],
            self::LoadByCurrentLow => ['Load by current, lower limit', Unit::Percent],
            self::LoadByCurrentHigh => ['Load by current, upper limit', Unit::Percent],
            self::CurrentAgainstPlate => ['Measured current ÷ nameplate current', Unit::Percent],
            self::RunUpTime => ['Timed run-up', Unit::Second],
            self::ChangeoverTime => ['Timed changeover', Unit::Second],
            self::RunUpVerdict => ['Timed run-up ÷ calculated run-up', Unit::None],
            self::RunUpChange => ['Timed run-up ÷ the one before', Unit::Percent],
        };
    }
}
