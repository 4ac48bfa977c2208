<?php

declare(strict_types=1);

namespace BraveAnvil\Register;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\TypedFields;

/** The columns of a table of circuits: a friendly head above, the path of the field below. */
final class CircuitColumns
{
    /** Of a figure: it is written, and nothing is made of it when it is read. */
    public const FIGURE = 'figure:';

    /** They stand first and always. */
    private const FIRST = ['tag', 'rule_book', 'area', 'drives'];

    /** What a site says for all its circuits, or what hangs on one: not of a table of circuits. */
    private const ELSEWHERE = ['settings.corrections', 'readings'];

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

        return $section === false ? $field->label : ucfirst($section).': '.lcfirst($field->label).self::unit($field);
    }

    /**
     * @param  list<list<string>>  $rows  of a file
     * @param  array<int, string|null>  $chosen  paths that a person chose, by the place of the column; null for none
     */
    public static function match(array $rows, array $chosen): Matched
    {
        $paths = self::byName();
        $best = HeadRow::of($rows, static fn (string $cell): bool => isset($paths[self::plain($cell)]));
        $columns = [];
        $taken = [];
        foreach ($rows[$best] ?? [] as $place => $cell) {
            $path = array_key_exists($place, $chosen) ? $chosen[$place] : $paths[self::plain($cell)] ?? null;
            if ($path !== null && (isset($taken[$path]) || Fields::find($path) === null)) {
                $path = null;
            }
            if ($path !== null) {
                $taken[$path] = true;
            }
            $columns[] = new Column($place, $cell, $path);
        }

        return new Matched($columns, $best + 1);
    }

    /** @return array<string, string> paths by each name that a head may bear */
    private static function byName(): array
    {
        $names = [];
        foreach (Fields::all() as $path => $field) {
            if ($field->kind === FieldKind::Anything) {
                continue;
            }
            $names[self::plain($path)] = $path;
            $names[self::plain(self::head($path))] = $path;
            $names[self::plain($field->label)] ??= $path;
        }

        return $names;
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
