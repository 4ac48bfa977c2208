<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Figure;

/** Means of volts and amperes, and whether a line is dead. */
final readonly class MeterReadings
{
    /**
     * @param  Figure|null  $voltage  V
     * @param  Figure|null  $current  A
     * @param  bool  $lostPhase  one of three lines carries no current
     */
    public function __construct(public ?Figure $voltage, public ?Figure $current, public bool $lostPhase)
    {
    }
}
