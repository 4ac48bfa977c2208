<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

use BackedEnum;
use BraveAnvil\Circuit\Choice\Choice;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Show;
use BraveAnvil\Rules\RuleBook;
use BraveAnvil\Tables\EntryPath;
use BraveAnvil\Tables\EntryPlace;
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\Tables;

/** All of a solution that could be otherwise: what was assumed with a range, what a station estimated, and what a table is not sure of. */
final class Candidates
{
    /** How far a doubted entry of a table may be off; common practice. It stays between the rows beside it. */
    private const ENTRY_SHARE = 0.1;

    /**
     * @param  list<Figure>  $figures
     * @return list<DoubtfulValue>
     */
    public static function of(Circuit $circuit, RuleBook $book, Tables $tables, array $figures): array
    {
        $byKey = [];
        foreach ($figures as $figure) {
            $byKey[$figure->key()] = $figure;
        }

        return [...self::defaults($circuit, $book), ...Estimates::of($circuit, $byKey), ...self::entries($tables, $figures)];
    }

    /** @return list<DoubtfulValue> */
    private static function defaults(Circuit $circuit, RuleBook $book): array
    {
        $candidates = [];
        foreach (Fields::paths() as $path) {
            $default = $circuit->defaultOf($path);
            $field = Fields::find($path);
            if ($field === null || $default === null || $default->range === [] || in_array($path, $book->unused($circuit), true)) {
                continue;
            }
            $tried = array_map(
                static fn (float|bool|BackedEnum $value): array => [$value, self::said($field, $value, $book)], $default->range,
            );
            $candidates[] = new DoubtfulValue(Doubted::Assumed, $path, $field->label, $default->why, $tried);
        }

        return $candidates;
    }

    private static function said(Field $field, float|bool|BackedEnum $value, RuleBook $book): string
    {
        if (is_bool($value)) {
            return $value ? 'yes' : 'no';
        }
        if (is_float($value)) {
            return Show::quantity($value, $field->unit);
        }
        $named = $book->choices()[$field->path] ?? [];
        $text = (string) $value->value;

        return $value instanceof Choice && $named === [] ? $value->label($book->words())
            : $named[$text] ?? $named[strtolower($text)] ?? $text;
    }

    /**
     * @param  list<Figure>  $figures
     * @return list<DoubtfulValue>
     */
    private static function entries(Tables $tables, array $figures): array
    {
        $candidates = [];
        foreach ($figures as $figure) {
            $path = $figure->doubt->path ?? '';
            $entry = $path === '' || isset($candidates[$path]) ? null : EntryPath::find($tables, $path);
            if ($entry === null) {
                continue;
            }
            $table = $tables->named($entry->table);
            $value = $table->number(...Table::path($entry->pointer));
            if ($value === null || $value <= 0) {
                continue;
            }
            [$before, $after] = $table->neighbours($entry->pointer);
            $tried = [];
            foreach ([$value * (1 - self::ENTRY_SHARE), $value * (1 + self::ENTRY_SHARE)] as $other) {
                if ($before !== null && $after !== null) {
                    $other = max(min($before, $after, $value), min(max($before, $after, $value), $other));
                }
                if (abs($other - $value) > 1e-9) {
                    $tried[] = [$other, Show::number($other)];
                }
            }
            $label = self::inTheBook($table, $entry->pointer);
            $candidates[$path] = new DoubtfulValue(Doubted::Entry, $path, $label, Show::number($value), $tried);
        }

        return array_values($candidates);
    }

    /** An entry by its table and its place there, as somebody finds it in the printed book. */
    private static function inTheBook(Table $table, string $pointer): string
    {
        return $table->source.': '.EntryPlace::of($table, $pointer);
    }
}
