<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

/** A stretch of the day with what runs in it, and how many steps of the bank are on. */
final readonly class Interval
{
    /**
     * @param  float  $from  minutes since the pattern begins
     * @param  float  $minutes  it lasts
     * @param  float  $power  W
     * @param  float  $reactive  var
     * @param  float  $need  var for the target
     * @param  int  $steps  on at its end
     * @param  float  $given  by them, var
     */
    public function __construct(
        public float $from,
        public float $minutes,
        public float $power,
        public float $reactive,
        public float $need,
        public int $steps = 0,
        public float $given = 0.0,
    ) {
    }

    /** The same with steps on. */
    public function with(int $steps, float $step): self
    {
        return new self($this->from, $this->minutes, $this->power, $this->reactive, $this->need, $steps, $steps * $step);
    }

    /** Of its magnitude; null where nothing runs. */
    public function powerFactor(bool $corrected): ?float
    {
        return $this->power <= 0 ? null : $this->power / hypot($this->power, $this->reactive - ($corrected ? $this->given : 0.0));
    }
}
