<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\Device;

/** A miniature circuit-breaker: a thermal release and a magnetic one. IEC 60898-1. */
final readonly class MiniatureBreaker implements Device
{
    private const TOLERANCE = 1e-6;

    /** Multiples of the rating: never trips, trips within the conventional time. */
    private const NEVER = 1.13;

    private const SURELY = 1.45;

    /** Multiple at which the thermal release is tested, and within how many seconds it trips. */
    private const TEST = 2.55;

    private const MAGNETIC_S = 0.1;

    /**
     * @param  float  $rating  A
     * @param  float  $lower  multiple up to which the magnetic release does not act
     * @param  float  $upper  multiple from which it surely does
     * @param  float  $thermal  s times the square of the multiple, a typical release
     * @param  float  $clearsAtLower  s within which it clears at the lower multiple
     * @param  float  $volts  largest between lines
     * @param  float  $breaks  largest breaking capacity of its kind, A
     */
    public function __construct(
        private Scpd $scpd,
        private float $rating,
        private float $lower,
        private float $upper,
        private float $thermal,
        private float $clearsAtLower,
        private float $volts,
        private float $breaks,
    ) {
    }

    public function scpd(): Scpd
    {
        return $this->scpd;
    }

    public function rating(): float
    {
        return $this->rating;
    }

    /** Current as rms of a peak over √2 up to which the magnetic release does not act, A. */
    public function magneticEdge(): float
    {
        return $this->lower * $this->rating;
    }

    /** Whether the first peak of a start passes the magnetic release. */
    public function letsPeakPass(float $amperes): bool
    {
        return $this->magneticEdge() >= $amperes * (1 - self::TOLERANCE);
    }

    /** After how many seconds the thermal release may act. */
    public function thermalTrip(float $amperes): float
    {
        return $this->thermal / ($amperes / $this->rating) ** 2;
    }

    public function holdsFor(float $amperes): float
    {
        return match (true) {
            ! $this->letsPeakPass($amperes) => 0.0,
            $amperes / $this->rating <= self::NEVER => INF,
            default => $this->thermalTrip($amperes),
        };
    }

    public function carries(float $amperes, float $seconds): bool
    {
        return $seconds <= $this->holdsFor($amperes) * (1 + self::TOLERANCE);
    }

    /** Between both magnetic edges the worst device is purely thermal. */
    public function clears(float $amperes): ?float
    {
        $multiple = $amperes / $this->rating;
        if ($multiple < $this->lower) {
            return null;
        }

        return $multiple >= $this->upper ? self::MAGNETIC_S : $this->clearsAtLower * ($this->lower / $multiple) ** 2;
    }

    public function clearsFrom(float $seconds): float
    {
        if ($seconds < self::MAGNETIC_S) {
            return $this->upper * $this->rating;
        }

        return min($this->upper, $this->lower * max(1.0, sqrt($this->clearsAtLower / $seconds))) * $this->rating;
    }

    public function limitsEnergy(): bool
    {
        return false;
    }

    public function letsThrough(float $amperes): ?float
    {
        $seconds = $this->clears($amperes);

        return $seconds === null ? null : min($amperes, $this->upper * $this->rating) ** 2 * $seconds;
    }

    public function band(): Band
    {
        $conventional = $this->rating <= 63 ? 3600.0 : 7200.0;
        $tested = $this->rating <= 32 ? 60.0 : 120.0;

        return new Band(
            [
                [self::NEVER * $this->rating, $conventional], [self::TEST * $this->rating, 1.0],
                [$this->lower * $this->rating, self::MAGNETIC_S],
            ],
            [
                [self::SURELY * $this->rating, $conventional], [self::TEST * $this->rating, $tested],
                [$this->lower * $this->rating, $this->clearsAtLower], [$this->upper * $this->rating, self::MAGNETIC_S],
            ],
        );
    }

    public function largestVoltage(): float
    {
        return $this->volts;
    }

    public function largestBreakingCapacity(): float
    {
        return $this->breaks;
    }
}
