<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** Inrush, torque and times of the start. */
enum StartFigure: string implements FigureName
{
    case Method = 'start.method';
    case LockedRotorCurrent = 'start.locked_rotor_current';
    case LockedRotorCurrentLow = 'start.locked_rotor_current_low';
    case LockedRotorCurrentHigh = 'start.locked_rotor_current_high';
    case KvaPerHp = 'start.kva_per_hp';
    case CodeLetter = 'start.code_letter';
    case LockedRotorPowerFactor = 'start.locked_rotor_power_factor';
    case PeakFirstHalfCycle = 'start.peak_first_half_cycle';
    case PeakEstimate = 'start.peak_estimate';
    case LockedRotorTorque = 'start.locked_rotor_torque';
    case StarLineCurrent = 'start.star_line_current';
    case ReclosingPeak = 'start.reclosing_peak';
    case StarTorque = 'start.star_torque';
    case DeltaWindingCurrent = 'start.delta_winding_current';
    case RunUpTime = 'start.run_up_time';
    case StarTime = 'start.star_time';
    case Inertia = 'start.inertia';
    case SteadySpeed = 'start.steady_speed';
    case BreakdownSpeed = 'start.breakdown_speed';
    case StandstillCurrent = 'start.standstill_current';
    case StandstillTorque = 'start.standstill_torque';
    case PeakLineCurrent = 'start.peak_line_current';
    case SeriesResistance = 'start.series_resistance';
    case SeriesReactance = 'start.series_reactance';
    case StallSpeed = 'start.stall_speed';
    case ReducedSpeed = 'start.reduced_speed';
    case ChangeoverSpeed = 'start.changeover_speed';
    case ReducedTime = 'start.reduced_time';
    case SpeedAfterGap = 'start.speed_after_gap';
    case ChangeoverCurrent = 'start.changeover_current';
    case ChangeoverDip = 'start.changeover_dip';
    case RunUpTimeWorst = 'start.run_up_time_worst';
    case TimerFirst = 'start.timer_first';
    case TimerLast = 'start.timer_last';
    case VoltageDip = 'start.voltage_dip';
    case DipAtMotor = 'start.dip_at_motor';
    case TorqueMargin = 'start.torque_margin';
    case RotorEnergy = 'start.rotor_energy';
    case StartEnergy = 'start.start_energy';
    case I2t = 'start.i2t';
    case StartsPerHour = 'start.starts_per_hour';
    case LockedRotorTime = 'start.locked_rotor_time';
    case TorqueStep = 'start.torque_step';
    case InertiaLimit = 'start.inertia_limit';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::Method => 'Starting method',
            self::LockedRotorCurrent => 'Locked-rotor current',
            self::LockedRotorCurrentLow => 'Locked-rotor current, lower limit',
            self::LockedRotorCurrentHigh => 'Locked-rotor current, upper limit',
            self::KvaPerHp => 'Locked-rotor kVA per horsepower',
            self::CodeLetter => 'Equivalent code letter',
            self::LockedRotorPowerFactor => 'Power factor at standstill',
            self::PeakFirstHalfCycle => 'First peak, upper limit',
            self::PeakEstimate => 'First peak, estimate',
            self::LockedRotorTorque => 'Locked-rotor torque, direct-on-line',
            self::StarLineCurrent => 'Line current in star',
            self::ReclosingPeak => 'Peak at changeover, worst case',
            self::StarTorque => 'Torque in star',
            self::DeltaWindingCurrent => 'Winding current in delta',
            self::RunUpTime => 'Run-up time',
            self::StarTime => 'Time in star',
            self::Inertia => 'Total inertia at the motor shaft',
            self::SteadySpeed => 'Final speed',
            self::BreakdownSpeed => 'Speed at breakdown torque',
            self::StandstillCurrent => 'Line current at standstill, with the voltage drop of the start',
            self::StandstillTorque => 'Torque at standstill, with the voltage drop of the start',
            self::PeakLineCurrent => 'Largest line current of the start, rms',
            self::SeriesResistance => 'Resistor in each line',
            self::SeriesReactance => 'Reactance of the reactor in each line',
            self::StallSpeed => 'Stalling speed',
            self::ReducedSpeed => 'Speed that the first stage reaches',
            self::ChangeoverSpeed => 'Speed at the changeover',
            self::ReducedTime => 'Time in the first stage',
            self::SpeedAfterGap => 'Speed when the second stage closes',
            self::ChangeoverCurrent => 'Line current after the changeover, rms',
            self::ChangeoverDip => 'Voltage dip at the bus, changeover',
            self::RunUpTimeWorst => 'Run-up time, worst case',
            self::TimerFirst => 'Earliest useful changeover',
            self::TimerLast => 'Latest changeover before the relay trips',
            self::VoltageDip => 'Voltage dip at the bus',
            self::DipAtMotor => 'Voltage dip at the motor',
            self::TorqueMargin => 'Smallest torque margin (motor ÷ load)',
            self::RotorEnergy => 'Heat in the rotor',
            self::StartEnergy => 'Heat in rotor and stator',
            self::I2t => 'Heating of the line, ∫I²dt',
            self::StartsPerHour => 'Starts per hour, by heating',
            self::LockedRotorTime => 'Share of permitted locked-rotor time used (at full voltage)',
            self::TorqueStep => 'Largest torque step on the shaft, relative to rated torque',
            self::InertiaLimit => 'Largest external inertia of a design N motor',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Method, self::CodeLetter, self::LockedRotorPowerFactor, self::TorqueMargin, self::StartsPerHour,
            self::TorqueStep => Unit::None,
            self::KvaPerHp => Unit::KvaPerHorsepower,
            self::LockedRotorTorque, self::StarTorque, self::StandstillTorque => Unit::NewtonMetre,
            self::RunUpTime, self::StarTime, self::ReducedTime, self::RunUpTimeWorst, self::TimerFirst, self::TimerLast,
            self::LockedRotorTime => Unit::Second,
            self::InertiaLimit, self::Inertia => Unit::KilogramSquareMetre,
            self::SteadySpeed, self::BreakdownSpeed, self::StallSpeed, self::ReducedSpeed, self::ChangeoverSpeed,
            self::SpeedAfterGap => Unit::Rpm,
            self::SeriesResistance, self::SeriesReactance => Unit::Ohm,
            self::ChangeoverDip, self::VoltageDip, self::DipAtMotor => Unit::Percent,
            self::RotorEnergy, self::StartEnergy => Unit::Joule,
            self::I2t => Unit::AmpereSquaredSecond,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Start;
    }
}
