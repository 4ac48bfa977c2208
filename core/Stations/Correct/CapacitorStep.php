<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

/** One standard step: what it gives here, and what speaks for or against it. */
final readonly class CapacitorStep
{
    /**
     * @param  float  $kvar  at its rated voltage
     * @param  bool  $refused  whether it passes a limit
     */
    public function __construct(public float $kvar, public bool $chosen, public bool $refused, public string $reason)
    {
    }
}
