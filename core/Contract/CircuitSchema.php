<?php

declare(strict_types=1);

namespace BraveAnvil\Contract;

use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;

/** The open circuit format as JSON Schema, from the one list of fields. */
final class CircuitSchema
{
    private const ID = 'https://brave-anvil.example/contract/circuit.schema.json';

    /** @return array<string, mixed> */
    public static function made(): array
    {
        $properties = ['format' => ['const' => CircuitReader::FORMAT]];
        foreach (Fields::all() as $path => $field) {
            $properties = self::placed($properties, explode('.', $path), self::field($field));
        }

        return [
            '$schema' => 'https://json-schema.org/draft/2020-12/schema', '$id' => self::ID, 'title' => 'Circuit',
            'description' => 'One motor branch circuit as it was entered. Unknown fields are kept and reported as a note.',
            'type' => 'object', 'required' => ['rule_book'], 'properties' => $properties,
        ];
    }

    /**
     * @param  array<string, mixed>  $properties
     * @param  list<string>  $path
     * @param  array<string, mixed>  $schema
     * @return array<string, mixed>
     */
    private static function placed(array $properties, array $path, array $schema): array
    {
        $name = array_shift($path) ?? '';
        if ($path === []) {
            $properties[$name] = $schema;

            return $properties;
        }
        $group = is_array($properties[$name] ?? null) ? $properties[$name] : ['type' => ['object', 'null'], 'properties' => []];
        /** @var array<string, mixed> $inner */
        $inner = is_array($group['properties'] ?? null) ? $group['properties'] : [];
        $properties[$name] = [...$group, 'properties' => self::placed($inner, $path, $schema)];

        return $properties;
    }

    /** @return array<string, mixed> */
    private static function field(Field $field): array
    {
        $description = $field->label.'. '.$field->acceptedInFile();
        if ($field->path === 'rule_book') {
            return ['description' => $description, 'type' => 'string'];
        }

        return [
            'description' => $description,
            ...match (true) {
                $field->kind === FieldKind::Choice => [
                    'anyOf' => [
                        ['enum' => [...array_map(static fn (Choice $choice): string => (string) $choice->value, $field->cases()), null]],
                        ['type' => 'string'],
                    ],
                ],
                $field->kind === FieldKind::Flag => ['type' => ['boolean', 'string', 'number', 'null']],
                in_array($field->kind, [FieldKind::Points, FieldKind::LoadHours, FieldKind::EfficiencyPoints], true) => [
                    'type' => ['array', 'string', 'null'],
                    'items' => ['type' => 'array', 'items' => ['type' => ['number', 'string']]],
                ],
                $field->kind === FieldKind::Traits => ['type' => ['array', 'string', 'null'], 'items' => ['type' => 'string']],
                $field->kind === FieldKind::Anything => [],
                default => ['type' => ['string', 'number', 'null']],
            },
        ];
    }
}
