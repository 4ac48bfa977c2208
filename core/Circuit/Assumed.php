<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** What an empty field is taken as, by whom, and in which words it is marked down to the sheet. */
final readonly class Assumed
{
    /**
     * @param  float|string|bool  $value  in base units, or the value of a choice
     * @param  string  $why  as it is marked beside every figure that rests on it
     * @param  list<float|string|bool>  $range  what it may well be instead, in the same terms; none where a site or a person decides it
     */
    public function __construct(
        public float|string|bool $value,
        public string $why,
        public DefaultReason $reason,
        public array $range = [],
    ) {
    }

    /** The same with what it may well be instead; common practice. */
    public function within(float|string|bool ...$range): self
    {
        return new self($this->value, $this->why, $this->reason, array_values($range));
    }
}
