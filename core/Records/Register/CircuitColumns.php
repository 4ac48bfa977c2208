<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Ground\Show;

/** The columns of a table of circuits: a friendly head above, the path of the field below. */
final class CircuitColumns
{
    /** Of a figure: it is written, and nothing is made of it when it is read. */
    public const FIGURE = 'figure:';

    /** What people write above a column of their own, and the field that they mean by it. */
    private const COMMON = [
        'hp' => 'plate.power', 'kw' => 'plate.power', 'horsepower' => 'plate.power', 'motor hp' => 'plate.power', 'motor kw' => 'plate.power',
        'output' => 'plate.power', 'power' => 'plate.power', 'rated power' => 'plate.power', 'volts' => 'plate.voltage',
        'voltage' => 'plate.voltage', 'v' => 'plate.voltage', 'rated volts' => 'plate.voltage', 'fla' => 'plate.current',
        'flc' => 'plate.current', 'amps' => 'plate.current', 'full load amps' => 'plate.current', 'full-load amps' => 'plate.current',
        'full load current' => 'plate.current', 'rpm' => 'plate.speed', 'speed' => 'plate.speed', 'hz' => 'plate.frequency',
        'pf' => 'plate.power_factor', 'cos phi' => 'plate.power_factor', 'cos φ' => 'plate.power_factor', 'cosphi' => 'plate.power_factor',
        'eff' => 'plate.efficiency', 'sf' => 'plate.service_factor', 'code' => 'plate.code_letter', 'design' => 'plate.design_letter',
        'tag no' => 'tag', 'tag number' => 'tag', 'motor tag' => 'tag', 'equipment no' => 'tag', 'equipment number' => 'tag',
        'length' => 'cable.length', 'cable length' => 'cable.length', 'driven equipment' => 'drives', 'description' => 'drives', 'location' => 'area',
        'fed from' => 'supply.board.tag', 'fed by' => 'supply.board.tag', 'mcc' => 'supply.board.tag', 'panel' => 'supply.board.tag',
    ];

    /** They stand first and always. */
    private const FIRST = ['tag', 'rule_book', 'area', 'drives'];

    public const ALWAYS = 4;

    /** What a site says for all its circuits, or what hangs on one: not of a table of circuits. */
    private const ELSEWHERE = ['settings.corrections', 'settings.lessons', 'readings'];

    /**
     * @param  list<array<array-key, mixed>>  $documents
     * @return list<string> paths of all fields that any of these circuits has filled
     */
    public static function of(array $documents): array
    {
        $filled = [];
        foreach ($documents as $document) {
            $filled += TypedFields::of($document);
        }
        $paths = self::FIRST;
        foreach (Fields::paths() as $path) {
            if (isset($filled[$path]) && ! in_array($path, [...self::FIRST, ...self::ELSEWHERE], true)) {
                $paths[] = $path;
            }
        }

        return $paths;
    }

    /** `Plate: rated output`, as a person reads it. */
    public static function head(string $path): string
    {
        $field = Fields::find($path);
        $section = strstr($path, '.', true);
        if ($field === null) {
            return $path;
        }

        return $section === false ? $field->label : ucfirst($section).': '.Show::inside($field->label).self::unit($field);
    }

    /**
     * @param  list<list<string>>  $rows  of a file
     * @param  array<int, string|null>  $chosen  paths that a person chose, by the place of the column; null for none
     */
    public static function match(array $rows, array $chosen): Matched
    {
        [$own, $labels] = self::byName();
        $best = HeadRow::of($rows, static fn (string $cell): bool => self::named($cell, $own, $labels) !== null);
        $columns = [];
        $taken = [];
        $filled = self::filled(array_slice($rows, $best + 1));
        foreach ($rows[$best] ?? [] as $place => $cell) {
            $path = array_key_exists($place, $chosen) ? $chosen[$place] : self::named($cell, $own, $labels);
            if ($path !== null && (isset($taken[$path]) || Fields::find($path) === null || self::isGiven($path))) {
                $path = null;
            }
            if ($path !== null) {
                $taken[$path] = true;
            }
            $decided = $path !== null || array_key_exists($place, $chosen) || ! isset($filled[$place])
                || str_starts_with($cell, self::FIGURE);
            $columns[] = new Column($place, $cell, $path, $decided, $path === null ? null : self::otherUnit($path, $cell));
        }

        return new Matched($columns, $best + 1);
    }

    /**
     * The field that a head means, with or without a unit in brackets.
     *
     * @param  array<string, string>  $own  paths by our own names
     * @param  array<string, string>  $labels  paths by the labels of the page
     */
    private static function named(string $head, array $own, array $labels): ?string
    {
        $bare = preg_match('~^(.*\S)\s*[\[(]([^\])]*)[\])]\s*$~u', $head, $m) === 1 && HeadUnit::of('('.$m[2].')') !== null ? $m[1] : $head;

        return $own[self::plain($head)] ?? self::COMMON[self::plain($bare)] ?? $labels[self::plain($bare)] ?? null;
    }

    /**
     * The unit that a head names where it is not the field's own; an output is in the unit of its rule book, so its unit always counts.
     * What we wrote ourselves stands as it was typed.
     */
    private static function otherUnit(string $path, string $head): ?string
    {
        $unit = in_array(self::plain($head), [self::plain($path), self::plain(self::head($path))], true) ? null : HeadUnit::of($head);
        $field = Fields::find($path);

        return $unit === null || $field === null
            || ($field->kind !== FieldKind::Power && strtolower($unit) === strtolower($field->typedUnit())) ? null : $unit;
    }

    /**
     * @param  list<list<string>>  $rows
     * @return array<int, true> places of the columns with a cell that is filled
     */
    private static function filled(array $rows): array
    {
        $filled = [];
        foreach ($rows as $row) {
            foreach ($row as $place => $cell) {
                if (trim($cell) !== '') {
                    $filled[$place] = true;
                }
            }
        }

        return $filled;
    }

    /** @return array{array<string, string>, array<string, string>} paths by our own names, and by the labels of the page */
    private static function byName(): array
    {
        $own = [];
        $labels = [];
        foreach (Fields::all() as $path => $field) {
            if ($field->kind === FieldKind::Anything || self::isGiven($path)) {
                continue;
            }
            $own[self::plain($path)] = $path;
            $own[self::plain(self::head($path))] = $path;
            $labels[self::plain($field->label)] ??= $path;
        }

        return [$own, $labels];
    }

    /** What a board gives its circuits: nobody types it but its tag. */
    private static function isGiven(string $path): bool
    {
        return str_starts_with($path, 'supply.board.') && $path !== 'supply.board.tag';
    }

    private static function plain(string $head): string
    {
        return strtolower((string) preg_replace('~[\s_:,]+~u', ' ', trim($head)));
    }

    private static function unit(Field $field): string
    {
        return $field->typedUnit() === '' ? '' : ', '.$field->typedUnit();
    }
}
