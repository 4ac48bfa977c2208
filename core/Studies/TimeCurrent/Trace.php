<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Stations\Guard\TraceKind;

/** A line beside the devices: what flows, or what is borne. */
final readonly class Trace
{
    /** @param  list<array{float, float}>  $points  A, s */
    public function __construct(public TraceKind $kind, public string $name, public array $points)
    {
    }
}
