<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** Pieces of JSON Schema for what the core hands out; `bin/contract` writes the contract from them. */
final class Shape
{
    /**
     * @param  array<string, array<array-key, mixed>>  $properties  all of them are there
     * @return array<string, mixed>
     */
    public static function object(array $properties, ?string $title = null, string $description = ''): array
    {
        return [
            ...($title === null ? [] : ['title' => $title]), ...($description === '' ? [] : ['description' => $description]),
            'type' => 'object', 'additionalProperties' => false, 'required' => array_keys($properties), 'properties' => $properties,
        ];
    }

    /**
     * @param  array<string, mixed>  $of
     * @return array<string, mixed>
     */
    public static function list(array $of): array
    {
        return ['type' => 'array', 'items' => $of];
    }

    /**
     * @param  array<string, mixed>  $shape
     * @return array<string, mixed>
     */
    public static function orNull(array $shape): array
    {
        return isset($shape['type']) && is_string($shape['type']) && $shape['type'] !== 'object' && $shape['type'] !== 'array'
            ? [...$shape, 'type' => [$shape['type'], 'null']]
            : ['anyOf' => [$shape, ['type' => 'null']]];
    }

    /** @return array<string, mixed> */
    public static function text(): array
    {
        return ['type' => 'string'];
    }

    /** @return array<string, mixed> */
    public static function number(): array
    {
        return ['type' => 'number'];
    }

    /** @return array<string, mixed> */
    public static function flag(): array
    {
        return ['type' => 'boolean'];
    }

    /** @return array<string, mixed> a number for geometry with the text that a person reads */
    public static function shown(): array
    {
        return ['$ref' => '#/$defs/Shown'];
    }

    /**
     * @param  list<string>  $values
     * @return array<string, mixed>
     */
    public static function oneOf(array $values): array
    {
        return ['enum' => $values];
    }

    /**
     * @param  array<string, mixed>  $of
     * @return array<string, mixed>
     */
    public static function map(array $of, string $description = ''): array
    {
        return ['type' => 'object', 'additionalProperties' => $of, ...($description === '' ? [] : ['description' => $description])];
    }
}
