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
        $pairs = Pairs::of($value, '~[%:/]~');
        if ($pairs === null) {
            return new Refusal('Enter pairs of speed and torque.');
        }
        if ($pairs === []) {
            return null;
        }
        if (count($pairs) < 2) {
            return new Refusal('Enter at least two points.');
        }
        if (count($pairs) > self::MOST) {
            return new Refusal('At most '.self::MOST.' points.');
        }
        $points = [];
        $before = -1.0;
        foreach ($pairs as $i => $pair) {
            $point = self::point($pair);
            if ($point instanceof Refusal) {
                return new Refusal('Point '.($i + 1).': '.$point->text);
            }
            if ($point[0] <= $before) {
                return new Refusal(
                    'Point '.($i + 1).' at '.Show::number($point[0]).' % speed must be above the point before it.',
                );
            }
            $before = $point[0];
            $points[] = $point;
        }

        return new TypedValue($points, implode('; ', array_map(
            static fn (array $point): string => Show::number($point[0]).' % speed: '.Show::number($point[1]).' % torque',
            $points,
        )));
    }

    /** @return array{float, float}|Refusal */
    private static function point(mixed $pair): array|Refusal
    {
        $read = Pairs::numbers($pair, 'enter a speed and a torque.');
        if ($read instanceof Refusal) {
            return $read;
        }
        [$speed, $torque] = $read;

        return match (true) {
            $speed < 0 || $speed > self::FASTEST => new Refusal('a speed of '.Show::number($speed).
                ' % is outside the range 0 to 120 % of rated speed.'),
            $torque < 0 || $torque > self::LARGEST => new Refusal('a torque of '.Show::number($torque).
                ' % is outside the range 0 to 500 % of rated torque.'),
            default => [$speed, $torque],
        };
    }
}
