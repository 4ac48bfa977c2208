<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Ground\Defect;

/** What follows from readings, and how far it may be off with what the instruments miss: every reading at either end. */
final class Doubt
{
    /** Share that an ordinary meter misses, beside one digit. Common practice, no source. */
    private const METER = 0.01;

    /** Most that one digit counts for: a bare `4 A` is not read to the next ampere. */
    private const DIGIT_MOST = 0.025;

    private const DECIMALS = 4;

    /** By how much a value that a meter showed may be off: 1 % and one of its last digit. */
    public static function ofMeter(float $shown): float
    {
        $decimals = 0;
        while ($decimals < self::DECIMALS && abs(round($shown, $decimals) - $shown) > 1e-9) {
            $decimals++;
        }

        return self::METER * abs($shown) + min(10 ** -$decimals, self::DIGIT_MOST * abs($shown));
    }

    /**
     * Smallest and largest of what follows.
     *
     * @param  non-empty-list<array{float, float}>  $readings  value, and by how much it may be off
     * @param  callable(non-empty-list<float>): float  $follows  what follows from readings in their order
     * @return array{float, float}
     */
    public static function band(array $readings, callable $follows): array
    {
        $found = [];
        for ($corner = 0; $corner < 2 ** count($readings); $corner++) {
            $values = [];
            foreach ($readings as $i => [$value, $off]) {
                $values[] = $value + ((($corner >> $i) & 1) === 1 ? $off : -$off);
            }
            $found[] = $follows($values);
        }

        return $found === [] ? throw Defect::noCandidate('readings', 0) : [min($found), max($found)];
    }
}
