<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/**
 * Power factor with a clamp meter and a capacitor that is known: the current without it, with it, and of it alone make a triangle whose
 * sides tell the reactive part. Two clamps on one load see the same sine.
 */
final class ClampCapacitor
{
    /** Share of the current below which the capacitor changes too little to tell anything. */
    private const LEAST = 0.15;

    /** By how much a reactive part may pass the current before the three readings contradict one another. */
    private const SLACK = 1.02;

    public static function solve(PowerReading $reading): void
    {
        $circuit = $reading->circuit;
        $reading->wanted('measure.volts_12', 'measure.amps_before', 'measure.amps_after');
        if ($circuit->missing('measure.capacitor_amps') && $circuit->missing('measure.capacitor_uf')) {
            $reading->ledger->missing('measure.capacitor_amps', 'Enter the current of the capacitor, or its capacitance.');
        }
        $before = $circuit->number('measure.amps_before');
        $after = $circuit->number('measure.amps_after');
        $volts = $reading->meters->voltage;
        $own = self::capacitor($reading, $volts);
        if ($before === null || $after === null || $own === null) {
            return;
        }
        $current = $reading->ledger->put($before->named(MeasuredFigure::Current, 'measured'));
        $reading->followingCurrent = $current;
        if ($own->number() < self::LEAST * $before->number()) {
            $reading->ledger->error(
                'measure.capacitor_amps', 'The capacitor takes '.$own->shown(3).', too little beside '.$before->shown(3).' to tell anything.',
                'A capacitor that takes at least '.Show::quantity(self::LEAST * $before->number(), Unit::Ampere, 2).'.',
                ErrorKind::Impossible,
            );

            return;
        }
        $part = self::reactivePart($before->number(), $after->number(), $own->number());
        if (abs($part) > self::SLACK * $before->number()) {
            $reading->ledger->error(
                'measure.amps_after', 'No load takes '.$before->shown(3).' without and '.$after->shown(3).' with a capacitor of '.
                    $own->shown(3).'.', 'Read all three again within a minute, at the same load.', ErrorKind::Impossible,
            );

            return;
        }
        self::figures($reading, $current, $after, $own, $part);
    }

    /** A, positive where the load lags. */
    private static function reactivePart(float $before, float $after, float $capacitor): float
    {
        return ($before ** 2 - $after ** 2 + $capacitor ** 2) / (2 * $capacitor);
    }

    /** @return Figure|null its current in the line, A: read, or by its capacitance */
    private static function capacitor(PowerReading $reading, ?Figure $volts): ?Figure
    {
        $circuit = $reading->circuit;
        $read = $circuit->number('measure.capacitor_amps');
        if ($read !== null || $circuit->bad('measure.capacitor_amps', 'measure.capacitor_uf')) {
            return $read === null ? null : $reading->ledger->put($read->named(MeasuredFigure::CapacitorCurrent, 'measured'));
        }
        $farads = $circuit->number('measure.capacitor_uf');
        $hertz = $circuit->number('supply.frequency');
        if ($farads === null || $volts === null || $hertz === null) {
            return null;
        }
        $root = $reading->threePhase ? sqrt(3) : 1.0;

        return $reading->ledger->work(MeasuredFigure::CapacitorCurrent)->from(f: $hertz, C: $farads, V: $volts)
            ->as($reading->threePhase ? '√3 · 2π f C V' : '2π f C V', ($reading->threePhase ? '√3 × ' : '').'2π × {f} × {C} × {V}')
            ->equals($root * 2 * M_PI * $hertz->number() * $farads->number() * $volts->number())->write();
    }

    private static function figures(PowerReading $reading, Figure $before, Figure $after, Figure $own, float $part): void
    {
        $ledger = $reading->ledger;
        $reactive = $ledger->work(MeasuredFigure::ReactiveCurrent)->from(I0: $before, I1: $after, Ic: $own)
            ->as('(I_0² − I_1² + I_C²) / (2 I_C)', '({I0}² − {I1}² + {Ic}²) ÷ (2 × {Ic})')->equals($part)->write();
        $share = min(1.0, abs($part) / $before->number());
        $factor = $ledger->work(MeasuredFigure::PowerFactor)->from(Iq: $reactive, I0: $before)
            ->as('√(1 − (I_q / I_0)²)', '√(1 − ({Iq} ÷ {I0})²)')->equals(sqrt(1 - $share ** 2))->write();
        $reading->signedAngleOf($factor, $part < 0);
        $band = self::band($before, $after, $own);
        foreach ([MeasuredFigure::PowerFactorLow, MeasuredFigure::PowerFactorHigh] as $i => $name) {
            $ledger->work($name)->from(I0: $before, I1: $after, Ic: $own)->as('± 1 % and one digit of each reading', 'its '.
                ['lowest', 'highest'][$i].' over all ends')->equals($band[$i])->source(HowKnown::CommonPractice)->write();
        }
        $volts = $reading->meters->voltage;
        if ($volts !== null) {
            self::power($reading, $volts, $before, $factor, $reactive, $band);
        }
        $ledger->note(MeasuredFinding::SineAndSteady)->title('Holds for a sine wave and a steady load')
            ->because('Harmonics, and a load that changes between the three readings, make it wrong without showing it.'.
                ($reading->threePhase ? ' All three lines are taken as alike.' : ''))
            ->do('Take the three readings within a minute, and repeat them once.')
            ->source(HowKnown::CommonPractice)->on(MeasuredFigure::PowerFactor);
        if ($part < 0) {
            $ledger->caution(MeasuredFinding::CurrentLeads)->title('The load leads already')
                ->because('With the capacitor the current rose by more than a load without reactive power would explain.')
                ->do('Look for capacitors that are connected already.')
                ->source(HowKnown::Calculated)->on(MeasuredFigure::ReactiveCurrent);
        }
    }

    /** @return array{float, float} of the power factor */
    private static function band(Figure $before, Figure $after, Figure $own): array
    {
        $readings = array_map(
            static fn (Figure $one): array => [$one->number(), Doubt::ofMeter($one->number())], [$before, $after, $own],
        );

        return Doubt::band($readings, static function (array $at): float {
            [$i0, $i1, $ic] = $at;
            $share = min(1.0, abs(self::reactivePart($i0, $i1, $ic)) / $i0);

            return sqrt(1 - $share ** 2);
        });
    }

    /** @param  array{float, float}  $band  of the power factor */
    private static function power(
        PowerReading $reading,
        Figure $volts,
        Figure $current,
        Figure $factor,
        Figure $reactive,
        array $band,
    ): void {
        $ledger = $reading->ledger;
        $root = $reading->threePhase ? sqrt(3) : 1.0;
        $text = $reading->threePhase ? '√3 × ' : '';
        $sign = $reading->threePhase ? '√3 ' : '';
        $ledger->work(MeasuredFigure::Apparent)->from(V: $volts, I: $current)->as($sign.'V I_0', $text.'{V} × {I}')
            ->equals($root * $volts->number() * $current->number())->write();
        $reading->real = $ledger->work(MeasuredFigure::Real)->from(V: $volts, I: $current, pf: $factor)
            ->as($sign.'V I_0 cos φ', $text.'{V} × {I} × {pf}')
            ->equals($root * $volts->number() * $current->number() * $factor->number())->write();
        $reading->reactive = $ledger->work(MeasuredFigure::Reactive)->from(V: $volts, Iq: $reactive)
            ->as($sign.'V I_q', $text.'{V} × {Iq}')->equals($root * $volts->number() * $reactive->number())->write();
        $off = Doubt::ofMeter($volts->number()) / $volts->number() + Doubt::ofMeter($current->number()) / $current->number();
        foreach ([MeasuredFigure::RealLow, MeasuredFigure::RealHigh] as $i => $name) {
            $ledger->work($name)->from(V: $volts, I: $current)->as('± 1 % and one digit of each reading', 'its '.
                ['lowest', 'highest'][$i].' over all ends')
                ->equals($root * $volts->number() * $current->number() * $band[$i] * (1 + ($i === 0 ? -$off : $off)))
                ->source(HowKnown::CommonPractice)->write();
        }
    }
}
