<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** One field as it was read: its value in base units, and how it reads back. */
final readonly class Entry
{
    /** @param  string|null  $assumption set when nobody typed it */
    public function __construct(public mixed $value, public string $echo, public ?string $assumption = null)
    {
    }
}
