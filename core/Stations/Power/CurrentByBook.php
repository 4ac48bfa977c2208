<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Figure;

/** What one rule book would size this motor by, A. */
final readonly class CurrentByBook
{
    public function __construct(public string $name, public bool $used, public ?Figure $table, public ?Figure $design)
    {
    }
}
