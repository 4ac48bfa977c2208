<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Stations\Guard\AdjustableBreaker;
use BraveAnvil\Stations\Guard\Device;

/** Whether the device of a feeder stays closed while motors restart. */
final readonly class RestartBearing
{
    /** First peak of a starting current over √2 times its rms. IEC 60909-0. */
    private const PEAK = 1.8;

    /** Times its rating that an inverse-time breaker stays closed,
        and that a dual-element fuse bears for ten seconds. Common practice. */
    private const BREAKER = 8.0;

    private const DUAL_ELEMENT = 5.0;

    private const DUAL_ELEMENT_SECONDS = 10.0;

    /** Lower end of the tolerance of a release. IEC 60947-2. */
    private const TOLERANCE = 0.8;

    /**
     * @param  Device|null  $fuse  a gG fuse; null where it is another device
     * @param  Scpd|null  $scpd  null for an adjustable breaker
     * @param  float|null  $rating  A
     * @param  AdjustableBreaker|null  $breaker  with its settings
     */
    public function __construct(private ?Device $fuse, private ?Scpd $scpd, private ?float $rating, private ?AdjustableBreaker $breaker)
    {
    }

    /**
     * @param  Phasor  $up  what runs, A
     * @param  Phasor  $starting  A
     * @param  float  $seconds  of the longest run-up
     */
    public function bears(Phasor $up, Phasor $starting, float $seconds): bool
    {
        $current = $up->plus($starting)->size();
        $peak = self::PEAK * $starting->size() + $up->size();

        return match (true) {
            $this->fuse !== null => $this->fuse->carries($current, $seconds),
            $this->breaker !== null => $this->breaker->holds($seconds) >= $current
                && ($this->breaker->instantaneous === null || self::TOLERANCE * $this->breaker->instantaneous >= $peak),
            $this->rating === null => true,
            $this->scpd === Scpd::BreakerInverseTime => self::BREAKER * $this->rating >= $peak,
            $this->scpd === Scpd::FuseDualElement => self::DUAL_ELEMENT * $this->rating >= $current
                && $seconds <= self::DUAL_ELEMENT_SECONDS,
            default => true,
        };
    }

    /**
     * Of what a gG fuse bears, all steps together, in parts of one; null for another device.
     *
     * @param  list<RestartStep>  $steps
     */
    public function fuseShare(array $steps): ?float
    {
        if ($this->fuse === null) {
            return null;
        }
        $share = 0.0;
        foreach ($steps as $step) {
            $holds = $this->fuse->holdsFor($step->current);
            $share += is_infinite($holds) ? 0.0 : $step->runUp / max(1e-9, $holds);
        }

        return $share;
    }
}
