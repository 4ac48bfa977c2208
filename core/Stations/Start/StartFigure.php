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
    case FirstDip = 'start.first_dip';
    case GeneratorLeastKva = 'start.generator_least_kva';
    case StartingKva = 'start.starting_kva';
    case StartingKvaLow = 'start.starting_kva_low';
    case StartingKvaHigh = 'start.starting_kva_high';
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

    private const SAYS = [
        'start.method' => ['Starting method', Unit::None],
        'start.locked_rotor_current' => ['Locked-rotor current', Unit::Ampere],
        'start.locked_rotor_current_low' => ['Locked-rotor current, lower limit', Unit::Ampere],
        'start.locked_rotor_current_high' => ['Locked-rotor current, upper limit', Unit::Ampere],
        'start.kva_per_hp' => ['Locked-rotor kVA per horsepower', Unit::KvaPerHorsepower],
        'start.code_letter' => ['Equivalent code letter', Unit::None],
        'start.locked_rotor_power_factor' => ['Power factor at standstill', Unit::None],
        'start.peak_first_half_cycle' => ['First peak, upper limit', Unit::Ampere],
        'start.peak_estimate' => ['First peak, estimate', Unit::Ampere],
        'start.locked_rotor_torque' => ['Locked-rotor torque, direct-on-line', Unit::NewtonMetre],
        'start.star_line_current' => ['Line current in star', Unit::Ampere],
        'start.reclosing_peak' => ['Peak at changeover, worst case', Unit::Ampere],
        'start.star_torque' => ['Torque in star', Unit::NewtonMetre],
        'start.delta_winding_current' => ['Winding current in delta', Unit::Ampere],
        'start.run_up_time' => ['Run-up time', Unit::Second],
        'start.star_time' => ['Time in star', Unit::Second],
        'start.inertia' => ['Total inertia at the motor shaft', Unit::KilogramSquareMetre],
        'start.steady_speed' => ['Final speed', Unit::Rpm],
        'start.breakdown_speed' => ['Speed at breakdown torque', Unit::Rpm],
        'start.standstill_current' => ['Line current at standstill, with the voltage drop of the start', Unit::Ampere],
        'start.standstill_torque' => ['Torque at standstill, with the voltage drop of the start', Unit::NewtonMetre],
        'start.peak_line_current' => ['Largest line current of the start, rms', Unit::Ampere],
        'start.series_resistance' => ['Resistor in each line', Unit::Ohm],
        'start.series_reactance' => ['Reactance of the reactor in each line', Unit::Ohm],
        'start.stall_speed' => ['Stalling speed', Unit::Rpm],
        'start.reduced_speed' => ['Speed that the first stage reaches', Unit::Rpm],
        'start.changeover_speed' => ['Speed at the changeover', Unit::Rpm],
        'start.reduced_time' => ['Time in the first stage', Unit::Second],
        'start.speed_after_gap' => ['Speed when the second stage closes', Unit::Rpm],
        'start.changeover_current' => ['Line current after the changeover, rms', Unit::Ampere],
        'start.changeover_dip' => ['Voltage dip at the bus, changeover', Unit::Percent],
        'start.run_up_time_worst' => ['Run-up time, worst case', Unit::Second],
        'start.timer_first' => ['Earliest useful changeover', Unit::Second],
        'start.timer_last' => ['Latest changeover before the relay trips', Unit::Second],
        'start.voltage_dip' => ['Voltage dip at the bus', Unit::Percent],
        'start.first_dip' => ['Voltage dip in the first cycles, on the generator', Unit::Percent],
        'start.generator_least_kva' => ['Smallest generator for this start', Unit::VoltAmpere],
        'start.starting_kva' => ['Starting apparent power, at rated voltage', Unit::VoltAmpere],
        'start.starting_kva_low' => ['Starting apparent power, lower limit', Unit::VoltAmpere],
        'start.starting_kva_high' => ['Starting apparent power, upper limit', Unit::VoltAmpere],
        'start.dip_at_motor' => ['Voltage dip at the motor', Unit::Percent],
        'start.torque_margin' => ['Smallest torque margin (motor ÷ load)', Unit::None],
        'start.rotor_energy' => ['Heat in the rotor', Unit::Joule],
        'start.start_energy' => ['Heat in rotor and stator', Unit::Joule],
        'start.i2t' => ['Heating of the line, ∫I²dt', Unit::AmpereSquaredSecond],
        'start.starts_per_hour' => ['Starts per hour, by heating', Unit::None],
        'start.locked_rotor_time' => ['Share of permitted locked-rotor time used (at full voltage)', Unit::Second],
        'start.torque_step' => ['Largest torque step on the shaft, relative to rated torque', Unit::None],
        'start.inertia_limit' => ['Largest external inertia of a design N motor', Unit::KilogramSquareMetre],
    ];
}
