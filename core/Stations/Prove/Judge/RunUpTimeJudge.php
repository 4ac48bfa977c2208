<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Measure\TimedStart;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\JudgedQuantity;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** A start by stopwatch. */
final class RunUpTimeJudge implements Judge
{
    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $seconds = $reading->number('seconds');
        $computed = $known->starting->runUpTime;
        $runUp = $known->starting->runUp;
        if ($seconds === null) {
            return Judgement::waiting('seconds');
        }
        if ($computed === null || $runUp === null) {
            return Judgement::waiting('load.inertia')->say($runUp === null
                ? 'The start is not calculated, so there is no expected time.'
                : 'By calculation the motor does not reach full speed.');
        }
        $worst = $runUp->worst->runUpTime;
        $longest = $worst ?? TimedStart::LONGEST * $computed->number();

        return (new Judgement)->hold(new JudgedQuantity(
            'seconds', $seconds->number(), $computed->number(), TimedStart::SHORTEST * $computed->number(), $longest, ['t' => $computed],
            '{t}, from 0.7 of it to '.($worst === null ? 'twice' : 'the worst case, '.Show::quantity($longest, Unit::Second, 3)),
        ))->advise(
            'Enter this time under Start: the inertia follows from it.', 'a load or inertia other than entered',
            'low voltage during the start',
            'a rotor fault',
        );
    }
}
