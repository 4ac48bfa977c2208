<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use function abs;
use function sqrt;

/** Leakage reactance and rotor resistance of a rotor that stands, Ω, in closed form. */
final readonly class Standstill
{
    private function __construct(public float $leakage, public float $rotor)
    {
    }

    /**
     * Leakage and rotor resistance at standstill from starting current and torque.
     *
     * @param  float  $xm  magnetising reactance, Ω
     * @return self|null null where no rotor gives them
     */
    public static function of(float $xm, Plate $plate, Stator $stator): ?self
    {
        $v = $plate->volts / sqrt(3);
        $r1 = $stator->resistance;
        $core = $v / $stator->core;
        $current = $plate->startCurrent * $plate->current();
        $gap = ($plate->startTorque * $plate->torque() * 2 * M_PI * $plate->synchronousSpeed) / 60 / 3;
        $a = ($r1 * ($current ** 2 - $core ** 2) + $gap) / ($v + 2 * $r1 * $core);
        $b2 = $current ** 2 - ($a + $core) ** 2;
        if ($b2 <= 0 || ($a + $core) / $current > 0.9) {
            return null;
        }
        $b = sqrt($b2);
        // E = e − (b + ja)x and I2 = I1 − E/(jXm) are straight in x, so what is left of the reactive power is a cubic of it.
        [$eRe, $eIm] = [$v - $a * $r1, $b * $r1];
        [$re, $im] = [$a - $eIm / $xm, -$b + $eRe / $xm];
        $square = $a * $a + $b * $b;
        $rotor = [$re * $re + $im * $im, (2 * ($re * $a - $im * $b)) / $xm, $square / ($xm * $xm)];
        $cubic = [
            ($eRe * $eRe + $eIm * $eIm) / $xm - $b * $v,
            $square + $rotor[0] - (2 * ($b * $eRe + $a * $eIm)) / $xm,
            $rotor[1] + $square / $xm,
            $rotor[2],
        ];
        $x = self::root($cubic, 1e-6, $v / $current, 1e-9 * $b * $v);

        return $x === null ? null : new self($x, $gap / ($rotor[0] + $x * ($rotor[1] + $x * $rotor[2])));
    }

    /**
     * Where a cubic that climbs from below zero crosses it; null where it does not between the ends.
     *
     * @param  array{float, float, float, float}  $cubic  coefficients, constant first
     */
    private static function root(array $cubic, float $low, float $high, float $tolerance): ?float
    {
        [$c0, $c1, $c2, $c3] = $cubic;
        $fLow = $c0 + $low * ($c1 + $low * ($c2 + $low * $c3));
        $fHigh = $c0 + $high * ($c1 + $high * ($c2 + $high * $c3));
        if ($fLow > 0 || $fHigh < 0) {
            return null;
        }
        // By its slope, which is never far from straight here; by halving where that leads out of the ends.
        $x = ($low * $fHigh - $high * $fLow) / ($fHigh - $fLow);
        for ($i = 0; $i < 60; $i++) {
            $f = $c0 + $x * ($c1 + $x * ($c2 + $x * $c3));
            if (abs($f) < $tolerance) {
                break;
            }
            $f < 0 ? ($low = $x) : ($high = $x);
            $slope = $c1 + $x * (2 * $c2 + $x * 3 * $c3);
            $next = $slope === 0.0 ? $low : $x - $f / $slope;
            $x = $next > $low && $next < $high ? $next : ($low + $high) / 2;
        }

        return $x;
    }
}
