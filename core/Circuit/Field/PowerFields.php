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
use BraveAnvil\Ground\Unit;

/** A load that is no motor, three windings, and what instruments show. */
final class PowerFields
{
    public const LIST = [
        'bench.power' => [
            'kind' => FieldKind::Watts, 'label' => 'Real power', 'accepted' => 'Power drawn, such as 1150 W or 2.2 kW.',
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
        'bench.sense' => ['kind' => FieldKind::Choice, 'label' => 'Current of the load', 'choices' => Sense::class,
            'empty' => 'Not specified'],
        'measure.method' => [
            'kind' => FieldKind::Choice, 'label' => 'Measuring method', 'choices' => MeasuringMethod::class,
            'empty' => 'Choose a method',
        ],
        'measure.volts_12' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage L1–L2', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.volts_23' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage L2–L3', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.volts_31' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage L3–L1', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.phase_volts_1' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage L1–N', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.amps_1' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current L1', 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere,
            'low' => 0, 'high' => 20000,
        ],
        'measure.watts_1' => [
            'kind' => FieldKind::Watts, 'label' => 'Wattmeter in L1', 'accepted' => 'Watts, negative if it reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.phase_volts_2' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage L2–N', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.amps_2' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current L2', 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere,
            'low' => 0, 'high' => 20000,
        ],
        'measure.watts_2' => [
            'kind' => FieldKind::Watts, 'label' => 'Wattmeter in L2', 'accepted' => 'Watts, negative if it reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.phase_volts_3' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage L3–N', 'accepted' => 'Volts from 1 to 2000.', 'unit' => Unit::Volt,
            'low' => 1, 'high' => 2000,
        ],
        'measure.amps_3' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current L3', 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere,
            'low' => 0, 'high' => 20000,
        ],
        'measure.watts_3' => [
            'kind' => FieldKind::Watts, 'label' => 'Wattmeter in L3', 'accepted' => 'Watts, negative if it reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.watts' => [
            'kind' => FieldKind::Watts, 'label' => 'Real power', 'accepted' => 'Watts, negative if the meter reads backwards.',
            'unit' => Unit::Watt, 'low' => -1e8, 'high' => 1e8,
        ],
        'measure.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor shown', 'accepted' => 'A power factor such as 0.85 or 85 %.',
            'low' => 0.01, 'high' => 1,
        ],
        'measure.sense' => ['kind' => FieldKind::Choice, 'label' => 'Current leads or lags', 'choices' => Sense::class,
            'empty' => 'Not specified'],
        'measure.sequence' => [
            'kind' => FieldKind::Choice, 'label' => 'Phase sequence', 'choices' => Sequence::class, 'empty' => 'Not specified',
        ],
        'measure.wattmeter' => [
            'kind' => FieldKind::Choice, 'label' => 'Voltage coil connected', 'choices' => VoltageCoil::class, 'empty' => 'Not specified',
        ],
        'measure.pair' => ['kind' => FieldKind::Choice, 'label' => 'Voltage measured', 'choices' => LinePair::class,
            'empty' => 'Not specified'],
        'measure.line' => ['kind' => FieldKind::Choice, 'label' => 'Current measured in', 'choices' => Line::class,
            'empty' => 'Not specified'],
        'measure.angle' => [
            'kind' => FieldKind::Degrees, 'label' => 'Angle shown',
            'accepted' => 'Degrees from -180 to 180, positive if the current lags the voltage.', 'unit' => Unit::Degree,
            'low' => -180, 'high' => 180, 'hint' => 'positive: the current lags',
        ],
        'measure.common' => [
            'kind' => FieldKind::Choice, 'label' => 'Common line', 'choices' => Line::class, 'empty' => 'L2 (usual)',
        ],
        'measure.swapped' => [
            'kind' => FieldKind::Choice, 'label' => 'Voltage leads reversed to get a reading', 'choices' => Swapped::class,
            'empty' => 'Not specified',
        ],
        'measure.balanced' => [
            'kind' => FieldKind::Choice, 'label' => 'Type of load', 'choices' => Balance::class, 'empty' => 'Not specified',
        ],
        'measure.revolutions' => [
            'kind' => FieldKind::Number, 'label' => 'Turns of the disc', 'accepted' => 'Number of turns counted, such as 10.',
            'low' => 0.1, 'high' => 1e6,
        ],
        'measure.disc_constant' => [
            'kind' => FieldKind::WattHours, 'label' => 'Disc constant', 'accepted' => 'Wh per turn, such as 7.2.',
            'unit' => Unit::WattHour, 'low' => 1e-4, 'high' => 1e6, 'hint' => 'per turn',
        ],
        'measure.pulses' => [
            'kind' => FieldKind::Number, 'label' => 'Pulses', 'accepted' => 'Number of pulses counted, such as 50.',
            'low' => 1, 'high' => 1e9,
        ],
        'measure.pulses_per_kwh' => [
            'kind' => FieldKind::Number, 'label' => 'Pulses per kWh', 'accepted' => 'As printed on the meter, such as 1000.',
            'low' => 0.01, 'high' => 1e7,
        ],
        'measure.seconds' => [
            'kind' => FieldKind::Seconds, 'label' => 'in', 'accepted' => 'Seconds, such as 36.', 'unit' => Unit::Second,
            'low' => 0.5, 'high' => 1e5,
        ],
        'measure.current_distortion' => [
            'kind' => FieldKind::Percent, 'label' => 'Current distortion (THD)',
            'accepted' => 'Percent of the fundamental from 0 to 300, such as 18.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 300, 'hint' => 'If the meter shows it.',
        ],
        'measure.current_ratio' => [
            'kind' => FieldKind::TransformerRatio, 'label' => 'Current transformers',
            'accepted' => 'A ratio such as 200/5 or 40. Enter 1 if there are none.', 'low' => 1, 'high' => 10000,
            'hint' => '200/5, or 1 if none',
        ],
        'measure.voltage_ratio' => [
            'kind' => FieldKind::TransformerRatio, 'label' => 'Voltage transformers',
            'accepted' => 'A ratio such as 480/120 or 4. Enter 1 if there are none.', 'low' => 1, 'high' => 1000,
            'hint' => '480/120, or 1 if none',
        ],
        'measure.instruments' => [
            'kind' => FieldKind::Traits, 'label' => 'Instruments available', 'choices' => Instrument::class,
            'accepted' => 'A list of instruments: voltmeter, clamp, wattmeter, two_wattmeters and so on.',
        ],
        'measure.neutral' => [
            'kind' => FieldKind::Choice, 'label' => 'Neutral available', 'choices' => Presence::class, 'empty' => 'Not specified',
        ],
        'measure.shunt_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Shunt resistance', 'accepted' => 'Ohms, such as 1 mΩ or 0.01.', 'unit' => Unit::Ohm,
            'low' => 1e-6, 'high' => 100, 'hint' => 'for an oscilloscope; leave empty to have one proposed',
        ],
        'measure.shunt_power' => [
            'kind' => FieldKind::Watts, 'label' => 'Shunt power rating', 'accepted' => 'Watts, such as 5.', 'unit' => Unit::Watt,
            'low' => 0.05, 'high' => 10000, 'empty' => '5 W',
        ],
        'measure.speed' => [
            'kind' => FieldKind::Rpm, 'label' => 'Speed', 'accepted' => 'Revolutions per minute, such as 1490.',
            'unit' => Unit::Rpm, 'low' => 1, 'high' => 30000, 'hint' => 'by tachometer, if you have one',
        ],
        'measure.torque' => [
            'kind' => FieldKind::NewtonMetres, 'label' => 'Torque at the brake',
            'accepted' => 'N·m, such as 236. lb-ft is accepted.', 'unit' => Unit::NewtonMetre, 'low' => 0, 'high' => 1e6,
        ],
        'windings.impedance' => [
            'kind' => FieldKind::Ohms, 'label' => 'Resistance of each winding', 'accepted' => 'Ohms from 0.001 to 100 000.',
            'unit' => Unit::Ohm, 'low' => 0.001, 'high' => 1e5, 'hint' => 'or the rating of an element, or an ohmmeter reading',
        ],
        'windings.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor of each winding', 'accepted' => 'From 0.01 to 1; 1 for a heater.',
            'low' => 0.01, 'high' => 1, 'empty' => '1: a heater',
        ],
        'windings.element_power' => [
            'kind' => FieldKind::Watts, 'label' => 'Power rating of one element', 'accepted' => 'Watts, such as 2000 W or 2 kW.',
            'unit' => Unit::Watt, 'low' => 1, 'high' => 1e7,
        ],
        'windings.element_voltage' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage rating of one element', 'accepted' => 'Volts from 12 to 1000, such as 230.',
            'unit' => Unit::Volt, 'low' => 12, 'high' => 1000,
        ],
        'windings.terminal_resistance' => [
            'kind' => FieldKind::Ohms, 'label' => 'Ohmmeter reading between two terminals', 'accepted' => 'Ohms from 0.0001 to 100 000.',
            'unit' => Unit::Ohm, 'low' => 1e-4, 'high' => 1e5,
        ],
        'windings.connected' => [
            'kind' => FieldKind::Choice, 'label' => 'Connection', 'choices' => WindingJoin::class, 'empty' => 'Not specified',
        ],
    ];
}
