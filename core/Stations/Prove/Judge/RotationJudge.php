<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Ground\Grade;
use BraveAnvil\Stations\Prove\Choice\SeenTurning;
use BraveAnvil\Stations\Prove\Judge;
use BraveAnvil\Stations\Prove\Judgement;
use BraveAnvil\Stations\Prove\KnownCircuit;
use BraveAnvil\Stations\Prove\Reading;

/** Which way the shaft turns. */
final class RotationJudge implements Judge
{
    public function judge(Reading $reading, KnownCircuit $known): Judgement
    {
        $seen = $reading->chosen('seen', SeenTurning::class);
        if ($seen === null) {
            return Judgement::waiting('seen');
        }

        if ($seen !== SeenTurning::Right && $known->motor->onePhase) {
            return (new Judgement)->differ(Grade::Stop)->advise(
                'Switch off, lock off, discharge the capacitor and swap the two ends of the start winding, as the nameplate diagram shows.',
                'the ends of the start winding swapped',
            );
        }

        return $seen === SeenTurning::Right ? new Judgement : (new Judgement)->differ(Grade::Stop)->advise(
            'Switch off, lock off and swap two leads at the motor; with a star-delta starter swap both ends in the same way.',
            'two lines swapped',
        );
    }
}
