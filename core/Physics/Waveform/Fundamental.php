<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

/** Frequency of the fundamental: counted between crossings, then sharpened by how its phase drifts through the record. */
final class Fundamental
{
    private const POINTS = 4096;

    /**
     * @param  list<float>  $values
     * @param  float  $rate  samples a second
     * @return float|null Hz; null where there is no whole cycle between 35 and 75 Hz
     */
    public static function frequency(array $values, float $rate): ?float
    {
        if ($values === []) {
            return null;
        }
        $mean = array_sum($values) / count($values);
        $span = max($values) - min($values);
        if ($span <= 0) {
            return null;
        }
        // Crossings upwards, each only after the signal was clearly below: ripple on the line does not count.
        $low = $mean - 0.15 * $span;
        $high = $mean + 0.15 * $span;
        $armed = false;
        $crossings = [];
        foreach ($values as $k => $value) {
            if ($value < $low) {
                $armed = true;
            } elseif ($armed && $value > $high) {
                $crossings[] = $k;
                $armed = false;
            }
        }
        $turns = count($crossings) - 1;
        if ($turns < 1) {
            return null;
        }
        $frequency = $turns * $rate / ($crossings[$turns] - $crossings[0]);
        if ($frequency < 35 || $frequency > 75) {
            return null;
        }

        return self::sharpened($values, $rate, $frequency);
    }

    /** @param  list<float>  $values */
    private static function sharpened(array $values, float $rate, float $frequency): float
    {
        $block = max(1, intdiv(count($values), self::POINTS));
        $points = [];
        foreach (array_chunk($values, $block) as $chunk) {
            if (count($chunk) === $block) {
                $points[] = array_sum($chunk) / $block;
            }
        }
        $rate /= $block;
        for ($pass = 0; $pass < 3; $pass++) {
            $half = (int) floor((count($points) - 2) * $frequency / $rate / 2);
            if ($half < 1) {
                break;
            }
            $length = $half * $rate / $frequency;
            $early = Harmonics::of([$points], $length, $half, 1)[0][0];
            $from = (int) round($length);
            $late = Harmonics::of([array_slice($points, $from)], $length, $half, 1)[0][0];
            $drift = atan2($late[1], $late[0]) - atan2($early[1], $early[0]) - 2 * M_PI * $frequency * $from / $rate;
            $drift -= 2 * M_PI * round($drift / (2 * M_PI));
            $frequency += $drift * $rate / (2 * M_PI * $from);
        }

        return $frequency;
    }
}
