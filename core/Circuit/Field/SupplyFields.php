<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Circuit\Choice\ItEarthing;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** The supply at the starter’s board. */
final class SupplyFields
{
    public const LIST = [
        'supply.voltage' => [
            'kind' => FieldKind::SupplyVoltage, 'label' => 'Supply voltage',
            'accepted' => 'Line volts from 100 to 1000, such as 400, 480Y/277 or 400/230.', 'unit' => Unit::Volt, 'low' => 100,
            'high' => 1000,
        ],
        'supply.frequency' => [
            'kind' => FieldKind::Hertz, 'label' => 'Supply frequency', 'accepted' => 'Hertz from 40 to 70, such as 50.',
            'unit' => Unit::Hertz, 'low' => 40, 'high' => 70,
        ],
        'supply.phases' => [
            'kind' => FieldKind::Count, 'label' => 'Phases of the supply', 'accepted' => '3 or 1.', 'low' => 1, 'high' => 3,
        ],
        'supply.source' => [
            'kind' => FieldKind::Choice, 'label' => 'Source', 'choices' => SupplySource::class, 'empty' => 'Mains',
        ],
        'supply.generator_kva' => [
            'kind' => FieldKind::Kilovoltamperes, 'label' => 'Generator rating', 'accepted' => 'kVA from 0.5 to 20 000, such as 100.',
            'unit' => Unit::VoltAmpere, 'low' => 500, 'high' => 2e7, 'hint' => 'Continuous (prime) rating of the alternator.',
        ],
        'supply.generator_kw' => [
            'kind' => FieldKind::Kilowatts, 'label' => 'Engine power', 'accepted' => 'kW from 0.4 to 16 000, such as 80.',
            'unit' => Unit::Watt, 'low' => 400, 'high' => 1.6e7, 'hint' => 'Electrical kW that the engine can drive continuously.',
        ],
        'supply.subtransient_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Subtransient reactance X″d', 'accepted' => 'Percent from 3 to 60, such as 12.',
            'unit' => Unit::Percent, 'low' => 3, 'high' => 60, 'hint' => 'Saturated, on the rating of the alternator.',
        ],
        'supply.transient_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Transient reactance X′d', 'accepted' => 'Percent from 3 to 100, such as 20.',
            'unit' => Unit::Percent, 'low' => 3, 'high' => 100, 'hint' => 'Saturated, on the rating of the alternator.',
        ],
        'supply.sustained_ratio' => [
            'kind' => FieldKind::Ratio, 'label' => 'Sustained short-circuit current', 'accepted' => 'Times rated current from 0.1 to 10, such as 3.',
            'unit' => Unit::TimesRated, 'low' => 0.1, 'high' => 10, 'hint' => 'What the alternator keeps up for seconds, × rated current.',
        ],
        'supply.inverter_va' => [
            'kind' => FieldKind::VoltAmperes, 'label' => 'Inverter rating', 'accepted' => 'VA from 50 to 1 000 000, such as 3000.',
            'unit' => Unit::VoltAmpere, 'low' => 50, 'high' => 1e6, 'hint' => 'Continuous.',
        ],
        'supply.surge_va' => [
            'kind' => FieldKind::VoltAmperes, 'label' => 'Surge rating', 'accepted' => 'VA from 50 to 5 000 000, such as 6000.',
            'unit' => Unit::VoltAmpere, 'low' => 50, 'high' => 5e6,
        ],
        'supply.surge_seconds' => [
            'kind' => FieldKind::Seconds, 'label' => 'Surge time', 'accepted' => 'Seconds from 0.01 to 600, such as 5.',
            'unit' => Unit::Second, 'low' => 0.01, 'high' => 600, 'hint' => 'For which the surge rating holds.',
        ],
        'supply.inverter_fault_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'Short-circuit current of the inverter', 'accepted' => 'Amperes from 0.5 to 10 000.',
            'unit' => Unit::Ampere, 'low' => 0.5, 'high' => 1e4, 'hint' => 'That it keeps up until a device has cleared.',
        ],
        'supply.battery_volts' => [
            'kind' => FieldKind::Volts, 'label' => 'Battery voltage', 'accepted' => 'Volts from 6 to 1000, such as 48.',
            'unit' => Unit::Volt, 'low' => 6, 'high' => 1000,
        ],
        'supply.battery_amp_hours' => [
            'kind' => FieldKind::AmpereHours, 'label' => 'Battery capacity', 'accepted' => 'Ah from 1 to 100 000, such as 200.',
            'unit' => Unit::AmpereHour, 'low' => 1, 'high' => 1e5,
        ],
        'supply.fault_level_kva' => [
            'kind' => FieldKind::Kilovoltamperes, 'label' => 'Fault level',
            'accepted' => 'kVA from 10 to 10 000 000, such as 25000 or 25 MVA.', 'unit' => Unit::VoltAmpere, 'low' => 1e4,
            'high' => 1e10, 'hint' => 'At the bus; if a transformer is entered, on its primary side.',
        ],
        'supply.transformer_kva' => [
            'kind' => FieldKind::Kilovoltamperes, 'label' => 'Transformer rating', 'accepted' => 'kVA from 1 to 100 000, such as 1000.',
            'unit' => Unit::VoltAmpere, 'low' => 1e3, 'high' => 1e8,
        ],
        'supply.transformer_impedance_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Transformer impedance', 'accepted' => 'Percent from 0.5 to 30, such as 6.',
            'unit' => Unit::Percent, 'low' => 0.5, 'high' => 30,
        ],
        'supply.transformer_phases' => [
            'kind' => FieldKind::Phases, 'label' => 'Phases of the transformer or generator', 'accepted' => '3 or 1.',
            'low' => 1, 'high' => 3, 'hint' => 'For a single-phase circuit.',
        ],
        'supply.x_over_r' => [
            'kind' => FieldKind::Number, 'label' => 'X/R', 'accepted' => 'A ratio from 0.1 to 100, such as 8.', 'low' => 0.1,
            'high' => 100,
        ],
        'supply.voltage_factor' => [
            'kind' => FieldKind::Choice, 'label' => 'Voltage factor of the fault currents', 'choices' => VoltageFactor::class,
            'empty' => '1.05',
        ],
        'supply.other_capacitors_kvar' => [
            'kind' => FieldKind::Kilovars, 'label' => 'Other capacitors on the bus', 'accepted' => 'kvar from 0 to 100 000, such as 50.',
            'unit' => Unit::Var, 'low' => 0, 'high' => 1e8, 'hint' => 'They all resonate together.',
        ],
        'supply.inverter_efficiency' => [
            'kind' => FieldKind::Percent, 'label' => 'Inverter efficiency', 'accepted' => 'Percent from 30 to 100, such as 88.',
            'unit' => Unit::Percent, 'low' => 30, 'high' => 100, 'hint' => 'If an inverter supplies the circuit.',
        ],
        'supply.inverter_efficiency_points' => [
            'kind' => FieldKind::EfficiencyPoints, 'label' => 'Inverter efficiency by load',
            'accepted' => 'Percent of rated VA and efficiency, in the order of load: 25 84; 50 90; 100 88.',
            'hint' => 'load % efficiency %; such as 25 84; 50 90; 100 88',
        ],
        'supply.ambient' => [
            'kind' => FieldKind::Celsius, 'label' => 'Ambient temperature',
            'accepted' => 'Degrees Celsius from -40 to 85, such as 30. Fahrenheit is accepted: 86 F.', 'unit' => Unit::Celsius,
            'low' => -40,
            'high' => 85,
        ],
        'supply.altitude' => [
            'kind' => FieldKind::Metres, 'label' => 'Altitude', 'accepted' => 'Metres from -500 to 6000.', 'unit' => Unit::Metre,
            'low' => -500, 'high' => 6000,
        ],
        'supply.unbalance' => [
            'kind' => FieldKind::Unbalance, 'label' => 'Voltage unbalance',
            'accepted' => 'Percent from 0 to 20, or the three line voltages such as 400/404/390.', 'unit' => Unit::Percent,
            'low' => 0, 'high' => 20, 'hint' => 'or three line voltages, 400/404/390',
        ],
        'supply.earthing' => [
            'kind' => FieldKind::Choice, 'label' => 'Earthing system', 'choices' => Earthing::class, 'empty' => 'Not specified',
        ],
        'supply.earth_loop_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Earth-fault loop impedance at the supply (Ze)',
            'accepted' => 'Ohms from 0.0001 to 2000.',
            'unit' => Unit::Ohm, 'low' => 1e-4, 'high' => 2000,
        ],
        'supply.earthing_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Earthing resistor', 'accepted' => 'Ohms from 0.01 to 100 000.',
            'unit' => Unit::Ohm, 'low' => 1e-2, 'high' => 1e5, 'hint' => 'Between star point and earth.',
        ],
        'supply.earthing_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'Earth-fault current limit', 'accepted' => 'Amperes from 0.1 to 5000.',
            'unit' => Unit::Ampere, 'low' => 0.1, 'high' => 5000,
        ],
        'supply.it_earthing' => [
            'kind' => FieldKind::Choice, 'label' => 'Exposed-conductive-parts earthed', 'choices' => ItEarthing::class,
            'empty' => 'Collectively',
        ],
        // Of the board that feeds a circuit: worked out with all that hangs on it, and put here beside what is typed.
        'supply.board.tag' => ['kind' => FieldKind::Text, 'label' => 'Board'],
        'supply.board.resistance_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Source resistance at the board', 'accepted' => 'Ohms from 0 to 100.',
            'unit' => Unit::Ohm, 'low' => 0, 'high' => 100,
        ],
        'supply.board.reactance_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Source reactance at the board', 'accepted' => 'Ohms from 0 to 100.',
            'unit' => Unit::Ohm, 'low' => 0, 'high' => 100,
        ],
        'supply.board.fault_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'Fault current at the board', 'accepted' => 'Amperes from 1 to 1 000 000.',
            'unit' => Unit::Ampere, 'low' => 1, 'high' => 1e6,
        ],
        'supply.board.loop_resistance_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Resistance of the earth loop at the board', 'accepted' => 'Ohms from 0 to 2000.',
            'unit' => Unit::Ohm, 'low' => 0, 'high' => 2000,
        ],
        'supply.board.loop_reactance_ohm' => [
            'kind' => FieldKind::Ohms, 'label' => 'Reactance of the earth loop at the board', 'accepted' => 'Ohms from 0 to 2000.',
            'unit' => Unit::Ohm, 'low' => 0, 'high' => 2000,
        ],
        'supply.board.drop_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage drop of the board’s feeder', 'accepted' => 'Percent from 0 to 100.',
            'unit' => Unit::Percent, 'low' => 0, 'high' => 100,
        ],
        'supply.board.drop_limit_percent' => [
            'kind' => FieldKind::Percent, 'label' => 'Voltage drop limit, feeder and circuit', 'accepted' => 'Percent from 0.1 to 50.',
            'unit' => Unit::Percent, 'low' => 0.1, 'high' => 50,
        ],
        'supply.board.fuse_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'gG fuse of the board’s feeder', 'accepted' => 'Amperes from 1 to 100 000.',
            'unit' => Unit::Ampere,
            'low' => 1, 'high' => 1e5,
        ],
        'supply.board.long_time_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'Long-time setting of the feeder’s breaker',
            'accepted' => 'Amperes from 1 to 100 000.',
            'unit' => Unit::Ampere,
            'low' => 1, 'high' => 1e5,
        ],
        'supply.board.short_time_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'Short-time setting of the feeder’s breaker',
            'accepted' => 'Amperes from 1 to 100 000.',
            'unit' => Unit::Ampere,
            'low' => 1, 'high' => 1e5,
        ],
        'supply.board.instantaneous_ampere' => [
            'kind' => FieldKind::Amperes, 'label' => 'Instantaneous setting of the feeder’s breaker',
            'accepted' => 'Amperes from 1 to 100 000.',
            'unit' => Unit::Ampere,
            'low' => 1, 'high' => 1e5,
        ],
        'supply.board.long_time_seconds' => [
            'kind' => FieldKind::Seconds, 'label' => 'Long-time delay of the feeder’s breaker',
            'accepted' => 'Seconds from 0.01 to 300.', 'unit' => Unit::Second,
            'low' => 0.01, 'high' => 300,
        ],
        'supply.board.short_time_seconds' => [
            'kind' => FieldKind::Seconds, 'label' => 'Short-time delay of the feeder’s breaker',
            'accepted' => 'Seconds from 0.01 to 300.', 'unit' => Unit::Second,
            'low' => 0.01, 'high' => 300,
        ],
        'supply.board.assumed' => ['kind' => FieldKind::Text, 'label' => 'Assumed at the board'],
        'supply.board.waits' => ['kind' => FieldKind::Text, 'label' => 'Used while the board cannot be calculated'],
        'supply.board.instead' => ['kind' => FieldKind::Text, 'label' => 'Typed here, and other at the board'],
    ];
}
