<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/**
 * Which fields of a circuit had their value asked for: what is typed and never asked for is used by nothing. A number is handed out as
 * the same figure each time.
 */
final class Reads
{
    /** @var array<string, true> */
    private array $paths = [];

    /** @var array<string, array{TypedValue, Figure}> what was handed out for which entry, by path */
    private array $figures = [];

    public function note(string $path): void
    {
        $this->paths[$path] = true;
    }

    public function has(string $path): bool
    {
        return isset($this->paths[$path]);
    }

    /** The number of an entry; circuits that are made from one another may have different ones at a path. */
    public function figure(string $path, TypedValue $entry, float $number): Figure
    {
        $known = $this->figures[$path] ?? null;
        if ($known !== null && $known[0] === $entry) {
            return $known[1];
        }
        $field = Fields::at($path);
        $figure = Figure::typed($path, $field->label, $number, $field->unit, $entry->assumption);
        $this->figures[$path] = [$entry, $figure];

        return $figure;
    }
}
