<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** A time between a hundredth of a second and some hours, as a person reads it. */
final class Duration
{
    /** @param  float  $seconds  s */
    public static function shown(float $seconds): string
    {
        return match (true) {
            $seconds >= 3600 => Show::number($seconds / 3600, 2).Show::UNIT_SPACE.'h',
            $seconds >= 120 => Show::number($seconds / 60, 2).Show::UNIT_SPACE.'min',
            default => Show::quantity($seconds, Unit::Second, 2),
        };
    }
}
