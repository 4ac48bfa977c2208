<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Prove\Choice\ContactorsIn;
use BraveAnvil\Stations\Prove\Choice\Disconnected;
use BraveAnvil\Stations\Prove\Choice\Foundation;
use BraveAnvil\Stations\Prove\Choice\InrushAs;
use BraveAnvil\Stations\Prove\Choice\InsulationSystem;
use BraveAnvil\Stations\Prove\Choice\MotorCapacitor;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\Choice\ReadJoin;
use BraveAnvil\Stations\Prove\Choice\SeenTurning;
use BraveAnvil\Stations\Prove\Choice\WindingBuild;

/** What is typed for each kind of reading. */
final class ReadingFields
{
    /** What an ohmmeter shows where nothing flows. */
    public const OPEN = 'OL';

    private const VOLTS = [
        'kind' => FieldKind::Volts, 'accepted' => 'Volts from 1 to 15 000.', 'unit' => Unit::Volt, 'low' => 1, 'high' => 15000,
    ];

    private const AMPS = [
        'kind' => FieldKind::Amperes, 'accepted' => 'Amperes from 0 to 20 000.', 'unit' => Unit::Ampere, 'low' => 0, 'high' => 20000,
    ];

    private const OHMS = [
        'kind' => FieldKind::Ohms, 'accepted' => 'Ohms, such as 0.842 or 842 mΩ; OL if there is no continuity.', 'unit' => Unit::Ohm,
        'low' => 1e-6, 'high' => 1e5,
    ];

    private const CELSIUS = [
        'kind' => FieldKind::Celsius, 'accepted' => 'Degrees Celsius from −40 to 250.', 'unit' => Unit::Celsius,
        'low' => -40, 'high' => 250,
    ];

    private const WATTS = ['kind' => FieldKind::Watts, 'accepted' => 'Watts.', 'unit' => Unit::Watt, 'low' => 1, 'high' => 1e8];

    private const MEGOHMS = [
        'kind' => FieldKind::Megohms, 'accepted' => 'Megohms, such as 60. GΩ and kΩ are accepted.', 'unit' => Unit::Ohm,
        'low' => 0, 'high' => 1e13,
    ];

    private const VELOCITY = [
        'kind' => FieldKind::Velocity, 'accepted' => 'Millimetres per second, rms, from 0 to 100.', 'unit' => Unit::MillimetrePerSecond,
        'low' => 0, 'high' => 100,
    ];

    private const WHERE = ['kind' => FieldKind::Choice, 'label' => 'Measured at', 'choices' => ReadAt::class, 'empty' => 'Not specified'];

    /** Groups of values inside those of a reading. */
    public const GROUPS = ['before', 'after'];

    /** Fields of a measurement that say what is at hand, not what it showed. */
    private const NO_READING = ['measure.instruments', 'measure.neutral', 'measure.shunt_power'];

    private const LISTS = [
        'winding_resistance' => [
            'joined' => ['kind' => FieldKind::Choice, 'label' => 'Winding connection', 'choices' => ReadJoin::class,
                'empty' => 'Not specified'],
            'ohms_uv' => ['label' => 'U–V', ...self::OHMS], 'ohms_vw' => ['label' => 'V–W', ...self::OHMS],
            'ohms_wu' => ['label' => 'W–U', ...self::OHMS],
            'ohms_main' => ['label' => 'Main winding', ...self::OHMS], 'ohms_start' => ['label' => 'Start winding', ...self::OHMS],
            'ohms_u' => ['label' => 'U1–U2', ...self::OHMS], 'ohms_v' => ['label' => 'V1–V2', ...self::OHMS],
            'ohms_w' => ['label' => 'W1–W2', ...self::OHMS],
            'temperature' => ['label' => 'Winding temperature', ...self::CELSIUS],
            'metal' => ['kind' => FieldKind::Choice, 'label' => 'Winding material', 'choices' => Metal::class, 'empty' => 'Copper'],
        ],
        'motor_capacitor' => [
            'which' => ['kind' => FieldKind::Choice, 'label' => 'Which capacitor', 'choices' => MotorCapacitor::class,
                'empty' => 'Not specified'],
            'capacitance' => [
                'kind' => FieldKind::Microfarads, 'label' => 'Capacitance by meter', 'accepted' => 'Microfarads, such as 38.2.',
                'unit' => Unit::Farad, 'low' => 1e-8, 'high' => 5e-3,
            ],
            'amps' => ['label' => 'or its current', ...self::AMPS],
            'volts' => ['label' => 'and the voltage across it', ...self::VOLTS],
        ],
        'panel_ohms' => [
            'contactors' => ['kind' => FieldKind::Choice, 'label' => 'Contactor held in', 'choices' => ContactorsIn::class,
                'empty' => 'Not specified'],
            'ohms_u1_u2' => ['label' => 'U1–U2', ...self::OHMS], 'ohms_v1_v2' => ['label' => 'V1–V2', ...self::OHMS],
            'ohms_w1_w2' => ['label' => 'W1–W2', ...self::OHMS], 'ohms_u1_v1' => ['label' => 'U1–V1', ...self::OHMS],
            'ohms_v1_w1' => ['label' => 'V1–W1', ...self::OHMS], 'ohms_u1_w1' => ['label' => 'U1–W1', ...self::OHMS],
            'ohms_u1_v2' => ['label' => 'U1–V2', ...self::OHMS], 'ohms_u1_w2' => ['label' => 'U1–W2', ...self::OHMS],
            'ohms_v1_u2' => ['label' => 'V1–U2', ...self::OHMS], 'ohms_v1_w2' => ['label' => 'V1–W2', ...self::OHMS],
            'ohms_w1_u2' => ['label' => 'W1–U2', ...self::OHMS], 'ohms_w1_v2' => ['label' => 'W1–V2', ...self::OHMS],
            'ohms_u2_v2' => ['label' => 'U2–V2', ...self::OHMS], 'ohms_u2_w2' => ['label' => 'U2–W2', ...self::OHMS],
            'ohms_v2_w2' => ['label' => 'V2–W2', ...self::OHMS],
        ],
        'insulation_resistance' => [
            'disconnected' => [
                'kind' => FieldKind::Traits, 'label' => 'Disconnected before the test', 'choices' => Disconnected::class,
                'accepted' => 'What was disconnected: drive, soft_starter, capacitor, arrester, sensors.',
            ],
            'test_volts' => ['label' => 'Test voltage, DC', ...self::VOLTS],
            'megohms' => ['label' => 'Insulation resistance after 1 minute', ...self::MEGOHMS],
            'megohms_10' => ['label' => 'Insulation resistance after 10 minutes', ...self::MEGOHMS],
            'temperature' => ['label' => 'Winding temperature', ...self::CELSIUS],
            'winding' => ['kind' => FieldKind::Choice, 'label' => 'Type of winding', 'choices' => WindingBuild::class,
                'empty' => 'Random-wound'],
            'system' => [
                'kind' => FieldKind::Choice, 'label' => 'Insulation system', 'choices' => InsulationSystem::class,
                'empty' => 'General rule',
            ],
        ],
        'loop_impedance' => ['ohms' => ['label' => 'Loop impedance at the motor terminals', ...self::OHMS]],
        'relay_trip' => [
            'multiple' => [
                'kind' => FieldKind::Ratio, 'label' => 'Test current ÷ relay setting', 'accepted' => 'A multiple from 1 to 20, such as 6.',
                'unit' => Unit::Times, 'low' => 1, 'high' => 20,
            ],
            'seconds' => [
                'kind' => FieldKind::Seconds, 'label' => 'Trip time', 'accepted' => 'Seconds, from cold, with current in all three poles.',
                'unit' => Unit::Second, 'low' => 0.01, 'high' => 7200,
            ],
            'class' => ['kind' => FieldKind::Choice, 'label' => 'Trip class', 'choices' => TripClass::class,
                'empty' => 'As in the circuit'],
        ],
        'supply_voltage' => [
            'volts_12' => ['label' => 'L1–L2', ...self::VOLTS], 'volts_23' => ['label' => 'L2–L3', ...self::VOLTS],
            'volts_31' => ['label' => 'L3–L1', ...self::VOLTS],
        ],
        'rotation' => ['seen' => ['kind' => FieldKind::Choice, 'label' => 'Direction of rotation', 'choices' => SeenTurning::class,
            'empty' => 'Not specified']],
        'no_load_current' => [
            'amps_1' => ['label' => 'L1', ...self::AMPS], 'amps_2' => ['label' => 'L2', ...self::AMPS],
            'amps_3' => ['label' => 'L3', ...self::AMPS], 'volts' => ['label' => 'Voltage, mean', ...self::VOLTS],
        ],
        'inrush' => [
            'amps' => ['label' => 'Highest current', ...self::AMPS],
            'as' => ['kind' => FieldKind::Choice, 'label' => 'Type of current reading', 'choices' => InrushAs::class,
                'empty' => 'Not specified'],
            'volts' => ['label' => 'Voltage during the start', ...self::VOLTS],
        ],
        'run_up_time' => [
            'seconds' => [
                'kind' => FieldKind::Seconds, 'label' => 'Time to full speed', 'accepted' => 'Seconds from 0.05 to 600.',
                'unit' => Unit::Second, 'low' => 0.05, 'high' => 600,
            ],
            'changeover' => [
                'kind' => FieldKind::Seconds, 'label' => 'Time to changeover', 'accepted' => 'Seconds from 0.05 to 600.',
                'unit' => Unit::Second, 'low' => 0.05, 'high' => 600,
            ],
        ],
        'line_current' => [
            'amps_1' => ['label' => 'Current L1', ...self::AMPS], 'amps_2' => ['label' => 'Current L2', ...self::AMPS],
            'amps_3' => ['label' => 'Current L3', ...self::AMPS],
            'volts_12' => ['label' => 'Voltage L1–L2', ...self::VOLTS], 'volts_23' => ['label' => 'Voltage L2–L3', ...self::VOLTS],
            'volts_31' => ['label' => 'Voltage L3–L1', ...self::VOLTS],
            'where' => self::WHERE,
        ],
        'power' => ['where' => self::WHERE],
        'speed' => [
            'rpm' => [
                'kind' => FieldKind::Rpm, 'label' => 'Speed', 'accepted' => 'Revolutions per minute, such as 1486.',
                'unit' => Unit::Rpm, 'low' => 1, 'high' => 30000,
            ],
            'frequency' => [
                'kind' => FieldKind::Hertz, 'label' => 'Frequency', 'accepted' => 'Hertz from 10 to 400.', 'unit' => Unit::Hertz,
                'low' => 10, 'high' => 400,
            ],
            'volts' => ['label' => 'Voltage, mean', ...self::VOLTS],
        ],
        'capacitor' => [
            'amps_1' => ['label' => 'L1', ...self::AMPS], 'amps_2' => ['label' => 'L2', ...self::AMPS],
            'amps_3' => ['label' => 'L3', ...self::AMPS], 'volts' => ['label' => 'Voltage, mean', ...self::VOLTS],
        ],
        'correction' => [
            'before.watts' => ['label' => 'Real power before', ...self::WATTS],
            'before.amps' => ['label' => 'Current before', ...self::AMPS],
            'before.volts' => ['label' => 'Voltage before', ...self::VOLTS],
            'after.watts' => ['label' => 'Real power after', ...self::WATTS], 'after.amps' => ['label' => 'Current after', ...self::AMPS],
            'after.volts' => ['label' => 'Voltage after', ...self::VOLTS],
        ],
        'vibration' => [
            'de' => ['label' => 'Drive end', ...self::VELOCITY], 'nde' => ['label' => 'Non-drive end', ...self::VELOCITY],
            'foundation' => ['kind' => FieldKind::Choice, 'label' => 'Foundation', 'choices' => Foundation::class, 'empty' => 'Rigid'],
        ],
        'temperature' => [
            'bearing_de' => ['label' => 'Bearing, drive end', ...self::CELSIUS],
            'bearing_nde' => ['label' => 'Bearing, non-drive end', ...self::CELSIUS],
            'frame' => ['label' => 'Frame', ...self::CELSIUS], 'ambient' => ['label' => 'Ambient', ...self::CELSIUS],
        ],
        'temperature_rise' => [
            'cold_ohms' => ['label' => 'Resistance cold', ...self::OHMS],
            'cold_temperature' => ['label' => 'Winding temperature, cold', ...self::CELSIUS],
            'hot_ohms' => ['label' => 'Resistance hot', ...self::OHMS], 'ambient' => ['label' => 'Ambient, hot', ...self::CELSIUS],
        ],
    ];

    /** @var array<string, array<string, Field>> */
    private static array $made = [];

    /** What a reading lacks, as people call it: one of its own values, or a field of the circuit. */
    public static function named(ReadingKind $kind, string $missing): string
    {
        return Show::inside((self::of($kind)[$missing] ?? Fields::find($missing))->label ?? match ($missing) {
            'plate.start_current_ratio' => 'Ia/In',
            'method' => 'the measuring method',
            default => str_replace(['_', '.'], [' ', ': '], $missing),
        });
    }

    /** @return array<string, Field> by name; a power reading has the fields of a measurement besides */
    public static function of(ReadingKind $kind): array
    {
        if (isset(self::$made[$kind->value])) {
            return self::$made[$kind->value];
        }
        $fields = [];
        if ($kind === ReadingKind::Power) {
            foreach (Fields::all() as $path => $field) {
                if (str_starts_with($path, 'measure.') && ! in_array($path, self::NO_READING, true)) {
                    $fields[substr($path, 8)] = $field;
                }
            }
        }
        foreach (self::LISTS[$kind->value] as $name => $as) {
            $fields[$name] = Field::of($kind->value.'.'.$name, $as);
        }

        return self::$made[$kind->value] = $fields;
    }
}
