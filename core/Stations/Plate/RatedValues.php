<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Figure;

/** Output in W, efficiency and power factor per unit: stamped, derived or typical; null where nothing gives them. */
final readonly class RatedValues
{
    public function __construct(public ?Figure $output, public ?Figure $efficiency, public ?Figure $powerFactor)
    {
    }
}
