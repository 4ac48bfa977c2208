<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Show;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** The currents of a motor that turns alone, uncoupled. */
final class NoLoadCurrentJudge implements Judge
{
    /** Share by which it may differ from the machine model, and from a value of the plate. Common practice. */
    private const MODEL = 0.3;

    private const TYPED = 0.1;

    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $names = $known->circuit->phases() === 1 ? ['amps_1'] : ['amps_1', 'amps_2', 'amps_3'];
        $amps = $reading->all(...$names);
        $typed = $known->circuit->number('plate.no_load_current');
        $idle = $typed ?? $known->load->noLoadCurrent;
        $volts = $known->volts($reading->number('volts'));
        $rated = $known->ratedVolts();
        if ($amps === null || $idle === null || $volts === null || $rated === null) {
            return Judgement::waiting(
                ...$reading->missing(...$names), ...$idle === null ? ['plate.no_load_current'] : [],
                ...$volts === null ? ['volts'] : [],
            );
        }
        $expected = $idle->number() * $volts->number() / $rated->number();
        $band = $typed === null ? self::MODEL : self::TYPED;

        return (new Judgement)->hold(new JudgedQuantity(
            'mean', array_sum($amps) / count($amps), $expected, $expected * (1 - $band), $expected * (1 + $band),
            ['I0' => $idle, 'V' => $volts, 'Vp' => $rated], '{I0} × {V} ÷ {Vp} ± '.Show::number(100 * $band).' %',
        ))->advise(
            'Check the links against the nameplate, then the winding.', 'windings connected for another voltage',
            'a larger air gap after repair',
            'a rewind with a different number of turns',
        );
    }
}
