<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

use Closure;

/** What is wrong with one field, and what the field accepts. */
final readonly class FieldError
{
    public function __construct(
        public string $path,
        public string $text,
        public string $accepted,
        public ErrorKind $kind = ErrorKind::Unreadable,
    ) {
    }

    public function at(string $path): self
    {
        return new self($path, $this->text, $this->accepted, $this->kind);
    }

    /**
     * The same in other words; what was typed is quoted as it was.
     *
     * @param  Closure(string): string  $say
     */
    public function spoken(Closure $say): self
    {
        $text = str_contains($this->text, '“') ? $this->text : $say($this->text);

        return new self($this->path, $text, $say($this->accepted), $this->kind);
    }

    /** @return array{path: string, text: string, accepted: string, kind: string} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'text' => $this->text, 'accepted' => $this->accepted, 'kind' => $this->kind->value];
    }
}
