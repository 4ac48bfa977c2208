<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use Random\Engine\Mt19937;
use Random\Randomizer;

/** What a meter adds: Gaussian, cut at three standard deviations. The same seed gives the same readings. */
final class Noise
{
    private const CUT = 3.0;

    private const STEPS = 1 << 30;

    private readonly Randomizer $randomizer;

    /** @param  float  $relative  standard deviation over the value */
    public function __construct(int $seed, private readonly float $relative)
    {
        $this->randomizer = new Randomizer(new Mt19937($seed));
    }

    /**
     * A value as a meter shows it.
     *
     * @param  float  $value  in any unit, which is that of the answer
     */
    public function on(float $value): float
    {
        $uniform = fn (): float => ($this->randomizer->getInt(0, self::STEPS - 1) + 0.5) / self::STEPS;
        $gauss = sqrt(-2 * log($uniform())) * cos(2 * M_PI * $uniform());

        return $value * (1 + $this->relative * max(-self::CUT, min(self::CUT, $gauss)));
    }
}
