<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

/** How the windings are joined on this supply. */
enum WindingConnection: string
{
    case Star = 'star';
    case Delta = 'delta';
    /** The halves of each winding beside one another, for the lower of two voltages in the ratio 2. */
    case Parallel = 'parallel';
    /** The halves of each winding behind one another. */
    case Series = 'series';
    /** One voltage, and the plate does not say how the windings are joined. */
    case Single = 'single';
    /** None of them fits the supply. */
    case None = 'none';

    /** As people say it. */
    public function words(): string
    {
        return match ($this) {
            self::Star => 'star',
            self::Delta => 'delta',
            self::Parallel => 'parallel (low voltage)',
            self::Series => 'series (high voltage)',
            self::Single => 'as the nameplate diagram shows',
            self::None => 'none',
        };
    }

    public function isStarOrDelta(): bool
    {
        return $this === self::Star || $this === self::Delta;
    }

    public function isForTwoVoltages(): bool
    {
        return $this === self::Parallel || $this === self::Series;
    }
}
