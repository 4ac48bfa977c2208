<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

/** A quantity with a direction in the plane: current, voltage, impedance or admittance of one frequency. */
final readonly class Phasor
{
    public function __construct(public float $real, public float $imaginary)
    {
    }

    /** Of a size that lags the reference, as current and impedance are told by their power factor. */
    public static function lagging(float $size, float $cosine): self
    {
        return new self($size * $cosine, -$size * sqrt(max(0.0, 1 - $cosine ** 2)));
    }

    public static function zero(): self
    {
        return new self(0.0, 0.0);
    }

    public function plus(self $other): self
    {
        return new self($this->real + $other->real, $this->imaginary + $other->imaginary);
    }

    public function minus(self $other): self
    {
        return new self($this->real - $other->real, $this->imaginary - $other->imaginary);
    }

    /** @param  float  $factor  of any unit: the size takes it, the direction stays */
    public function scaled(float $factor): self
    {
        return new self($factor * $this->real, $factor * $this->imaginary);
    }

    public function times(self $other): self
    {
        return new self(
            $this->real * $other->real - $this->imaginary * $other->imaginary,
            $this->real * $other->imaginary + $this->imaginary * $other->real,
        );
    }

    public function over(self $other): self
    {
        $square = $other->real ** 2 + $other->imaginary ** 2;

        return $this->times($other->conjugate())->scaled(1 / $square);
    }

    public function conjugate(): self
    {
        return new self($this->real, -$this->imaginary);
    }

    /** In the unit of its parts. */
    public function size(): float
    {
        return hypot($this->real, $this->imaginary);
    }
}
