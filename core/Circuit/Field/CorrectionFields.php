<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\CorrectionBasis;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** The capacitor. */
final class CorrectionFields
{
    public const LIST = [
        'correction.target_power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Target power factor',
            'accepted' => 'A power factor from 0.5 to 1, such as 0.95, or tan φ, such as tan 0.4, or 0.4 kvar/kW.', 'low' => 0.5,
            'high' => 1, 'hint' => 'Such as 0.95, tan 0.4, or 0.4 kvar/kW.',
        ],
        'correction.kvar_per_kw' => [
            'kind' => FieldKind::Number, 'label' => 'Capacitor per kW of load', 'accepted' => 'kvar per kW from 0.01 to 3, such as 0.4.',
            'low' => 0.01, 'high' => 3, 'hint' => 'In place of a target power factor.',
        ],
        'correction.place' => ['kind' => FieldKind::Choice, 'label' => 'Position of the capacitor', 'choices' => CapacitorPlace::class],
        'correction.load_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Operating load',
            'accepted' => 'Percent of rated output from 10 to 125, such as 80.', 'unit' => Unit::Percent, 'low' => 10,
            'high' => 125, 'empty' => '100',
        ],
        'correction.lowest_load_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Lowest operating load', 'accepted' => 'Percent of rated output from 0 to 125.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 125, 'hint' => 'The power factor must not go leading at this load.',
        ],
        'correction.rated_voltage' => [
            'kind' => FieldKind::Volts, 'label' => 'Capacitor rated voltage', 'accepted' => 'Volts from 100 to 1200, such as 440.',
            'unit' => Unit::Volt, 'low' => 100, 'high' => 1200,
        ],
        'correction.basis' => [
            'kind' => FieldKind::Choice, 'label' => 'Calculate from', 'choices' => CorrectionBasis::class,
            'hint' => 'Measured values are entered under Power.',
        ],
        'correction.rated_frequency' => [
            'kind' => FieldKind::Hertz, 'label' => 'Capacitor rated frequency', 'accepted' => 'Hertz from 40 to 70, such as 50.',
            'unit' => Unit::Hertz, 'low' => 40, 'high' => 70, 'empty' => 'Same as the supply',
        ],
        'correction.detuning_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Detuning reactor', 'accepted' => 'Percent from 1 to 20, such as 5.67, 7 or 14.',
            'unit' => Unit::Percent, 'low' => 1, 'high' => 20, 'empty' => 'No reactor',
        ],
        'correction.capacitance' => [
            'kind' => FieldKind::Microfarads, 'label' => 'Installed capacitor', 'accepted' => 'µF from 0.1 to 100 000, such as 30.',
            'unit' => Unit::Farad, 'low' => 1e-7, 'high' => 0.1, 'hint' => 'The program checks this value instead of choosing one.',
        ],
        'correction.resistor_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Installed discharge resistor',
            'accepted' => 'Ohms from 100 to 100 000 000, such as 270 kohm.',
            'unit' => Unit::Ohm, 'low' => 100, 'high' => 1e8, 'hint' => 'One across each element. Checked, not chosen.',
        ],
        'correction.pluggable' => [
            'kind' => FieldKind::Flag, 'label' => 'Connected by a plug', 'accepted' => 'Yes or No.', 'empty' => 'No',
            'hint' => 'The pins must be dead one second after unplugging.',
        ],
        'correction.price' => [
            'kind' => FieldKind::Price, 'label' => 'Price of the correction', 'accepted' => 'A price such as 480, without the currency.',
            'low' => 0, 'high' => 1e8, 'hint' => 'Installed, in the currency of the tariff.',
        ],
        'upgrade.efficiency' => [
            'kind' => FieldKind::Efficiency, 'label' => 'Better motor: efficiency', 'accepted' => 'Percent such as 95.4.', 'low' => 0.1,
            'high' => 1,
        ],
        'upgrade.efficiency_class' => [
            'kind' => FieldKind::EfficiencyClass, 'label' => 'Better motor: or IE class', 'accepted' => 'IE1 to IE4.',
        ],
        'upgrade.price' => [
            'kind' => FieldKind::Price, 'label' => 'Better motor: extra cost', 'accepted' => 'A price such as 900, without the currency.',
            'low' => 0, 'high' => 1e8,
        ],
        'correction.after_watts' => [
            'kind' => FieldKind::Watts, 'label' => 'Real power, capacitor on', 'accepted' => 'Watts or kW, such as 26.6 kW.',
            'unit' => Unit::Watt,
            'low' => 0.1, 'high' => 1e8, 'hint' => 'Measured with the capacitor on.',
        ],
        'correction.after_amps' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current, capacitor on', 'accepted' => 'Amperes, such as 40.9.',
            'unit' => Unit::Ampere,
            'low' => 0.001, 'high' => 1e5,
        ],
        'correction.after_volts' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage, capacitor on', 'accepted' => 'Volts, such as 403.', 'unit' => Unit::Volt,
            'low' => 10, 'high' => 1200,
        ],
        'correction.rated_kvar' => [
            'kind' => FieldKind::Kilovars, 'label' => 'Installed capacitor', 'accepted' => 'kvar from 0.1 to 5000, such as 12.5.',
            'unit' => Unit::Var, 'low' => 100, 'high' => 5e6, 'hint' => 'The program checks this value instead of choosing one.',
        ],
        'correction.own_contactor' => [
            'kind' => FieldKind::Flag, 'label' => 'Own contactor', 'accepted' => 'Yes or No.', 'empty' => 'Not specified',
        ],
        'correction.tap_length' => [
            'kind' => FieldKind::Metres, 'label' => 'Length of the capacitor conductors', 'accepted' => 'Metres from 0 to 100.',
            'unit' => Unit::Metre,
            'low' => 0, 'high' => 100,
        ],
    ];
}
