<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use Closure;

/** Rows of two numbers, typed as `0 40; 50 30` or given as a list. */
final class Pairs
{
    /**
     * Every row read by its own rule; an empty list where nothing is typed, and a refusal that names the row.
     *
     * @param  string  $between  what may stand beside the numbers, as a pattern
     * @param  string  $what  what the two numbers are, `speed and torque`
     * @param  string  $row  what a row is called, `Point`
     * @param  int  $least  rows
     * @param  int  $most  rows
     * @param  Closure(float, float, float): (Refusal|null)  $refuses  both numbers, and the first one of the row before; -1 before the first
     * @return list<array{float, float}>|Refusal
     */
    public static function read(
        mixed $value,
        string $between,
        string $what,
        string $row,
        int $least,
        int $most,
        Closure $refuses,
    ): array|Refusal {
        $pairs = self::of($value, $between);
        if ($pairs === null) {
            return new Refusal('Enter pairs of '.$what.'.');
        }
        if ($pairs !== [] && count($pairs) < $least) {
            return new Refusal('Enter at least two '.strtolower($row).'s.');
        }
        if (count($pairs) > $most) {
            return new Refusal('At most '.$most.' '.strtolower($row).'s.');
        }
        $read = [];
        $before = -1.0;
        foreach ($pairs as $i => $pair) {
            $numbers = self::numbers($pair, 'enter '.$what.'.');
            $refused = $numbers instanceof Refusal ? $numbers : $refuses($numbers[0], $numbers[1], $before);
            if ($refused !== null) {
                return new Refusal($row.' '.($i + 1).': '.$refused->text);
            }
            $before = $numbers[0];
            $read[] = $numbers;
        }

        return $read;
    }

    /**
     * The rows as they stand; null where it is neither a text nor a list.
     *
     * @param  string  $between  what may stand beside the numbers, as a pattern
     * @return list<mixed>|null
     */
    private static function of(mixed $value, string $between): ?array
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
    private static function numbers(mixed $pair, string $wanted): array|Refusal
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
