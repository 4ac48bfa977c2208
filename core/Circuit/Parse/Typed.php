<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Parse;

use BraveAnvil\Circuit\Refusal;

/**
 * Typed text made plain, and the numbers in it. A decimal comma is taken; a comma that could be either a decimal sign or
 * a thousand (`1,500`) is not, except in fields where only a thousand makes sense.
 */
final class Typed
{
    private const PLAIN = [
        "\u{00A0}" => ' ',
        "\u{202F}" => ' ',
        "\u{2009}" => ' ',
        "\u{2007}" => ' ',
        "\t" => ' ',
        "\u{2212}" => '-',
        "\u{2013}" => '-',
        "\u{2014}" => '-',
        "\u{2010}" => '-',
        "\u{2011}" => '-',
        "\u{0394}" => 'D',
        "\u{2206}" => 'D',
        "\u{25B3}" => 'D',
        "\u{03A9}" => 'ohm',
        "\u{2126}" => 'ohm',
        "\u{03C6}" => 'phi',
        "\u{03D5}" => 'phi',
        "\u{03B8}" => 'theta',
        "\u{0398}" => 'theta',
        "\u{00B7}" => '*',
        "\u{22C5}" => '*',
        "\u{00D7}" => 'x',
        // As one sign no two values can be meant: the stroke stays another one.
        "\u{00BD}" => " 1\u{2044}2",
        "\u{00BC}" => " 1\u{2044}4",
        "\u{00BE}" => " 3\u{2044}4",
        "\u{2153}" => " 1\u{2044}3",
        "\u{00B0}" => 'deg',
        "\u{207B}\u{00B9}" => '-1',
        "\u{2044}" => '/',
        "\u{2215}" => '/',
        "\u{00B5}" => 'u',
        "\u{03BC}" => 'u',
        "\u{2032}" => "'",
        "\u{03B7}" => 'eta',
        "\u{FF0C}" => ',',
        "\u{03BB}" => 'Y',
    ];

    /** Trimmed, one kind of space, dash, slash and symbol; what is not text at all becomes ''. */
    public static function plain(string $text): string
    {
        // Most of what is typed is plain already.
        if (preg_match('/[^\x20-\x7E]/', $text) === 1) {
            if (preg_match('//u', $text) !== 1) {
                return '?';
            }
            // Only behind a letter, as in mm²: `50²` is no number, least of all 502.
            $text = (string) preg_replace(['/(?<=\pL)\x{00B2}/u', '/(?<=\pL)\x{00B3}/u'], ['2', '3'], $text);
            $text = strtr($text, self::PLAIN);
        } elseif (! str_contains($text, '  ')) {
            return trim($text, ' ');
        }

        return trim((string) preg_replace('/\s+/', ' ', $text));
    }

    /**
     * A number alone, no unit.
     *
     * @param  bool  $thousands  whether `1,500` and `1.500` mean one thousand five hundred here
     */
    public static function number(string $text, bool $thousands = false): float|Refusal
    {
        $text = trim($text);
        if (preg_match('/^[+-]?[1-9]\d{0,2}( \d{3})+([.,]\d+)?$/', $text) === 1) {
            $text = str_replace(' ', '', $text);
        }
        if ($thousands && preg_match('/^\d{1,3}[.,]\d{3}$/', $text) === 1) {
            $text = str_replace([',', '.'], '', $text);
        }
        if (preg_match('/^[+-]?0*[1-9]\d{0,2},\d{3}$/', $text) === 1) {
            return new Refusal(
                "“{$text}” could be a decimal comma or a thousands separator. Enter it without the comma, or with a decimal point.",
            );
        }
        if (preg_match('/^[+-]?(\d{1,12}([.,]\d{0,12})?|[.,]\d{1,12})$/', $text) !== 1) {
            return new Refusal(self::quoted($text).' is not a number.');
        }

        return (float) str_replace(',', '.', $text);
    }

    /** The same text with its kilovolts written as volts: `0.4 kV`, `0.4/0.69 kV`. A number with a volt sign of its own stays. */
    public static function inVolts(string $text): string
    {
        if (preg_match('~\d\s*kV(?![a-z])~i', $text) !== 1) {
            return $text;
        }

        return (string) preg_replace_callback(
            '~(\d+(?:[.,]\d+)?)(?:\s*(kV|V(?:olts?|ac)?)(?![a-z]))?~i',
            static fn (array $m): string => isset($m[2]) && strtolower($m[2][0]) === 'v'
                ? $m[0] : rtrim(rtrim(number_format(1000 * (float) str_replace(',', '.', $m[1]), 3, '.', ''), '0'), '.').' V',
            $text,
        );
    }

    /** Typed text in a message: shortened, in quotes. */
    public static function quoted(string $text): string
    {
        if (preg_match('//u', $text) !== 1) {
            return 'This';
        }
        $short = preg_match('/^.{41}/us', $text) === 1 ? (string) preg_replace('/^(.{40}).*$/us', '$1…', $text) : $text;

        return '“'.$short.'”';
    }
}
