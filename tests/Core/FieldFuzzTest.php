<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Field;
use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\FieldReader;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedValue;
use PHPUnit\Framework\TestCase;

/**
 * Strings through the parser of every kind of field: none throws, and what is accepted means the same when its echo is
 * typed. The strings are made from pieces of real stamps, so that many are nearly right.
 */
final class FieldFuzzTest extends TestCase
{
    private const STRINGS = 5_000;

    private const PIECES = [
        '0', '1', '2', '37', '400', '690', '230', '460', '208', '66', '38.1', '0.85', '93,9', '1482', '1 482', '1.482', '50', '60', '1e9',
        '999999999999', '.5', ',', '.', '-', '–', '/', ';', '(', ')', ' ',
        "\u{00A0}",
        '+', '%', '°', '°C', '²', 'Δ', 'Y', 'D', 'φ', 'cos φ', 'kW', 'W', 'hp', 'V', 'A', 'kA', 'rpm', 'min⁻¹', 'Hz', 'm', 'ft', 'kg',
        'kgm²', 'Ω', 'mohm', 'kΩ', 'MVA', 'kvar', 'IE3', 'IE', 'IP', 'IP55', 'IC411', 'KL', 'S3', 'S1', 'S2 30 min', 'F', 'F/B', 'delta',
        'star', 'parallel', 'Ia/In', 'LRT', 'true', 'xlpe', 'XHHW', '3 x 2.5', '1/0', '6 AWG', '250 kcmil', 'h', 'ms', 's', 'min', 'x',
        'e',
        "\u{1F600}",
        "\xB1",
        'NaN', 'INF', '0x1F',
        "\t",
        "'",
        '"', '<b>',
    ];

    public function test_no_string_breaks_a_parser_and_every_echo_means_the_same(): void
    {
        $fields = array_values(
            array_filter(
                Fields::all(),
                static fn (Field $field): bool => ! in_array(
                    $field->kind,
                    [FieldKind::Anything, FieldKind::Flag, FieldKind::Points, FieldKind::Text],
                    true,
                ),
            ),
        );
        $byKind = [];
        foreach ($fields as $field) {
            $byKind[$field->kind->value][] = $field;
        }
        $count = Fuzz::count(self::STRINGS);
        Fuzz::start();
        $strings = [];
        for ($i = 0; $i < $count; $i++) {
            $strings[] = self::string();
        }
        $accepted = 0;
        foreach ([new FieldReader(false), new FieldReader(true, true)] as $turn => $reader) {
            foreach ($strings as $i => $text) {
                // Every string meets every kind of parser in its turn, and each kind all of its fields.
                foreach ($turn === 0 ? $byKind : [] as $kind => $same) {
                    $accepted += self::through($reader, $same[$i % count($same)], $text, $kind);
                }
                if ($turn === 1 && $i % 10 === 0) {
                    $accepted += self::through($reader, $fields[intdiv($i, 10) % count($fields)], $text, 'american');
                }
            }
        }
        self::assertGreaterThan($count, $accepted, 'most strings are nonsense, but many must be readable');
    }

    private static function string(): string
    {
        $text = '';
        for ($n = mt_rand(1, 5); $n > 0; $n--) {
            $text .= mt_rand(0, 40) === 0 ? chr(mt_rand(32, 255)) : self::PIECES[mt_rand(0, count(self::PIECES) - 1)];
            $text .= mt_rand(0, 3) === 0 ? ' ' : '';
        }

        return $text;
    }

    private static function through(FieldReader $reader, Field $field, string $text, string $kind): int
    {
        $read = $reader->read($field, $text);
        if ($read === null || $read instanceof Refusal) {
            return 0;
        }
        $back = $reader->read($field, $read->echo !== '' ? $read->echo : $read->value);
        if (
            ! ($back instanceof TypedValue) ||
            ! self::same($read->value, $back->value) ||
            ! self::same($read->second?->value, $back->second?->value)
        ) {
            self::fail(
                "$kind: “{$text}” is read as “{$read->echo}”, which is read as ".
                    ($back instanceof TypedValue ? "“{$back->echo}”" : ($back instanceof Refusal ? 'nothing: '.$back->text : 'empty')),
            );
        }

        return 1;
    }

    private static function same(mixed $a, mixed $b): bool
    {
        if (is_float($a) && is_float($b)) {
            return abs($a - $b) <= 1e-4 * max(abs($a), abs($b), 1e-9);
        }
        if (is_array($a) && is_array($b)) {
            return array_keys($a) === array_keys($b) &&
                array_filter($a, static fn (mixed $v, int|string $k): bool => ! self::same($v, $b[$k]), ARRAY_FILTER_USE_BOTH) === [];
        }
        if (is_object($a) && is_object($b)) {
            $of = static fn (object $o): array => array_diff_key(get_object_vars($o), [
                'unit' => 0, 'unitTyped' => 0, 'horsepowerWatts' => 0,
            ]);

            return $a::class === $b::class && self::same($of($a), $of($b));
        }

        return $a === $b;
    }
}
