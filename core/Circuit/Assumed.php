<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BackedEnum;

/** What an empty field is taken as, by whom, and in which words it is marked down to the sheet. */
final readonly class Assumed
{
    /** In base units, or the value of a choice. */
    public float|string|bool $value;

    /**
     * @param  float|bool|BackedEnum  $taken  in base units, or a choice
     * @param  string  $why  as it is marked beside every figure that rests on it
     * @param  list<float|bool|BackedEnum>  $range  what it may well be instead, in the same terms; none where a site or a person decides it
     */
    public function __construct(
        private float|bool|BackedEnum $taken,
        public string $why,
        public DefaultReason $reason,
        public array $range = [],
    ) {
        $this->value = $taken instanceof BackedEnum ? (string) $taken->value : $taken;
    }

    /** Taken by common practice. */
    public static function practice(float|bool|BackedEnum $taken, string $why): self
    {
        return new self($taken, $why, DefaultReason::Practice);
    }

    /** Taken by the rule book. */
    public static function byBook(float|bool|BackedEnum $taken, string $why): self
    {
        return new self($taken, $why, DefaultReason::RuleBook);
    }

    /** The same with what it may well be instead; common practice. */
    public function within(float|bool|BackedEnum ...$range): self
    {
        return new self($this->taken, $this->why, $this->reason, array_values($range));
    }
}
