<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** When a starter goes from its first stage to the full one. */
final readonly class ChangeoverRule
{
    /** Share of the first stage's equilibrium speed that is waited for where nobody sets anything. */
    private const USUAL = 0.97;

    private function __construct(public ?float $seconds, public ?float $speed)
    {
    }

    /** At 97 % of the speed that the first stage reaches. */
    public static function usual(): self
    {
        return new self(null, null);
    }

    /** @param  float  $seconds  of the first stage, s */
    public static function after(float $seconds): self
    {
        return new self($seconds, null);
    }

    /** @param  float  $speed  rpm */
    public static function at(float $speed): self
    {
        return new self(null, $speed);
    }

    /**
     * The first stage up to the changeover.
     *
     * @return Leg|null null where that speed is never reached
     */
    public function first(Sweep $stage, float $equilibrium): ?Leg
    {
        if ($this->seconds !== null) {
            return $stage->legFor(0.0, $this->seconds);
        }
        $speed = $this->speed ?? self::USUAL * $equilibrium;

        return $speed >= $equilibrium ? null : $stage->leg(0.0, $speed);
    }
}
