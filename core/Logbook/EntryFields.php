<?php

declare(strict_types=1);

namespace BraveAnvil\Logbook;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Solution\Unit;

/** What is typed for each kind of entry. */
final class EntryFields
{
    private const TEXT = ['kind' => FieldKind::Text, 'accepted' => 'Text up to 200 characters.'];

    private const LISTS = [
        'greased' => [
            'end' => ['kind' => FieldKind::Choice, 'label' => 'End', 'choices' => GreasedEnd::class, 'empty' => 'Both ends'],
            'grams' => [
                'kind' => FieldKind::Grams, 'label' => 'Grams', 'accepted' => 'Grams, one or one for each end, such as 30 or 30/20.',
                'unit' => Unit::Gram, 'low' => 0.1, 'high' => 5000,
            ],
            'grease' => ['label' => 'Grease', ...self::TEXT],
        ],
        'hours' => [
            'meter' => [
                'kind' => FieldKind::Hours, 'label' => 'Meter', 'accepted' => 'Hours from 0 to 1 000 000.', 'unit' => Unit::Hour,
                'low' => 0,
                'high' => 1e6,
            ],
            'replaced' => ['kind' => FieldKind::Flag, 'label' => 'Meter replaced', 'accepted' => 'Yes or no.'],
        ],
        'trip' => [
            'device' => ['label' => 'What tripped', ...self::TEXT], 'showed' => ['label' => 'What it showed', ...self::TEXT],
            'cause' => ['label' => 'Cause found', ...self::TEXT], 'reset_by' => ['label' => 'Reset by', ...self::TEXT],
        ],
        'repair' => ['what' => ['label' => 'What was done', ...self::TEXT]],
        'part' => ['what' => ['label' => 'Part', ...self::TEXT], 'serial' => ['label' => 'Its serial number', ...self::TEXT]],
        'inspection' => ['what' => ['label' => 'What was seen', ...self::TEXT]],
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
            EntryKind::Greased => 'grams', EntryKind::Hours => 'meter', EntryKind::Trip => 'device', default => 'what',
        };
    }
}
