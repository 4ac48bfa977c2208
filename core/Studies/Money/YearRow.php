<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Money;

/** Hours of a year at one load, with what is drawn then. */
final readonly class YearRow
{
    /**
     * @param  float|null  $percent  of rated output; null as it was measured
     * @param  float  $hours  h a year
     * @param  float  $power  W
     * @param  float  $reactive  var
     */
    public function __construct(public ?float $percent, public float $hours, public float $power, public float $reactive)
    {
    }
}
