<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Solution\FigureName;
use BraveAnvil\Solution\Station;
use BraveAnvil\Solution\Unit;

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
            self::LockedRotorCurrentLow => 'Locked-rotor current, low',
            self::LockedRotorCurrentHigh => 'Locked-rotor current, high',
            self::KvaPerHp => 'Locked-rotor kVA per horsepower',
            self::CodeLetter => 'Like code letter',
            self::LockedRotorPowerFactor => 'Power factor at standstill',
            self::PeakFirstHalfCycle => 'First peak, upper bound',
            self::PeakEstimate => 'First peak, estimate',
            self::LockedRotorTorque => 'Locked-rotor torque, direct on line',
            self::StarLineCurrent => 'Line current in star',
            self::ReclosingPeak => 'Peak at changeover, worst case',
            self::StarTorque => 'Torque in star',
            self::DeltaWindingCurrent => 'Winding current in delta',
            self::RunUpTime => 'Run-up time',
            self::StarTime => 'Time in star',
            self::InertiaLimit => 'Largest external inertia of a design N motor',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::Method, self::CodeLetter, self::LockedRotorPowerFactor => Unit::None,
            self::KvaPerHp => Unit::KvaPerHorsepower,
            self::LockedRotorTorque, self::StarTorque => Unit::NewtonMetre,
            self::RunUpTime, self::StarTime => Unit::Second,
            self::InertiaLimit => Unit::KilogramSquareMetre,
            default => Unit::Ampere,
        };
    }

    public function station(): Station
    {
        return Station::Start;
    }
}
