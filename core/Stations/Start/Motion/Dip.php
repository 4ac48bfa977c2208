<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Stations\Start\Method\StartingMethod;

/** Voltage dips of a start, % of the voltage before it. */
final class Dip
{
    /** At the bus as the first stage is switched on; null where the source is not known. */
    public static function atBus(Plan $plan, Train $train, Course $course): ?float
    {
        if ($plan instanceof StagedPlan) {
            return self::ofBus(($plan->first ?? $plan->full)->feed, $plan->standstill($train)->bus);
        }
        if ($plan instanceof RampPlan) {
            // At its largest current, with the phase of a rotor that stands.
            return self::ofBus($plan->full->feed, $plan->full->busAt($train->point(0.0), $course->peakLine()));
        }

        return null;
    }

    /**
     * Of the voltage before the start, %; null where the source is not known.
     *
     * @param  float  $bus  V between lines of the bus
     */
    public static function ofBus(Feed $feed, float $bus): ?float
    {
        return $feed->source === null ? null : 100 * (1 - $bus / $feed->volts);
    }

    /**
     * The largest at the bus on another feed: as the first stage is switched on, and at the changeover; null where electronics stand
     * between, or the source is not known.
     *
     * @param  float  $largest  line current of a soft starter, A
     * @param  float|null  $speedAfterGap  at which the second stage closes, rpm; null where nothing changes over
     */
    public static function worstOn(Feed $feed, Plan $plan, Train $train, float $largest, ?float $speedAfterGap): ?float
    {
        if ($plan instanceof RampPlan) {
            return self::ofBus($feed, $plan->full->on($feed)->busAt($train->point(0.0), $largest));
        }
        if (! $plan instanceof StagedPlan || $feed->source === null) {
            return null;
        }
        $first = self::ofBus($feed, ($plan->first ?? $plan->full)->on($feed)->flow($train->point(0.0))->bus);

        return $speedAfterGap === null
            ? $first : max($first, self::ofBus($feed, $plan->full->on($feed)->flow($train->point($speedAfterGap))->bus));
    }

    /** At the motor's terminals; null where the starter holds its voltage down by itself, or the source is not known. */
    public static function atMotor(Plan $plan, Train $train, StartingMethod $method): ?float
    {
        $share = $method->terminalShare();
        if ($share === null || ! $plan instanceof StagedPlan || $plan->full->feed->source === null) {
            return null;
        }

        return 100 * (1 - $plan->standstill($train)->terminals / ($share * $plan->full->feed->volts));
    }
}
