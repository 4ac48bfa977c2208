<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\FindingBuilder;

/** Why a motor cannot be started so: as a finding, as the stations that wait say it, and in one sentence. */
final readonly class Refused
{
    public function __construct(public FindingBuilder $finding, public string $reason, public string $short)
    {
    }
}
