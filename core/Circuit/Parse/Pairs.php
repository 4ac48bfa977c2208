<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;

/** Rows of two numbers, typed as `0 40; 50 30` or given as a list. */
final class Pairs
{
    /**
     * The rows as they stand; null where it is neither a text nor a list.
     *
     * @param  string  $between  what may stand beside the numbers, as a pattern
     * @return list<mixed>|null
     */
    public static function of(mixed $value, string $between): ?array
    {
        if (! is_string($value)) {
            return is_array($value) ? array_values($value) : null;
        }
        $pairs = [];
        foreach (explode(';', str_replace("\n", ';', $value)) as $part) {
            $bare = trim((string) preg_replace($between, ' ', $part));
            if ($bare !== '') {
                $pairs[] = array_values(array_filter(explode(' ', $bare), static fn (string $word): bool => $word !== ''));
            }
        }

        return $pairs;
    }

    /**
     * @param  string  $wanted  what to say where it is no pair
     * @return array{float, float}|Refusal
     */
    public static function numbers(mixed $pair, string $wanted): array|Refusal
    {
        if (! is_array($pair) || count($pair) !== 2) {
            return new Refusal($wanted);
        }
        $read = [];
        foreach (array_values($pair) as $one) {
            $number = match (true) {
                is_int($one), is_float($one) => (float) $one,
                is_string($one) => Typed::number(trim($one, '% ')),
                default => new Refusal('enter a number.'),
            };
            if ($number instanceof Refusal || ! is_finite($number)) {
                return new Refusal('enter a number.');
            }
            $read[] = $number;
        }

        return [$read[0], $read[1]];
    }
}
