<?php

declare(strict_types=1);

namespace BraveAnvil\Tables;

use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\TableEntry;

use function array_is_list;
use function array_key_exists;
use function array_pop;
use function array_search;
use function array_shift;
use function constant;
use function defined;
use function explode;
use function file_get_contents;
use function implode;
use function is_array;
use function is_float;
use function is_int;
use function is_string;
use function json_decode;
use function str_replace;
use function str_starts_with;
use function strrpos;
use function substr;

/**
 * One table of a standard or of practice. Entries that memory is not sure of are named by JSON pointer (`rows/350/4`,
 * `1~10/xl_steel`), so that a program can mark the figure that rests on them; entries that a site replaced likewise.
 *
 * Keys that code writes out are asked with `must`, `entry`, `numbers` or `list`, which fail by name; `number` and `text` are
 * for keys that come from data or from what was typed, where a table may have a blank.
 */
final readonly class Table
{
    /** Where a server keeps all of them decoded, by name: whoever answers one request and forgets would decode thirty each time. */
    public const AT_HAND = 'BraveAnvil\Tables\TablesAtHand::ALL';

    /**
     * @param  array<array-key, mixed>  $data
     * @param  array<string, string>  $uncertain  why, by pointer
     * @param  array<string, EntryCorrection>  $corrections  by pointer
     */
    private function __construct(
        public TableName $name,
        public string $source,
        public string $edition,
        public string $unit,
        public array $data,
        private array $uncertain,
        private array $corrections = [],
    ) {
    }

    /** @throws Defect when the file is not a table */
    public static function read(TableName $name): self
    {
        $atHand = defined(self::AT_HAND) ? constant(self::AT_HAND) : [];
        $file = (is_array($atHand) ? $atHand[$name->value] ?? null : null) ?? self::decoded($name);
        if (! is_array($file) || ! is_array($file['data'] ?? null) || ! is_string($file['source'] ?? null)
            || ! is_string($file['edition'] ?? null) || ! is_array($file['uncertain'] ?? null)) {
            throw Defect::notATable($name->value);
        }
        /** @var array<string, string> $uncertain */
        $uncertain = $file['uncertain'];

        $unit = $file['unit'] ?? '';

        return new self($name, $file['source'], $file['edition'], is_string($unit) ? $unit : '', $file['data'], $uncertain);
    }

    /** A table's file as it stands, not checked. */
    public static function decoded(TableName $name): mixed
    {
        return json_decode((string) file_get_contents(__DIR__.'/data/'.$name->value.'.json'), true, 32, JSON_THROW_ON_ERROR);
    }

    /**
     * The same with one entry replaced.
     *
     * @throws Defect when it has no such entry, or the entry is not a number or a blank
     */
    public function corrected(EntryCorrection $correction): self
    {
        $data =
            self::replaced($this->data, self::path($correction->entry), $correction->value) ??
            throw Defect::noEntry($this->name->value, $correction->entry);

        return new self($this->name, $this->source, $this->edition, $this->unit, $data, $this->uncertain, [
            ...$this->corrections, $correction->entry => $correction,
        ]);
    }

    /**
     * @param  array<array-key, mixed>  $data
     * @param  list<string>  $path
     * @return array<array-key, mixed>|null null where there is no number or blank at the path
     */
    private static function replaced(array $data, array $path, float $value): ?array
    {
        $key = array_shift($path);
        if ($key === null || ! array_key_exists($key, $data)) {
            return null;
        }
        $inner = $data[$key];
        if ($path === []) {
            if ($inner !== null && ! is_int($inner) && ! is_float($inner)) {
                return null;
            }
            $data[$key] = $value;

            return $data;
        }
        $changed = is_array($inner) ? self::replaced($inner, $path, $value) : null;
        if ($changed === null) {
            return null;
        }
        $data[$key] = $changed;

        return $data;
    }

    /** What to print beside a figure taken from here. */
    public function cited(): string
    {
        return str_starts_with($this->source, 'Common practice') || str_starts_with($this->source, 'Typical')
            ? $this->source
            : HowKnown::FromMemory->behind($this->source, $this->edition);
    }

    /** The number at a path, or null where the table has a blank. */
    public function number(string ...$path): ?float
    {
        $value = $this->data;
        foreach ($path as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return is_float($value) || is_int($value) ? (float) $value : null;
    }

    /**
     * A number that the table must have.
     *
     * @throws Defect when it has none
     */
    public function must(string ...$path): float
    {
        $value = $this->data;
        foreach ($path as $key) {
            $value = is_array($value) ? $value[$key] ?? null : null;
        }

        return is_float($value) || is_int($value) ? (float) $value : throw Defect::noEntry($this->name->value, implode('/', $path));
    }

    /**
     * A number that the table must have, with its doubt and its correction.
     *
     * @throws Defect when it has none
     */
    public function entry(string ...$path): TableEntry
    {
        return new TableEntry($this->must(...$path), $this->cited(), $this->doubt(...$path), $this->correction(...$path));
    }

    /** Whether there is anything at a path. */
    public function has(string ...$path): bool
    {
        return $this->at(...$path) !== null;
    }

    /** Whether a number or a blank stands at a path. */
    public function isEntry(string ...$path): bool
    {
        $key = array_pop($path);
        $row = $path === [] ? $this->data : $this->at(...$path);
        if ($key === null || ! is_array($row) || ! array_key_exists($key, $row)) {
            return false;
        }

        return $row[$key] === null || is_int($row[$key]) || is_float($row[$key]);
    }

    /** @return list<mixed>|null the row at a path where it is one, without names of its own */
    public function row(string ...$path): ?array
    {
        $row = $this->at(...$path);

        return is_array($row) && array_is_list($row) ? $row : null;
    }

    public function text(string ...$path): ?string
    {
        $value = $this->at(...$path);

        return is_string($value) ? $value : null;
    }

    /**
     * @return array<array-key, mixed>
     *
     * @throws Defect when there is no list at the path
     */
    public function list(string ...$path): array
    {
        $value = $this->at(...$path);

        return is_array($value) ? $value : throw Defect::noEntry($this->name->value, implode('/', $path));
    }

    /**
     * @return list<float>
     *
     * @throws Defect when there is no list at the path
     */
    public function numbers(string ...$path): array
    {
        $numbers = [];
        foreach ($this->list(...$path) as $value) {
            if (is_int($value) || is_float($value)) {
                $numbers[] = (float) $value;
            }
        }

        return $numbers;
    }

    /**
     * The numbers at a path by their key; blanks are left out.
     *
     * @return array<array-key, float>
     *
     * @throws Defect when there is no list at the path
     */
    public function series(string ...$path): array
    {
        $numbers = [];
        foreach ($this->list(...$path) as $key => $value) {
            if (is_int($value) || is_float($value)) {
                $numbers[$key] = (float) $value;
            }
        }

        return $numbers;
    }

    /**
     * One column of a list of rows by the key of the row; blanks are left out.
     *
     * @return array<array-key, float>
     *
     * @throws Defect when there is no such list
     */
    public function column(string $rows, string $column): array
    {
        $numbers = [];
        foreach ($this->list($rows) as $key => $row) {
            $value = is_array($row) ? $row[$column] ?? null : null;
            if (is_int($value) || is_float($value)) {
                $numbers[$key] = (float) $value;
            }
        }

        return $numbers;
    }

    /**
     * @return list<string> the keys at a path, in the table's order
     *
     * @throws Defect when there is no list at the path
     */
    public function keys(string ...$path): array
    {
        $keys = [];
        foreach ($this->list(...$path) as $key => $ignored) {
            $keys[] = (string) $key;
        }

        return $keys;
    }

    /**
     * The same column in the row before and in the row after an entry; null where there is none, or no number.
     *
     * @return array{float|null, float|null}
     */
    public function neighbours(string $pointer): array
    {
        $path = self::path($pointer);
        $column = array_pop($path);
        $row = array_pop($path);
        if ($column === null || $row === null) {
            return [null, null];
        }
        $keys = $path === [] ? $this->keys() : $this->keys(...$path);
        $place = array_search($row, $keys, true);
        $at = fn (int $i): ?float => isset($keys[$i]) ? $this->number(...[...$path, $keys[$i], $column]) : null;

        return $place === false ? [null, null] : [$at($place - 1), $at($place + 1)];
    }

    /** Why the entry, its row or the whole is doubted, or null; what a site corrected or confirmed is doubted no more. */
    public function doubt(string ...$path): ?Doubt
    {
        if ($this->uncertain === []) {
            return null;
        }
        $entry = self::pointer($path);
        if (isset($this->corrections[$entry])) {
            return null;
        }
        $part = $entry;
        while (! isset($this->uncertain[$part])) {
            $slash = strrpos($part, '/');
            if ($slash === false) {
                return null;
            }
            $part = substr($part, 0, $slash);
        }

        return new Doubt($this->uncertain[$part], EntryPath::of($this, $entry));
    }

    /** Whether a site replaced any of its entries. */
    public function isCorrected(): bool
    {
        return $this->corrections !== [];
    }

    /** Who replaced this entry, or null. */
    public function correction(string ...$path): ?EntryCorrection
    {
        return $this->corrections === [] ? null : $this->corrections[self::pointer($path)] ?? null;
    }

    /** @return array<string, string> */
    public function doubts(): array
    {
        return $this->uncertain;
    }

    /** @param  array<array-key, string>  $path */
    public static function pointer(array $path): string
    {
        return implode('/', str_replace('/', '~1', $path));
    }

    /** @return list<string> */
    public static function path(string $pointer): array
    {
        return str_replace('~1', '/', explode('/', $pointer));
    }

    private function at(string ...$path): mixed
    {
        $value = $this->data;
        foreach ($path as $key) {
            if (! is_array($value)) {
                return null;
            }
            $value = $value[$key] ?? null;
        }

        return $value;
    }
}
