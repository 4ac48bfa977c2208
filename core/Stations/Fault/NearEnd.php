<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Guard\Device;

/** A fault close to the supply. */
final class NearEnd
{
    /** s that a breaker lets such a fault flow, taken as not limiting. */
    public const BREAKER_S = 0.02;

    /**
     * Energy that a device lets through, A²s; null where it need not act.
     *
     * @param  float  $amperes  largest fault current, A
     */
    public static function energy(Device $device, float $amperes): ?float
    {
        return $device->limitsEnergy() ? $device->letsThrough($amperes) : $amperes ** 2 * self::BREAKER_S;
    }
}
