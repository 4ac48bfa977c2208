<?php

declare(strict_types=1);

namespace BraveAnvil\Prove\Judge;

use BraveAnvil\Measure\TimedStart;
use BraveAnvil\Prove\Judge;
use BraveAnvil\Prove\Judgement;
use BraveAnvil\Prove\Known;
use BraveAnvil\Prove\Quantity;
use BraveAnvil\Prove\Reading;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** A start by stopwatch. */
final class RunUpTime implements Judge
{
    public function judge(Reading $reading, Known $known): Judgement
    {
        $seconds = $reading->number('seconds');
        $computed = $known->starting->runUpTime;
        $runUp = $known->starting->runUp;
        if ($seconds === null) {
            return Judgement::waiting('seconds');
        }
        if ($computed === null || $runUp === null) {
            return Judgement::waiting('load.inertia')->say($runUp === null
                ? 'The start is not worked out, so nothing says how long it should take.'
                : 'By computation it does not come up to speed at all.');
        }
        $worst = $runUp->worst->runUpTime;
        $longest = $worst ?? TimedStart::LONGEST * $computed->number();

        return (new Judgement)->hold(new Quantity(
            'seconds', $seconds->number(), $computed->number(), TimedStart::SHORTEST * $computed->number(), $longest, ['t' => $computed],
            '{t}, from 0.7 of it to '.($worst === null ? 'twice' : 'the worst case, '.Show::quantity($longest, Unit::Second, 3)),
        ))->advise(
            'Type this time under Start: the inertia follows from it.', 'another load or inertia than typed', 'low volts while starting',
            'a rotor fault',
        );
    }
}
