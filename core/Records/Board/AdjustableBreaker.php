<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

/** A breaker with settings: long-time current and delay, short-time, instantaneous. IEC 60947-2. */
final readonly class AdjustableBreaker
{
    /** Conventional non-tripping current over the setting. */
    private const NO_TRIP = 1.05;

    /** At this multiple of the setting the delay is stamped. */
    private const DELAY_AT = 6.0;

    private const TOLERANCE = 0.8;

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
