<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Stations\Guard\Clearing;

/** A breaker with settings: long-time current and delay, short-time, instantaneous. IEC 60947-2. */
final readonly class AdjustableBreaker implements Clearing
{
    /** Conventional non-tripping current over the setting. */
    private const NO_TRIP = 1.05;

    /** At this multiple of the setting the delay is stamped. */
    private const DELAY_AT = 6.0;

    private const TOLERANCE = 0.8;

    private const SURE = 1.2;

    /** Conventional tripping current over the setting. */
    private const TRIPS = 1.3;

    private const OPENS_S = 0.05;

    private const DELAYED_OPENS_S = 0.1;

    /**
     * @param  float  $longTime  A
     * @param  float|null  $longTimeDelay  at six times the setting, s
     * @param  float|null  $shortTime  A; INF where it is off
     * @param  float|null  $shortTimeDelay  s
     * @param  float|null  $instantaneous  A; INF where it is off
     */
    public function __construct(
        public float $longTime,
        public ?float $longTimeDelay,
        public ?float $shortTime,
        public ?float $shortTimeDelay,
        public ?float $instantaneous,
    ) {
    }

    /** Common practice: an instantaneous release opens in 0.05 s, a delayed one 0.1 s after its delay, each 20 % above its setting. */
    public function clears(float $amperes): ?float
    {
        return match (true) {
            $this->instantaneous !== null && $amperes >= self::SURE * $this->instantaneous => self::OPENS_S,
            $this->shortTime !== null && $this->shortTimeDelay !== null
                && $amperes >= self::SURE * $this->shortTime => $this->shortTimeDelay + self::DELAYED_OPENS_S,
            $this->longTimeDelay === null || $amperes <= self::TRIPS * $this->longTime => null,
            default => self::SURE * $this->longTimeDelay * (self::DELAY_AT * $this->longTime / $amperes) ** 2,
        };
    }

    public function letsThrough(float $amperes): ?float
    {
        $seconds = $this->clears($amperes);

        return $seconds === null ? null : $amperes ** 2 * $seconds;
    }

    /** Largest current that it is sure to hold for a time, A. */
    public function holds(float $seconds): float
    {
        $long = $this->longTimeDelay === null ? self::NO_TRIP * $this->longTime : max(
            self::NO_TRIP * $this->longTime,
            self::DELAY_AT * $this->longTime * sqrt(self::TOLERANCE * $this->longTimeDelay / max(1e-9, $seconds)),
        );

        return $this->shortTime !== null && $this->shortTimeDelay !== null && $seconds > $this->shortTimeDelay
            ? min($long, self::TOLERANCE * $this->shortTime) : $long;
    }
}
