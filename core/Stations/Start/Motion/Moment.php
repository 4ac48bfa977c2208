<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** A moment of a start. */
final readonly class Moment
{
    /** @param  float  $time  since switching on, s */
    public function __construct(public float $time, public Node $node, public Phase $phase)
    {
    }
}
