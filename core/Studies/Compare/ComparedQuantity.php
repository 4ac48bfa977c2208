<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Ground\Unit;

/** What starting methods are compared by. */
enum ComparedQuantity: string
{
    case LineCurrent = 'line_current';
    case Peak = 'peak';
    case Torque = 'torque';
    case TorqueMargin = 'torque_margin';
    case RunUpTime = 'run_up_time';
    case VoltageDip = 'voltage_dip';
    case DipAtMotor = 'dip_at_motor';
    case StartEnergy = 'start_energy';
    case TorqueStep = 'torque_step';
    case Verdict = 'verdict';

    public function label(): string
    {
        return match ($this) {
            self::LineCurrent => 'Line current at standstill',
            self::Peak => 'First peak',
            self::Torque => 'Torque at standstill',
            self::TorqueMargin => 'Smallest torque margin (motor ÷ load)',
            self::RunUpTime => 'Run-up time',
            self::VoltageDip => 'Voltage dip at the bus',
            self::DipAtMotor => 'Voltage dip at the motor',
            self::StartEnergy => 'Heating of the rotor by the start',
            self::TorqueStep => 'Largest torque step, relative to rated torque',
            self::Verdict => 'Verdict',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::LineCurrent, self::Peak => Unit::Ampere,
            self::Torque => Unit::NewtonMetre,
            self::RunUpTime => Unit::Second,
            self::VoltageDip, self::DipAtMotor => Unit::Percent,
            self::StartEnergy => Unit::Joule,
            self::TorqueMargin, self::TorqueStep, self::Verdict => Unit::None,
        };
    }
}
