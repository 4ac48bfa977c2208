<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

/** What one reading with a capacitor on tells, beside one without it. W, A, V, var. */
final readonly class AfterReading
{
    /** Share by which real power may differ between both readings, for them to be of one load. */
    public const SAME_LOAD = 0.05;

    /** A capacitor's own tolerance. IEC 60831-1 (from memory). */
    private const LEAST = 0.95;

    private const MOST = 1.10;

    /** What meters add to it: share of a current, and of a power factor. Common practice. */
    private const CURRENT_BAND = 0.03;

    private const FACTOR_BAND = 0.015;

    public const SHARE_LOW = 0.8;

    public const SHARE_HIGH = 1.25;

    /** Above this power factor the share of the capacitor cannot be told from two currents. */
    public const TOO_NEAR_UNITY = 0.98;

    /**
     * @param  float  $given  what the whole capacitor gives at the volts after, var
     * @param  float  $reactive  after, below nought where it leads, var
     * @param  float  $expected  current, A
     * @param  float  $low  current, A
     * @param  float  $high  current, A
     * @param  float  $share  of the capacitor that works, parts of one
     */
    private function __construct(
        public float $given,
        public float $reactive,
        public float $powerFactor,
        public float $expected,
        public float $low,
        public float $high,
        public float $expectedFactor,
        public float $lowFactor,
        public float $highFactor,
        public float $share,
        public bool $leads,
        private float $amps,
        private bool $sameLoad,
    ) {
    }

    /**
     * @param  float  $realBefore  W
     * @param  float  $reactiveBefore  var
     * @param  float  $real  after, W
     * @param  float  $amps  after, A
     * @param  float  $volts  after, V
     */
    public static function of(
        float $realBefore,
        float $reactiveBefore,
        float $real,
        float $amps,
        float $volts,
        bool $onePhase,
        UnitFigures $unit,
    ): self {
        $given = $unit->givenAt($volts);
        $kva = ($onePhase ? 1.0 : sqrt(3)) * $volts;
        // Two currents do not tell on which side of unity the line is; the capacitor does.
        $leads = $reactiveBefore < $given;
        $reactive = ($leads ? -1 : 1) * sqrt(max(0.0, ($kva * $amps) ** 2 - $real ** 2));
        $at = static fn (float $share): float => hypot($real, $reactiveBefore - $share * $given) / $kva;
        $currents = [$at(self::LEAST), $at(self::MOST)];
        $unity = $reactiveBefore / max(1e-9, $given);
        if ($unity > self::LEAST && $unity < self::MOST) {
            $currents[] = $real / $kva;
        }
        $factor = static fn (float $current): float => min(1.0, $real / max(1e-9, $kva * $current));

        return new self(
            $given, $reactive, $factor($amps), $at(1.0), min($currents) * (1 - self::CURRENT_BAND),
            max($currents) * (1 + self::CURRENT_BAND),
            $factor($at(1.0)), $factor(max($currents)) - self::FACTOR_BAND, min(1.0, $factor(min($currents)) + self::FACTOR_BAND),
            ($reactiveBefore - $reactive) / max(1e-9, $given), $leads, $amps, abs($real / $realBefore - 1) <= self::SAME_LOAD,
        );
    }

    /** Whether both readings are of one load. */
    public function isComparable(): bool
    {
        return $this->sameLoad;
    }

    /** Whether the share counts: near unity two currents do not tell it. */
    public function tellsShare(): bool
    {
        return $this->powerFactor <= self::TOO_NEAR_UNITY;
    }

    public function agrees(): bool
    {
        return $this->amps >= $this->low && $this->amps <= $this->high
            && $this->powerFactor >= $this->lowFactor && $this->powerFactor <= $this->highFactor
            && (! $this->tellsShare() || ($this->share >= self::SHARE_LOW && $this->share <= self::SHARE_HIGH));
    }
}
