<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Plate\WireRules;

/**
 * 120 V of 120/240 V, 277 V of 480 V and 347 V of 600 V are line and neutral; 208 and 240 V lie between two lines. 120 and 240 V come
 * from a single-phase transformer that is grounded in the middle, the others from three phases (common practice, no source).
 */
final readonly class AmericanWires implements WireRules
{
    /** V, from and to. */
    private const TO_NEUTRAL = [[0.0, 130.0], [265.0, 290.0], [330.0, 360.0]];

    private const SINGLE_PHASE_SOURCE = [[0.0, 130.0], [220.0, 250.0]];

    public function wires(Circuit $circuit, float $volts): TwoWires
    {
        return TwoWires::of(
            $circuit, $volts, self::among(self::TO_NEUTRAL, $volts), ! self::among(self::SINGLE_PHASE_SOURCE, $volts), true,
        );
    }

    /** @param  list<array{float, float}>  $ranges */
    private static function among(array $ranges, float $volts): bool
    {
        foreach ($ranges as [$from, $to]) {
            if ($volts >= $from && $volts <= $to) {
                return true;
            }
        }

        return false;
    }
}
