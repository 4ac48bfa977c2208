<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

/** One thing that comes out otherwise: from what, to what, and how much that matters. */
final readonly class Flip
{
    /** @param  float  $weight  the larger, the more decisive; only for the order */
    public function __construct(public string $label, public string $from, public string $to, public float $weight)
    {
    }
}
