<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/** Efficiency by load, `25 84; 50 90; 100 88`: percent of rated apparent power with percent, in the order of load. */
final class EfficiencyPoints
{
    private const HIGHEST = 300.0;

    private const LEAST = 10.0;

    private const MOST = 20;

    /** Reads a text or a list of pairs; null where it is empty. */
    public static function parse(mixed $value): TypedValue|Refusal|null
    {
        $points = Pairs::read($value, '~[%:/]|\bload\b~', 'load and efficiency', 'Point', 2, self::MOST, self::refuses(...));

        if ($points instanceof Refusal || $points === []) {
            return $points === [] ? null : $points;
        }

        return new TypedValue($points, implode('; ', array_map(
            static fn (array $point): string => Show::number($point[0], 10).' % load: '.Show::number($point[1], 10).' %', $points,
        )));
    }

    /** @param  float  $before  load of the point before it, % of rated apparent power */
    private static function refuses(float $load, float $efficiency, float $before): ?Refusal
    {
        return match (true) {
            $load <= $before => new Refusal('a load of '.Show::number($load).' % must be above the one before it.'),
            $load < 0 || $load > self::HIGHEST => new Refusal('a load of '.Show::number($load).' % is outside the range 0 to 300 %.'),
            $efficiency < self::LEAST || $efficiency > 100 => new Refusal('an efficiency of '.Show::number($efficiency).
                ' % is outside the range 10 to 100 %.'),
            default => null,
        };
    }
}
