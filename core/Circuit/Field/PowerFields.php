<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\Balance;
use BraveAnvil\Circuit\Choice\Instrument;
use BraveAnvil\Circuit\Choice\Line;
use BraveAnvil\Circuit\Choice\LinePair;
use BraveAnvil\Circuit\Choice\MeasuringMethod;
use BraveAnvil\Circuit\Choice\Presence;
use BraveAnvil\Circuit\Choice\Sense;
use BraveAnvil\Circuit\Choice\Sequence;
use BraveAnvil\Circuit\Choice\Swapped;
use BraveAnvil\Circuit\Choice\VoltageCoil;
use BraveAnvil\Circuit\Choice\WindingJoin;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Solution\Unit;

/** A load that is no motor, three windings, and what instruments show. */
final class PowerFields
{
    public const LIST = [
        'bench.power' => [
            'kind' => FieldKind::Watts, 'label' => 'Real power', 'accepted' => 'Watts it draws, such as 1150 W or 2.2 kW.',
            'unit' => Unit::Watt, 'low' => 1, 'high' => 1e7, 'hint' => 'two of these three',
        ],
        'bench.current' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current', 'accepted' => 'Amperes, such as 8.2.', 'unit' => Unit::Ampere,
            'low' => 0.001, 'high' => 20000,
        ],
        'bench.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor', 'accepted' => 'A power factor such as 0.61 or 61 %.',
            'low' => 0.01, 'high' => 1,
        ],
        'bench.sense' => ['kind' => FieldKind::Choice, 'label' => 'Its current', 'choices' => Sense::class, 'empty' => 'Not said'],
        'measure.method' => [
            'kind' => FieldKind::Choice, 'label' => 'Measured with', 'choices' => MeasuringMethod::class,
            'empty' => 'Choose a method',
        ],
        'measure.volts_12' => [
            'kind' => FieldKind::Volts, 'label' => 'Volts L1–L2', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.volts_23' => [
            'kind' => FieldKind::Volts, 'label' => 'Volts L2–L3', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.volts_31' => [
            'kind' => FieldKind::Volts, 'label' => 'Volts L3–L1', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.phase_volts_1' => [
            'kind' => FieldKind::Volts, 'label' => 'Volts L1–N', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.amps_1' => [
            'kind' => FieldKind::Amperes, 'label' => 'Amps L1', 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere,
            'low' => 0, 'high' => 20000,
        ],
        'measure.watts_1' => [
            'kind' => FieldKind::Watts, 'label' => 'Wattmeter in L1', 'accepted' => 'Watts, negative when it reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.phase_volts_2' => [
            'kind' => FieldKind::Volts, 'label' => 'Volts L2–N', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.amps_2' => [
            'kind' => FieldKind::Amperes, 'label' => 'Amps L2', 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere,
            'low' => 0, 'high' => 20000,
        ],
        'measure.watts_2' => [
            'kind' => FieldKind::Watts, 'label' => 'Wattmeter in L2', 'accepted' => 'Watts, negative when it reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.phase_volts_3' => [
            'kind' => FieldKind::Volts, 'label' => 'Volts L3–N', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.amps_3' => [
            'kind' => FieldKind::Amperes, 'label' => 'Amps L3', 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere,
            'low' => 0, 'high' => 20000,
        ],
        'measure.watts_3' => [
            'kind' => FieldKind::Watts, 'label' => 'Wattmeter in L3', 'accepted' => 'Watts, negative when it reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.watts' => [
            'kind' => FieldKind::Watts, 'label' => 'Watts', 'accepted' => 'Watts, negative when the meter reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor shown', 'accepted' => 'A power factor such as 0.85 or 85 %.',
            'low' => 0.01, 'high' => 1,
        ],
        'measure.sense' => ['kind' => FieldKind::Choice, 'label' => 'The current', 'choices' => Sense::class, 'empty' => 'Not said'],
        'measure.sequence' => [
            'kind' => FieldKind::Choice, 'label' => 'Phase sequence', 'choices' => Sequence::class, 'empty' => 'Not said',
        ],
        'measure.wattmeter' => [
            'kind' => FieldKind::Choice, 'label' => 'Its voltage coil', 'choices' => VoltageCoil::class, 'empty' => 'Not said',
        ],
        'measure.pair' => ['kind' => FieldKind::Choice, 'label' => 'Voltage', 'choices' => LinePair::class, 'empty' => 'Not said'],
        'measure.line' => ['kind' => FieldKind::Choice, 'label' => 'Current in', 'choices' => Line::class, 'empty' => 'Not said'],
        'measure.angle' => [
            'kind' => FieldKind::Degrees, 'label' => 'Angle shown',
            'accepted' => 'Degrees from -180 to 180, positive when the current is behind the voltage.', 'unit' => Unit::Degree,
            'low' => -180, 'high' => 180, 'hint' => 'positive: the current is behind',
        ],
        'measure.common' => [
            'kind' => FieldKind::Choice, 'label' => 'Common line', 'choices' => Line::class, 'empty' => 'L2 (usual)',
        ],
        'measure.swapped' => [
            'kind' => FieldKind::Choice, 'label' => 'Leads swapped to read it', 'choices' => Swapped::class,
            'empty' => 'Not said',
        ],
        'measure.balanced' => [
            'kind' => FieldKind::Choice, 'label' => 'The load is', 'choices' => Balance::class, 'empty' => 'Not said',
        ],
        'measure.revolutions' => [
            'kind' => FieldKind::Number, 'label' => 'Turns of the disc', 'accepted' => 'How many turns were counted, such as 10.',
            'low' => 0.1, 'high' => 1e6,
        ],
        'measure.disc_constant' => [
            'kind' => FieldKind::WattHours, 'label' => 'Disc constant', 'accepted' => 'Wh for each turn, such as 7.2.',
            'unit' => Unit::WattHour, 'low' => 1e-4, 'high' => 1e6, 'hint' => 'for each turn',
        ],
        'measure.pulses' => [
            'kind' => FieldKind::Number, 'label' => 'Pulses', 'accepted' => 'How many pulses were counted, such as 50.',
            'low' => 1, 'high' => 1e9,
        ],
        'measure.pulses_per_kwh' => [
            'kind' => FieldKind::Number, 'label' => 'Pulses for each kWh', 'accepted' => 'As printed on the meter, such as 1000.',
            'low' => 0.01, 'high' => 1e7,
        ],
        'measure.seconds' => [
            'kind' => FieldKind::Seconds, 'label' => 'in', 'accepted' => 'Seconds, such as 36.', 'unit' => Unit::Second,
            'low' => 0.5, 'high' => 1e5,
        ],
        'measure.current_distortion' => [
            'kind' => FieldKind::Percent, 'label' => 'Distortion of the current',
            'accepted' => 'Percent of the fundamental from 0 to 300, such as 18.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 300, 'hint' => 'THD, where the meter shows it.',
        ],
        'measure.current_ratio' => [
            'kind' => FieldKind::TransformerRatio, 'label' => 'Current transformers',
            'accepted' => 'A ratio such as 200/5 or 40; 1 without.', 'low' => 1, 'high' => 10000, 'hint' => '200/5, or 1 without',
        ],
        'measure.voltage_ratio' => [
            'kind' => FieldKind::TransformerRatio, 'label' => 'Voltage transformers',
            'accepted' => 'A ratio such as 480/120 or 4; 1 without.', 'low' => 1, 'high' => 1000,
            'hint' => '480/120, or 1 without',
        ],
        'measure.instruments' => [
            'kind' => FieldKind::Traits, 'label' => 'What is at hand', 'choices' => Instrument::class,
            'accepted' => 'What is at hand: voltmeter, clamp, wattmeter, two_wattmeters, and so on.',
        ],
        'measure.neutral' => [
            'kind' => FieldKind::Choice, 'label' => 'Neutral at the place', 'choices' => Presence::class, 'empty' => 'Not said',
        ],
        'measure.shunt_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Shunt', 'accepted' => 'Ohms, such as 1 mΩ or 0.01.', 'unit' => Unit::Ohm,
            'low' => 1e-6, 'high' => 100, 'hint' => 'for a scope; left empty, one is proposed',
        ],
        'measure.shunt_power' => [
            'kind' => FieldKind::Watts, 'label' => 'Its rating', 'accepted' => 'Watts, such as 5.', 'unit' => Unit::Watt,
            'low' => 0.05, 'high' => 10000, 'empty' => '5 W',
        ],
        'measure.speed' => [
            'kind' => FieldKind::Rpm, 'label' => 'Speed', 'accepted' => 'Revolutions per minute, such as 1490.',
            'unit' => Unit::Rpm, 'low' => 1, 'high' => 30000, 'hint' => 'by tachometer, if you have one',
        ],
        'measure.torque' => [
            'kind' => FieldKind::NewtonMetres, 'label' => 'Torque at the brake',
            'accepted' => 'N·m, such as 236; lb-ft is read too.', 'unit' => Unit::NewtonMetre, 'low' => 0, 'high' => 1e6,
        ],
        'windings.impedance' => [
            'kind' => FieldKind::Ohms, 'label' => 'Ohms of each winding', 'accepted' => 'Ohms from 0.001 to 100 000.',
            'unit' => Unit::Ohm, 'low' => 0.001, 'high' => 1e5, 'hint' => 'or the rating of an element, or an ohmmeter reading',
        ],
        'windings.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor of each', 'accepted' => 'From 0.01 to 1; 1 for a heater.',
            'low' => 0.01, 'high' => 1, 'empty' => '1, a heater',
        ],
        'windings.element_power' => [
            'kind' => FieldKind::Watts, 'label' => 'Rating of one element', 'accepted' => 'Watts, such as 2000 W or 2 kW.',
            'unit' => Unit::Watt, 'low' => 1, 'high' => 1e7,
        ],
        'windings.element_voltage' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage of one element', 'accepted' => 'Volts from 12 to 1000, such as 230.',
            'unit' => Unit::Volt, 'low' => 12, 'high' => 1000,
        ],
        'windings.terminal_resistance' => [
            'kind' => FieldKind::Ohms, 'label' => 'Ohmmeter, two terminals', 'accepted' => 'Ohms from 0.0001 to 100 000.',
            'unit' => Unit::Ohm, 'low' => 1e-4, 'high' => 1e5,
        ],
        'windings.connected' => [
            'kind' => FieldKind::Choice, 'label' => 'Connected in', 'choices' => WindingJoin::class, 'empty' => 'Not said',
        ],
    ];
}
