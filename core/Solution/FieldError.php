<?php

declare(strict_types=1);

namespace BraveAnvil\Solution;

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

    /** @return array{path: string, text: string, accepted: string, kind: string} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'text' => $this->text, 'accepted' => $this->accepted, 'kind' => $this->kind->value];
    }
}
