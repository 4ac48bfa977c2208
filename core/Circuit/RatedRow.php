<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Speed;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Ground\Show;

/**
 * One row of rated values of a plate that has two: under the names of the first, so that nobody else has to ask which.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final class RatedRow
{
    /**
     * Whether there is a second row, for another frequency.
     *
     * @param  array<string, TypedValue>  $entries  by path
     * @param  array<string, FieldError>  $errors  by path
     */
    public static function stands(array $entries, array $errors): bool
    {
        foreach (Fields::RATED as $name) {
            if (isset($entries['plate.second.'.$name]) || isset($errors['plate.second.'.$name])) {
                return true;
            }
        }

        return false;
    }

    /**
     * Of the row that is not used, neither values nor errors count.
     *
     * @template T of TypedValue|FieldError
     *
     * @param  array<string, T>  $byPath
     * @return array<string, T>
     */
    public static function withoutSecond(array $byPath): array
    {
        foreach (Fields::RATED as $name) {
            unset($byPath['plate.second.'.$name]);
        }

        return $byPath;
    }

    /**
     * The second row in the place of the first. What it leaves out is taken from the first and marked.
     *
     * @param  array<string, TypedValue>  $entries  by path
     * @param  array<string, FieldError>  $errors  by path
     * @return array{array<string, TypedValue>, array<string, FieldError>}
     */
    public static function second(array $entries, array $errors): array
    {
        $hertz = static fn (?TypedValue $entry): float => is_float($entry?->value) ? $entry->value : 0.0;
        $ratio = $hertz($entries['plate.second.frequency'] ?? null) / max(1e-9, $hertz($entries['plate.frequency'] ?? null));
        [$values, $wrong] = [self::withoutSecond($entries), self::withoutSecond($errors)];
        foreach (Fields::RATED as $name) {
            [$first, $second] = ['plate.'.$name, 'plate.second.'.$name];
            unset($values[$first], $wrong[$first]);
            if (isset($errors[$second])) {
                $wrong[$first] = $errors[$second];
            }
            $used = $entries[$second] ?? self::taken($first, isset($errors[$second]) ? null : $entries[$first] ?? null, $ratio);
            if ($used !== null) {
                $values[$first] = $name === 'voltage' ? self::joinedAlike($used, $entries[$first] ?? null, $ratio) : $used;
            }
        }

        return [$values, $wrong];
    }

    /**
     * What the second row leaves out.
     *
     * @param  FieldPath  $path
     */
    private static function taken(string $path, ?TypedValue $first, float $ratio): ?TypedValue
    {
        return match (true) {
            $first === null => null,
            $first->value instanceof Speed => $first->assumedTo(
                new Speed($first->value->rpm * $ratio), 'the speed of the other row, in proportion to the frequency',
            ),
            default => $first->assumedTo($first->value, Show::inside(Fields::named($path)->label).' as in the other row'),
        };
    }

    /**
     * A second row with one bare voltage keeps the connection of the first: the windings are the same.
     *
     * @param  float  $ratio  of the frequencies of both rows; 0 where one is not known
     */
    private static function joinedAlike(TypedValue $second, ?TypedValue $first, float $ratio): TypedValue
    {
        if (! $second->value instanceof PlateVoltage || ! $first?->value instanceof PlateVoltage || $ratio <= 0) {
            return $second;
        }
        $joined = $second->value->joinedAs($first->value, $ratio);

        return new TypedValue($joined, $second->assumption === null ? $joined->echo() : $second->echo, $second->assumption);
    }
}
