<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use Closure;

use function abs;
use function max;
use function min;

/** Where a function crosses zero. */
final class Crossing
{
    /** More than any smooth function needs; halving alone would be within a millionth of a millionth by then. */
    private const MOST_STEPS = 45;

    /**
     * By a parabola through the last three points lying on its side where that can be trusted, else by halving: the way of T. R.
     * Chandrupatla, “A new hybrid quadratic/bisection algorithm for finding the zero of a nonlinear function without using derivatives”,
     * Advances in Engineering Software 28 (1997), written down from memory.
     *
     * @param  Closure(float): float  $f
     * @param  float  $fLow  at $low; at the other end the function has the other sign
     * @param  float  $close  a value of the function that is as good as zero
     */
    public static function of(Closure $f, float $low, float $fLow, float $high, float $fHigh, float $close): float
    {
        // b is the newest point, a encloses the crossing with it, c was either of them before.
        [$a, $fA, $b, $fB] = [$low, $fLow, $high, $fHigh];
        $share = $fA === $fB ? 0.5 : $fA / ($fA - $fB);
        for ($i = 0; $i < self::MOST_STEPS; $i++) {
            $x = $a + $share * ($b - $a);
            $fX = $f($x);
            if (abs($fX) <= $close) {
                return $x;
            }
            if (($fX > 0) === ($fA > 0)) {
                [$c, $fC] = [$a, $fA];
            } else {
                [$c, $fC, $b, $fB] = [$b, $fB, $a, $fA];
            }
            [$a, $fA] = [$x, $fX];
            $share = self::next($a, $fA, $b, $fB, $c, $fC);
        }

        return abs($fA) < abs($fB) ? $a : $b;
    }

    /** How far from a to b the next point lies, as a share. */
    private static function next(float $a, float $fA, float $b, float $fB, float $c, float $fC): float
    {
        $xi = ($a - $b) / ($c - $b);
        $phi = ($fA - $fB) / ($fC - $fB);
        if ($phi * $phi >= $xi || (1 - $phi) * (1 - $phi) >= 1 - $xi) {
            return 0.5;
        }
        $share = $fA / ($fB - $fA) * $fC / ($fB - $fC) + ($c - $a) / ($b - $a) * $fA / ($fC - $fA) * $fB / ($fC - $fB);

        return max(1e-12, min(1 - 1e-12, $share));
    }
}
