<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

use function abs;
use function floor;
use function implode;
use function log10;
use function ltrim;
use function max;
use function min;
use function number_format;
use function preg_match;
use function preg_replace_callback;
use function round;
use function rtrim;
use function str_contains;
use function str_replace;
use function str_split;
use function str_starts_with;
use function strlen;
use function strpos;
use function strrev;
use function strtolower;
use function substr;

/** Numbers as a person reads them: engineering rounding, a thin space before the unit. */
final class Show
{
    /** A capital that only begins a text: followed by small letters to the end of its word. “MCB”, “L1–L2” and “Tst/Tn” keep theirs. */
    private const CAPITAL = '~^[A-Z](?=\p{Ll}+(?:[\s,;:.\-–]|$))~u';

    /** Between the thousands of a long number. */
    private const THIN = "\u{202F}";

    /** Between a number and its unit; it never breaks. */
    public const UNIT_SPACE = "\u{00A0}";

    /** Units that change their prefix with size: unit => [[from, divide by, shown unit], …], largest first. */
    private const SCALED = [
        'W' => [[1e6, 1e6, 'MW'], [1000, 1e3, 'kW'], [0, 1, 'W']],
        'VA' => [[1e7, 1e6, 'MVA'], [1000, 1e3, 'kVA'], [0, 1, 'VA']],
        'var' => [[1e6, 1e6, 'Mvar'], [1000, 1e3, 'kvar'], [0, 1, 'var']],
        'F' => [[0, 1e-6, 'µF']],
        'H' => [[1, 1, 'H'], [0, 1e-3, 'mH']],
        'Ω' => [[1e6, 1e6, 'MΩ'], [1000, 1e3, 'kΩ'], [1, 1, 'Ω'], [0, 1e-3, 'mΩ']],
        'A' => [[10000, 1e3, 'kA'], [0, 1, 'A']],
        'Wh' => [[1e6, 1e6, 'MWh'], [1000, 1e3, 'kWh'], [0, 1, 'Wh']],
        'J' => [[1e6, 1e6, 'MJ'], [1e4, 1e3, 'kJ'], [0, 1, 'J']],
        'A²s' => [[1e6, 1e6, '(kA)²s'], [0, 1, 'A²s']],
    ];

    /** A label or sentence as it goes on inside another one: with a small letter, unless it begins with a name or a symbol. */
    public static function inside(string $text): string
    {
        return (string) preg_replace_callback(self::CAPITAL, static fn (array $m): string => strtolower($m[0]), $text);
    }

    /** With its article: “an 80 A device”, “a star-delta motor”. */
    public static function one(string $noun): string
    {
        return (preg_match('~^(?:[aeio]|u(?!ni)|8|1[18](?!\d))~i', $noun) === 1 ? 'an ' : 'a ').$noun;
    }

    /** A number with $digits significant digits (whole numbers keep all theirs), no exponent, no trailing zeros. */
    public static function number(int|float $value, int $digits = 4): string
    {
        $size = abs($value);
        if ($size < 1e-300) {
            return '0';
        }
        if ($size < 1e13 && $value === (float) (int) $value) {
            $text = (string) (int) $value;
        } else {
            $power = match (true) {
                $size >= 1e4 || $size < 1 => (int) floor(log10($size)),
                $size >= 1000 => 3, $size >= 100 => 2, $size >= 10 => 1, default => 0,
            };
            $decimals = max(0, $digits - 1 - $power);
            // As text a float keeps 14 digits without an exponent in this range; this is far quicker than number_format.
            $text = $size >= 1e-4 && $size < 1e13
                ? (string) round($value, $decimals)
                : self::fixed(round($value, $decimals), min(12, $decimals));
        }
        if ($size >= 9999.5) {
            $text = self::grouped($text);
        }

        return $value < 0 ? str_replace('-', "\u{2212}", $text) : $text;
    }

    private static function fixed(float $value, int $decimals): string
    {
        $text = number_format($value, $decimals, '.', '');

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }

    /** Thin spaces between the thousands of a whole part of five digits or more. */
    private static function grouped(string $text): string
    {
        $dot = strpos($text, '.');
        $whole = $dot === false ? $text : substr($text, 0, $dot);
        if (strlen(ltrim($whole, '-')) <= 4) {
            return $text;
        }
        $sign = str_starts_with($whole, '-') ? '-' : '';
        $whole = $sign.strrev(implode(strrev(self::THIN), str_split(strrev(ltrim($whole, '-')), 3)));

        return $whole.($dot === false ? '' : substr($text, $dot));
    }

    /** A value with its unit, scaled to a handy prefix. */
    public static function quantity(int|float $value, Unit $unit, int $digits = 4): string
    {
        $size = abs($value);
        foreach (self::SCALED[$unit->value] ?? [] as [$from, $divisor, $name]) {
            if ($size >= $from) {
                return self::number($value / $divisor, $digits).self::UNIT_SPACE.$name;
            }
        }
        if ($unit === Unit::None) {
            return self::number($value, $digits);
        }

        return self::number($value, $digits).self::UNIT_SPACE.$unit->value;
    }
}
