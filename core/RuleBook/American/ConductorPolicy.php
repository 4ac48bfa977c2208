<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\American;

/** What the American books decide differently for conductors. */
final readonly class ConductorPolicy
{
    /**
     * @param  float  $factor  of full-load current that conductors must carry
     * @param  float  $leadFactor  the same of each of six leads
     * @param  string  $current  what the book calls the current, `FLC`
     * @param  int  $smallTerminals  °C of terminals that are not marked, up to `smallTerminalsTo`
     * @param  int  $largestTerminals  °C above it, and never more
     * @param  float  $smallTerminalsTo  A
     */
    public function __construct(
        public float $factor,
        public float $leadFactor,
        public string $current,
        public string $source,
        public string $leadSource,
        public int $smallTerminals,
        public int $largestTerminals,
        public float $smallTerminalsTo,
    ) {
    }
}
