<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Solution\Figure;

/** What a capacitor unit gives and takes. */
final readonly class UnitFigures
{
    /**
     * @param  Figure  $rating  at its rated voltage, var
     * @param  Figure  $given  at site voltage, var
     * @param  Figure  $current  at site voltage, A
     * @param  Figure  $ratedCurrent  at its rated voltage, A
     */
    public function __construct(public Figure $rating, public Figure $given, public Figure $current, public Figure $ratedCurrent)
    {
    }
}
