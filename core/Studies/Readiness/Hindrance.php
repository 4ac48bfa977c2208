<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Readiness;

use BraveAnvil\Ground\Station;

/** Why a sheet cannot be issued for use. */
final readonly class Hindrance
{
    public function __construct(public string $text, public ?Station $station)
    {
    }
}
