<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/** A load by points, `0 40; 50 30; 100 90`: percent of rated speed with percent of rated torque, in the order of speed. */
final class LoadPoints
{
    private const FASTEST = 120.0;

    private const LARGEST = 500.0;

    private const MOST = 40;

    /** Reads a text or a list of pairs; null where it is empty. */
    public static function parse(mixed $value): TypedValue|Refusal|null
    {
        $points = Pairs::read($value, '~[%:/]~', 'speed and torque', 'Point', 2, self::MOST, self::refuses(...));

        if ($points instanceof Refusal || $points === []) {
            return $points === [] ? null : $points;
        }

        return new TypedValue($points, implode('; ', array_map(
            static fn (array $point): string => Show::number($point[0]).' % speed: '.Show::number($point[1]).' % torque', $points,
        )));
    }

    /** @param  float  $before  speed of the point before it, % */
    private static function refuses(float $speed, float $torque, float $before): ?Refusal
    {
        return match (true) {
            $speed < 0 || $speed > self::FASTEST => new Refusal('a speed of '.Show::number($speed).
                ' % is outside the range 0 to 120 % of rated speed.'),
            $torque < 0 || $torque > self::LARGEST => new Refusal('a torque of '.Show::number($torque).
                ' % is outside the range 0 to 500 % of rated torque.'),
            $speed <= $before => new Refusal('a speed of '.Show::number($speed).' % must be above the one before it.'),
            default => null,
        };
    }
}
