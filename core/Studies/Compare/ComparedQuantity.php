<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Compare;

use BraveAnvil\Ground\Labelled;
use BraveAnvil\Ground\Unit;

/** What starting methods are compared by. */
enum ComparedQuantity: string
{
    use Labelled;

    case LineCurrent = 'line_current';
    case Peak = 'peak';
    case Torque = 'torque';
    case TorqueMargin = 'torque_margin';
    case RunUpTime = 'run_up_time';
    case VoltageDip = 'voltage_dip';
    case DipAtMotor = 'dip_at_motor';
    case StartEnergy = 'start_energy';
    case TorqueStep = 'torque_step';
    case GeneratorKva = 'generator_kva';
    case Verdict = 'verdict';

    private const LABELS = [
        'line_current' => 'Line current at standstill', 'peak' => 'First peak', 'torque' => 'Torque at standstill',
        'torque_margin' => 'Smallest torque margin (motor ÷ load)', 'run_up_time' => 'Run-up time',
        'voltage_dip' => 'Voltage dip at the bus', 'dip_at_motor' => 'Voltage dip at the motor',
        'start_energy' => 'Heating of the rotor by the start', 'torque_step' => 'Largest torque step, relative to rated torque',
        'generator_kva' => 'Smallest generator', 'verdict' => 'Verdict',
    ];

    public function unit(): Unit
    {
        return match ($this) {
            self::LineCurrent, self::Peak => Unit::Ampere,
            self::Torque => Unit::NewtonMetre,
            self::RunUpTime => Unit::Second,
            self::VoltageDip, self::DipAtMotor => Unit::Percent,
            self::StartEnergy => Unit::Joule,
            self::GeneratorKva => Unit::VoltAmpere,
            self::TorqueMargin, self::TorqueStep, self::Verdict => Unit::None,
        };
    }
}
