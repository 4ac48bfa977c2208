<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

/**
 * The currents of three lines as phasors, A.
 *
 * @phpstan-type Phasors array{array{float, float}, array{float, float}, array{float, float}}
 */
final readonly class LineCurrents
{
    /** Power factor of what flows through shorted turns. Own estimate. */
    private const SHORT_COS = 0.5;

    /** @param  Phasors  $phasors  real and imaginary part of each line */
    private function __construct(public array $phasors)
    {
    }

    /** Three equal phasors of the positive sequence. */
    public static function even(float $amps, float $angle): self
    {
        $line = static fn (int $k): array => [$amps * cos($angle - 2 * M_PI * $k / 3), $amps * sin($angle - 2 * M_PI * $k / 3)];

        return new self([$line(0), $line(1), $line(2)]);
    }

    /** With a current of the negative sequence besides. */
    public function withNegative(float $amps, float $angle): self
    {
        $phasors = $this->phasors;
        foreach ([0, 1, 2] as $k) {
            $phasors[$k][0] += $amps * cos($angle + 2 * M_PI * $k / 3);
            $phasors[$k][1] += $amps * sin($angle + 2 * M_PI * $k / 3);
        }

        return new self($phasors);
    }

    /**
     * With what flows through shorted turns besides.
     *
     * @param  list<int>  $lines  that feed them
     */
    public function withShortedTurns(float $amps, array $lines): self
    {
        $phasors = $this->phasors;
        $lag = acos(self::SHORT_COS);
        foreach ([0, 1, 2] as $k) {
            if (in_array($k, $lines, true)) {
                $at = -2 * M_PI * $k / 3 - $lag;
                $phasors[$k][0] += $amps * cos($at);
                $phasors[$k][1] += $amps * sin($at);
            }
        }

        return new self($phasors);
    }

    /**
     * What they carry at even volts.
     *
     * @param  float  $volts  between the lines, V
     * @return array{float, float} W and var
     */
    public function powers(float $volts): array
    {
        $real = 0.0;
        $reactive = 0.0;
        foreach ($this->phasors as $k => [$re, $im]) {
            $at = -2 * M_PI * $k / 3;
            $real += $volts / sqrt(3) * ($re * cos($at) + $im * sin($at));
            $reactive += $volts / sqrt(3) * ($re * sin($at) - $im * cos($at));
        }

        return [$real, $reactive];
    }

    /** @return array{float, float, float} A */
    public function magnitudes(): array
    {
        return [hypot(...$this->phasors[0]), hypot(...$this->phasors[1]), hypot(...$this->phasors[2])];
    }
}
