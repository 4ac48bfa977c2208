<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use LogicException;

/**
 * One table of a standard or of practice, read from its data file once per process. Entries that memory is not sure of
 * are named by JSON pointer (`rows/350/4`, `1~10/xl_steel`), so that a program can mark the figure that rests on them.
 */
final class Table
{
    /** @var array<string, self> */
    private static array $read = [];

    /**
     * @param  array<array-key, mixed>  $data
     * @param  array<string, string>  $uncertain
     */
    private function __construct(
        public readonly string $source,
        public readonly string $edition,
        public readonly array $data,
        private readonly array $uncertain,
    ) {
    }

    /** @param  string  $name folder and file without ending, `nec/ampacity` */
    public static function of(string $name): self
    {
        return self::$read[$name] ??= self::read($name);
    }

    private static function read(string $name): self
    {
        $file = json_decode((string) file_get_contents(__DIR__.'/data/'.$name.'.json'), true, 32, JSON_THROW_ON_ERROR);
        if (! is_array($file) || ! is_array($file['data'] ?? null) || ! is_string($file['source'] ?? null) || ! is_string($file['edition'] ?? null) || ! is_array($file['uncertain'] ?? null)) {
            throw new LogicException("$name is not a table");
        }
        /** @var array<string, string> $uncertain */
        $uncertain = $file['uncertain'];

        return new self($file['source'], $file['edition'], $file['data'], $uncertain);
    }

    /** What to print beside a figure taken from here. */
    public function cited(): string
    {
        return str_contains($this->source, 'no source') || str_starts_with($this->source, 'Typical')
            ? $this->source
            : $this->source.' ('.$this->edition.', from memory)';
    }

    /** The number at a path, or null where the table has a blank. */
    public function number(string ...$path): ?float
    {
        $value = $this->at(...$path);

        return is_int($value) || is_float($value) ? (float) $value : null;
    }

    /**
     * A number that the table must have.
     *
     * @throws LogicException when it has none
     */
    public function must(string ...$path): float
    {
        return $this->number(...$path) ?? throw new LogicException($this->source.' has no number at '.implode('/', $path));
    }

    public function text(string ...$path): ?string
    {
        $value = $this->at(...$path);

        return is_string($value) ? $value : null;
    }

    /** @return array<array-key, mixed> */
    public function list(string ...$path): array
    {
        $value = $this->at(...$path);

        return is_array($value) ? $value : throw new LogicException($this->source.' has no list at '.implode('/', $path));
    }

    /** @return list<float> */
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

    /** @return list<string> the keys at a path, in the table's order */
    public function keys(string ...$path): array
    {
        return array_map(strval(...), array_keys($this->list(...$path)));
    }

    /** Why the entry, its row or the whole is doubted, or null. */
    public function doubt(string ...$path): ?string
    {
        for (; $path !== []; array_pop($path)) {
            $reason = $this->uncertain[implode('/', str_replace('/', '~1', $path))] ?? null;
            if ($reason !== null) {
                return $reason;
            }
        }

        return null;
    }

    /** @return array<string, string> */
    public function doubts(): array
    {
        return $this->uncertain;
    }

    private function at(string ...$path): mixed
    {
        $value = $this->data;
        foreach ($path as $key) {
            if (! is_array($value) || ! array_key_exists($key, $value)) {
                return null;
            }
            $value = $value[$key];
        }

        return $value;
    }
}
