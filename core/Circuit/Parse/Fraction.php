<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use BraveAnvil\Ground\Show;

/**
 * Power factor or efficiency as stamped: `0.85`, `85 %`, `0,85`, `93.9`, `IE3 - 93.9 %`; two with a slash on a plate for two
 * frequencies.
 */
final class Fraction
{
    /** @return TypedValue|Refusal its value is a float, two in a list, or the text of a class (`IE3`) */
    public static function parse(string $text, bool $efficiency, float $low): TypedValue|Refusal
    {
        if (! $efficiency && preg_match('~^(?:unity|unity power factor)$~i', $text) === 1) {
            return new TypedValue(1.0, '1');
        }
        if (! $efficiency && preg_match('~^tan\s*(?:phi|theta)?\s*[=:]?\s*([\d.,]+?)(?:, cos phi [\d.]+)?$~i', $text, $m) === 1) {
            return self::tangent($m[1], $low);
        }
        if (! $efficiency) {
            $text = (string) preg_replace('~\s*\b(lag(ging)?|ind(uctive)?)\.?$~i', '', $text);
        }
        $bare = trim(
            (string) preg_replace(
                '~^(power factor|cos\s*(?:phi|theta)|cos|p\.?\s?f\.?|nema nom\.? eff\.?|nom\.? eff\.?|efficiency|eff\.?|eta)\s*[=:]?\s*~i', '',
                $text,
            ),
        );
        $class = null;
        if ($efficiency && preg_match('~^(?:the class )?(ie\s*-?\s*([1-4]))(?: alone)?(?:[\s/:(-]+(.*?)\)?)?$~i', $bare, $m) === 1) {
            $class = 'IE'.$m[2];
            $bare = trim($m[3] ?? '');
            if ($bare === '') {
                return new TypedValue($class, 'the class '.$class.' alone');
            }
        }
        $parts = preg_split('~\s*/\s*~', $bare);
        if ($parts === false || count($parts) > 2) {
            return new Refusal(Typed::quoted($text).' cannot be read.');
        }
        $values = [];
        foreach ($parts as $part) {
            $value = self::one($part, $efficiency, $low);
            if ($value instanceof Refusal) {
                return $value;
            }
            $values[] = $value;
        }
        $echo = implode(
            ' / ',
            array_map(static fn (float $v): string => $efficiency ? Show::number($v * 100, 5).' %' : Show::number($v, 5), $values),
        );

        return new TypedValue(count($values) === 2 ? $values : $values[0], ($class === null ? '' : $class.' - ').$echo);
    }

    /** What tariffs name: reactive over real power. */
    private static function tangent(string $text, float $low): TypedValue|Refusal
    {
        $tangent = Typed::number($text);
        if ($tangent instanceof Refusal) {
            return $tangent;
        }

        return cos(atan($tangent)) < $low ? new Refusal('tan φ '.Show::number($tangent).' is a power factor of only '.
            Show::number(cos(atan($tangent)), 3).'.') : new TypedValue(
                cos(atan($tangent)), 'tan φ '.Show::number($tangent, 5).', cos φ '.Show::number(cos(atan($tangent)), 5),
            );
    }

    private static function one(string $text, bool $efficiency, float $low): float|Refusal
    {
        $percent = str_ends_with($text, '%');
        $number = Typed::number(rtrim($text, '% '));
        if ($number instanceof Refusal) {
            return $number;
        }
        // Between 1 and 5 nobody can tell a fraction from a percentage.
        $value = $percent || $number >= 5 ? $number / 100 : $number;
        if ($value > 1 || ($efficiency && $value >= 0.9999)) {
            return new Refusal(
                $efficiency
                    ? 'An efficiency of '.Show::number($value * 100, 5).' % is not possible: every motor has losses.'
                    : 'A power factor above 1 is not possible.',
            );
        }
        if ($value < $low) {
            return new Refusal(Show::number($value).' is too small.');
        }

        return $value;
    }
}
