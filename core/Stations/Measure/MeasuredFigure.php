<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What instruments show, and what follows from it. */
enum MeasuredFigure: string implements FigureName
{
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

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Voltage => 'Measured voltage',
            self::Current => 'Measured current',
            self::VoltageUnbalance => 'Voltage unbalance',
            self::NegativeSequence => 'Negative-sequence voltage, share of positive-sequence',
            self::CurrentUnbalance => 'Current unbalance',
            self::CurrentUnbalanceExpected => 'Current unbalance expected from the voltages',
            self::PhasesLive => 'Lines carrying current',
            self::Watts1 => 'Wattmeter in L1',
            self::Watts2 => 'Wattmeter in L2',
            self::Watts3 => 'Wattmeter in L3',
            self::Apparent1 => 'Apparent power of L1',
            self::Apparent2 => 'Apparent power of L2',
            self::Apparent3 => 'Apparent power of L3',
            self::PowerFactor1 => 'Power factor of L1',
            self::PowerFactor2 => 'Power factor of L2',
            self::PowerFactor3 => 'Power factor of L3',
            self::Real => 'Real power',
            self::Reactive => 'Reactive power',
            self::Apparent => 'Apparent power',
            self::PowerFactor => 'Power factor',
            self::Angle => 'Angle between phase voltage and current',
            self::Shaft => 'Shaft power',
            self::Efficiency => 'Efficiency by brake test',
            self::LoadByPower => 'Load by power',
            self::LoadByPowerLow => 'Load by power, lower limit',
            self::LoadByPowerHigh => 'Load by power, upper limit',
            self::LoadBySlip => 'Load by slip',
            self::LoadBySlipLow => 'Load by slip, lower limit',
            self::LoadBySlipHigh => 'Load by slip, upper limit',
            self::LoadByCurrent => 'Load by current',
            self::LoadByCurrentLow => 'Load by current, lower limit',
            self::LoadByCurrentHigh => 'Load by current, upper limit',
            self::CurrentAgainstPlate => 'Measured current ÷ nameplate current',
            self::RunUpTime => 'Timed run-up',
            self::ChangeoverTime => 'Timed changeover',
            self::RunUpVerdict => 'Timed run-up ÷ calculated run-up',
            self::RunUpChange => 'Timed run-up ÷ the one before',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Voltage => Unit::Volt,
            self::Current => Unit::Ampere,
            self::PhasesLive, self::PowerFactor1, self::PowerFactor2, self::PowerFactor3, self::PowerFactor => Unit::None,
            self::Watts1, self::Watts2, self::Watts3, self::Real, self::Shaft => Unit::Watt,
            self::Apparent1, self::Apparent2, self::Apparent3, self::Apparent => Unit::VoltAmpere,
            self::Reactive => Unit::Var,
            self::Angle => Unit::Degree,
            self::RunUpTime, self::ChangeoverTime => Unit::Second,
            self::RunUpVerdict => Unit::None,
            default => Unit::Percent,
        };
    }

    public function station(): Station
    {
        return Station::Power;
    }
}
