<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Ground\ErrorKind;

/** Reads one row, or one document, against the circuit that has its tag. A cell that cannot be read refuses the row and names itself. */
final class CircuitRow
{
    /** Characters of a cell that are repeated. */
    private const QUOTED = 60;

    /**
     * @param  list<Column>  $columns
     * @param  list<string>  $cells
     * @param  array<array-key, mixed>|null  $present  the circuit of this tag in the site, or null
     * @param  string  $book  of the site, where the row names none
     * @param  array<array-key, mixed>  $supply  of the site, with which a new circuit begins
     * @param  ChoiceWords|null  $words  in which choices may be written too
     */
    public static function fromCells(
        array $columns,
        array $cells,
        ?array $present,
        string $book,
        array $supply = [],
        ?ChoiceWords $words = null,
    ): ReadRow {
        $document = $present ?? ['format' => CircuitReader::FORMAT, ...$supply === [] ? [] : ['supply' => $supply]];
        $letters = [];
        $typed = [];
        foreach ($columns as $column) {
            if ($column->path === null) {
                continue;
            }
            $cell = CellText::read($cells[$column->place] ?? '');
            $typed[$column->path] = HeadUnit::with($words?->value($column->path, $cell) ?? $cell, $column->unit);
            $letters[$column->path] = $column->letter().' '.$column->head;
        }
        if (($typed['rule_book'] ?? '') === '') {
            $typed['rule_book'] = is_string($present['rule_book'] ?? null) ? $present['rule_book'] : $book;
        }
        foreach ($typed as $path => $text) {
            // What stands there already keeps its kind: a number stays a number. An empty cell takes nothing from the site's supply.
            $inherited = $present === null && $text === '' && str_starts_with($path, 'supply.');
            if (! $inherited && (TypedFields::of($document)[$path] ?? '') !== $text) {
                $document = TypedFields::with($document, $path, $text);
            }
        }
        $more = array_slice($cells, count($columns));
        $problems = array_filter($more, static fn (string $cell): bool => $cell !== '') === []
            ? [] : [new CellProblem('', '', 'This row has more cells than there are column heads.', 'Keep one cell per column head.')];

        return self::judged($document, $typed['tag'] ?? '', $letters, $typed, $present, $problems, $supply);
    }

    /**
     * @param  array<array-key, mixed>  $document  a circuit of its own
     * @param  array<array-key, mixed>|null  $present
     * @param  array<array-key, mixed>  $supply  of the site, for a new circuit that says nothing of it
     */
    public static function fromDocument(array $document, ?array $present, string $book, array $supply = []): ReadRow
    {
        $document += ['format' => CircuitReader::FORMAT, ...$present === null && $supply !== [] ? ['supply' => $supply] : []];
        $document['rule_book'] ??= $book;
        $tag = is_scalar($document['tag'] ?? null) ? trim((string) $document['tag']) : '';

        return self::judged($document, $tag, [], TypedFields::of($document), $present, [], $supply);
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<string, string>  $letters  of columns, by path
     * @param  array<array-key, string>  $typed  by path
     * @param  array<array-key, mixed>|null  $present
     * @param  list<CellProblem>  $problems
     * @param  array<array-key, mixed>  $supply  of the site
     */
    private static function judged(
        array $document,
        string $tag,
        array $letters,
        array $typed,
        ?array $present,
        array $problems,
        array $supply,
    ): ReadRow {
        if (trim($tag) === '') {
            $problems[] = new CellProblem($letters['tag'] ?? '', '', 'Enter a tag.', Fields::named('tag')->accepted());
        }
        $circuit = CircuitReader::read($document);
        foreach ($circuit->errors as $path => $error) {
            // What was there before is not this file's fault, unless it fills that very field.
            if ($error->kind === ErrorKind::Missing || ($letters !== [] && ! isset($letters[$path]))
                || ($path === 'tag' && $present !== null)) {
                continue;
            }
            $problems[] = new CellProblem(
                $letters[$path] ?? (Fields::find($path)->label ?? $path), self::quoted($typed[$path] ?? ''), $error->text, $error->accepted,
            );
        }
        // What a new circuit takes from its site is no news of this file.
        $changes = self::changes($present ?? self::inherited($document, $supply), $document, $circuit->read());
        $action = match (true) {
            $problems !== [] => RowAction::Refuse, $present === null => RowAction::Create, $changes === [] => RowAction::Leave,
            default => RowAction::Change,
        };

        return new ReadRow($tag, $action, $document, $changes, $problems);
    }

    /**
     * @param  array<array-key, mixed>  $before
     * @param  array<array-key, mixed>  $after
     * @param  array<string, string>  $read  how each field was read, with its unit, by path
     * @return list<array{label: string, from: string, to: string, read: string}>
     */
    private static function changes(array $before, array $after, array $read): array
    {
        $was = TypedFields::of($before);
        $is = TypedFields::of($after);
        $changes = [];
        foreach (array_map(strval(...), array_keys($is + $was)) as $path) {
            if (($was[$path] ?? '') !== ($is[$path] ?? '')) {
                $changes[] = [
                    'label' => Fields::find($path)->label ?? $path, 'from' => $was[$path] ?? '', 'to' => $is[$path] ?? '',
                    'read' => $read[$path] ?? '',
                ];
            }
        }

        return $changes;
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<array-key, mixed>  $supply  of the site
     * @return array<array-key, mixed> what the document has of it
     */
    private static function inherited(array $document, array $supply): array
    {
        $own = is_array($document['supply'] ?? null) ? $document['supply'] : [];

        return ['supply' => array_filter($supply, static fn (mixed $value, int|string $key): bool => ($own[$key] ?? null) === $value,
            ARRAY_FILTER_USE_BOTH)];
    }

    private static function quoted(string $cell): string
    {
        return preg_match('~^.{0,'.self::QUOTED.'}~us', $cell, $m) === 1 ? $m[0].(strlen($m[0]) < strlen($cell) ? '…' : '') : '';
    }
}
