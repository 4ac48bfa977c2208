<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/** Voltage unbalance: a percentage, or the three line voltages it is computed from, the largest deviation from their mean over the mean. */
final class Unbalance
{
    /** @param  float  $high  largest that is taken, % */
    public static function parse(string $text, float $high): TypedValue|Refusal
    {
        $bare = trim((string) preg_replace('~\s*(volts|v)\s*$~i', '', $text));
        $parts = preg_split('~\s*[/;]\s*~', $bare);
        if ($parts === false || ! in_array(count($parts), [1, 3], true)) {
            return new Refusal(Typed::quoted($text).' is neither a percentage nor three voltages.');
        }
        $read = [];
        foreach ($parts as $part) {
            $number = Typed::number(count($parts) === 1 ? rtrim($part, '% ') : $part);
            if ($number instanceof Refusal) {
                return $number;
            }
            $read[] = $number;
        }
        if (count($read) === 1) {
            $percent = $read[0];
        } else {
            if (min($read) < 24 || max($read) > 2000) {
                return new Refusal('Line voltages must be from 24 to 2000 V.');
            }
            $mean = array_sum($read) / 3;
            $percent = 100 * max(array_map(static fn (float $v): float => abs($v - $mean), $read)) / $mean;
        }
        if ($percent < 0 || $percent > $high) {
            return new Refusal(Show::number($percent, 3).' % is outside the range 0 to '.Show::number($high).' %.');
        }

        return new TypedValue($percent, Show::number($percent, 6).' %');
    }
}
