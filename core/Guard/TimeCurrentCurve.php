<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

/** Lower and upper edge of a device's band: straight on logarithmic scales between points of amperes and seconds. */
final readonly class TimeCurrentCurve
{
    /**
     * @param  list<array{float, float}>  $lower  A, s: left of it the device does not act
     * @param  list<array{float, float}>  $upper  A, s: right of it the device has acted
     */
    public function __construct(public array $lower, public array $upper)
    {
    }
}
