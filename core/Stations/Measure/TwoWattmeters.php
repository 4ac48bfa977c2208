<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Choice\Balance;
use BraveAnvil\Circuit\Choice\Line;
use BraveAnvil\Circuit\Choice\Sequence;
use BraveAnvil\Circuit\Choice\Swapped;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;

/**
 * Two wattmeters on a common line: their sum is the real power of any three-wire load, their difference the reactive power of a
 * balanced one.
 */
final class TwoWattmeters
{
    /** Share by which wattmeters and volts times amperes may differ. */
    private const DISAGREE = 0.05;

    private const FIGURES = ['1' => MeasuredFigure::Watts1, '2' => MeasuredFigure::Watts2, '3' => MeasuredFigure::Watts3];

    public static function solve(PowerReading $reading): void
    {
        $common = $reading->circuit->chosen('measure.common', Line::class) ?? Line::Two;
        [$x, $y] = match ($common) {
            Line::One => [Line::Two, Line::Three], Line::Two => [Line::One, Line::Three], Line::Three => [Line::One, Line::Two],
        };
        $reading->wanted('measure.watts_'.$x->value, 'measure.watts_'.$y->value, 'measure.balanced', 'measure.swapped');
        $a = self::meter($reading, $x);
        $b = $a === null ? null : self::meter($reading, $y);
        if ($a === null || $b === null) {
            return;
        }
        $real = $reading->real = $reading->ledger
            ->work(MeasuredFigure::Real)
            ->from(a: $a, b: $b)
            ->as('W'.$x->value.' + W'.$y->value, '{a} + {b}')
            ->equals($a->number() + $b->number())
            ->source('two wattmeters, common line L'.$common->value.'; holds for any three-wire load')
            ->write();
        if ($real->number() < 0) {
            $reading->ledger
                ->caution(MeasuredFinding::PowerBackwards)
                ->title('Power flows backwards')
                ->because('The sum is '.$real->shown().'.')
                ->do('Check the direction of both current coils, unless the load feeds back.')
                ->source(HowKnown::Definition)
                ->on(MeasuredFigure::Real)
                ->about('measure.watts_'.$x->value, 'measure.watts_'.$y->value);
        }
        $balance = $reading->circuit->chosen('measure.balanced', Balance::class);
        if ($balance === Balance::Unbalanced) {
            self::effective($reading, $real);
            $reading->ledger
                ->note(MeasuredFinding::TwoWattmetersUnbalanced)
                ->title('Unbalanced load: real power only')
                ->because(
                    'The sum of two wattmeters is correct for any three-wire load; the difference gives reactive power only for a '.
                    'balanced load.',
                )
                ->do('For reactive power use three varmeters or a power recorder.')
                ->source(HowKnown::Definition)
                ->on(MeasuredFigure::Real)
                ->about('measure.balanced');
        } elseif ($balance === Balance::Balanced) {
            self::balanced($reading, $a, $b, $real, $common, $x, $y);
        }
    }

    /** A meter whose leads were swapped to make it read forwards shows a negative value as a positive one. */
    private static function meter(PowerReading $reading, Line $line): ?Figure
    {
        $watts = $reading->circuit->number('measure.watts_'.$line->value);
        if ($watts === null) {
            return null;
        }
        $swapped = $reading->circuit->chosen('measure.swapped', Swapped::class);
        $work = $reading->ledger->work(self::FIGURES[$line->value]);

        return $swapped?->value === $line->value && $watts->number() > 0
            ? $work
                ->from(W: $watts)
                ->as('−W', '−{W}')
                ->equals(-$watts->number())
                ->source('voltage leads were reversed to get a reading')
                ->write()
            : $work
                ->from(W: $watts)
                ->equals($watts->number())
                ->source(HowKnown::Measured)
                ->assuming($swapped === null ? 'no voltage leads were reversed' : null)
                ->write();
    }

    private static function balanced(PowerReading $reading, Figure $a, Figure $b, Figure $real, Line $common, Line $x, Line $y): void
    {
        $sequence = $reading->circuit->chosen('measure.sequence', Sequence::class);
        if ($sequence !== null) {
            // The coil whose voltage is 30° behind its phase voltage reads high on a lagging load.
            $first = Wattmeters::ahead($x->value.$common->value, $x->value, $sequence->value) < 0;
            [$high, $low, $highLine, $lowLine] = $first ? [$a, $b, $x, $y] : [$b, $a, $y, $x];
            $reactive = $reading->reactive = $reading->ledger
                ->work(MeasuredFigure::Reactive)
                ->from(a: $high, b: $low)
                ->as('√3 (W'.$highLine->value.' − W'.$lowLine->value.')', '√3 × ({a} − {b})')
                ->equals(sqrt(3) * ($high->number() - $low->number()))
                ->source('balanced load, sequence '.$sequence->value)
                ->write();
        } else {
            $reading->ledger->missing('measure.sequence', 'Enter the phase sequence: it shows whether the current lags or leads.');
            [$high, $low, $lowLine] = $a->number() >= $b->number() ? [$a, $b, $y] : [$b, $a, $x];
            $reactive = $reading->reactive(sqrt(3) * ($high->number() - $low->number()), '√3 (W_high − W_low)', '√3 × ({a} − {b})', [
                'a' => $high, 'b' => $low,
            ]);
        }
        $measured = $reading->apparent();
        $own = hypot($real->number(), $reactive->number());
        $apparent =
            $measured ??
            $reading->ledger
                ->work(MeasuredFigure::Apparent)
                ->from(P: $real, Q: $reactive)
                ->as('√(P² + Q²)', '√({P}² + {Q}²)')
                ->equals($own)
                ->write();
        if ($own <= 0) {
            return;
        }
        $factor = $reading->ledger
            ->work(MeasuredFigure::PowerFactor)
            ->from(P: $real, Q: $reactive)
            ->as('P / √(P² + Q²)', '|{P}| ÷ √({P}² + {Q}²)')
            ->equals(abs($real->number()) / $own)
            ->write();
        $reading->signedAngleOf($factor, $reactive->number() < 0);
        if ($measured !== null && abs($apparent->number() / $own - 1) > self::DISAGREE) {
            $reading->ledger
                ->caution(MeasuredFinding::WattmetersDisagree)
                ->title('Wattmeters do not match volts times amperes')
                ->because(
                    'By the wattmeters '.Show::quantity($own, Unit::VoltAmpere, 4).', by voltage and current '.$apparent->shown().'.',
                )
                ->do('Check for an unbalanced load, a lead on the wrong line, a wrong sign, or a distorted current.')
                ->source(HowKnown::Definition)
                ->on(MeasuredFigure::Apparent, MeasuredFigure::Reactive)
                ->about('measure.watts_'.$x->value, 'measure.watts_'.$y->value, 'measure.balanced');
        }
        $volts = $reading->meters->voltage;
        if ($volts !== null && $measured === null) {
            $reading->followingCurrent = $reading->ledger
                ->work(MeasuredFigure::Current)
                ->labelled('Current calculated from the power')
                ->from(S: $apparent, V: $volts)
                ->as('S / (√3 V)', '{S} ÷ (√3 × {V})')
                ->equals($apparent->number() / (sqrt(3) * $volts->number()))
                ->write();
        }
        if ($factor->number() < 0.5) {
            $reading->ledger->note(MeasuredFinding::LowMeterNegative)->title('One wattmeter reads backwards')
                ->because('Below a power factor of 0.5 the lower one reads negative; at 0.5 it reads zero. Use the sum; one wattmeter '.
                    'alone tells you nothing.')
                ->source(HowKnown::Definition)->on(MeasuredFigure::PowerFactor)->about('measure.watts_'.$lowLine->value);
        }
    }

    /** Effective apparent power of an unbalanced three-wire load. */
    private static function effective(PowerReading $reading, Figure $real): void
    {
        $squares = static fn (?Figure ...$read): ?float => in_array(null, $read, true)
            ? null
            : array_sum(array_map(static fn (?Figure $f): float => ($f?->number() ?? 0.0) ** 2, $read));
        $circuit = $reading->circuit;
        $volts = $squares($circuit->number('measure.volts_12'), $circuit->number('measure.volts_23'), $circuit->number('measure.volts_31'));
        $amps = $squares($circuit->number('measure.amps_1'), $circuit->number('measure.amps_2'), $circuit->number('measure.amps_3'));
        if ($volts === null || $amps === null) {
            return;
        }
        $ve = sqrt($volts / 9);
        $ie = sqrt($amps / 3);
        $apparent = $reading->ledger->work(MeasuredFigure::Apparent)->labelled('Effective apparent power')
            ->as('3 V_e I_e', '3 × '.Show::number($ve).' V × '.Show::number($ie).' A')->equals(3 * $ve * $ie)
            ->source(Standard::Ieee1459->at()->adding(': V_e² = (V12² + V23² + V31²) / 9, I_e² = (I1² + I2² + I3²) / 3'))->write();
        if ($apparent->number() > 0 && abs($real->number()) <= PowerReading::SLACK * $apparent->number()) {
            $reading->ledger->work(MeasuredFigure::PowerFactor)->from(P: $real, S: $apparent)->as('P / S_e', '|{P}| ÷ {S}')
                ->equals(min(1.0, abs($real->number()) / $apparent->number()))->source(Standard::Ieee1459->at())->write();
        }
    }
}
