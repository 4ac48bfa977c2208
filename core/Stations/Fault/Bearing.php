<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Guard\TraceKind;

/** What a conductor bears of a fault, all of its parallel sets together. */
final readonly class Bearing
{
    /** @param  float  $energy  A²s */
    public function __construct(public TraceKind $kind, public string $name, public float $energy)
    {
    }
}
