<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** Resistance and reactance of one conductor or phase, Ω. */
final readonly class Impedance
{
    public function __construct(public float $resistance, public float $reactance)
    {
    }

    public static function none(): self
    {
        return new self(0.0, 0.0);
    }

    /**
     * Of a size, by its ratio of reactance to resistance.
     *
     * @param  float  $ohm  its magnitude
     */
    public static function ofRatio(float $ohm, float $reactanceOverResistance): self
    {
        $resistance = $ohm / sqrt(1 + $reactanceOverResistance ** 2);

        return new self($resistance, $resistance * $reactanceOverResistance);
    }

    public function plus(self $other): self
    {
        return new self($this->resistance + $other->resistance, $this->reactance + $other->reactance);
    }

    /** @param  float  $factor  in parts of one */
    public function times(float $factor): self
    {
        return new self($factor * $this->resistance, $factor * $this->reactance);
    }

    /** Ω */
    public function magnitude(): float
    {
        return hypot($this->resistance, $this->reactance);
    }

    public function isLike(self $other): bool
    {
        return $this->resistance === $other->resistance && $this->reactance === $other->reactance;
    }
}
