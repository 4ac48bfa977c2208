<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Solution\Unit;

/** The capacitor. */
final class CorrectionFields
{
    public const LIST = [
        'correction.target_power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Target power factor',
            'accepted' => 'A power factor from 0.5 to 1, such as 0.95.', 'low' => 0.5, 'high' => 1, 'hint' => 'Such as 0.95.',
        ],
        'correction.place' => ['kind' => FieldKind::Choice, 'label' => 'Capacitor', 'choices' => CapacitorPlace::class],
        'correction.load_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Load it runs at',
            'accepted' => 'Percent of rated output from 10 to 125, such as 80.', 'unit' => Unit::Percent, 'low' => 10,
            'high' => 125, 'empty' => '100',
        ],
        'correction.lowest_load_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Lowest load', 'accepted' => 'Percent of rated output from 0 to 125.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 125, 'hint' => 'It must not lead there.',
        ],
        'correction.rated_voltage' => [
            'kind' => FieldKind::Volts, 'label' => 'Capacitor rated for', 'accepted' => 'Volts from 100 to 1200, such as 440.',
            'unit' => Unit::Volt, 'low' => 100, 'high' => 1200,
        ],
        'correction.rated_kvar' => [
            'kind' => FieldKind::Kilovars, 'label' => 'Installed capacitor', 'accepted' => 'kvar from 0.1 to 5000, such as 12.5.',
            'unit' => Unit::Var, 'low' => 100, 'high' => 5e6, 'hint' => 'Checked, not chosen.',
        ],
        'correction.own_contactor' => [
            'kind' => FieldKind::Flag, 'label' => 'Own contactor', 'accepted' => 'true or false.', 'empty' => 'Not said',
        ],
        'correction.tap_length' => [
            'kind' => FieldKind::Metres, 'label' => 'Its leads', 'accepted' => 'Metres from 0 to 100.', 'unit' => Unit::Metre,
            'low' => 0, 'high' => 100,
        ],
    ];
}
