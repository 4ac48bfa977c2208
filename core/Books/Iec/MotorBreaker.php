<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Band;
use BraveAnvil\Stations\Guard\Device;

/** A motor circuit-breaker: an overload of class 10 with a range, and a magnetic release by the top of the range. IEC 60947-4-1. */
final readonly class MotorBreaker implements Device
{
    private const CLASS_TEST = 7.2;

    private const CLASS_10_UPPER_S = 10.0;

    private const CLASS_10_LOWER_S = 4.0;

    /** Multiple of the dial that it bears for ever. */
    private const NEVER = 1.05;

    private const MAGNETIC_S = 0.1;

    /**
     * @param  float  $top  of its range, A
     * @param  float  $dial  A
     * @param  float  $lower  multiple of the top up to which the magnetic release does not act
     * @param  float  $upper  multiple from which it surely does
     */
    public function __construct(private float $top, private float $dial, private float $lower, private float $upper)
    {
    }

    public function scpd(): Scpd
    {
        return Scpd::MotorBreaker;
    }

    public function rating(): float
    {
        return $this->top;
    }

    /** A up to which the magnetic release does not act. */
    public function magneticEdge(): float
    {
        return $this->lower * $this->top;
    }

    /** Its overload is sure to hold for the shortest time of its class; a start is judged as with a relay. */
    public function holdsFor(float $amperes): float
    {
        return match (true) {
            $amperes > $this->magneticEdge() => 0.0,
            $amperes <= self::NEVER * $this->dial => INF,
            default => self::CLASS_10_LOWER_S * (self::CLASS_TEST * $this->dial / $amperes) ** 2,
        };
    }

    public function carries(float $amperes, float $seconds): bool
    {
        return $seconds <= $this->holdsFor($amperes) * (1 + 1e-6);
    }

    /** Below its magnetic release the overload clears the fault, slowly. */
    public function clears(float $amperes): ?float
    {
        return match (true) {
            $amperes >= $this->upper * $this->top => self::MAGNETIC_S,
            $amperes <= 1.2 * $this->dial => null,
            default => self::CLASS_10_UPPER_S * (self::CLASS_TEST * $this->dial / $amperes) ** 2,
        };
    }

    public function clearsFrom(float $seconds): float
    {
        $magnetic = $this->upper * $this->top;

        return $seconds < self::CLASS_10_UPPER_S / 100 ? $magnetic
            : min($magnetic, self::CLASS_TEST * $this->dial * sqrt(self::CLASS_10_UPPER_S / $seconds));
    }

    public function letsThrough(float $amperes): ?float
    {
        $seconds = $this->clears($amperes);

        return $seconds === null ? null : min($amperes, $this->upper * $this->top) ** 2 * $seconds;
    }

    public function limitsEnergy(): bool
    {
        return false;
    }

    public function band(): Band
    {
        $thermal = self::CLASS_10_UPPER_S * (self::CLASS_TEST * $this->dial / ($this->upper * $this->top)) ** 2;

        return new Band(
            [[self::CLASS_TEST * $this->dial, self::CLASS_10_LOWER_S], [$this->magneticEdge(), self::MAGNETIC_S]],
            [[self::CLASS_TEST * $this->dial, self::CLASS_10_UPPER_S], [$this->upper * $this->top, max(self::MAGNETIC_S, $thermal)]],
        );
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
