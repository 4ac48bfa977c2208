<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Stations\Start\Motion\Plan;
use BraveAnvil\Stations\Start\Motion\Train;

/** The inertia with which a start takes as long as it was timed. */
final class Stopwatch
{
    private const CLOSE = 1e-4;

    private const MOST_TRIES = 25;

    /**
     * @param  float  $seconds  as timed
     * @param  float  $rotor  inertia of the motor alone, kg·m²: nothing turns with less
     * @return Train|null null where no inertia gives this time
     */
    public static function inertia(Plan $plan, Train $train, float $seconds, float $rotor): ?Train
    {
        $takes = static fn (float $inertia): ?float => $plan->run($train->withInertia($inertia))->runUpTime;
        [$low, $least] = [$rotor, $takes($rotor)];
        if ($least === null || $least > $seconds * (1 + self::CLOSE)) {
            return null;
        }
        // Nearly proportional: by the first guess the end is found, then it closes in from both sides.
        $high = $rotor * max(1.0, $seconds / $least) * 1.05;
        for ($i = 0; $i < self::MOST_TRIES && ($most = $takes($high)) !== null && $most < $seconds; $i++) {
            [$low, $least, $high] = [$high, $most, $high * max(1.3, 1.05 * $seconds / $most)];
        }
        $most ??= $takes($high);
        if ($most === null || $most < $seconds) {
            return null;
        }
        for ($i = 0; $i < self::MOST_TRIES; $i++) {
            $share = $most > $least ? ($seconds - $least) / ($most - $least) : 0.5;
            $inertia = $low + ($high - $low) * ($i % 3 === 2 ? 0.5 : min(0.99, max(0.01, $share)));
            $here = $takes($inertia);
            if ($here === null) {
                return null;
            }
            if (abs($here / $seconds - 1) < self::CLOSE || $high - $low < 1e-9 * $high) {
                return $train->withInertia($inertia);
            }
            $here < $seconds ? [$low, $least] = [$inertia, $here] : [$high, $most] = [$inertia, $here];
        }

        return $train->withInertia(($low + $high) / 2);
    }
}
