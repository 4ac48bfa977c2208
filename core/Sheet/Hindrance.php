<?php

declare(strict_types=1);

namespace BraveAnvil\Sheet;

use BraveAnvil\Solution\Station;

/** Why a sheet cannot be issued for use. */
final readonly class Hindrance
{
    public function __construct(public string $text, public ?Station $station)
    {
    }
}
