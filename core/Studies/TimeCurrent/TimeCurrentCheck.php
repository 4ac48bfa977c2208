<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Stations\Fault\FaultVerdict;

/** One thing that must lie left or right of another, and how it came out. */
final readonly class TimeCurrentCheck
{
    public function __construct(public string $label, public FaultVerdict $verdict, public string $why)
    {
    }
}
