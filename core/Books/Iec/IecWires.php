<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Stations\Plate\TwoWires;
use BraveAnvil\Stations\Plate\WireRules;

/** Line and neutral of 230/400 V and its like; what is higher lies between two lines (common practice, no source). */
final readonly class IecWires implements WireRules
{
    /** V between line and neutral, at most. */
    private const MOST_TO_NEUTRAL = 300.0;

    public function wires(Circuit $circuit, float $volts): TwoWires
    {
        return TwoWires::of($circuit, $volts, $volts <= self::MOST_TO_NEUTRAL, true, false);
    }
}
