<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Figure;

/** How part load is worked out, and the no-load current in A where a machine tells it. */
final readonly class PartLoadResult
{
    public function __construct(public PartLoad $model, public ?Figure $noLoadCurrent)
    {
    }
}
