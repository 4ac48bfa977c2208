<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Measure\Measured;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** Readings before and after a capacitor was fitted, held against what it should have done. */
final readonly class AfterFitting
{
    /** Share by which real power may differ between both readings, for them to be of one load. */
    private const SAME_LOAD = 0.05;

    /** A capacitor's own tolerance. IEC 60831-1 (from memory). */
    private const LEAST = 0.95;

    private const MOST = 1.10;

    /** What meters add to it: share of a current, and of a power factor. Common practice, no source. */
    private const CURRENT_BAND = 0.03;

    private const FACTOR_BAND = 0.015;

    private const SHARE_LOW = 0.8;

    private const SHARE_HIGH = 1.25;

    /** Above this power factor the share of the capacitor cannot be told from two currents. */
    private const TOO_NEAR_UNITY = 0.98;

    public function solve(Circuit $circuit, Measured $before, bool $onePhase, UnitFigures $unit, Ledger $ledger): void
    {
        $watts = $circuit->number('correction.after_watts');
        $amps = $circuit->number('correction.after_amps');
        $volts = $circuit->number('correction.after_volts');
        if ($watts === null && $amps === null && $volts === null) {
            return;
        }
        $reads = ['correction.after_watts' => $watts, 'correction.after_amps' => $amps, 'correction.after_volts' => $volts];
        foreach ($reads as $path => $read) {
            if ($read === null) {
                $ledger->missing($path, 'This reading is wanted, with the capacitor on.');
            }
        }
        if ($before->real === null || $before->reactive === null || $before->current === null || $before->voltage === null) {
            $ledger->missing('measure.method', 'Volts, amperes and watts without the capacitor are wanted, under Power.');

            return;
        }
        if ($watts === null || $amps === null || $volts === null) {
            return;
        }
        $root = $onePhase ? 1.0 : sqrt(3);
        $apparent = $root * $volts->number() * $amps->number();
        if ($watts->number() > 1.01 * $apparent) {
            $ledger->error(
                'correction.after_watts',
                $watts->shown(4).' is more than volts times amperes, '.Show::quantity($apparent, Unit::VoltAmpere).
                    ': real power is never more than apparent power.',
                'Read all three again at the same time.',
            );

            return;
        }
        $this->compare($before->real, $before->reactive, $before->current, $before->voltage, $watts, $amps, $volts, $root, $unit, $ledger);
    }

    private function compare(
        Figure $realBefore,
        Figure $reactiveBefore,
        Figure $currentBefore,
        Figure $voltsBefore,
        Figure $watts,
        Figure $amps,
        Figure $volts,
        float $root,
        UnitFigures $unit,
        Ledger $ledger,
    ): void {
        $given = $unit->givenAt($volts->number());
        $kva = $root * $volts->number();
        $left = $reactiveBefore->number() - $given;
        // Two currents do not tell on which side of unity the line is; the capacitor does.
        $size = sqrt(max(0.0, ($kva * $amps->number()) ** 2 - $watts->number() ** 2));
        $reactive = $ledger->work(CorrectFigure::AfterReactive)->from(V: $volts, I: $amps, P: $watts)
            ->as(
                ($left < 0 ? '−' : '').'√(S² − P²)',
                ($root > 1 ? '√((√3 × {V} × {I})² − {P}²)' : '√(({V} × {I})² − {P}²)').
                    ($left < 0 ? ', leading as the capacitor gives more than was taken' : ''),
            )
            ->equals($left < 0 ? -$size : $size)->write();
        $factor = $ledger->work(CorrectFigure::AfterPowerFactor)->from(P: $watts, V: $volts, I: $amps)
            ->as('P / S', '{P} ÷ ('.($root > 1 ? '√3 × ' : '').'{V} × {I})')
            ->equals(min(1.0, $watts->number() / ($kva * $amps->number())))->write();
        $at = static fn (float $share): float => hypot($watts->number(), $reactiveBefore->number() - $share * $given) / $kva;
        $expected = $ledger->work(CorrectFigure::AfterCurrentExpected)->from(P: $watts, Q: $reactiveBefore, V: $volts)
            ->as(
                '√(P² + (Q_before − Q_c)²) / '.($root > 1 ? '(√3 V)' : 'V'),
                '√({P}² + ({Q} − '.Show::quantity($given, Unit::Var, 4).')²) ÷ '.($root > 1 ? '(√3 × {V})' : '{V}'),
            )
            ->equals($at(1.0))->source('at the volts read after')->write();
        $currents = [$at(self::LEAST), $at(self::MOST)];
        $unity = $reactiveBefore->number() / max(1e-9, $given);
        if ($unity > self::LEAST && $unity < self::MOST) {
            $currents[] = $watts->number() / $kva;
        }
        $low = $ledger->work(CorrectFigure::AfterCurrentLow)->from(I: $expected)->equals(min($currents) * (1 - self::CURRENT_BAND))
            ->as('capacitor −5 to +10 %, meters 3 %', 'from {I}')->source('IEC 60831-1 (from memory); meters common practice')->write();
        $high = $ledger->work(CorrectFigure::AfterCurrentHigh)->from(I: $expected)->equals(max($currents) * (1 + self::CURRENT_BAND))
            ->as('capacitor −5 to +10 %, meters 3 %', 'from {I}')->source('IEC 60831-1 (from memory); meters common practice')->write();
        $share = $ledger->work(CorrectFigure::AfterShare)->from(Qb: $reactiveBefore, Qa: $reactive)
            ->as('(Q_before − Q_after) / Q_c', '({Qb} − {Qa}) ÷ '.Show::quantity($given, Unit::Var, 4))
            ->equals(($reactiveBefore->number() - $reactive->number()) / $given)->write();
        $same = abs($watts->number() / $realBefore->number() - 1) <= self::SAME_LOAD;
        $factors = array_map(static fn (float $current): float => min(1.0, $watts->number() / ($kva * $current)), $currents);
        $fits = $amps->number() >= $low->number() && $amps->number() <= $high->number()
            && $factor->number() >= min($factors) - self::FACTOR_BAND && $factor->number() <= max($factors) + self::FACTOR_BAND
            && ($factor->number() > self::TOO_NEAR_UNITY || ($share->number() >= self::SHARE_LOW && $share->number() <= self::SHARE_HIGH));
        $verdict = ! $same ? 'cannot_be_compared' : ($fits ? 'agrees' : 'differs');
        $ledger->work(CorrectFigure::AfterVerdict)->from(I: $amps, low: $low, high: $high)->saying(match ($verdict) {
            'agrees' => 'agrees', 'differs' => 'differs', default => 'cannot be compared',
        })->equals($verdict)->as('', '{I} between {low} and {high}')->write();
        $this->tell($verdict, $realBefore, $watts, $amps, $low, $high, $share, $root === 1.0, $ledger);
        $ledger->curve(new AfterCurve(
            [$voltsBefore, $currentBefore, $realBefore, $reactiveBefore], [$volts, $amps, $watts, $reactive], $expected, $factor, $root,
        ));
    }

    private function tell(
        string $verdict,
        Figure $realBefore,
        Figure $watts,
        Figure $amps,
        Figure $low,
        Figure $high,
        Figure $share,
        bool $onePhase,
        Ledger $ledger,
    ): void {
        if ($verdict === 'cannot_be_compared') {
            $ledger->note(CorrectFinding::AfterNotComparable)->title('Both readings are not of one load')
                ->because($realBefore->shown(3).' before and '.$watts->shown(3).' after: more than 5 % apart.')
                ->do('Read both within minutes of one another, at the same load.')->about('correction.after_watts');
        } elseif ($verdict === 'agrees') {
            $ledger->note(CorrectFinding::AfterAgrees)->title('The capacitor does what it should')
                ->because($amps->shown(3).' lies between '.$low->shown(3).' and '.$high->shown(3).'.')
                ->on(CorrectFigure::AfterVerdict);
        } else {
            $pattern = AfterPattern::of($share->number(), $onePhase);
            $ledger->caution(CorrectFinding::AfterDiffers)->title('The capacitor does not do what it should')
                ->because($amps->shown(3).' after fitting, '.$low->shown(3).' to '.$high->shown(3).' were to be expected; it gives '.
                    Show::number(100 * $share->number(), 2).' % of what it should. '.$pattern->says())
                ->do($pattern->next())->source('own computation')
                ->on(CorrectFigure::AfterVerdict, CorrectFigure::AfterShare);
        }
    }
}
