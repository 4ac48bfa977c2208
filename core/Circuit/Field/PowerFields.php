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
use BraveAnvil\Circuit\Choice\TraceHeight;
use BraveAnvil\Circuit\Choice\VoltageCoil;
use BraveAnvil\Circuit\Choice\WindingJoin;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** A load that is no motor, three windings, and what instruments show. */
final class PowerFields
{
    public const LIST = [
        'bench.power' => [
            'kind' => FieldKind::Watts, 'label' => 'Real power', 'accepted' => 'Power drawn, such as 1150 W or 2.2 kW; 0 for a capacitor.',
            'unit' => Unit::Watt, 'low' => 0, 'high' => 1e7, 'hint' => 'two of these three',
        ],
        'bench.output' => [
            'kind' => FieldKind::Kilowatts, 'label' => 'Shaft output', 'accepted' => 'kW or hp, such as 2.2 or 3 hp.', 'unit' => Unit::Watt,
            'low' => 1, 'high' => 1e7, 'hint' => 'Of a motor, kW or hp: with its efficiency it gives the real power.',
        ],
        'bench.efficiency' => [
            'kind' => FieldKind::Percent, 'label' => 'Efficiency', 'accepted' => 'Percent from 5 to 99.99, such as 82.',
            'unit' => Unit::Percent, 'low' => 5, 'high' => 99.99,
        ],
        'bench.current' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current', 'accepted' => 'Amperes, such as 8.2.', 'unit' => Unit::Ampere,
            'low' => 0.001, 'high' => 20000,
        ],
        'bench.power_factor' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor', 'accepted' => 'A power factor from 0 to 1, such as 0.61 or 61 %.',
            'low' => 0, 'high' => 1,
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
        'measure.angle_after' => [
            'kind' => FieldKind::Degrees, 'label' => 'Angle with the capacitor',
            'accepted' => 'Degrees from -90 to 90, positive if the current lags its phase voltage.', 'unit' => Unit::Degree,
            'low' => -90, 'high' => 90, 'hint' => 'positive: the current lags',
        ],
        'measure.angle_1' => [
            'kind' => FieldKind::Degrees, 'label' => 'Angle L1, to L1–N', 'accepted' => 'Degrees from -180 to 180, positive if the current lags.',
            'unit' => Unit::Degree, 'low' => -180, 'high' => 180, 'hint' => 'positive: the current lags',
        ],
        'measure.angle_2' => [
            'kind' => FieldKind::Degrees, 'label' => 'Angle L2, to L2–N', 'accepted' => 'Degrees from -180 to 180, positive if the current lags.',
            'unit' => Unit::Degree, 'low' => -180, 'high' => 180, 'hint' => 'positive: the current lags',
        ],
        'measure.angle_3' => [
            'kind' => FieldKind::Degrees, 'label' => 'Angle L3, to L3–N', 'accepted' => 'Degrees from -180 to 180, positive if the current lags.',
            'unit' => Unit::Degree, 'low' => -180, 'high' => 180, 'hint' => 'positive: the current lags',
        ],
        'measure.locked_rotor_amps' => [
            'kind' => FieldKind::Amperes, 'label' => 'Locked-rotor current, measured', 'accepted' => 'Amperes from 0.1 to 100 000, in the line.',
            'unit' => Unit::Ampere, 'low' => 0.1, 'high' => 1e5, 'hint' => 'At full voltage, rotor held.',
        ],
        'measure.locked_rotor_kva' => [
            'kind' => FieldKind::Kilovoltamperes, 'label' => 'or its apparent power', 'accepted' => 'kVA from 0.05 to 50 000, such as 180, or 850 VA.',
            'unit' => Unit::VoltAmpere, 'low' => 50, 'high' => 5e7,
        ],
        'measure.locked_rotor_volts' => [
            'kind' => FieldKind::Volts, 'label' => 'at a voltage of', 'accepted' => 'Volts from 5 to 1000, between lines.',
            'unit' => Unit::Volt, 'low' => 5, 'high' => 1000, 'empty' => 'Rated voltage',
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
        'measure.amps_before' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current without the capacitor', 'accepted' => 'Amperes from 0.01 to 20 000.',
            'unit' => Unit::Ampere, 'low' => 0.01, 'high' => 20000,
        ],
        'measure.amps_after' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current with the capacitor', 'accepted' => 'Amperes from 0 to 20 000.',
            'unit' => Unit::Ampere, 'low' => 0, 'high' => 20000,
        ],
        'measure.capacitor_amps' => [
            'kind' => FieldKind::Amperes, 'label' => 'Current of the capacitor alone', 'accepted' => 'Amperes from 0.01 to 20 000.',
            'unit' => Unit::Ampere, 'low' => 0.01, 'high' => 20000, 'hint' => 'or its capacitance',
        ],
        'measure.capacitor_uf' => [
            'kind' => FieldKind::Microfarads, 'label' => 'Capacitance', 'accepted' => 'Microfarads, such as 40.', 'unit' => Unit::Farad,
            'low' => 1e-8, 'high' => 0.1, 'hint' => 'three phases: of each element in delta',
        ],
        'measure.power_factor_after' => [
            'kind' => FieldKind::Fraction, 'label' => 'Power factor with the capacitor', 'accepted' => 'From 0.01 to 1, such as 0.95.',
            'low' => 0.01, 'high' => 1, 'hint' => 'one of the two is enough',
        ],
        'measure.scope_height' => [
            'kind' => FieldKind::Choice, 'label' => 'Height read as', 'choices' => TraceHeight::class, 'empty' => 'Not specified',
        ],
        'measure.scope_sine' => ['kind' => FieldKind::Flag, 'label' => 'Both traces are sine waves'],
        'measure.scope_volts_per_division' => [
            'kind' => FieldKind::Volts, 'label' => 'Voltage channel, V per division', 'accepted' => 'Volts, such as 5 or 200 mV.',
            'unit' => Unit::Volt, 'low' => 1e-4, 'high' => 1e4,
        ],
        'measure.scope_volts_divisions' => [
            'kind' => FieldKind::Number, 'label' => 'Voltage trace, divisions', 'accepted' => 'Divisions from 0.1 to 20, such as 3.2.',
            'low' => 0.1, 'high' => 20,
        ],
        'measure.scope_volts_probe' => [
            'kind' => FieldKind::Number, 'label' => 'Voltage probe, ×', 'accepted' => 'A factor such as 10, 100 or 200.', 'low' => 0.1,
            'high' => 10000, 'empty' => '1',
        ],
        'measure.scope_amps_volts_per_division' => [
            'kind' => FieldKind::Volts, 'label' => 'Current channel, V per division', 'accepted' => 'Volts, such as 20 mV.',
            'unit' => Unit::Volt, 'low' => 1e-5, 'high' => 1e4,
        ],
        'measure.scope_amps_divisions' => [
            'kind' => FieldKind::Number, 'label' => 'Current trace, divisions', 'accepted' => 'Divisions from 0.1 to 20, such as 2.4.',
            'low' => 0.1, 'high' => 20,
        ],
        'measure.scope_millivolts_per_ampere' => [
            'kind' => FieldKind::Number, 'label' => 'Current probe, mV per A', 'accepted' => 'Millivolts per ampere, such as 10.',
            'low' => 1e-3, 'high' => 1e5, 'hint' => 'or the resistance of the shunt',
        ],
        'measure.scope_time_per_division' => [
            'kind' => FieldKind::Seconds, 'label' => 'Time per division', 'accepted' => 'Seconds, such as 2 ms.', 'unit' => Unit::Second,
            'low' => 1e-6, 'high' => 1,
        ],
        'measure.scope_delay_divisions' => [
            'kind' => FieldKind::Number, 'label' => 'Between the zero crossings, divisions', 'accepted' => 'Divisions from 0 to 20.',
            'low' => 0, 'high' => 20,
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
