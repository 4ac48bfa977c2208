<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Ground\Doubt;
use BraveAnvil\Ground\Source;

/** What the American books decide differently for conductors. */
final readonly class ConductorPolicy
{
    /**
     * @param  float  $factor  of full-load current that conductors must carry
     * @param  float  $leadFactor  the same of each of six leads
     * @param  string  $current  what the book calls the current, `FLC`
     * @param  Doubt|null  $leadDoubt  why memory is not sure of the factor of the leads
     * @param  int  $smallTerminals  °C of terminals that are not marked, up to `smallTerminalsTo`
     * @param  int  $largestTerminals  °C above it, and never more
     * @param  float  $smallTerminalsTo  A
     * @param  bool  $correctsTerminals  whether ambient and count reduce what terminals allow as well, unless the site says otherwise
     * @param  MotorInsulation|null  $motorInsulation  what a motor's insulation class asks of that of its conductors; null where the book asks nothing
     * @param  string  $parallelSource  rule of conductors in parallel
     * @param  Source|string  $raceways  rule that keeps all phases of one set together
     */
    public function __construct(
        public float $factor,
        public float $leadFactor,
        public string $current,
        public Source|string $source,
        public Source|string $leadSource,
        public ?Doubt $leadDoubt,
        public int $smallTerminals,
        public int $largestTerminals,
        public float $smallTerminalsTo,
        public bool $correctsTerminals,
        public ?MotorInsulation $motorInsulation,
        public Source|string $parallelSource,
        public Source|string $raceways,
    ) {
    }
}
