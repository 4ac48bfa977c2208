<?php

declare(strict_types=1);

namespace Tests\House\Mutants;

/** A place of the core at which one character or number may be changed: what stands there, and what is put instead. */
final class Point
{
    public function __construct(
        public readonly string $file,
        public readonly int $line,
        public readonly string $kind,
        public readonly int $from,
        public readonly int $length,
        public readonly string $before,
        public readonly string $after,
        /** Name of the function it stands in, as Walks counts them; null in a constant. */
        public readonly ?string $function,
    ) {
    }

    /** The file with the change made. */
    public function mutant(): string
    {
        return substr_replace((string) file_get_contents($this->file), $this->after, $this->from, $this->length);
    }

    /** The line as it is, and what is changed in it. */
    public function told(): string
    {
        $text = trim((string) (file($this->file)[$this->line - 1] ?? ''));

        return sprintf("%s:%d  %s → %s  (%s)\n    %s", $this->file, $this->line, $this->before, $this->after, $this->kind, $text);
    }
}
