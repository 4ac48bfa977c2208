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
        $rows = Pairs::read($value, '~[%:/]|\bfor\b|\bh\b~', 'load and hours', 'Row', 1, self::MOST, self::refuses(...));
        if ($rows instanceof Refusal || $rows === []) {
            return $rows === [] ? null : $rows;
        }
        $all = array_sum(array_column($rows, 1));
        if ($all > self::YEAR_H) {
            return new Refusal(Show::number($all).' h is more than a year has.');
        }

        return new TypedValue($rows, implode('; ', array_map(
            static fn (array $row): string => Show::number($row[0], 10).' % for '.Show::number($row[1], 10).' h', $rows,
        )));
    }

    private static function refuses(float $load, float $hours): ?Refusal
    {
        return match (true) {
            $load < 0 || $load > self::HIGHEST => new Refusal('a load of '.Show::number($load).
                ' % is outside the range 0 to 150 % of rated output.'),
            $hours < 0 || $hours > self::YEAR_H => new Refusal(Show::number($hours).' h is more than a year has.'),
            default => null,
        };
    }
}
