<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

/** Between the rows of a table; never beyond its ends. */
final class Interpolation
{
    /**
     * Straight over the logarithm of the key.
     *
     * @param  array<array-key, float>  $rows  ascending by key
     */
    public static function overLogarithm(array $rows, float $at): ?float
    {
        $below = null;
        foreach ($rows as $key => $value) {
            $key = (float) $key;
            if (abs($key - $at) <= 1e-9 * $key) {
                return $value;
            }
            if ($key > $at) {
                if ($below === null) {
                    return null;
                }
                [$x, $y] = $below;

                return $y + ($value - $y) * (log($at) - log($x)) / (log($key) - log($x));
            }
            $below = [$key, $value];
        }

        return null;
    }

    /**
     * Straight between rows; a key of the table gives its own value only where a row stands below it.
     *
     * @param  array<array-key, float>  $rows  ascending by key
     */
    public static function straight(array $rows, float $at): ?float
    {
        $below = null;
        foreach ($rows as $key => $value) {
            $key = (float) $key;
            if ($key >= $at && $below !== null) {
                return $below[1] + ($value - $below[1]) * ($at - $below[0]) / ($key - $below[0]);
            }
            if ($key > $at) {
                return null;
            }
            $below = [$key, $value];
        }

        return null;
    }
}
