<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Choice\SinglePhaseType;
use BraveAnvil\Circuit\Choice\ThermalProtector;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** The motor’s plate, as stamped. A plate for two frequencies has a second row of rated values. */
final class PlateFields
{
    public const LIST = [
        'plate.power' => [
            'kind' => FieldKind::Power, 'label' => 'Rated output',
            'accepted' => 'A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.', 'unit' => Unit::Watt, 'low' => 10,
            'high' => 1e7,
        ],
        'plate.voltage' => [
            'kind' => FieldKind::PlateVoltage, 'label' => 'Rated voltage',
            'accepted' => 'Volts as on the nameplate, such as 400, 230/400, D 400 or 208-230/460.', 'unit' => Unit::Volt,
        ],
        'plate.current' => [
            'kind' => FieldKind::PlateCurrent, 'label' => 'Rated current',
            'accepted' => 'Amperes as on the nameplate, such as 66, 66/38 or 4.2-4.0/2.0.', 'unit' => Unit::Ampere,
        ],
        'plate.speed' => [
            'kind' => FieldKind::Speed, 'label' => 'Rated speed', 'accepted' => 'Revolutions per minute, such as 1482.',
            'unit' => Unit::Rpm,
        ],
        'plate.frequency' => [
            'kind' => FieldKind::Frequencies, 'label' => 'Rated frequency', 'accepted' => 'Hertz, such as 50, 60 or 50/60.',
            'unit' => Unit::Hertz, 'low' => 40, 'high' => 70,
        ],
        'plate.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor', 'accepted' => 'A power factor such as 0.85 or 85 %.',
            'low' => 0.05, 'high' => 1,
        ],
        'plate.efficiency' => [
            'kind' => FieldKind::Efficiency, 'label' => 'Efficiency',
            'accepted' => 'Percent such as 93.9, below 100, or a class such as IE3.', 'low' => 0.05, 'high' => 0.9999,
        ],
        'plate.start_current_ratio' => [
            'kind' => FieldKind::Ratio, 'label' => 'Ia/In',
            'accepted' => 'Starting current ÷ rated current from 1.5 to 15, such as 7.0 or 700 %.', 'low' => 1.5, 'high' => 15,
        ],
        'plate.start_current_ratio_low' => [
            'kind' => FieldKind::Ratio, 'label' => 'Ia/In, low end', 'accepted' => 'Starting current ÷ rated current from 1.5 to 15.',
            'low' => 1.5, 'high' => 15, 'hint' => 'Where a range is stamped, such as 6-7.',
        ],
        'plate.second.power' => [
            'kind' => FieldKind::Power, 'label' => 'Second row: rated output',
            'accepted' => 'A power such as 37 kW, 50 hp or 37/50, from 10 W to 10 MW.', 'unit' => Unit::Watt, 'low' => 10,
            'high' => 1e7,
        ],
        'plate.second.voltage' => [
            'kind' => FieldKind::PlateVoltage, 'label' => 'Second row: rated voltage',
            'accepted' => 'Volts as on the nameplate, such as 400, 230/400, D 400 or 208-230/460.', 'unit' => Unit::Volt,
        ],
        'plate.second.current' => [
            'kind' => FieldKind::PlateCurrent, 'label' => 'Second row: rated current',
            'accepted' => 'Amperes as on the nameplate, such as 66, 66/38 or 4.2-4.0/2.0.', 'unit' => Unit::Ampere,
        ],
        'plate.second.speed' => [
            'kind' => FieldKind::Speed, 'label' => 'Second row: rated speed',
            'accepted' => 'Revolutions per minute, such as 1482.', 'unit' => Unit::Rpm,
        ],
        'plate.second.frequency' => [
            'kind' => FieldKind::Frequencies, 'label' => 'Second row: rated frequency', 'accepted' => 'Hertz, such as 60.',
            'unit' => Unit::Hertz, 'low' => 40, 'high' => 70,
        ],
        'plate.second.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Second row: power factor',
            'accepted' => 'A power factor such as 0.85 or 85 %.', 'low' => 0.05, 'high' => 1,
        ],
        'plate.second.efficiency' => [
            'kind' => FieldKind::Efficiency, 'label' => 'Second row: efficiency',
            'accepted' => 'Percent such as 93.9, below 100, or a class such as IE3.', 'low' => 0.05, 'high' => 0.9999,
        ],
        'plate.second.start_current_ratio' => [
            'kind' => FieldKind::Ratio, 'label' => 'Second row: Ia/In',
            'accepted' => 'Starting current ÷ rated current from 1.5 to 15, such as 7.0 or 700 %.', 'low' => 1.5, 'high' => 15,
        ],
        'plate.efficiency_class' => [
            'kind' => FieldKind::EfficiencyClass, 'label' => 'Efficiency class', 'accepted' => 'IE1, IE2, IE3 or IE4.',
        ],
        'plate.service_factor' => [
            'kind' => FieldKind::Number, 'label' => 'Service factor', 'accepted' => 'A factor from 1.0 to 2.0, such as 1.15.',
            'low' => 1, 'high' => 2,
        ],
        'plate.code_letter' => [
            'kind' => FieldKind::Letter, 'label' => 'Code letter', 'accepted' => 'One letter from A to V, without I, O and Q.',
            'letters' => 'ABCDEFGHJKLMNPRSTUV',
        ],
        'plate.design_letter' => [
            'kind' => FieldKind::Letter, 'label' => 'Design letter', 'accepted' => 'A, B, C or D, or N or H on IEC plates.',
            'letters' => 'ABCDENH',
        ],
        'plate.start_torque_ratio' => [
            'kind' => FieldKind::Ratio, 'label' => 'Tst/Tn',
            'accepted' => 'Starting torque ÷ rated torque from 0.2 to 6, such as 2.4 or 240 %.', 'low' => 0.2, 'high' => 6,
        ],
        'plate.breakdown_torque_ratio' => [
            'kind' => FieldKind::Ratio, 'label' => 'Tmax/Tn',
            'accepted' => 'Breakdown torque ÷ rated torque from 1 to 8, such as 2.9.', 'low' => 1, 'high' => 8,
        ],
        'plate.pull_up_torque_ratio' => [
            'kind' => FieldKind::Ratio, 'label' => 'Tu/Tn', 'accepted' => 'Pull-up torque ÷ rated torque from 0.1 to 6.',
            'low' => 0.1, 'high' => 6,
        ],
        'plate.locked_rotor_time' => [
            'kind' => FieldKind::Seconds, 'label' => 'Locked-rotor time', 'accepted' => 'Seconds from 0.5 to 120, such as 12.',
            'unit' => Unit::Second, 'low' => 0.5, 'high' => 120,
        ],
        'plate.inertia' => [
            'kind' => FieldKind::Inertia, 'label' => 'Rotor inertia', 'accepted' => 'kg·m², such as 0.36. lb·ft² is accepted: 8 lb ft2.',
            'unit' => Unit::KilogramSquareMetre, 'low' => 1e-6, 'high' => 1e5,
        ],
        'plate.no_load_current' => [
            'kind' => FieldKind::Amperes, 'label' => 'No-load current', 'accepted' => 'Amperes.', 'unit' => Unit::Ampere,
            'low' => 0.001, 'high' => 10000,
        ],
        'plate.no_load_power' => [
            'kind' => FieldKind::Watts, 'label' => 'No-load power', 'accepted' => 'Watts, such as 95.', 'unit' => Unit::Watt,
            'low' => 1, 'high' => 1e6,
        ],
        'plate.service_factor_amps' => [
            'kind' => FieldKind::PlateCurrent, 'label' => 'Service-factor amperes',
            'accepted' => 'Amperes as on the nameplate, such as 69 or 138/69.', 'unit' => Unit::Ampere,
        ],
        'plate.temperature_rise' => [
            'kind' => FieldKind::Kelvins, 'label' => 'Temperature rise', 'accepted' => 'Kelvin from 10 to 200, such as 80.',
            'unit' => Unit::Kelvin, 'low' => 10, 'high' => 200,
        ],
        'plate.ambient' => [
            'kind' => FieldKind::Celsius, 'label' => 'Rated ambient',
            'accepted' => 'Degrees Celsius from -40 to 120, such as 40.', 'unit' => Unit::Celsius, 'low' => -40, 'high' => 120,
        ],
        'plate.altitude' => [
            'kind' => FieldKind::Metres, 'label' => 'Rated altitude', 'accepted' => 'Metres from 0 to 6000.',
            'unit' => Unit::Metre, 'low' => 0, 'high' => 6000,
        ],
        'plate.duty' => ['kind' => FieldKind::Duty, 'label' => 'Duty', 'accepted' => 'S1 to S10, such as S1, S2 30 min or S3 40 %.'],
        'plate.leads' => ['kind' => FieldKind::Count, 'label' => 'Leads', 'accepted' => '3, 6, 9 or 12.', 'low' => 2, 'high' => 12],
        'plate.phases' => [
            'kind' => FieldKind::Phases, 'label' => 'Phases', 'accepted' => '3 or 1, such as 3~, 3 PH or 1~.', 'low' => 1,
            'high' => 3,
        ],
        'plate.kind' => [
            'kind' => FieldKind::Choice, 'label' => 'Type of motor', 'choices' => MotorKind::class,
            'empty' => 'As on the nameplate',
        ],
        'plate.single_phase_type' => [
            'kind' => FieldKind::Choice, 'label' => 'How it starts on one phase', 'choices' => SinglePhaseType::class,
            'empty' => 'As on the nameplate',
        ],
        'plate.start_capacitor' => [
            'kind' => FieldKind::Capacitor, 'label' => 'Start capacitor',
            'accepted' => 'Microfarads and volts as stamped, such as 189-227 µF 250 V.', 'unit' => Unit::Farad,
        ],
        'plate.run_capacitor' => [
            'kind' => FieldKind::Capacitor, 'label' => 'Run capacitor',
            'accepted' => 'Microfarads and volts as stamped, such as 40 µF 450 V or 80/5 µF 370/440 V.', 'unit' => Unit::Farad,
        ],
        'plate.thermal_protector' => [
            'kind' => FieldKind::Choice, 'label' => 'Built-in thermal protector', 'choices' => ThermalProtector::class,
            'empty' => 'Not known',
        ],
        'plate.rotor_voltage' => [
            'kind' => FieldKind::Volts, 'label' => 'Rotor voltage', 'accepted' => 'Volts from 10 to 5000, such as 250.',
            'unit' => Unit::Volt, 'low' => 10, 'high' => 5000,
        ],
        'plate.rotor_current' => [
            'kind' => FieldKind::Amperes, 'label' => 'Rotor current', 'accepted' => 'Amperes.', 'unit' => Unit::Ampere,
            'low' => 0.1, 'high' => 20000,
        ],
        'plate.insulation_class' => [
            'kind' => FieldKind::InsulationClass, 'label' => 'Insulation class',
            'accepted' => 'A class such as F, or F/B for insulation F used to the rise of B: Y, A, E, B, F, H, N or R.',
        ],
        'plate.ip' => [
            'kind' => FieldKind::Protection, 'label' => 'IP',
            'accepted' => 'IP and two digits, such as IP55; X for a digit that is not given.',
        ],
        'plate.cooling' => ['kind' => FieldKind::Cooling, 'label' => 'Cooling', 'accepted' => 'IC and its digits, such as IC411.'],
        'plate.rotor_class' => [
            'kind' => FieldKind::RotorClass, 'label' => 'Rotor class',
            'accepted' => 'KL and tenths of rated torque, such as KL 10.',
        ],
        'plate.grease_amount' => [
            'kind' => FieldKind::Grams, 'label' => 'Grease quantity',
            'accepted' => 'Grams, one value or one for each end, such as 30 or 30/20 g.', 'unit' => Unit::Gram, 'low' => 0.1,
            'high' => 5000,
        ],
        'plate.grease_interval' => [
            'kind' => FieldKind::Hours, 'label' => 'Relubrication interval', 'accepted' => 'Hours from 100 to 100 000, such as 8000 h.',
            'unit' => Unit::Hour, 'low' => 100, 'high' => 1e5,
        ],
        'plate.weight' => [
            'kind' => FieldKind::Kilograms, 'label' => 'Weight', 'accepted' => 'Kilograms from 0.5 to 50 000. Pounds are accepted: 90 lb.',
            'unit' => Unit::Kilogram, 'low' => 0.5, 'high' => 50000,
        ],
        'plate.type' => ['kind' => FieldKind::Text, 'label' => 'Type', 'accepted' => 'Up to 200 characters.'],
        'plate.order_number' => ['kind' => FieldKind::Text, 'label' => 'Order number', 'accepted' => 'Up to 200 characters.'],
        'plate.serial' => ['kind' => FieldKind::Text, 'label' => 'Serial number', 'accepted' => 'Up to 200 characters.'],
        'plate.year' => ['kind' => FieldKind::Text, 'label' => 'Year', 'accepted' => 'Up to 200 characters.'],
        'plate.standard' => ['kind' => FieldKind::Text, 'label' => 'Standard', 'accepted' => 'Up to 200 characters.'],
        'plate.marks' => ['kind' => FieldKind::Text, 'label' => 'Conformity marks', 'accepted' => 'Up to 200 characters.'],
        'plate.frame' => ['kind' => FieldKind::Text, 'label' => 'Frame', 'accepted' => 'Up to 200 characters.'],
        'plate.mounting' => ['kind' => FieldKind::Text, 'label' => 'Mounting', 'accepted' => 'Up to 200 characters.'],
        'plate.enclosure' => ['kind' => FieldKind::Text, 'label' => 'Enclosure', 'accepted' => 'Up to 200 characters.'],
        'plate.bearings' => ['kind' => FieldKind::Text, 'label' => 'Bearings', 'accepted' => 'Up to 200 characters.'],
        'plate.grease' => ['kind' => FieldKind::Text, 'label' => 'Grease', 'accepted' => 'Up to 200 characters.'],
        'plate.remarks' => ['kind' => FieldKind::Text, 'label' => 'Other nameplate data', 'accepted' => 'Up to 200 characters.'],
    ];
}
