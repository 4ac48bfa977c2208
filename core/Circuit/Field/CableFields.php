<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Field;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Choice\RacewayMaterial;
use BraveAnvil\Circuit\Choice\Support;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** Conductors of both runs. */
final class CableFields
{
    public const LIST = [
        'cable.length' => [
            'kind' => FieldKind::Metres, 'label' => 'Length, starter to motor',
            'accepted' => 'Metres up to 3000, such as 60 m. Feet are accepted: 200 ft.', 'unit' => Unit::Metre, 'low' => 0.1,
            'high' => 3000,
        ],
        'cable.line_length' => [
            'kind' => FieldKind::Metres, 'label' => 'Length, supply to starter', 'accepted' => 'Metres up to 3000, such as 12 m.',
            'unit' => Unit::Metre, 'low' => 0.1, 'high' => 3000,
        ],
        'cable.material' => ['kind' => FieldKind::Choice, 'label' => 'Conductor material', 'choices' => Metal::class],
        'cable.insulation' => [
            'kind' => FieldKind::Insulation, 'label' => 'Insulation',
            'accepted' => 'IEC: pvc or xlpe. NEC: TW, THW, THWN, XHHW, THHN, THWN-2 or XHHW-2. CE Code: TW, RW75, RW90 or T90.',
        ],
        'cable.method' => [
            'kind' => FieldKind::Installation, 'label' => 'Installation method',
            'accepted' => 'IEC: A1, A2, B1, B2, C, D1, D2, E or F. NEC: raceway. CE Code: raceway or free air.',
        ],
        'cable.grouped_circuits' => [
            'kind' => FieldKind::Count, 'label' => 'Circuits grouped, motor run',
            'accepted' => 'Number of circuits installed together, counting this one: 1 to 20.', 'low' => 1, 'high' => 20,
            'hint' => 'Count this circuit too.',
        ],
        'cable.line_grouped_circuits' => [
            'kind' => FieldKind::Count, 'label' => 'Circuits grouped, supply run',
            'accepted' => 'Number of circuits installed together there, counting this one: 1 to 20.', 'low' => 1, 'high' => 20,
            'empty' => 'Same as motor run',
        ],
        'cable.sets' => [
            'kind' => FieldKind::Count, 'label' => 'Parallel sets', 'accepted' => '1 to 6.', 'low' => 1, 'high' => 6,
            'hint' => 'Conductors in parallel per phase, both runs.', 'empty' => 'Automatic: one, or more if no single size passes',
        ],
        'cable.raceways' => [
            'kind' => FieldKind::Count, 'label' => 'Raceways for six leads', 'accepted' => '1 or 2.', 'low' => 1, 'high' => 2,
            'hint' => 'With two: T1 to T3 in one, T4 to T6 in the other.', 'empty' => 'One',
        ],
        'cable.protective_material' => [
            'kind' => FieldKind::Choice, 'label' => 'Protective conductor', 'choices' => Metal::class, 'empty' => 'Same as line conductors',
        ],
        'cable.protective_separate' => [
            'kind' => FieldKind::Flag, 'label' => 'Separate protective conductor', 'accepted' => 'Yes or No.',
            'hint' => 'Not in the cable and not bunched with it.', 'empty' => 'No',
        ],
        'cable.size' => [
            'kind' => FieldKind::Size, 'label' => 'Installed size, to motor',
            'accepted' => 'A standard size, such as 16 mm2, 6 AWG or 250 kcmil.',
            'hint' => 'The program checks this size instead of choosing one.',
        ],
        'cable.line_size' => [
            'kind' => FieldKind::Size, 'label' => 'Installed size, to starter',
            'accepted' => 'A standard size, such as 16 mm2, 6 AWG or 250 kcmil.',
        ],
        'cable.terminal_temperature' => [
            'kind' => FieldKind::Celsius, 'label' => 'Terminal temperature rating',
            'accepted' => '60, 75 or 90 °C under NEC and CE Code; 70 or 90 °C under IEC.', 'unit' => Unit::Celsius,
            'low' => 60, 'high' => 90,
        ],
        'cable.raceway_material' => ['kind' => FieldKind::Choice, 'label' => 'Raceway', 'choices' => RacewayMaterial::class],
        'cable.cores' => ['kind' => FieldKind::Count, 'label' => 'Cores', 'accepted' => '1 to 6.', 'low' => 1, 'high' => 6],
        'cable.tray' => ['kind' => FieldKind::Choice, 'label' => 'Cable support', 'choices' => Support::class],
        'cable.soil_temperature' => [
            'kind' => FieldKind::Celsius, 'label' => 'Soil temperature', 'accepted' => 'Degrees Celsius from -10 to 60.',
            'unit' => Unit::Celsius, 'low' => -10, 'high' => 60,
        ],
        'cable.soil_resistivity' => [
            'kind' => FieldKind::Resistivity, 'label' => 'Soil resistivity', 'accepted' => 'K·m/W from 0.5 to 3.',
            'unit' => Unit::KelvinMetrePerWatt, 'low' => 0.5, 'high' => 3,
        ],
        'cable.wet' => ['kind' => FieldKind::Flag, 'label' => 'Wet location', 'accepted' => 'Yes or No.'],
    ];
}
