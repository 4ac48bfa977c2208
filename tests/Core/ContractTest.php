<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Contract\CircuitSchema;
use BraveAnvil\Contract\SolutionSchema;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The contract is what the core says: its files are written from it, and every solution keeps to it. */
final class ContractTest extends TestCase
{
    private const FOLDER = __DIR__.'/../../contract/';

    /** @return iterable<string, array{string}> */
    public static function schemas(): iterable
    {
        yield 'circuit' => ['circuit'];
        yield 'solution' => ['solution'];
    }

    #[DataProvider('schemas')]
    public function test_the_files_are_what_the_core_says(string $name): void
    {
        $made = $name === 'circuit' ? CircuitSchema::made() : SolutionSchema::made();
        $file = "$name.schema.json";
        $kept = json_decode((string) file_get_contents(self::FOLDER.$file), true, 64, JSON_THROW_ON_ERROR);
        $made = json_decode(json_encode($made, JSON_THROW_ON_ERROR), true, 64, JSON_THROW_ON_ERROR);
        self::assertTrue($made === $kept, "$file is not what the core says: run bin/contract");
    }

    public function test_the_labels_of_the_page_are_those_of_the_core(): void
    {
        $kept = json_decode((string) file_get_contents(self::FOLDER.'fields.json'), true, 8, JSON_THROW_ON_ERROR);
        self::assertIsArray($kept);
        self::assertSame(Fields::paths(), array_keys($kept));
        foreach (Fields::all() as $path => $field) {
            self::assertSame(['label' => $field->label, 'unit' => $field->typedUnit(), 'hint' => $field->hint], $kept[$path], $path);
            self::assertNotSame('', $field->label, $path);
        }
    }

    /** @return iterable<string, array{Solution}> */
    public static function solutions(): iterable
    {
        yield from LineageTest::solutions();
        yield 'nothing typed' => [Circuits::solve(['rule_book' => 'iec'])];
        yield 'no rule book' => [Circuits::solve(['rule_book' => 'none'])];
    }

    /** Every part of the JSON is one that the schema names, all the way down, and what is required is there. */
    #[DataProvider('solutions')]
    public function test_a_solution_keeps_to_its_schema(Solution $solution): void
    {
        $schema = SolutionSchema::made();
        $json = json_decode($solution->toJson(), true, 64, JSON_THROW_ON_ERROR);
        self::assertIsArray($schema['$defs']);
        self::assertSame([], self::breaches($json, $schema, $schema['$defs'], ''));
    }

    /**
     * @param  array<array-key, mixed>  $schema
     * @param  array<array-key, mixed>  $named
     * @return list<string> where a value does not keep to its shape
     */
    private static function breaches(mixed $value, array $schema, array $named, string $at): array
    {
        if (is_string($schema['$ref'] ?? null)) {
            $shape = $named[substr($schema['$ref'], strlen('#/$defs/'))] ?? null;

            return is_array($shape) ? self::breaches($value, $shape, $named, $at) : ["$at: no such shape"];
        }
        if (is_array($schema['anyOf'] ?? null)) {
            $tried = array_map(static fn (mixed $one): array => self::breaches($value, (array) $one, $named, $at), $schema['anyOf']);

            return in_array([], $tried, true) ? [] : array_values($tried)[0];
        }
        if (array_key_exists('const', $schema) && $value !== $schema['const']) {
            return ["$at: ".json_encode($value)];
        }
        if (is_array($schema['enum'] ?? null) && ! in_array($value, $schema['enum'], true)) {
            return ["$at: ".json_encode($value).' is none of its values'];
        }
        if (isset($schema['type']) && ! self::isOf($value, (array) $schema['type'])) {
            return ["$at: ".get_debug_type($value).' instead of '.json_encode($schema['type'])];
        }

        return is_array($value) ? self::inner($value, $schema, $named, $at) : [];
    }

    /**
     * @param  array<array-key, mixed>  $value
     * @param  array<array-key, mixed>  $schema
     * @param  array<array-key, mixed>  $named
     * @return list<string>
     */
    private static function inner(array $value, array $schema, array $named, string $at): array
    {
        $found = [];
        foreach ((array) ($schema['required'] ?? []) as $key) {
            if (is_string($key) && ! array_key_exists($key, $value)) {
                $found[] = "$at.$key is missing";
            }
        }
        $properties = (array) ($schema['properties'] ?? []);
        $rest = $schema['additionalProperties'] ?? null;
        foreach ($value as $key => $inner) {
            $shape = $properties[$key] ?? $schema['items'] ?? (is_array($rest) ? $rest : null);
            if (is_array($shape)) {
                array_push($found, ...self::breaches($inner, $shape, $named, "$at.$key"));
            } elseif ($rest === false) {
                $found[] = "$at.$key is not in the contract";
            }
        }

        return $found;
    }

    /** @param  array<array-key, mixed>  $types */
    private static function isOf(mixed $value, array $types): bool
    {
        $type = match (true) {
            $value === null => 'null',
            is_bool($value) => 'boolean',
            is_string($value) => 'string',
            is_int($value), is_float($value) => 'number',
            // An empty list and an empty object look alike once they are decoded.
            $value === [] => in_array('array', $types, true) ? 'array' : 'object',
            is_array($value) => array_is_list($value) ? 'array' : 'object',
            default => '',
        };

        return in_array($type, $types, true) || ($type === 'number' && is_int($value) && in_array('integer', $types, true));
    }
}
