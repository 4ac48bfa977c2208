<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** A piece of a run-up: nodes and when each is reached, from 0 s on. */
final readonly class Leg
{
    /**
     * @param  non-empty-list<Node>  $nodes
     * @param  non-empty-list<float>  $times  s
     */
    public function __construct(public array $nodes, public array $times)
    {
    }

    /** How long it takes, s. */
    public function seconds(): float
    {
        return $this->times[count($this->times) - 1];
    }

    /** rpm */
    public function lastSpeed(): float
    {
        return $this->nodes[count($this->nodes) - 1]->speed;
    }
}
