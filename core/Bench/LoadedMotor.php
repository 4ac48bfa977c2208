<?php

declare(strict_types=1);

namespace BraveAnvil\Bench;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Measure\Measured;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;

/** What is known of a circuit before anything of it is sized: motor, load, measurement, fault level. */
final readonly class LoadedMotor
{
    /** @param  Figure|null  $prospective  largest fault current, A */
    public function __construct(public Motor $motor, public Load $load, public Measured $measured, public ?Figure $prospective)
    {
    }
}
