<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Guard\Device;

/** One earth fault: how much flows, and for how long. */
final readonly class EarthFault
{
    /** s that a breaker lets a fault close to the supply flow, taken as not limiting. */
    public const BREAKER_S = 0.02;

    /**
     * @param  float  $loopOhm  Ω
     * @param  float  $amperes  A
     * @param  float|null  $seconds  within which it is cleared; null where the device need not clear it at all
     * @param  float|null  $energy  let through until then, A²s
     */
    public function __construct(public float $loopOhm, public float $amperes, public ?float $seconds, public ?float $energy)
    {
    }

    /**
     * Energy that a device lets through of a fault close to the supply, A²s; null where it need not act.
     *
     * @param  float  $amperes  largest fault current, A
     */
    public static function nearEnergy(Device $device, float $amperes): ?float
    {
        return $device->limitsEnergy() ? $device->letsThrough($amperes) : $amperes ** 2 * self::BREAKER_S;
    }
}
