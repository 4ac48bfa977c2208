<?php

declare(strict_types=1);

namespace BraveAnvil\Solution;

use LogicException;

/**
 * One value with all that explains it: unit, formula, the numbers put in, source, and what is merely assumed.
 * Values are unrounded and in the unit stated.
 */
final readonly class Figure
{
    /** @param  list<string>  $assumptions what it rests on that nobody stamped or measured */
    public function __construct(
        public string $key,
        public string $label,
        public int|float|string $value,
        public string $unit = '',
        public string $formula = '',
        public string $working = '',
        public string $source = '',
        public array $assumptions = [],
        public ?string $uncertain = null,
    ) {
        if (is_float($value) && ! is_finite($value)) {
            throw new LogicException("$key is not a finite number");
        }
    }

    public function assumed(): bool
    {
        return $this->assumptions !== [];
    }

    /** @throws LogicException when the value is text */
    public function number(): float
    {
        if (is_string($this->value)) {
            throw new LogicException("$this->key is text");
        }

        return (float) $this->value;
    }

    /** The value as a person reads it, with its unit. */
    public function shown(int $digits = 4): string
    {
        return is_string($this->value) ? $this->value : Show::quantity($this->value, $this->unit, $digits);
    }

    public function withAssumption(string $assumption): self
    {
        return new self($this->key, $this->label, $this->value, $this->unit, $this->formula, $this->working, $this->source,
            [...$this->assumptions, $assumption], $this->uncertain);
    }

    /** The same value under another key, its source being this figure. */
    public function named(string $key, string $label, string $source): self
    {
        return new self($key, $label, $this->value, $this->unit, '', $this->label.' '.$this->shown(5), $source, $this->assumptions, $this->uncertain);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'key' => $this->key, 'label' => $this->label, 'value' => $this->value, 'unit' => $this->unit,
            'shown' => $this->shown(3),
            'formula' => $this->formula, 'working' => $this->working, 'source' => $this->source,
            'assumed' => $this->assumed(), 'assumptions' => $this->assumptions, 'uncertain' => $this->uncertain,
        ];
    }
}
