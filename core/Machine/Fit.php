<?php

declare(strict_types=1);

namespace BraveAnvil\Machine;

use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;
use LogicException;

/**
 * A machine fitted to a plate: the rated point exactly, then starting current and torque exactly, then breakdown torque
 * as near as physics allows. Whatever does not fit is flagged, and what cannot be a motor is refused with the reason.
 */
final readonly class Fit
{
    private const FRICTION_SHARE = 0.1;

    /** Shares of the stator's losses taken as copper, tried in this order. */
    private const COPPER_SHARES = [0.6, 0.45, 0.3, 0.15];

    /** Standstill over running leakage that a motor can have. */
    private const LEAKAGE_RATIO = [0.38, 1.02];

    private const USUAL_LEAKAGE_RATIO = 0.6;

    /** From one candidate of running leakage to the next. */
    private const STEP = 1.2;

    /**
     * @param  list<string>  $flags  what does not quite fit
     * @param  string|null  $refusal  why there is no machine
     */
    private function __construct(public ?Machine $machine, public array $flags, public ?string $refusal)
    {
    }

    public static function to(Plate $plate): self
    {
        $refusal = self::gates($plate);
        if ($refusal !== null) {
            return new self(null, [], $refusal);
        }
        $flags = [];
        foreach (self::COPPER_SHARES as $share) {
            $stator = self::stator($plate, $share, $flags);
            if (is_string($stator)) {
                return new self(null, [], $stator);
            }
            $machine = self::machine($plate, $stator, $flags);
            if ($machine !== null) {
                return new self($machine, [...$flags, ...self::review($plate, $machine)], null);
            }
            $flags = [];
        }

        return new self(null, [], 'Starting current and torque do not belong to one motor of this rating.');
    }

    private static function gates(Plate $plate): ?string
    {
        foreach (
            [
                ['Ia/In', $plate->startCurrent, 2.5, 13.0],
                ['Tst/Tn', $plate->startTorque, 0.3, 5.0],
                ['Tmax/Tn', $plate->breakdownTorque, 1.3, 6.0],
                ['a power factor', $plate->powerFactor, 0.35, 0.96],
                ['an efficiency', $plate->efficiency, 0.3, 0.985],
                ['a slip', $plate->slip, 0.0005, 0.25],
            ] as [$name, $value, $low, $high]
        ) {
            if ($value < $low || $value > $high) {
                return ucfirst($name).
                    ' of '.
                    Show::number($value, 3).
                    ' is outside what the machine model takes, '.
                    Show::number($low).
                    ' to '.
                    Show::number($high).
                    '.';
            }
        }

        return null;
    }

    /**
     * Losses parted, and the stator that makes the rated point exact.
     *
     * @param  list<string>  $flags
     * @return array{slip: float, friction: float, core: float, r1: float, a: float, b: float}|string the stator current is a − jb; text refuses
     */
    private static function stator(Plate $plate, float $share, array &$flags): array|string
    {
        $v = $plate->volts / sqrt(3);
        $losses = $plate->output * (1 / $plate->efficiency - 1);
        $friction = self::FRICTION_SHARE * $losses;
        $slip = $plate->slip;
        $rotor = static fn (float $s): float => ($s / (1 - $s)) * ($plate->output + $friction);
        $most = 0.75 * ($losses - $friction);
        if ($rotor($slip) > $most) {
            if ($rotor($slip) > 1.3 * $most) {
                return 'The slip alone would lose '.
                    Show::quantity($rotor($slip), Unit::Watt, 3).
                    ' of '.
                    Show::quantity($losses, Unit::Watt, 3).
                    ' that are lost in all: speed and efficiency do not belong together.';
            }
            $slip = $most / ($plate->output + $friction + $most);
            $flags[] = 'slip taken as '.Show::number(100 * $slip, 3).' %: that of the speed leaves no losses for stator and iron';
        }
        $rest = $losses - $friction - $rotor($slip);
        $core = (3 * $v ** 2) / ((1 - $share) * $rest);
        $current = $plate->current();
        $a = $current * $plate->powerFactor - $v / $core;
        $b = $current * sqrt(1 - $plate->powerFactor ** 2);

        return [
            'slip' => $slip,
            'friction' => $friction,
            'core' => $core,
            'r1' => ($share * $rest) / (3 * ($a ** 2 + $b ** 2)),
            'a' => $a,
            'b' => $b,
        ];
    }

    /**
     * @param  array{slip: float, friction: float, core: float, r1: float, a: float, b: float}  $stator
     * @param  list<string>  $flags
     */
    private static function machine(Plate $plate, array $stator, array &$flags): ?Machine
    {
        $base = $plate->volts / sqrt(3) / $plate->current();
        $largestSlip = self::largestSlip($plate);
        $fits = static fn (float $x): bool => self::isPossible(self::with($x * $base, $plate, $stator, false));
        $made = self::candidates($fits);
        if ($made === []) {
            return null;
        }
        $miss = static function (float $x) use ($base, $plate, $stator, $largestSlip): array {
            $machine = self::with($x * $base, $plate, $stator) ?? throw new LogicException('A candidate is a machine.');

            return [$x, $machine->breakdown($largestSlip)[0] / $plate->torque() - $plate->breakdownTorque, $machine];
        };
        [$first, $last] = [0, count($made) - 1];
        [$low, $high] = [$miss($made[$first]), $miss($made[$last])];
        if ($low[1] * $high[1] > 0 || $last === 0) {
            // Between the last candidate and the end of what a motor can have there may still be a crossing.
            $below = $miss(self::edge($made[$first], $made[$first] / self::STEP, $fits));
            $above = $miss(self::edge($made[$last], $made[$last] * self::STEP, $fits));
            [$low, $high] = $below[1] * $low[1] <= 0 ? [$below, $low] : [$high, $above];
            if ($low[1] * $high[1] > 0) {
                $machine = abs($below[1]) < abs($above[1]) ? $below[2] : $above[2];

                return self::isFlat($plate) ? self::middling($made, $plate, $stator, $base, $flags) : $machine;
            }
        }
        // The more running leakage, the less breakdown torque: halve the candidates until two neighbours enclose it.
        while ($last - $first > 1 && $low[0] >= $made[$first] && $high[0] <= $made[$last]) {
            $middle = intdiv($first + $last, 2);
            $here = $miss($made[$middle]);
            $here[1] * $low[1] > 0 ? ([$first, $low] = [$middle, $here]) : ([$last, $high] = [$middle, $here]);
        }
        $machine = self::between($low, $high, $plate, $stator, $largestSlip, $base);
        // Torque that still climbs at the end of the range has no maximum there.
        $climbs = self::isFlat($plate) && $machine->breakdown($largestSlip)[1] > 0.98 * $largestSlip;

        return $climbs ? self::middling($made, $plate, $stator, $base, $flags) : $machine;
    }

    /** Up to which slip breakdown is looked for. */
    private static function largestSlip(Plate $plate): float
    {
        return self::isFlat($plate) ? 0.35 : 1.0;
    }

    /** Whether the plate starts with about all the torque that it has: then breakdown could lie at standstill as well. */
    private static function isFlat(Plate $plate): bool
    {
        return $plate->startTorque >= 0.98 * $plate->breakdownTorque && $plate->slip < 0.05;
    }

    /**
     * Running leakages that a motor can have, from small to large, per unit of its impedance.
     *
     * @param  callable(float): bool  $fits
     * @return list<float>
     */
    private static function candidates(callable $fits): array
    {
        $made = [];
        for ($x = 0.04; $x <= 0.32; $x *= self::STEP) {
            if ($fits($x)) {
                $made[] = $x;
            }
        }

        return $made;
    }

    private static function isPossible(?Machine $machine): bool
    {
        $ratio = $machine === null ? INF : $machine->leakageStandstill / $machine->leakageRunning;

        return $ratio >= self::LEAKAGE_RATIO[0] && $ratio <= self::LEAKAGE_RATIO[1];
    }

    /**
     * The last that fits on the way from one that does to one that does not.
     *
     * @param  callable(float): bool  $fits
     */
    private static function edge(float $inside, float $outside, callable $fits): float
    {
        for ($i = 0; $i < 12; $i++) {
            $middle = ($inside + $outside) / 2;
            $fits($middle) ? ($inside = $middle) : ($outside = $middle);
        }

        return $inside;
    }

    /**
     * The machine whose leakage falls to 0.6 at standstill, as it does in most, where nothing better tells.
     *
     * @param  non-empty-list<float>  $made
     * @param  array{slip: float, friction: float, core: float, r1: float, a: float, b: float}  $stator
     * @param  list<string>  $flags
     */
    private static function middling(array $made, Plate $plate, array $stator, float $base, array &$flags): ?Machine
    {
        $flags[] = 'starting torque as high as breakdown torque: the curve between them is a guess';
        $off = static function (float $x) use ($plate, $stator, $base): float {
            $machine = self::with($x * $base, $plate, $stator, false);

            return $machine === null ? INF : abs($machine->leakageStandstill / $machine->leakageRunning - self::USUAL_LEAKAGE_RATIO);
        };
        usort($made, static fn (float $p, float $q): int => $off($p) <=> $off($q));

        return self::with($made[0] * $base, $plate, $stator);
    }

    /**
     * @param  array{float, float, Machine}  $low
     * @param  array{float, float, Machine}  $high
     * @param  array{slip: float, friction: float, core: float, r1: float, a: float, b: float}  $stator
     */
    private static function between(array $low, array $high, Plate $plate, array $stator, float $largestSlip, float $base): Machine
    {
        $best = abs($low[1]) < abs($high[1]) ? $low : $high;
        for ($i = 0; $i < 8 && abs($best[1]) > 1e-4 * $plate->breakdownTorque; $i++) {
            $x = $low[0] + ($high[0] - $low[0]) * ($i % 3 === 2 ? 0.5 : $low[1] / ($low[1] - $high[1]));
            $machine = self::with($x * $base, $plate, $stator);
            if ($machine === null) {
                break;
            }
            $middle = [$x, $machine->breakdown($largestSlip)[0] / $plate->torque() - $plate->breakdownTorque, $machine];
            $middle[1] * $low[1] > 0 ? ($low = $middle) : ($high = $middle);
            $best = abs($middle[1]) < abs($best[1]) ? $middle : $best;
        }

        return $best[2];
    }

    /**
     * The machine with a given running leakage (Ω each side), or null where it cannot be.
     *
     * @param  bool  $whole  whether the deep-bar law is wanted too, which costs most
     * @param  array{slip: float, friction: float, core: float, r1: float, a: float, b: float}  $stator
     */
    private static function with(float $x, Plate $plate, array $stator, bool $whole = true): ?Machine
    {
        $v = $plate->volts / sqrt(3);
        ['r1' => $r1, 'a' => $a, 'b' => $b, 'slip' => $slip] = $stator;
        // E = V − (a − jb)(R1 + jX); the air gap's admittance is (a − jb)/E.
        $eRe = $v - $a * $r1 - $b * $x;
        $eIm = $b * $r1 - $a * $x;
        $e2 = $eRe * $eRe + $eIm * $eIm;
        $g = ($a * $eRe - $b * $eIm) / $e2;
        $y = (-$b * $eRe - $a * $eIm) / $e2;
        $root = 1 / ($g * $g) - 4 * $x * $x;
        if ($g <= 0 || $root < 0) {
            return null;
        }
        $r = (1 / $g + sqrt($root)) / 2;
        $shunt = -$y - $x / ($r * $r + $x * $x);
        if ($shunt <= 0) {
            return null;
        }
        $xm = 1 / $shunt;
        $standstill = self::standstill($xm, $plate, $stator);
        if ($standstill === null) {
            return null;
        }
        [$xs, $r2s] = $standstill;
        $r2 = $r * $slip;

        return new Machine(
            $plate->volts,
            $plate->synchronousSpeed,
            $slip,
            $r1,
            $stator['core'],
            $xm,
            $x,
            $xs,
            $r2,
            $r2s,
            $whole ? self::deepBar($r2s / $r2, $slip) : 0.0,
            $stator['friction'],
        );
    }

    /**
     * Leakage and rotor resistance at standstill from starting current and torque.
     *
     * @param  array{slip: float, friction: float, core: float, r1: float, a: float, b: float}  $stator
     * @return array{float, float}|null
     */
    private static function standstill(float $xm, Plate $plate, array $stator): ?array
    {
        $v = $plate->volts / sqrt(3);
        $r1 = $stator['r1'];
        $core = $v / $stator['core'];
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

        return $x === null ? null : [$x, $gap / ($rotor[0] + $x * ($rotor[1] + $x * $rotor[2]))];
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
        $x = $low;
        // False position with the weight of a resting end halved: a smooth, nearly straight function.
        for ($i = 0; $i < 30; $i++) {
            $x = ($low * $fHigh - $high * $fLow) / ($fHigh - $fLow);
            $f = $c0 + $x * ($c1 + $x * ($c2 + $x * $c3));
            if (abs($f) < $tolerance) {
                break;
            }
            if ($f < 0) {
                [$low, $fLow, $fHigh] = [$x, $f, $fHigh / ($i > 0 ? 2 : 1)];
            } else {
                [$high, $fHigh, $fLow] = [$x, $f, $fLow / ($i > 0 ? 2 : 1)];
            }
        }

        return $x;
    }

    /** ξ at standstill for which the deep-bar law gives this ratio of standstill to running resistance; 0 where there is none. */
    private static function deepBar(float $ratio, float $slip): float
    {
        $root = sqrt($slip);
        if ($ratio <= 1.0 || $ratio >= 0.98 / $root) {
            return 0.0;
        }
        [$low, $high] = [0.01, 60.0];
        for ($i = 0; $i < 22; $i++) {
            $middle = ($low + $high) / 2;
            Machine::bar($middle) / Machine::bar($middle * $root) < $ratio ? ($low = $middle) : ($high = $middle);
        }

        return ($low + $high) / 2;
    }

    /** @return list<string> what the fitted machine does not quite reproduce */
    private static function review(Plate $plate, Machine $machine): array
    {
        $flags = [];
        $stand = $machine->at(1.0);
        $largest = self::largestSlip($plate);
        foreach (
            [
                ['rated current', $machine->at($machine->ratedSlip)['current'], $plate->current()],
                ['Ia/In', $stand['current'] / $plate->current(), $plate->startCurrent],
                ['Tst/Tn', $stand['torque'] / $plate->torque(), $plate->startTorque],
                ['Tmax/Tn', $machine->breakdown($largest)[0] / $plate->torque(), $plate->breakdownTorque],
            ] as [$name, $got, $want]
        ) {
            $off = 100 * ($got / $want - 1);
            if (abs($off) > 1) {
                $flags[] =
                    $name.
                    ' '.
                    Show::number($off, 2).
                    ' % off'.
                    ($name === 'Tmax/Tn' && abs($off) > 15 ? ': Tmax/Tn and Ia/In do not belong together' : '');
            }
        }
        $ratio = $machine->rotorStandstill / $machine->rotorRunning;
        if ($ratio < 0.6 || $ratio > 8) {
            $flags[] = 'rotor resistance changes '.Show::number($ratio, 2).' times between running and standstill';
        }

        return $flags;
    }
}
