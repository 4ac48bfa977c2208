<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

/** How unequal three values of one kind are. */
final class Spread
{
    /**
     * Largest distance from the mean over the mean.
     *
     * @param  list<float>  $values  above nothing in their mean
     * @return float %
     */
    public static function percent(array $values): float
    {
        $mean = array_sum($values) / max(1, count($values));
        $off = 0.0;
        foreach ($values as $value) {
            $off = max($off, abs($value - $mean));
        }

        return $mean <= 0 ? 0.0 : 100 * $off / $mean;
    }
}
