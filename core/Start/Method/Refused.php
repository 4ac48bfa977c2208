<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

use BraveAnvil\Solution\FindingBuilder;

/** Why a motor cannot be started so, and what the stations that wait say. */
final readonly class Refused
{
    public function __construct(public FindingBuilder $finding, public string $reason)
    {
    }
}
