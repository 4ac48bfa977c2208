<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Prove\Choice\InrushAs;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** The highest current of a start, by a clamp's inrush function or as a true peak. */
final class InrushJudge implements Judge
{
    /**
     * Shares of the standstill current; a quick start is over within the clamp’s window. The tolerance of IEC 60034-12 (from memory)
     * with that of a clamp.
     */
    private const LEAST_RMS = 0.8;

    private const LEAST_RMS_QUICK = 0.6;

    private const MOST_RMS = 1.25;

    private const LEAST_PEAK = 0.8;

    private const MOST_PEAK = 1.2;

    private const QUICK_S = 0.5;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $amps = $reading->number('amps');
        $as = $reading->chosen('as', InrushAs::class);
        $current = $known->starting->lineCurrent();
        $volts = $known->volts($reading->number('volts'));
        $rated = $known->ratedVolts();
        $wanted = [...$reading->missing('amps', 'as'), ...$current === null ? ['plate.start_current_ratio'] : []];
        if ($amps === null || $as === null || $current === null || $volts === null || $rated === null) {
            return Judgement::waiting(...$wanted);
        }
        $standing = $current->number() * $volts->number() / $rated->number();
        $time = $known->starting->runUpTime?->number();
        $quick = $time !== null && $time < self::QUICK_S;
        $rms = $as === InrushAs::Rms;
        $first = $known->starting->figures->firstPeak;
        $high = $rms ? self::MOST_RMS * $standing : ($first === null ? null : self::MOST_PEAK * sqrt(2) * $first * $standing);
        $low = $rms ? ($quick ? self::LEAST_RMS_QUICK : self::LEAST_RMS) * $standing : self::LEAST_PEAK * sqrt(2) * $standing;

        return (new Judgement)->hold(new JudgedQuantity(
            'amps', $amps->number(), $rms ? $standing : null, $current->assumed() ? null : $low, $high,
            ['I' => $current, 'V' => $volts, 'Vp' => $rated],
            '{I} × {V} ÷ {Vp}, '.($rms ? ($quick ? '−40' : '−20').' … +25 %' : '0.8 √2 … 1.2 √2 κ times').
            ($current->assumed() ? '; only a value that is too high is judged, because this current is assumed' : ''),
            'tolerance of '.Standard::Iec60034_12->at().' and of a clamp meter',
        ))->advise(
            'Read the voltage at the motor during the start.', 'voltage drop during the start', 'range or time window of the clamp meter',
            'a rotor or winding that differs from the nameplate',
        );
    }
}
