<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\CorrectionBasis;
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
        'correction.basis' => [
            'kind' => FieldKind::Choice, 'label' => 'Worked out from', 'choices' => CorrectionBasis::class,
            'hint' => 'Measured: under Power.',
        ],
        'correction.rated_frequency' => [
            'kind' => FieldKind::Hertz, 'label' => 'Its frequency', 'accepted' => 'Hertz from 40 to 70, such as 50.',
            'unit' => Unit::Hertz, 'low' => 40, 'high' => 70, 'empty' => 'That of the supply',
        ],
        'correction.detuning_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Detuned by', 'accepted' => 'Percent from 1 to 20, such as 5.67, 7 or 14.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 20, 'empty' => 'No reactor',
        ],
        'correction.capacitance' => [
            'kind' => FieldKind::Microfarads, 'label' => 'Installed capacitor', 'accepted' => 'µF from 0.1 to 100 000, such as 30.',
            'unit' => Unit::Farad, 'low' => 1e-7, 'high' => 0.1, 'hint' => 'Checked, not chosen.',
        ],
        'correction.resistor_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Its discharge resistor', 'accepted' => 'Ohms from 100 to 100 000 000, such as 270 kohm.',
            'unit' => Unit::Ohm, 'low' => 100, 'high' => 1e8, 'hint' => 'Across each element; checked.',
        ],
        'correction.pluggable' => [
            'kind' => FieldKind::Flag, 'label' => 'On a plug', 'accepted' => 'true or false.', 'empty' => 'No',
            'hint' => 'Its pins must be dead after a second.',
        ],
        'correction.price' => [
            'kind' => FieldKind::Price, 'label' => 'Price of the correction', 'accepted' => 'A price such as 480, without its currency.',
            'low' => 0, 'high' => 1e8, 'hint' => 'Fitted, in the tariff’s money.',
        ],
        'upgrade.efficiency' => [
            'kind' => FieldKind::Efficiency, 'label' => 'Efficiency of another motor', 'accepted' => 'Percent such as 95.4.', 'low' => 0.1,
            'high' => 1,
        ],
        'upgrade.efficiency_class' => [
            'kind' => FieldKind::EfficiencyClass, 'label' => 'Or its class', 'accepted' => 'IE1 to IE4.',
        ],
        'upgrade.price' => [
            'kind' => FieldKind::Price, 'label' => 'What it costs more', 'accepted' => 'A price such as 900, without its currency.',
            'low' => 0, 'high' => 1e8,
        ],
        'correction.after_watts' => [
            'kind' => FieldKind::Watts, 'label' => 'Real power after', 'accepted' => 'Watts or kW, such as 26.6 kW.', 'unit' => Unit::Watt,
            'low' => 0.1, 'high' => 1e8, 'hint' => 'Measured with the capacitor on.',
        ],
        'correction.after_amps' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current after', 'accepted' => 'Amperes, such as 40.9.', 'unit' => Unit::Ampere,
            'low' => 0.001, 'high' => 1e5,
        ],
        'correction.after_volts' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage after', 'accepted' => 'Volts, such as 403.', 'unit' => Unit::Volt,
            'low' => 10, 'high' => 1200,
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
