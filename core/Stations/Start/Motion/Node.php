<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** A stage at one speed: what flows, and what is left to speed the shaft up. */
final readonly class Node
{
    /** N·m that speed it up. */
    public float $surplus;

    /**
     * @param  float  $speed  rpm
     * @param  float  $shaft  torque at the shaft, N·m
     * @param  float  $load  torque that the load asks, N·m
     */
    public function __construct(public float $speed, public Flow $flow, public float $shaft, public float $load)
    {
        $this->surplus = $shaft - $load;
    }
}
