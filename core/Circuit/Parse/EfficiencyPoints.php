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
        $pairs = Pairs::of($value, '~[%:/]|\bload\b~');
        if ($pairs === null) {
            return new Refusal('Enter pairs of load and efficiency.');
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
            $point = self::point($pair, $before);
            if ($point instanceof Refusal) {
                return new Refusal('Point '.($i + 1).': '.$point->text);
            }
            $before = $point[0];
            $points[] = $point;
        }

        return new TypedValue($points, implode('; ', array_map(
            static fn (array $point): string => Show::number($point[0], 10).' % load: '.Show::number($point[1], 10).' %', $points,
        )));
    }

    /** @return array{float, float}|Refusal percent of rated apparent power, percent */
    private static function point(mixed $pair, float $before): array|Refusal
    {
        $read = Pairs::numbers($pair, 'enter a load and its efficiency.');
        if ($read instanceof Refusal) {
            return $read;
        }
        [$load, $efficiency] = $read;

        return match (true) {
            $load <= $before => new Refusal('a load of '.Show::number($load).' % must be above the one before it.'),
            $load < 0 || $load > self::HIGHEST => new Refusal('a load of '.Show::number($load).' % is outside the range 0 to 300 %.'),
            $efficiency < self::LEAST || $efficiency > 100 => new Refusal('an efficiency of '.Show::number($efficiency).
                ' % is outside the range 10 to 100 %.'),
            default => [$load, $efficiency],
        };
    }
}
