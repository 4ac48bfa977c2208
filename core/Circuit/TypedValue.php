<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** One field as it was read: its value in base units, and how it reads back. */
final readonly class TypedValue
{
    /**
     * @param  string|null  $assumption  set when nobody typed it
     * @param  self|null  $second  the second value of a plate for two frequencies, such as 1750 of `1450/1750`
     * @param  Assumed|null  $default  what an empty field is taken as
     * @param  array<string, self>  $also  what the same text says of other fields, by path
     */
    public function __construct(
        public mixed $value,
        public string $echo,
        public ?string $assumption = null,
        public ?self $second = null,
        public array $also = [],
        public ?Assumed $default = null,
    ) {
    }

    public function withSecond(self $second, string $echo): self
    {
        return new self($this->value, $echo, $this->assumption, $second, $this->also);
    }

    /** The same, which says something of another field too. */
    public function andAlso(string $path, self $value): self
    {
        return new self($this->value, $this->echo, $this->assumption, $this->second, [...$this->also, $path => $value], $this->default);
    }

    public function assumedTo(mixed $value, string $assumption): self
    {
        return new self($value, '', $assumption);
    }
}
