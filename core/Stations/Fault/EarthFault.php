<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

/** One earth fault: how much flows, and for how long. */
final readonly class EarthFault
{
    /**
     * @param  float  $loopOhm  Ω
     * @param  float  $amperes  A
     * @param  float|null  $seconds  within which it is cleared; null where the device need not clear it at all
     * @param  float|null  $energy  let through until then, A²s
     */
    public function __construct(public float $loopOhm, public float $amperes, public ?float $seconds, public ?float $energy)
    {
    }
}
