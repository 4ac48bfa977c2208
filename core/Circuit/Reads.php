<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** Which fields of a circuit had their value asked for: what is typed and never asked for is used by nothing. */
final class Reads
{
    /** @var array<string, true> */
    private array $paths = [];

    public function note(string $path): void
    {
        $this->paths[$path] = true;
    }

    public function has(string $path): bool
    {
        return isset($this->paths[$path]);
    }
}
