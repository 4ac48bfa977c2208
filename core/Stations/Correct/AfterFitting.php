<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Measure\Measured;

/** Readings before and after a capacitor was fitted, held against what it should have done. */
final readonly class AfterFitting
{
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
                $ledger->missing($path, 'Enter this reading, taken with the capacitor on.');
            }
        }
        if ($before->real === null || $before->reactive === null || $before->current === null || $before->voltage === null) {
            $ledger->missing('measure.method', 'Enter voltage, current and power without the capacitor under Power.');

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
                    '. Real power is never more than apparent power.',
                'Read all three again at the same time.',
            );

            return;
        }
        $was = [$before->voltage, $before->current, $before->real, $before->reactive];
        $this->compare($was, [$volts, $amps, $watts], $root, $unit, $ledger);
    }

    /**
     * @param  array{Figure, Figure, Figure, Figure}  $before  V, A, W, var
     * @param  array{Figure, Figure, Figure}  $after  V, A, W
     * @param  float  $root  √3, or 1 for a load of one phase
     */
    private function compare(array $before, array $after, float $root, UnitFigures $unit, Ledger $ledger): void
    {
        [, , $realBefore, $reactiveBefore] = $before;
        [$volts, $amps, $watts] = $after;
        $read = AfterReading::of(
            $realBefore->number(), $reactiveBefore->number(), $watts->number(), $amps->number(), $volts->number(), $root <= 1, $unit,
        );
        $given = Show::quantity($read->given, Unit::Var, 4);
        $reactive = $ledger->work(CorrectFigure::AfterReactive)->from(V: $volts, I: $amps, P: $watts)
            ->as(
                ($read->leads ? '−' : '').'√(S² − P²)',
                ($root > 1 ? '√((√3 × {V} × {I})² − {P}²)' : '√(({V} × {I})² − {P}²)').
                    ($read->leads ? ', leading because the capacitor supplies more than the load takes' : ''),
            )
            ->equals($read->reactive)->write();
        $factor = $ledger->work(CorrectFigure::AfterPowerFactor)->from(P: $watts, V: $volts, I: $amps)
            ->as('P / S', '{P} ÷ ('.($root > 1 ? '√3 × ' : '').'{V} × {I})')
            ->equals($read->powerFactor)->write();
        $expected = $ledger->work(CorrectFigure::AfterCurrentExpected)->from(P: $watts, Q: $reactiveBefore, V: $volts)
            ->as(
                '√(P² + (Q_before − Q_c)²) / '.($root > 1 ? '(√3 V)' : 'V'),
                '√({P}² + ({Q} − '.$given.')²) ÷ '.($root > 1 ? '(√3 × {V})' : '{V}'),
            )
            ->equals($read->expected)->source('at the voltage read with the capacitor on')->write();
        $source = Standard::Iec60831_1->at()->adding('; meters common practice');
        $low = $ledger->work(CorrectFigure::AfterCurrentLow)->from(I: $expected)->equals($read->low)
            ->as('capacitor −5 to +10 %, meters 3 %', 'from {I}')->source($source)->write();
        $high = $ledger->work(CorrectFigure::AfterCurrentHigh)->from(I: $expected)->equals($read->high)
            ->as('capacitor −5 to +10 %, meters 3 %', 'from {I}')->source($source)->write();
        $share = $ledger->work(CorrectFigure::AfterShare)->from(Qb: $reactiveBefore, Qa: $reactive)
            ->as('(Q_before − Q_after) / Q_c', '({Qb} − {Qa}) ÷ '.$given)->equals($read->share)->write();
        // Inside its band it does what it should, whatever the load did between; outside it only one load tells.
        $verdict = match (true) {
            $read->agrees() => 'agrees', $read->isComparable() => 'differs', default => 'cannot_be_compared',
        };
        $ledger->work(CorrectFigure::AfterVerdict)->from(I: $amps, low: $low, high: $high)->saying(match ($verdict) {
            'agrees' => 'agrees', 'differs' => 'differs', default => 'cannot be compared',
        })->equals($verdict)->as('', '{I} between {low} and {high}')->write();
        $this->tell($verdict, $realBefore, $watts, $amps, $read, $root === 1.0, $ledger);
        $ledger->curve(new AfterCurve($before, [...$after, $reactive], $expected, $factor, $root));
    }

    private function tell(
        string $verdict,
        Figure $realBefore,
        Figure $watts,
        Figure $amps,
        AfterReading $read,
        bool $onePhase,
        Ledger $ledger,
    ): void {
        [$low, $high] = [Show::quantity($read->low, Unit::Ampere, 3), Show::quantity($read->high, Unit::Ampere, 3)];
        if ($verdict === 'cannot_be_compared') {
            $ledger->note(CorrectFinding::AfterNotComparable)->title('The load changed between the two readings')
                ->because($realBefore->shown(3).' before and '.$watts->shown(3).' after: more than 5 % apart.')
                ->do('Take both readings within a few minutes of each other, at the same load.')->about('correction.after_watts');
        } elseif ($verdict === 'agrees') {
            $ledger->note(CorrectFinding::AfterAgrees)->title('The capacitor works as calculated')
                ->because($amps->shown(3).' is between '.$low.' and '.$high.'.'.
                    (abs($watts->number() / $realBefore->number() - 1) <= AfterReading::SAME_LOAD ? '' : ' The load changed from '.
                    $realBefore->shown(3).' to '.$watts->shown(3).'; this is taken into account.'))
                ->on(CorrectFigure::AfterVerdict);
        } else {
            $pattern = AfterPattern::of($read->share, $onePhase);
            $ledger->caution(CorrectFinding::AfterDiffers)->title('The capacitor does not work as calculated')
                ->because($amps->shown(3).' with the capacitor; expected '.$low.' to '.$high.'. It supplies '.
                    Show::number(100 * $read->share, 2).' % of its reactive power. '.$pattern->says())
                ->do($pattern->next())->source(HowKnown::Calculated)
                ->on(CorrectFigure::AfterVerdict, CorrectFigure::AfterShare);
        }
    }
}
