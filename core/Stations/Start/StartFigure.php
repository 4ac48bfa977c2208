<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** Inrush, torque and times of the start. */
enum StartFigure: string implements FigureName
{
    use FigureWords;

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

    private const STATION = Station::Start;

    private function says(): array
    {
        return match ($this) {
            self::Method => ['Starting method', Unit::None],
            self::LockedRotorCurrent => ['Locked-rotor current', Unit::Ampere],
            self::LockedRotorCurrentLow => ['Locked-rotor current, lower limit', Unit::Ampere],
            self::LockedRotorCurrentHigh => ['Locked-rotor current, upper limit', Unit::Ampere],
            self::KvaPerHp => ['Locked-rotor kVA per horsepower', Unit::KvaPerHorsepower],
            self::CodeLetter => ['Equivalent code letter', Unit::None],
            self::LockedRotorPowerFactor => ['Power factor at standstill', Unit::None],
            self::PeakFirstHalfCycle => ['First peak, upper limit', Unit::Ampere],
            self::PeakEstimate => ['First peak, estimate', Unit::Ampere],
            self::LockedRotorTorque => ['Locked-rotor torque, direct-on-line', Unit::NewtonMetre],
            self::StarLineCurrent => ['Line current in star', Unit::Ampere],
            self::ReclosingPeak => ['Peak at changeover, worst case', Unit::Ampere],
            self::StarTorque => ['Torque in star', Unit::NewtonMetre],
            self::DeltaWindingCurrent => ['Winding current in delta', Unit::Ampere],
            self::RunUpTime => ['Run-up time', Unit::Second],
            self::StarTime => ['Time in star', Unit::Second],
            self::Inertia => ['Total inertia at the motor shaft', Unit::KilogramSquareMetre],
            self::SteadySpeed => ['Final speed', Unit::Rpm],
            self::BreakdownSpeed => ['Speed at breakdown torque', Unit::Rpm],
            self::StandstillCurrent => ['Line current at standstill, with the voltage drop of the start', Unit::Ampere],
            self::StandstillTorque => ['Torque at standstill, with the voltage drop of the start', Unit::NewtonMetre],
            self::PeakLineCurrent => ['Largest line current of the start, rms', Unit::Ampere],
            self::SeriesResistance => ['Resistor in each line', Unit::Ohm],
            self::SeriesReactance => ['Reactance of the reactor in each line', Unit::Ohm],
            self::StallSpeed => ['Stalling speed', Unit::Rpm],
            self::ReducedSpeed => ['Speed that the first stage reaches', Unit::Rpm],
            self::ChangeoverSpeed => ['Speed at the changeover', Unit::Rpm],
            self::ReducedTime => ['Time in the first stage', Unit::Second],
            self::SpeedAfterGap => ['Speed when the second stage closes', Unit::Rpm],
            self::ChangeoverCurrent => ['Line current after the changeover, rms', Unit::Ampere],
            self::ChangeoverDip => ['Voltage dip at the bus, changeover', Unit::Percent],
            self::RunUpTimeWorst => ['Run-up time, worst case', Unit::Second],
            self::TimerFirst => ['Earliest useful changeover', Unit::Second],
            self::TimerLast => ['Latest changeover before the relay trips', Unit::Second],
            self::VoltageDip => ['Voltage dip at the bus', Unit::Percent],
            self::DipAtMotor => ['Voltage dip at the motor', Unit::Percent],
            self::TorqueMargin => ['Smallest torque margin (motor ÷ load)', Unit::None],
            self::RotorEnergy => ['Heat in the rotor', Unit::Joule],
            self::StartEnergy => ['Heat in rotor and stator', Unit::Joule],
            self::I2t => ['Heating of the line, ∫I²dt', Unit::AmpereSquaredSecond],
            self::StartsPerHour => ['Starts per hour, by heating', Unit::None],
            self::LockedRotorTime => ['Share of permitted locked-rotor time used (at full voltage)', Unit::Second],
            self::TorqueStep => ['Largest torque step on the shaft, relative to rated torque', Unit::None],
            self::InertiaLimit => ['Largest external inertia of a design N motor', Unit::KilogramSquareMetre],
        };
    }
}
