<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/** Hours a year at each load, `75 4000; 40 1500`: percent of rated output with hours. */
final class LoadHours
{
    private const MOST = 20;

    private const YEAR_H = 8784.0;

    private const HIGHEST = 150.0;

    /** Reads a text or a list of pairs; null where it is empty. */
    public static function parse(mixed $value): TypedValue|Refusal|null
    {
        $pairs = Pairs::of($value, '~[%:/]|\bfor\b|\bh\b~');
        if ($pairs === null) {
            return new Refusal('Enter pairs of load and hours.');
        }
        if ($pairs === []) {
            return null;
        }
        if (count($pairs) > self::MOST) {
            return new Refusal('At most '.self::MOST.' rows.');
        }
        $rows = [];
        $all = 0.0;
        foreach ($pairs as $i => $pair) {
            $row = self::row($pair);
            if ($row instanceof Refusal) {
                return new Refusal('Row '.($i + 1).': '.$row->text);
            }
            $all += $row[1];
            $rows[] = $row;
        }
        if ($all > self::YEAR_H) {
            return new Refusal(Show::number($all).' h is more than a year has.');
        }

        return new TypedValue($rows, implode('; ', array_map(
            static fn (array $row): string => Show::number($row[0], 10).' % for '.Show::number($row[1], 10).' h', $rows,
        )));
    }

    /** @return array{float, float}|Refusal percent and hours */
    private static function row(mixed $pair): array|Refusal
    {
        $read = Pairs::numbers($pair, 'enter a load and its hours.');
        if ($read instanceof Refusal) {
            return $read;
        }
        [$load, $hours] = $read;

        return match (true) {
            $load < 0 || $load > self::HIGHEST => new Refusal('a load of '.Show::number($load).
                ' % is outside the range 0 to 150 % of rated output.'),
            $hours < 0 || $hours > self::YEAR_H => new Refusal(Show::number($hours).' h is more than a year has.'),
            default => [$load, $hours],
        };
    }
}
