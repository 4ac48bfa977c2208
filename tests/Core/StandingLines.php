<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Stations\Prove\JudgedQuantity;

/** A solution as lines of text, one for each thing that it says. */
final class StandingLines
{
    /** Digits of a number: fewer than those in which two machines may differ. */
    private const DIGITS = '%.9g';

    /** @return array<string, string> by what they are of */
    public static function of(Solution $solution): array
    {
        $lines = [];
        foreach ($solution->figures as $figure) {
            $lines[$figure->key()] = self::text(
                [$figure->value, $figure->shown(), $figure->working, $figure->source, $figure->assumptions],
            );
        }
        foreach (self::counted($solution->findings) as $name => $finding) {
            $lines['finding '.$name] = self::text([$finding->grade->value, $finding->text, $finding->source]);
        }
        foreach (Circuits::errors($solution) as $path => $text) {
            $lines['error '.$path] = $text;
        }
        foreach ($solution->sentences as $station => $sentence) {
            $lines['sentence '.$station] = $sentence;
        }
        foreach ($solution->fields as $path => $note) {
            if ($note->empty !== '') {
                $lines['field '.$path] = $note->empty;
            }
        }
        foreach ($solution->comparisons as $comparison) {
            $says = $comparison->toArray();
            $lines["reading {$comparison->index} ".($comparison->kind->value ?? '')] = self::text([
                $says['verdict'], $says['pattern'], $says['points_to'], $says['next'], $says['says'],
                array_map(
                    static fn (JudgedQuantity $one): array => [$one->name, $one->measured, $one->expected, $one->low, $one->high],
                    $comparison->judgement->quantities,
                ),
            ]);
        }

        return $lines;
    }

    /**
     * @param  array<string, string>  $lines
     * @param  array<string, string>  $base
     * @return array<string, string> what differs from it; what is gone as `gone`
     */
    public static function differing(array $lines, array $base): array
    {
        return [...array_diff_assoc($lines, $base), ...array_fill_keys(array_keys(array_diff_key($base, $lines)), 'gone')];
    }

    /**
     * @param  array<array-key, mixed>  $value
     */
    public static function text(array $value): string
    {
        $parts = [];
        foreach ($value as $name => $one) {
            $text = match (true) {
                is_array($one) => $one === [] ? '' : '['.self::text($one).']',
                is_object($one) => self::text((array) $one),
                is_float($one) => sprintf(self::DIGITS, $one),
                is_bool($one) => $one ? 'yes' : 'no',
                is_scalar($one) => (string) $one,
                default => '',
            };
            if ($text !== '') {
                $parts[] = is_int($name) ? $text : "$name: $text";
            }
        }

        return str_replace("\n", ' ', implode(' | ', $parts));
    }

    /**
     * @param  list<Finding>  $findings
     * @return array<string, Finding> by code, and by number where one is found twice
     */
    private static function counted(array $findings): array
    {
        $counted = [];
        foreach ($findings as $finding) {
            $name = $finding->code->code();
            for ($number = 2; isset($counted[$name]); $number++) {
                $name = $finding->code->code().' '.$number;
            }
            $counted[$name] = $finding;
        }

        return $counted;
    }
}
