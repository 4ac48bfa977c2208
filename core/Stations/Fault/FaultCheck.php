<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Figure;

/** The protective conductors of both runs; null where one waits. */
final readonly class FaultCheck
{
    public function __construct(public ?Figure $motor, public ?Figure $line)
    {
    }
}
