<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use BraveAnvil\Stations\Prove\ReadingFields;
use BraveAnvil\Stations\Prove\ReadingKind;

/** A table of readings: one row a reading, one column for each value that any of them has. */
final class ReadingTable
{
    private const FIRST = [
        'tag' => 'Tag', 'kind' => 'Kind', 'taken_at' => 'Taken at', 'load_percent' => 'Load, %', 'instrument' => 'Instrument',
        'note' => 'Note',
        'simulated' => 'Simulated',
    ];

    private const VALUE = 'values.';

    /**
     * @param  list<array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<array-key, mixed>}>  $readings
     * @return list<list<string>> heads, paths, and one row for each reading
     */
    public static function rows(array $readings): array
    {
        $names = [];
        foreach ($readings as $reading) {
            foreach (self::texts($reading['values']) as $name => $text) {
                $names[$name] = true;
            }
        }
        $names = array_map(strval(...), array_keys($names));
        sort($names);
        $labels = self::labels();
        $rows = [
            [...array_values(self::FIRST), ...array_map(static fn (string $name): string => $labels[$name] ?? $name, $names)],
            [...array_keys(self::FIRST), ...array_map(static fn (string $name): string => self::VALUE.$name, $names)],
        ];
        foreach ($readings as $reading) {
            $texts = self::texts($reading['values']);
            $row = [];
            foreach (array_keys(self::FIRST) as $key) {
                $row[] = $reading[$key];
            }
            $rows[] = [...$row, ...array_map(static fn (string $name): string => $texts[$name] ?? '', $names)];
        }

        return $rows;
    }

    /**
     * @param  list<list<string>>  $rows  of a file
     * @param  array<int, string|null>  $chosen  paths that a person chose, by the place of the column
     */
    public static function match(array $rows, array $chosen): Matched
    {
        $known = [];
        foreach (self::FIRST as $path => $head) {
            $known[strtolower($head)] = $path;
            $known[$path] = $path;
        }
        foreach (self::labels() as $name => $label) {
            $known[self::VALUE.$name] = self::VALUE.$name;
        }
        $best = HeadRow::of($rows, static fn (string $cell): bool => isset($known[strtolower($cell)]));
        $columns = [];
        foreach ($rows[$best] ?? [] as $place => $cell) {
            $path = array_key_exists($place, $chosen) ? $chosen[$place] : $known[strtolower($cell)] ?? null;
            $columns[] = new Column($place, $cell, $path);
        }

        return new Matched($columns, $best + 1);
    }

    /**
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     * @return array{array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<string, string>}, list<CellProblem>}
     */
    public static function read(array $columns, array $cells): array
    {
        $texts = array_fill_keys(array_keys(self::FIRST), '');
        $values = [];
        foreach ($columns as $column) {
            $text = CellText::read($cells[$column->place] ?? '');
            if ($column->path === null || $text === '') {
                continue;
            }
            if (str_starts_with($column->path, self::VALUE)) {
                $values[substr($column->path, strlen(self::VALUE))] = $text;
            } elseif (isset($texts[$column->path])) {
                $texts[$column->path] = $text;
            }
        }

        return self::judged($texts, $values);
    }

    /**
     * One reading a line.
     *
     * @param  array<array-key, mixed>  $reading
     * @return array{array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<string, string>}, list<CellProblem>}
     */
    public static function readDocument(array $reading): array
    {
        $texts = [];
        foreach (array_keys(self::FIRST) as $key) {
            $value = $reading[$key] ?? '';
            $texts[$key] = is_bool($value) ? ($value ? 'true' : 'false') : (is_scalar($value) ? (string) $value : '');
        }

        return self::judged($texts, self::texts(is_array($reading['values'] ?? null) ? $reading['values'] : []));
    }

    /**
     * @param  array<string, string>  $texts  those of `FIRST`
     * @param  array<string, string>  $values
     * @return array{array{tag: string, kind: string, taken_at: string, load_percent: string, instrument: string, note: string, simulated: string, values: array<string, string>}, list<CellProblem>}
     */
    private static function judged(array $texts, array $values): array
    {
        ksort($values);
        $problems = [];
        $kind = ReadingKind::tryFrom($texts['kind']);
        if ($kind === null) {
            $problems[] = new CellProblem('kind', $texts['kind'], 'Unknown kind of reading.',
                'Enter one of: '.implode(', ', array_map(static fn (ReadingKind $kind): string => $kind->label().' ('.$kind->value.')',
                    ReadingKind::cases())).'.');
        }
        foreach ($kind === null ? [] : array_diff_key($values, ReadingFields::of($kind)) as $name => $text) {
            $problems[] = new CellProblem(self::VALUE.$name, $text, 'This kind of reading does not have this value.',
                'Enter only the values of its kind.');
        }
        if ($values === []) {
            $problems[] = new CellProblem('', '', 'This row has no measured value.', 'Enter at least one value.');
        }

        return [[
            'tag' => $texts['tag'], 'kind' => $texts['kind'], 'taken_at' => $texts['taken_at'], 'load_percent' => $texts['load_percent'],
            'instrument' => $texts['instrument'], 'note' => $texts['note'], 'simulated' => $texts['simulated'], 'values' => $values,
        ], $problems];
    }

    /**
     * Values as text, by name in the order of the letters; empty ones left out.
     *
     * @param  array<array-key, mixed>  $values
     * @return array<string, string>
     */
    public static function texts(array $values): array
    {
        $texts = [];
        foreach ($values as $name => $value) {
            $text = match (true) {
                is_bool($value) => $value ? 'true' : 'false',
                is_scalar($value) => (string) $value,
                is_array($value) => implode(', ', array_map(strval(...), array_filter($value, is_scalar(...)))),
                default => '',
            };
            if ($text !== '') {
                $texts[(string) $name] = $text;
            }
        }
        ksort($texts);

        return $texts;
    }

    /** @return array<string, string> labels of all values of all kinds, by name */
    private static function labels(): array
    {
        $labels = [];
        foreach (ReadingKind::cases() as $kind) {
            foreach (ReadingFields::of($kind) as $name => $field) {
                $labels[$name] ??= $field->label;
            }
        }

        return $labels;
    }
}
