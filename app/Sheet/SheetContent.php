<?php

declare(strict_types=1);

namespace App\Sheet;

use BraveAnvil\Circuit\Fields;

/** What a record says, by the names of figures and fields: one place that the templates ask. */
final readonly class SheetContent
{
    /** @var array<string, array<array-key, mixed>> */
    private array $figures;

    /** @param  array<array-key, mixed>  $record */
    public function __construct(public array $record)
    {
        $figures = [];
        foreach ($this->list('figures') as $figure) {
            if (is_string($figure['key'] ?? null)) {
                $figures[$figure['key']] = $figure;
            }
        }
        $this->figures = $figures;
    }

    public function text(string $name): string
    {
        return is_string($this->record[$name] ?? null) ? $this->record[$name] : '';
    }

    /** The rule book's term, such as `star`. */
    public function word(string $name): string
    {
        $words = $this->record['words'] ?? [];

        // A sheet that was sealed before this term was one of its book's says it as it did then.
        return is_array($words) && is_string($words[$name] ?? null) ? $words[$name] : str_replace('_', ' ', $name);
    }

    /** A figure whose value is a word of the format; empty where it waits. */
    public function value(string $figure): string
    {
        $value = $this->figures[$figure]['value'] ?? '';

        return is_string($value) ? $value : '';
    }

    public function has(string $figure): bool
    {
        return isset($this->figures[$figure]);
    }

    /** A figure as a person reads it; empty where it waits. */
    public function shown(string $figure): string
    {
        $shown = $this->figures[$figure]['shown'] ?? '';

        return is_string($shown) ? $shown : '';
    }

    /** A figure as a row with its working and source; null where it waits. */
    public function row(string $key, ?string $label = null, ?string $value = null): ?SheetRow
    {
        $figure = $this->figures[$key] ?? null;
        if ($figure === null) {
            return null;
        }
        $text = static fn (string $part): string => is_string($figure[$part] ?? null) ? $figure[$part] : '';
        $marks = [];
        foreach (is_array($figure['assumptions'] ?? null) ? $figure['assumptions'] : [] as $assumption) {
            $marks[] = is_string($assumption) ? 'assumed: '.$assumption : 'assumed';
        }
        if ($text('uncertain') !== '') {
            $marks[] = 'unverified: '.$text('uncertain');
        }

        return new SheetRow($label ?? $text('label'), $value ?? $text('shown'), $text('working'), $text('source'), implode('; ', $marks));
    }

    /**
     * @param  list<string>  $keys
     * @return list<SheetRow> those that are there
     */
    public function rows(array $keys): array
    {
        return array_values(array_filter(array_map(fn (string $key): ?SheetRow => $this->row($key), $keys)));
    }

    /** What was typed into a field as it was read, else what an empty one was taken as; empty where it means nothing. */
    public function field(string $path): string
    {
        $read = $this->record['read'] ?? [];
        $empty = $this->record['empty_fields'] ?? [];
        if (is_array($read) && is_scalar($read[$path] ?? null) && $read[$path] !== '') {
            return (string) $read[$path];
        }

        return is_array($empty) && is_string($empty[$path] ?? null) ? $empty[$path] : '';
    }

    /** What a person wrote about the circuit itself: `drives` or `area`. */
    public function written(string $name): string
    {
        $circuit = $this->record['circuit'] ?? [];

        return is_array($circuit) && is_scalar($circuit[$name] ?? null) ? (string) $circuit[$name] : '';
    }

    /**
     * @param  list<string>  $paths
     * @return list<SheetRow> those that say something
     */
    public function fields(array $paths): array
    {
        $rows = [];
        foreach ($paths as $path) {
            $value = $this->field($path);
            if ($value !== '') {
                $rows[] = new SheetRow(Fields::find($path)->label ?? $path, $value);
            }
        }

        return $rows;
    }

    /** @return list<string> paths of one section that a person filled */
    public function typedPaths(string $section): array
    {
        $read = is_array($this->record['read'] ?? null) ? $this->record['read'] : [];
        $paths = [];
        foreach ($read as $path => $value) {
            if (str_starts_with((string) $path, $section.'.') && $value !== '') {
                $paths[] = (string) $path;
            }
        }

        return $paths;
    }

    /** @return array<array-key, mixed> empty where it is not drawn */
    public function curve(string $name): array
    {
        $curves = $this->record['curves'] ?? [];
        $curve = is_array($curves) ? $curves[$name] ?? [] : [];

        return is_array($curve) ? $curve : [];
    }

    public function sentence(string $station): string
    {
        $sentences = $this->record['sentences'] ?? [];

        return is_array($sentences) && is_string($sentences[$station] ?? null) ? $sentences[$station] : '';
    }

    /** @return list<array<array-key, mixed>> */
    public function list(string $name): array
    {
        $list = $this->record[$name] ?? [];

        return array_values(array_filter(is_array($list) ? $list : [], is_array(...)));
    }

    /** @return list<array{grade: string, title: string, text: string, action: string}> stops first; notes only where they are wanted */
    public function findings(bool $withNotes): array
    {
        $findings = [];
        foreach ($this->list('findings') as $finding) {
            $text = static fn (string $part): string => is_string($finding[$part] ?? null) ? $finding[$part] : '';
            if ($withNotes || $text('grade') !== 'note') {
                $findings[] = ['grade' => $text('grade'), 'title' => $text('title'), 'text' => $text('text'), 'action' => $text('action')];
            }
        }

        return $findings;
    }
}
