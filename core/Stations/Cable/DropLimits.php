<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/** Largest total voltage drop from the supply to the motor, percent. */
final readonly class DropLimits
{
    public function __construct(public float $running, public float $starting)
    {
    }
}
