<?php

declare(strict_types=1);

namespace BraveAnvil\Prove\Judge;

use BraveAnvil\Prove\Choice\Turning;
use BraveAnvil\Prove\Judge;
use BraveAnvil\Prove\Judgement;
use BraveAnvil\Prove\Known;
use BraveAnvil\Prove\Reading;
use BraveAnvil\Solution\Grade;

/** Which way the shaft turns. */
final class Rotation implements Judge
{
    public function judge(Reading $reading, Known $known): Judgement
    {
        $seen = $reading->chosen('seen', Turning::class);
        if ($seen === null) {
            return Judgement::waiting('seen');
        }

        return $seen === Turning::Right ? new Judgement : (new Judgement)->differ(Grade::Stop)->advise(
            'Switch off, lock off and swap two leads at the motor; with a star-delta starter swap both ends in the same way.',
            'two lines swapped',
        );
    }
}
