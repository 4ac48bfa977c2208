<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\Unit;

/** What is typed for each kind of entry. */
final class EntryFields
{
    private const TEXT = ['kind' => FieldKind::Text, 'accepted' => 'Up to 200 characters.'];

    private const LISTS = [
        'greased' => [
            'end' => ['kind' => FieldKind::Choice, 'label' => 'Bearing end', 'choices' => GreasedEnd::class, 'empty' => 'Both ends'],
            'grams' => [
                'kind' => FieldKind::Grams, 'label' => 'Grams', 'accepted' => 'Grams, one value or one for each end, such as 30 or 30/20.',
                'unit' => Unit::Gram, 'low' => 0.1, 'high' => 5000,
            ],
            'grease' => ['label' => 'Grease', ...self::TEXT],
        ],
        'hours' => [
            'meter' => [
                'kind' => FieldKind::Hours, 'label' => 'Hour meter', 'accepted' => 'Hours from 0 to 1 000 000.', 'unit' => Unit::Hour,
                'low' => 0,
                'high' => 1e6,
            ],
            'replaced' => ['kind' => FieldKind::Flag, 'label' => 'Meter replaced', 'accepted' => 'Yes or No.'],
        ],
        'trip' => [
            'device' => ['label' => 'Tripped device', ...self::TEXT], 'showed' => ['label' => 'Indication', ...self::TEXT],
            'dial' => [
                'kind' => FieldKind::Amperes, 'label' => 'Relay setting found', 'accepted' => 'Amperes from 0 to 10 000.',
                'unit' => Unit::Ampere, 'low' => 0, 'high' => 10000,
            ],
            'cause' => ['label' => 'Cause found', ...self::TEXT], 'reset_by' => ['label' => 'Reset by', ...self::TEXT],
        ],
        'repair' => ['what' => ['label' => 'Work done', ...self::TEXT]],
        'part' => ['what' => ['label' => 'Part', ...self::TEXT], 'serial' => ['label' => 'Serial number of the part', ...self::TEXT]],
        'inspection' => ['what' => ['label' => 'Observations', ...self::TEXT]],
        'note' => ['what' => ['label' => 'Note', ...self::TEXT]],
    ];

    /** @var array<string, array<string, Field>> */
    private static array $made = [];

    /** @return array<string, Field> by name */
    public static function of(EntryKind $kind): array
    {
        if (! isset(self::$made[$kind->value])) {
            self::$made[$kind->value] = [];
            foreach (self::LISTS[$kind->value] as $name => $as) {
                self::$made[$kind->value][$name] = Field::of($kind->value.'.'.$name, $as);
            }
        }

        return self::$made[$kind->value];
    }

    /** The field without which an entry says nothing. */
    public static function wanted(EntryKind $kind): string
    {
        return match ($kind) {
            EntryKind::Greased => 'grams', EntryKind::Hours => 'meter', EntryKind::Trip => 'device',
            EntryKind::Repair, EntryKind::Part, EntryKind::Inspection, EntryKind::Note => 'what',
        };
    }
}
