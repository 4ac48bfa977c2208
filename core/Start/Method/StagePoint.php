<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

/** What flows and turns in the first stage of a start, at one speed. */
final readonly class StagePoint
{
    /**
     * @param  float  $line  A in each line
     * @param  float|null  $winding  A in each winding, null where the plate does not say how they are joined
     * @param  float  $torque  at the shaft, N·m
     */
    public function __construct(public float $line, public ?float $winding, public float $torque)
    {
    }
}
