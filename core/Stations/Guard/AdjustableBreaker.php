<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

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

    /** s in which an instantaneous release may act at the earliest. Common practice. */
    private const FASTEST_S = 0.01;

    private const LONGEST_S = 10000.0;

    /** Times its long-time current up to which it is drawn where nothing ends it. */
    private const DRAWN_TIMES = 20.0;

    private const SLOPE_POINTS = 8;

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

    /** Its edges from its long-time current on; null without a long-time delay. */
    public function band(): ?Band
    {
        if ($this->longTimeDelay === null) {
            return null;
        }
        $short = $this->shortTime === null || $this->shortTimeDelay === null || is_infinite($this->shortTime) ? null : $this->shortTime;
        $instant = $this->instantaneous === null || is_infinite($this->instantaneous) ? null : $this->instantaneous;
        $to = $short ?? $instant ?? self::DRAWN_TIMES * $this->longTime;
        $lower = [[self::NO_TRIP * $this->longTime, self::LONGEST_S], ...$this->slope(self::NO_TRIP, self::TOLERANCE,
            self::TOLERANCE * $to)];
        $upper = [[self::TRIPS * $this->longTime, self::LONGEST_S], ...$this->slope(self::TRIPS, self::SURE, self::SURE * $to)];
        if ($short !== null) {
            $end = $instant ?? self::DRAWN_TIMES * $this->longTime;
            $lower[] = [self::TOLERANCE * $short, $this->shortTimeDelay ?? 0.0];
            $lower[] = [self::TOLERANCE * $end, $this->shortTimeDelay ?? 0.0];
            $upper[] = [self::SURE * $short, ($this->shortTimeDelay ?? 0.0) + self::DELAYED_OPENS_S];
            $upper[] = [self::SURE * $end, ($this->shortTimeDelay ?? 0.0) + self::DELAYED_OPENS_S];
        }
        if ($instant !== null) {
            $lower[] = [self::TOLERANCE * $instant, self::FASTEST_S];
            $upper[] = [self::SURE * $instant, self::OPENS_S];
            $upper[] = [self::DRAWN_TIMES * max($this->longTime, $instant), self::OPENS_S];
        }

        return new Band($lower, $upper);
    }

    /**
     * The long-time release, from its first current to another one.
     *
     * @param  float  $from  times its setting
     * @param  float  $times  that its stamped delay may be
     * @param  float  $to  A
     * @return list<array{float, float}> A, s
     */
    private function slope(float $from, float $times, float $to): array
    {
        $points = [];
        for ($i = 0; $i <= self::SLOPE_POINTS; $i++) {
            $amperes = $from * $this->longTime * ($to / ($from * $this->longTime)) ** ($i / self::SLOPE_POINTS);
            $points[] = [$amperes, $times * ($this->longTimeDelay ?? 0.0) * (self::DELAY_AT * $this->longTime / $amperes) ** 2];
        }

        return $points;
    }
}
