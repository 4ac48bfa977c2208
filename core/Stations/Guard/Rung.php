<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

/** One standard rating on the ladder: whether it carries the start, whether the rule allows it, and why. */
final readonly class Rung
{
    /** @param  float  $rating  A */
    public function __construct(public float $rating, public bool $carries, public bool $allowed, public string $reason)
    {
    }
}
