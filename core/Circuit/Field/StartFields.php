<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\ChangeoverBy;
use BraveAnvil\Circuit\Choice\DrivenMachine;
use BraveAnvil\Circuit\Choice\LoadKind;
use BraveAnvil\Circuit\Choice\LoadTrait;
use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\Service;
use BraveAnvil\Circuit\Choice\Transition;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** The load and the starter. */
final class StartFields
{
    public const LIST = [
        'load.output_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Operating load',
            'accepted' => 'Percent of rated output from 0 to 125, such as 60.', 'unit' => Unit::Percent, 'low' => 0,
            'high' => 125, 'hint' => 'of rated output, 0 to 125',
        ],
        'load.machine' => [
            'kind' => FieldKind::Choice, 'label' => 'Driven machine', 'choices' => DrivenMachine::class, 'empty' => 'Not specified',
        ],
        'load.service' => [
            'kind' => FieldKind::Choice, 'label' => 'Operating duty', 'choices' => Service::class, 'empty' => 'Continuous',
        ],
        'load.kind' => ['kind' => FieldKind::Choice, 'label' => 'Type of load torque', 'choices' => LoadKind::class,
            'empty' => 'Not specified'],
        'load.torque_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Load torque at full speed', 'accepted' => 'Percent of rated torque from 0 to 300.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 300,
        ],
        'load.inertia' => [
            'kind' => FieldKind::Inertia, 'label' => 'Load inertia', 'accepted' => 'kg·m² above 0, such as 6.5.',
            'unit' => Unit::KilogramSquareMetre, 'low' => 1e-6, 'high' => 1e6, 'hint' => 'at the load shaft, without the motor',
        ],
        'load.speed_ratio' => [
            'kind' => FieldKind::Number, 'label' => 'Speed ratio, load ÷ motor', 'accepted' => 'A ratio from 0.001 to 100.',
            'low' => 0.001, 'high' => 100, 'hint' => 'of the belt or gear',
        ],
        'load.breakaway_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Breakaway torque', 'accepted' => 'Percent of rated torque from 0 to 500.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 500,
        ],
        'load.machine_efficiency' => [
            'kind' => FieldKind::Percent, 'label' => 'Efficiency of the driven machine',
            'accepted' => 'Percent from 5 to 99.9, such as 72.',
            'unit' => Unit::Percent, 'low' => 5, 'high' => 99.9, 'hint' => 'Of the pump or fan itself.',
        ],
        'load.hours' => [
            'kind' => FieldKind::LoadHours, 'label' => 'Hours per year at each load',
            'accepted' => 'Load and hours, such as 75 4000; 40 1500.',
            'hint' => '75 4000; 40 1500', 'empty' => '4000 h at its load',
        ],
        'load.traits' => [
            'kind' => FieldKind::Traits, 'label' => 'Effects on the motor', 'choices' => LoadTrait::class,
            'accepted' => 'A list of: overhauling, back_spin, reversing, jogging, plugging, fast_reclosing.',
        ],
        'load.points' => ['kind' => FieldKind::Points, 'label' => 'Load points',
            'accepted' => 'Percent of rated speed (to 120) and of rated torque, in the order of speed: 0 40; 50 30; 100 90.',
            'hint' => 'speed % torque %; such as 0 40; 50 30; 100 90'],
        'starter.method' => ['kind' => FieldKind::Choice, 'label' => 'Starting method', 'choices' => MethodName::class],
        'starter.for_one_phase' => ['kind' => FieldKind::Flag, 'label' => 'Starter made for single-phase motors'],
        'starter.run_up_time' => [
            'kind' => FieldKind::Seconds, 'label' => 'Run-up time', 'accepted' => 'Seconds from 0.05 to 300, such as 5.',
            'unit' => Unit::Second, 'low' => 0.05, 'high' => 300, 'hint' => 'Measured at the motor, from switching on to full speed.',
        ],
        'starter.changeover.by' => [
            'kind' => FieldKind::Choice, 'label' => 'Changeover by', 'choices' => ChangeoverBy::class, 'empty' => 'Timer',
        ],
        'starter.changeover.value' => [
            'kind' => FieldKind::Changeover, 'label' => 'Changeover',
            'accepted' => 'Seconds (timer or manual); percent of synchronous speed, or rpm (speed switch).', 'low' => 0.05, 'high' => 300,
        ],
        'starter.tap_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Transformer tap', 'accepted' => 'Percent from 20 to 95.', 'unit' => Unit::Percent,
            'low' => 20, 'high' => 95,
        ],
        'starter.current_limit' => [
            'kind' => FieldKind::Percent, 'label' => 'Current limit', 'accepted' => 'Percent of rated current from 100 to 800.',
            'unit' => Unit::Percent, 'low' => 100, 'high' => 800,
        ],
        'starter.ramp_time' => [
            'kind' => FieldKind::Seconds, 'label' => 'Ramp time', 'accepted' => 'Seconds from 0.1 to 300, such as 10.',
            'unit' => Unit::Second, 'low' => 0.1, 'high' => 300,
        ],
        'starter.initial_voltage' => [
            'kind' => FieldKind::Percent, 'label' => 'Initial voltage', 'accepted' => 'Percent from 10 to 100.',
            'unit' => Unit::Percent, 'low' => 10, 'high' => 100,
        ],
        'starter.gap' => [
            'kind' => FieldKind::Seconds, 'label' => 'Changeover interval', 'accepted' => 'Seconds from 0 to 5, such as 50 ms.',
            'unit' => Unit::Second, 'low' => 0, 'high' => 5,
        ],
        'starter.transition' => ['kind' => FieldKind::Choice, 'label' => 'Transition', 'choices' => Transition::class],
        'starter.drive_input_current' => [
            'kind' => FieldKind::Amperes, 'label' => 'Drive input current', 'accepted' => 'Amperes.', 'unit' => Unit::Ampere,
            'low' => 0.1, 'high' => 20000,
        ],
    ];
}
