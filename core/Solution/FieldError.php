<?php

declare(strict_types=1);

namespace BraveAnvil\Solution;

/** What is wrong with one field, and what the field accepts. */
final readonly class FieldError
{
    public const UNREADABLE = 'unreadable';

    public const IMPOSSIBLE = 'impossible';

    public const MISSING = 'missing';

    public const REFUSED = 'refused';

    /** @param  string  $kind one of the constants; refused means not computed yet */
    public function __construct(public string $path, public string $text, public string $accepted, public string $kind = self::UNREADABLE)
    {
    }

    /** @return array{path: string, text: string, accepted: string, kind: string} */
    public function toArray(): array
    {
        return ['path' => $this->path, 'text' => $this->text, 'accepted' => $this->accepted, 'kind' => $this->kind];
    }
}
