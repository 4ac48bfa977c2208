<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Figure;

/** The switch that isolates the motor. */
final readonly class SwitchChoice
{
    /**
     * @param  Figure  $required  A
     * @param  Figure|null  $size  next standard switch, A; null above the largest
     */
    public function __construct(public Figure $required, public ?Figure $size)
    {
    }
}
