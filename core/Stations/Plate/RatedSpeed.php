<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;

/** Poles, synchronous speed and slip from the stamped speed. */
final class RatedSpeed
{
    private const LARGEST_SLIP = 0.25;

    public static function solve(Circuit $circuit, ?Figure $frequency, Ledger $ledger): Turning
    {
        $speed = $circuit->stamp('plate.speed', Speed::class);
        if ($speed === null && ! $circuit->bad('plate.speed')) {
            $ledger->missing('plate.speed', 'Enter the rated speed: poles, slip and torque follow from it.');
        }
        if ($speed === null || $frequency === null) {
            return new Turning;
        }
        $hertz = $frequency->number();
        $rpm = $speed->rpm;
        // The tiny addition lets a speed that is exactly synchronous keep its own pole number.
        $poles = 2 * (int) floor(60 * $hertz / $rpm * (1 + 1e-9));
        if ($poles < 2) {
            $ledger->error(
                'plate.speed',
                Show::number($rpm).
                    ' rpm is above the fastest synchronous speed at '.
                    $frequency->shown().
                    ', '.
                    Show::number(60 * $hertz).
                    ' rpm.',
                'Enter a speed just below a synchronous speed.',
            );

            return new Turning;
        }
        $synchronous = 120 * $hertz / $poles;
        $slip = ($synchronous - $rpm) / $synchronous;
        if ($slip > self::LARGEST_SLIP) {
            $below = $poles + 2;
            $ledger->error(
                'plate.speed',
                Show::number($rpm).
                    ' rpm is just above '.
                    Show::number((120 * $hertz) / $below).
                    ' rpm, the synchronous speed of '.
                    $below.
                    ' poles: an induction motor runs below it.',
                'Enter a speed just below a synchronous speed.',
            );

            return new Turning;
        }
        $polesFigure = $ledger->work(PlateFigure::Poles)->typedIn('plate.speed')->from(f: $frequency)
            ->as('2 · floor(60 f / n)', '2 × whole part of (60 × {f} ÷ '.Show::number($rpm).' rpm)')->equals($poles)
            ->source('the next synchronous speed above the stamped speed')->write();
        $synchronousFigure = $ledger->work(PlateFigure::SynchronousSpeed)->from(f: $frequency, p: $polesFigure)
            ->as('120 f / p', '120 × {f} ÷ {p}')->equals($synchronous)->write();
        if (abs($slip) <= 1e-6) {
            return new Turning($polesFigure, $synchronousFigure);
        }
        $stamped = $ledger->work(PlateFigure::Speed)->typedIn('plate.speed')->equals($rpm)
            ->source(HowKnown::Nameplate)->assuming($circuit->assumed('plate.speed'))->write();
        $slipFigure = $ledger->work(PlateFigure::Slip)->from(ns: $synchronousFigure, n: $stamped)
            ->as('(n_s − n) / n_s', '({ns} − {n}) ÷ {ns}')->equals(100 * $slip)->write();

        return new Turning($polesFigure, $synchronousFigure, $stamped, $slipFigure);
    }
}
