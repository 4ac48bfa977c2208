<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\Device;

/** A gG fuse by its gates: straight on logarithmic scales between them, constant I²t beyond 10 s. IEC 60269-1. */
final readonly class GgFuse implements Device
{
    private const FAST_S = 0.1;

    private const SLOW_S = 10.0;

    /** Time of the upper gate of the overload range. */
    private const CLEARS_S = 5.0;

    /** Multiples of the rating: never blows, blows within the conventional time. */
    private const NEVER = 1.25;

    private const SURELY = 1.6;

    /**
     * @param  float  $rating  A
     * @param  float  $carries10s  A that it is sure to carry for 10 s
     * @param  float  $clears5s  A that it is sure to clear within 5 s
     * @param  float  $carries01s  A for 0.1 s
     * @param  float  $clears01s  A
     * @param  float  $longTimes  multiple of the rating that it carries for as long as one likes
     */
    public function __construct(
        private float $rating,
        private float $carries10s,
        private float $clears5s,
        public float $carries01s,
        private float $clears01s,
        private float $longTimes,
    ) {
    }

    public function scpd(): Scpd
    {
        return Scpd::FuseGg;
    }

    public function rating(): float
    {
        return $this->rating;
    }

    /** Current that it is sure to carry for a time, A. */
    public function holds(float $seconds): float
    {
        if ($seconds <= self::FAST_S) {
            return $this->carries01s;
        }
        if ($seconds >= self::SLOW_S) {
            return max($this->longTimes * $this->rating, $this->carries10s * sqrt(self::SLOW_S / $seconds));
        }

        return $this->carries01s * ($this->carries10s / $this->carries01s) ** (log10($seconds / self::FAST_S) / 2);
    }

    public function holdsFor(float $amperes): float
    {
        if ($amperes <= $this->longTimes * $this->rating) {
            return INF;
        }
        if ($amperes <= $this->carries10s) {
            return self::SLOW_S * ($this->carries10s / $amperes) ** 2;
        }

        return $amperes > $this->carries01s
            ? 0.0
            : self::FAST_S *
                    (self::SLOW_S / self::FAST_S) ** (log($amperes / $this->carries01s) / log($this->carries10s / $this->carries01s));
    }

    public function carries(float $amperes, float $seconds): bool
    {
        return $this->holds($seconds) >= $amperes;
    }

    public function clears(float $amperes): ?float
    {
        if ($amperes < $this->clears5s) {
            return null;
        }
        if ($amperes >= $this->clears01s) {
            return self::FAST_S;
        }

        return self::CLEARS_S *
            (self::FAST_S / self::CLEARS_S) ** (log($amperes / $this->clears5s) / log($this->clears01s / $this->clears5s));
    }

    public function clearsFrom(float $seconds): float
    {
        if ($seconds <= self::FAST_S) {
            return $this->clears01s;
        }
        if ($seconds >= self::CLEARS_S) {
            return $this->clears5s;
        }

        return $this->clears5s *
            ($this->clears01s / $this->clears5s) ** (log($seconds / self::CLEARS_S) / log(self::FAST_S / self::CLEARS_S));
    }

    public function limitsEnergy(): bool
    {
        return true;
    }

    /** Above the fast gate energy grows no more: the fuse limits it. */
    public function letsThrough(float $amperes): ?float
    {
        $seconds = $this->clears($amperes);

        return $seconds === null ? null : min($amperes, $this->clears01s) ** 2 * $seconds;
    }

    public function band(): Band
    {
        $conventional = self::conventionalTime($this->rating);

        return new Band(
            [[self::NEVER * $this->rating, $conventional], [$this->carries10s, self::SLOW_S], [$this->carries01s, self::FAST_S]],
            [[self::SURELY * $this->rating, $conventional], [$this->clears5s, self::CLEARS_S], [$this->clears01s, self::FAST_S]],
        );
    }

    /** s. IEC 60269-1. */
    private static function conventionalTime(float $rating): float
    {
        return 3600.0 *
            match (true) {
                $rating <= 63 => 1,
                $rating <= 160 => 2,
                $rating <= 400 => 3,
                default => 4,
            };
    }

    public function largestVoltage(): null
    {
        return null;
    }

    public function largestBreakingCapacity(): null
    {
        return null;
    }
}
