<?php

declare(strict_types=1);

namespace BraveAnvil\Prove;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Prove\Choice\Disconnected;
use BraveAnvil\Prove\Choice\Foundation;
use BraveAnvil\Prove\Choice\InrushAs;
use BraveAnvil\Prove\Choice\InsulationSystem;
use BraveAnvil\Prove\Choice\ReadAt;
use BraveAnvil\Prove\Choice\ReadJoin;
use BraveAnvil\Prove\Choice\Turning;
use BraveAnvil\Prove\Choice\WindingBuild;
use BraveAnvil\Solution\Unit;

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
        'kind' => FieldKind::Ohms, 'accepted' => 'Ohms, such as 0.842 or 842 mΩ; OL where nothing flows.', 'unit' => Unit::Ohm,
        'low' => 1e-6, 'high' => 1e5,
    ];

    private const CELSIUS = [
        'kind' => FieldKind::Celsius, 'accepted' => 'Degrees Celsius from −40 to 250.', 'unit' => Unit::Celsius,
        'low' => -40, 'high' => 250,
    ];

    private const WATTS = ['kind' => FieldKind::Watts, 'accepted' => 'Watts.', 'unit' => Unit::Watt, 'low' => 1, 'high' => 1e8];

    private const MEGOHMS = [
        'kind' => FieldKind::Megohms, 'accepted' => 'Megohms, such as 60; GΩ and kΩ are read too.', 'unit' => Unit::Ohm,
        'low' => 0, 'high' => 1e13,
    ];

    private const VELOCITY = [
        'kind' => FieldKind::Velocity, 'accepted' => 'Millimetres a second, rms, from 0 to 100.', 'unit' => Unit::MillimetrePerSecond,
        'low' => 0, 'high' => 100,
    ];

    private const WHERE = ['kind' => FieldKind::Choice, 'label' => 'Read', 'choices' => ReadAt::class, 'empty' => 'Not said'];

    /** Groups of values inside those of a reading. */
    public const GROUPS = ['before', 'after'];

    /** Fields of a measurement that say what is at hand, not what it showed. */
    private const NO_READING = ['measure.instruments', 'measure.neutral', 'measure.shunt_ohm', 'measure.shunt_power'];

    private const LISTS = [
        'winding_resistance' => [
            'joined' => ['kind' => FieldKind::Choice, 'label' => 'Windings', 'choices' => ReadJoin::class, 'empty' => 'Not said'],
            'ohms_uv' => ['label' => 'U–V', ...self::OHMS], 'ohms_vw' => ['label' => 'V–W', ...self::OHMS],
            'ohms_wu' => ['label' => 'W–U', ...self::OHMS],
            'ohms_u' => ['label' => 'U1–U2', ...self::OHMS], 'ohms_v' => ['label' => 'V1–V2', ...self::OHMS],
            'ohms_w' => ['label' => 'W1–W2', ...self::OHMS],
            'temperature' => ['label' => 'Winding temperature', ...self::CELSIUS],
            'metal' => ['kind' => FieldKind::Choice, 'label' => 'Wound of', 'choices' => Metal::class, 'empty' => 'Copper'],
        ],
        'insulation_resistance' => [
            'disconnected' => [
                'kind' => FieldKind::Traits, 'label' => 'Taken off before', 'choices' => Disconnected::class,
                'accepted' => 'What was taken off: drive, soft_starter, capacitor, arrester, sensors.',
            ],
            'test_volts' => ['label' => 'Test volts, dc', ...self::VOLTS],
            'megohms' => ['label' => 'After 1 minute', ...self::MEGOHMS],
            'megohms_10' => ['label' => 'After 10 minutes', ...self::MEGOHMS],
            'temperature' => ['label' => 'Winding temperature', ...self::CELSIUS],
            'winding' => ['kind' => FieldKind::Choice, 'label' => 'Winding', 'choices' => WindingBuild::class, 'empty' => 'Random-wound'],
            'system' => [
                'kind' => FieldKind::Choice, 'label' => 'Insulation', 'choices' => InsulationSystem::class, 'empty' => 'The general rule',
            ],
        ],
        'loop_impedance' => ['ohms' => ['label' => 'At the motor terminals', ...self::OHMS]],
        'relay_trip' => [
            'multiple' => [
                'kind' => FieldKind::Ratio, 'label' => 'Test current over the dial', 'accepted' => 'A multiple from 1 to 20, such as 6.',
                'unit' => Unit::Times, 'low' => 1, 'high' => 20,
            ],
            'seconds' => [
                'kind' => FieldKind::Seconds, 'label' => 'Tripped after', 'accepted' => 'Seconds, from cold, with current in three poles.',
                'unit' => Unit::Second, 'low' => 0.01, 'high' => 7200,
            ],
            'class' => ['kind' => FieldKind::Choice, 'label' => 'Class', 'choices' => TripClass::class, 'empty' => 'As the circuit says'],
        ],
        'supply_voltage' => [
            'volts_12' => ['label' => 'L1–L2', ...self::VOLTS], 'volts_23' => ['label' => 'L2–L3', ...self::VOLTS],
            'volts_31' => ['label' => 'L3–L1', ...self::VOLTS],
        ],
        'rotation' => ['seen' => ['kind' => FieldKind::Choice, 'label' => 'It turns', 'choices' => Turning::class, 'empty' => 'Not said']],
        'no_load_current' => [
            'amps_1' => ['label' => 'L1', ...self::AMPS], 'amps_2' => ['label' => 'L2', ...self::AMPS],
            'amps_3' => ['label' => 'L3', ...self::AMPS], 'volts' => ['label' => 'Volts, mean', ...self::VOLTS],
        ],
        'inrush' => [
            'amps' => ['label' => 'Highest current', ...self::AMPS],
            'as' => ['kind' => FieldKind::Choice, 'label' => 'It is the', 'choices' => InrushAs::class, 'empty' => 'Not said'],
            'volts' => ['label' => 'Volts while starting', ...self::VOLTS],
        ],
        'run_up_time' => [
            'seconds' => [
                'kind' => FieldKind::Seconds, 'label' => 'To full speed', 'accepted' => 'Seconds from 0.05 to 600.',
                'unit' => Unit::Second, 'low' => 0.05, 'high' => 600,
            ],
            'changeover' => [
                'kind' => FieldKind::Seconds, 'label' => 'To changeover', 'accepted' => 'Seconds from 0.05 to 600.',
                'unit' => Unit::Second, 'low' => 0.05, 'high' => 600,
            ],
        ],
        'line_current' => [
            'amps_1' => ['label' => 'Amps L1', ...self::AMPS], 'amps_2' => ['label' => 'Amps L2', ...self::AMPS],
            'amps_3' => ['label' => 'Amps L3', ...self::AMPS],
            'volts_12' => ['label' => 'Volts L1–L2', ...self::VOLTS], 'volts_23' => ['label' => 'Volts L2–L3', ...self::VOLTS],
            'volts_31' => ['label' => 'Volts L3–L1', ...self::VOLTS],
            'where' => self::WHERE,
        ],
        'power' => ['where' => self::WHERE],
        'speed' => [
            'rpm' => [
                'kind' => FieldKind::Rpm, 'label' => 'Speed', 'accepted' => 'Revolutions a minute, such as 1486.',
                'unit' => Unit::Rpm, 'low' => 1, 'high' => 30000,
            ],
            'frequency' => [
                'kind' => FieldKind::Hertz, 'label' => 'Frequency', 'accepted' => 'Hertz from 10 to 400.', 'unit' => Unit::Hertz,
                'low' => 10, 'high' => 400,
            ],
            'volts' => ['label' => 'Volts, mean', ...self::VOLTS],
        ],
        'capacitor' => [
            'amps_1' => ['label' => 'L1', ...self::AMPS], 'amps_2' => ['label' => 'L2', ...self::AMPS],
            'amps_3' => ['label' => 'L3', ...self::AMPS], 'volts' => ['label' => 'Volts, mean', ...self::VOLTS],
        ],
        'correction' => [
            'before.watts' => ['label' => 'Watts before', ...self::WATTS], 'before.amps' => ['label' => 'Amps before', ...self::AMPS],
            'before.volts' => ['label' => 'Volts before', ...self::VOLTS],
            'after.watts' => ['label' => 'Watts after', ...self::WATTS], 'after.amps' => ['label' => 'Amps after', ...self::AMPS],
            'after.volts' => ['label' => 'Volts after', ...self::VOLTS],
        ],
        'vibration' => [
            'de' => ['label' => 'Drive end', ...self::VELOCITY], 'nde' => ['label' => 'Other end', ...self::VELOCITY],
            'foundation' => ['kind' => FieldKind::Choice, 'label' => 'Stands on', 'choices' => Foundation::class, 'empty' => 'Rigid'],
        ],
        'temperature' => [
            'bearing_de' => ['label' => 'Bearing, drive end', ...self::CELSIUS],
            'bearing_nde' => ['label' => 'Bearing, other end', ...self::CELSIUS],
            'frame' => ['label' => 'Frame', ...self::CELSIUS], 'ambient' => ['label' => 'Ambient', ...self::CELSIUS],
        ],
        'temperature_rise' => [
            'cold_ohms' => ['label' => 'Ohms cold', ...self::OHMS],
            'cold_temperature' => ['label' => 'Winding when cold', ...self::CELSIUS],
            'hot_ohms' => ['label' => 'Ohms hot', ...self::OHMS], 'ambient' => ['label' => 'Ambient when hot', ...self::CELSIUS],
        ],
    ];

    /** @var array<string, array<string, Field>> */
    private static array $made = [];

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
