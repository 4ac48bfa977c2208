<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Circuit;

/** A single-phase motor without load, by current and power that somebody measured: its current is far from all reactive. */
final class OnePhaseIdle
{
    /**
     * @param  float  $volts  V
     * @return float|null var; null while current or power is not typed, or where they contradict each other
     */
    public static function reactive(Circuit $circuit, float $volts): ?float
    {
        $current = $circuit->number('plate.no_load_current');
        $power = $circuit->number('plate.no_load_power');
        $square = $current === null || $power === null ? -1.0 : ($volts * $current->number()) ** 2 - $power->number() ** 2;

        return $square < 0 ? null : sqrt($square);
    }
}
