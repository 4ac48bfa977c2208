<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\OverloadSchool;
use BraveAnvil\Circuit\Choice\PhaseNaming;
use BraveAnvil\Circuit\Choice\Support;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Solution\Unit;

/** What a site decides for all of its circuits. */
final class SettingsFields
{
    public const LIST = [
        'settings.drop_limit_running' => [
            'kind' => FieldKind::Percent, 'label' => 'Drop limit running', 'hint' => 'Largest drop from supply to motor at full load.',
            'accepted' => 'Percent from 0.5 to 20.',
            'unit' => Unit::Percent, 'low' => 0.5, 'high' => 20,
        ],
        'settings.drop_limit_starting' => [
            'kind' => FieldKind::Percent, 'label' => 'Drop limit starting', 'hint' => 'Largest drop while a motor starts.',
            'accepted' => 'Percent from 1 to 40.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 40,
        ],
        'settings.dip_limit_bus' => [
            'kind' => FieldKind::Percent, 'label' => 'Dip limit at the bus', 'accepted' => 'Percent from 0.5 to 40.',
            'unit' => Unit::Percent, 'low' => 0.5, 'high' => 40, 'hint' => 'What the other machines on the bus bear.',
        ],
        'settings.dip_limit_motor' => [
            'kind' => FieldKind::Percent, 'label' => 'Dip limit at the motor', 'accepted' => 'Percent from 1 to 60.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 60, 'hint' => 'At its terminals while it starts.',
        ],
        'settings.voltage_tolerance' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage tolerance', 'hint' => 'How far a supply may lie off the plate.',
            'accepted' => 'Percent from 1 to 15.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 15,
        ],
        'settings.direct_start_limit' => [
            'kind' => FieldKind::Kilowatts, 'label' => 'Largest motor started direct', 'hint' => 'Above it a direct start gets a note.',
            'accepted' => 'kW.', 'unit' => Unit::Watt,
            'low' => 0, 'high' => 1e7,
        ],
        'settings.terminal_temperature' => [
            'kind' => FieldKind::Celsius, 'label' => 'Terminal temperature', 'hint' => 'What lugs and devices bear where nothing is marked.',
            'accepted' => '70 or 90 °C.',
            'unit' => Unit::Celsius, 'low' => 60, 'high' => 90,
        ],
        'settings.four_006_corrections' => [
            'kind' => FieldKind::Flag, 'label' => 'Corrections at terminations', 'accepted' => 'true or false.',
        ],
        'settings.ten_ampere_rating' => [
            'kind' => FieldKind::Flag, 'label' => '10 A is a standard rating', 'hint' => 'In lists of protective devices.',
            'accepted' => 'true or false.',
        ],
        'settings.overload_school' => [
            'kind' => FieldKind::Choice, 'label' => 'Overload practice', 'hint' => 'What an overload relay is set by.',
            'choices' => OverloadSchool::class,
            'empty' => 'Plate current',
        ],
        'settings.phase_names' => [
            'kind' => FieldKind::Choice, 'label' => 'Names of the lines', 'choices' => PhaseNaming::class, 'empty' => 'L1 L2 L3',
        ],
        'settings.tray' => ['kind' => FieldKind::Choice, 'label' => 'Support', 'choices' => Support::class],
        'settings.changeover_minimum' => [
            'kind' => FieldKind::Percent, 'label' => 'Changeover speed, at least', 'accepted' => 'Percent from 50 to 100.',
            'unit' => Unit::Percent, 'low' => 50, 'high' => 100,
        ],
        'settings.tariff' => ['kind' => FieldKind::Anything, 'label' => 'Tariff', 'accepted' => 'Not used yet.'],
    ];
}
