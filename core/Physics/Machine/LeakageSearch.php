<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use LogicException;

/**
 * Looks for the running leakage with which a machine has the breakdown torque of its plate; rated point and standstill are exact
 * with any. Leakage is per unit of the plate's impedance.
 *
 * @phpstan-type Trial array{leakage: float, miss: float, machine: Machine}
 */
final readonly class LeakageSearch
{
    /** Where it begins and ends, and from one candidate to the next. */
    private const FROM = 0.04;

    private const TO = 0.32;

    private const STEP = 1.2;

    /** Standstill over running leakage: what a motor can have, and what most have. */
    private const LEAST_RATIO = 0.38;

    private const LARGEST_RATIO = 1.02;

    private const USUAL_RATIO = 0.6;

    /** A miss that is as good as none, as a share of what the plate says. */
    private const CLOSE = 1e-4;

    /** What only rounding misses, of rated torque. */
    private const NOTHING = 1e-7;

    private const GUESS = 'starting torque as high as breakdown torque: the curve between them is an estimate';

    private float $base;

    public function __construct(private Plate $plate, private Stator $stator)
    {
        $this->base = $plate->volts / sqrt(3) / $plate->current();
    }

    /** @return array{Machine, string|null}|null the machine and what is to be said of it; null where none has this standstill */
    public function found(): ?array
    {
        $made = $this->candidates();
        if ($made === []) {
            return null;
        }
        $ends = $this->ends($made);
        if ($ends[0]['miss'] * $ends[1]['miss'] > 0) {
            $nearest = abs($ends[0]['miss']) < abs($ends[1]['miss']) ? $ends[0] : $ends[1];

            return $this->plate->isFlat() ? [$this->usual($made), self::GUESS] : [$nearest['machine'], null];
        }
        $machine = $this->between(...$this->neighbours($made, ...$ends));
        $largest = $this->plate->largestBreakdownSlip();
        // Torque that still climbs at the end of the range has no maximum there.
        $climbs = $this->plate->isFlat() && $machine->breakdown($largest)[1] > 0.98 * $largest;

        return $climbs ? [$this->usual($made), self::GUESS] : [$machine, null];
    }

    /** @return list<float> leakages that a motor can have, from small to large */
    private function candidates(): array
    {
        $made = [];
        for ($x = self::FROM; $x <= self::TO; $x *= self::STEP) {
            if ($this->isPossible($x)) {
                $made[] = $x;
            }
        }

        return $made;
    }

    /**
     * Two that enclose the breakdown torque: the outermost candidates, or one of them and the end of what a motor can have. Both
     * miss to the same side where none do.
     *
     * @param  non-empty-list<float>  $made
     * @return array{Trial, Trial}
     */
    private function ends(array $made): array
    {
        $first = $this->candidate($made[0]);
        $last = count($made) === 1 ? $first : $this->candidate($made[count($made) - 1]);
        if ($first['miss'] * $last['miss'] <= 0 && count($made) > 1) {
            return [$first, $last];
        }
        $below = $this->candidate($this->edge($made[0], $made[0] / self::STEP));
        if ($below['miss'] * $first['miss'] <= 0) {
            return [$below, $first];
        }
        $above = $this->candidate($this->edge($made[count($made) - 1], $made[count($made) - 1] * self::STEP));

        return $above['miss'] * $last['miss'] <= 0 ? [$last, $above] : [$below, $above];
    }

    /**
     * Of candidates between two that enclose the breakdown torque, neighbours that do: the more leakage, the less torque.
     *
     * @param  non-empty-list<float>  $made
     * @param  Trial  $low
     * @param  Trial  $high
     * @return array{Trial, Trial}
     */
    private function neighbours(array $made, array $low, array $high): array
    {
        $inside = array_values(array_filter($made, static fn (float $x): bool => $x > $low['leakage'] && $x < $high['leakage']));
        while ($inside !== []) {
            $middle = intdiv(count($inside) - 1, 2);
            $here = $this->candidate($inside[$middle]);
            if ($here['miss'] * $low['miss'] > 0) {
                [$low, $inside] = [$here, array_slice($inside, $middle + 1)];
            } else {
                [$high, $inside] = [$here, array_slice($inside, 0, $middle)];
            }
        }

        return [$low, $high];
    }

    /**
     * @param  Trial  $low
     * @param  Trial  $high
     */
    private function between(array $low, array $high): Machine
    {
        $best = abs($low['miss']) < abs($high['miss']) ? $low : $high;
        for ($i = 0; $i < 8 && abs($best['miss']) > self::CLOSE * $this->plate->breakdownTorque; $i++) {
            // False position, with a halving now and then: the law of the bars may break the curve.
            $share = $i % 3 === 2 ? 0.5 : $low['miss'] / ($low['miss'] - $high['miss']);
            $here = $this->trial($low['leakage'] + ($high['leakage'] - $low['leakage']) * $share);
            if ($here === null) {
                break;
            }
            $here['miss'] * $low['miss'] > 0 ? ($low = $here) : ($high = $here);
            $best = abs($here['miss']) < abs($best['miss']) ? $here : $best;
        }

        return $best['machine'];
    }

    /** @param  non-empty-list<float>  $made */
    private function usual(array $made): Machine
    {
        $off = fn (float $x): float => abs($this->ratio($x) - self::USUAL_RATIO);
        usort($made, static fn (float $p, float $q): int => $off($p) <=> $off($q));

        return $this->candidate($made[0])['machine'];
    }

    /** @return Trial of a leakage that is known to be possible */
    private function candidate(float $leakage): array
    {
        return $this->trial($leakage) ?? throw new LogicException('The motor model has no solution.');
    }

    /** @return Trial|null the machine with a leakage, and by how much of rated torque it misses breakdown */
    private function trial(float $leakage): ?array
    {
        $machine = $this->with($leakage);
        if ($machine === null) {
            return null;
        }
        $breakdown = $machine->breakdown($this->plate->largestBreakdownSlip())[0] / $this->plate->torque();

        $miss = $breakdown - $this->plate->breakdownTorque;

        // Where a motor that stands has its breakdown torque, more leakage changes nothing: that is told from too much torque here.
        return ['leakage' => $leakage, 'miss' => abs($miss) < self::NOTHING ? -self::NOTHING : $miss, 'machine' => $machine];
    }

    /** The last that is possible on the way from one that is to one that is not. */
    private function edge(float $inside, float $outside): float
    {
        for ($i = 0; $i < 12; $i++) {
            $middle = ($inside + $outside) / 2;
            $this->isPossible($middle) ? ($inside = $middle) : ($outside = $middle);
        }

        return $inside;
    }

    private function isPossible(float $leakage): bool
    {
        $ratio = $this->ratio($leakage);

        return $ratio >= self::LEAST_RATIO && $ratio <= self::LARGEST_RATIO;
    }

    /** Standstill over running leakage; infinite where there is no machine. */
    private function ratio(float $leakage): float
    {
        $circuit = $this->circuit($leakage);

        return $circuit === null ? INF : $circuit['standstill']->leakage / $circuit['running'];
    }

    private function with(float $leakage): ?Machine
    {
        $circuit = $this->circuit($leakage);
        if ($circuit === null) {
            return null;
        }
        $standstill = $circuit['standstill'];

        return new Machine(
            $this->plate->volts,
            $this->plate->synchronousSpeed,
            $this->stator->slip,
            $this->stator->resistance,
            $this->stator->core,
            $circuit['magnetising'],
            $circuit['running'],
            $standstill->leakage,
            $circuit['rotor'],
            $standstill->rotor,
            self::deepBar($standstill->rotor / $circuit['rotor'], $this->stator->slip),
            $this->stator->friction,
        );
    }

    /** @return array{running: float, magnetising: float, rotor: float, standstill: Standstill}|null Ω; null where no machine has this leakage */
    private function circuit(float $leakage): ?array
    {
        $x = $leakage * $this->base;
        $v = $this->plate->volts / sqrt(3);
        [$r1, $a, $b] = [$this->stator->resistance, $this->stator->a, $this->stator->b];
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
        $standstill = Standstill::of(1 / $shunt, $this->plate, $this->stator);

        return $standstill === null ? null : [
            'running' => $x, 'magnetising' => 1 / $shunt, 'rotor' => $r * $this->stator->slip, 'standstill' => $standstill,
        ];
    }

    /** ξ at standstill for which the deep-bar law gives this ratio of standstill to running resistance; 0 where there is none. */
    private static function deepBar(float $ratio, float $slip): float
    {
        $root = sqrt($slip);
        if ($ratio <= 1.0 || $ratio >= 0.98 / $root) {
            return 0.0;
        }
        // It grows with ξ, from one on, until both bars are deep.
        [$low, $high] = [0.01, 60.0];
        $excess = static fn (float $xi): float => Machine::bar($xi) / Machine::bar($xi * $root) - $ratio;

        return Crossing::of($excess, $low, $excess($low), $high, $excess($high), 1e-9 * $ratio);
    }
}
