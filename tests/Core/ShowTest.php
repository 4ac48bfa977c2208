<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** One rounding for every word, drawing and sheet. Spaces are thin within long numbers and do not break before a unit. */
final class ShowTest extends TestCase
{
    /** @return iterable<string, array{int|float, int, string}> */
    public static function numbers(): iterable
    {
        yield 'nothing' => [0.0, 3, '0'];
        yield 'next to nothing' => [1e-320, 3, '0'];
        yield 'three digits' => [66.9109, 3, '66.9'];
        yield 'a half is rounded away from zero' => [40.65, 3, '40.7'];
        yield 'no trailing zeros' => [2.4, 4, '2.4'];
        yield 'a whole number keeps its digits' => [1176.06, 3, '1176'];
        yield 'thousands of five digits are set apart' => [25259.0, 3, "25\u{202F}259"];
        yield 'millions' => [1234567.0, 4, "1\u{202F}234\u{202F}567"];
        yield 'four digits stay together' => [9999.0, 3, '9999'];
        yield 'rounding up to five digits' => [9999.7, 3, "10\u{202F}000"];
        yield 'a proper minus' => [-1.3613, 3, "\u{2212}1.36"];
        yield 'long and negative' => [-25259.0, 3, "\u{2212}25\u{202F}259"];
        yield 'small' => [0.0096, 3, '0.0096'];
        yield 'smaller, and no exponent' => [0.0000216, 3, '0.0000216'];
        yield 'rounding to one' => [0.99996, 4, '1'];
        yield 'a whole number given as one' => [3, 4, '3'];
        yield 'six digits' => [46.357176, 6, '46.3572'];
    }

    #[DataProvider('numbers')]
    public function test_numbers(int|float $value, int $digits, string $shown): void
    {
        self::assertSame($shown, Show::number($value, $digits));
    }

    /** @return iterable<string, array{float, Unit, string}> */
    public static function quantities(): iterable
    {
        yield 'watts below a kilowatt' => [750.0, Unit::Watt, '750 W'];
        yield 'kilowatts' => [37000.0, Unit::Watt, '37 kW'];
        yield 'megawatts' => [1.25e6, Unit::Watt, '1.25 MW'];
        yield 'apparent power turns to mega later' => [1.25e6, Unit::VoltAmpere, '1250 kVA'];
        yield 'reactive power' => [24420.17, Unit::Var, '24.4 kvar'];
        yield 'leading' => [-1000.0, Unit::Var, "\u{2212}1 kvar"];
        yield 'amperes' => [462.0, Unit::Ampere, '462 A'];
        yield 'fault currents in kiloamperes' => [25259.0, Unit::Ampere, '25.3 kA'];
        yield 'farads as microfarads' => [1.1e-4, Unit::Farad, '110 µF'];
        yield 'milliohms' => [0.0177, Unit::Ohm, '17.7 mΩ'];
        yield 'kiloohms' => [560000.0, Unit::Ohm, '560 kΩ'];
        yield 'a ratio has no unit' => [0.85, Unit::None, '0.85'];
        yield 'percent' => [3.97, Unit::Percent, '3.97 %'];
    }

    #[DataProvider('quantities')]
    public function test_quantities(float $value, Unit $unit, string $shown): void
    {
        self::assertSame($shown, str_replace("\u{00A0}", ' ', Show::quantity($value, $unit, 3)));
    }

    /** A drawing gets the number for its geometry unrounded and the text that stands beside it. */
    public function test_a_drawing_gets_both(): void
    {
        self::assertSame(['value' => 40.65, 'shown' => "40.7\u{00A0}A"], Shown::of(40.65, Unit::Ampere)->toArray());
        self::assertNull(Shown::maybe(null, Unit::Ampere));
    }

    /** Whatever the number: what is shown is within half of its last digit, and has no exponent. */
    public function test_no_number_is_shown_as_another(): void
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(300); $i++) {
            $value = (mt_rand() / mt_getrandmax() + 0.1) * 10 ** mt_rand(-5, 12) * (mt_rand(0, 1) === 1 ? 1 : -1);
            $digits = mt_rand(2, 6);
            $text = Show::number($value, $digits);
            $read = (float) str_replace(["\u{202F}", "\u{2212}"], ['', '-'], $text);
            self::assertDoesNotMatchRegularExpression('/[eE]/', $text);
            self::assertEqualsWithDelta($value, $read, abs($value) * 0.5 * 10 ** (1 - $digits) * 1.0001, "$value as $text");
        }
    }

    /** Whatever way a number takes through the quick paths: it is the number rounded to these digits, as PHP's own formatting has it. */
    public function test_a_number_is_what_plain_rounding_makes_of_it(): void
    {
        Fuzz::start();
        $numbers = [
            0.1, 0.5, 1.0, 9.5, 9.95, 9.995, 9.9996, 10.0, 99.5, 99.95, 100.0, 999.5, 999.95, 1000.0, 9999.4, 9999.5, 10000.0, 99999.5,
        ];
        for ($i = 0; $i < Fuzz::count(1500); $i++) {
            $numbers[] = round(10 ** (mt_rand() / mt_getrandmax() * 14 - 4), mt_rand(0, 6));
            $numbers[] = (float) mt_rand(0, 200_000);
        }
        foreach ($numbers as $number) {
            foreach ([3, 4, 6] as $digits) {
                foreach ([$number, -$number] as $value) {
                    $decimals = $value === 0.0 ? 0 : max(0, $digits - 1 - (int) floor(log10(abs($value))));
                    $plain = number_format(round($value, $decimals), min(12, $decimals), '.', '');
                    $plain = str_contains($plain, '.') ? rtrim(rtrim($plain, '0'), '.') : $plain;
                    $shown = str_replace(["\u{202F}", "\u{2212}"], ['', '-'], Show::number($value, $digits));
                    self::assertSame($plain === '-0' ? '0' : $plain, $shown, "$value to $digits digits");
                }
            }
        }
    }

    public function test_long_numbers_are_set_apart_in_threes_whatever_their_sign(): void
    {
        foreach ([10000 => '10 000', 123456 => '123 456', 1234567 => '1 234 567', 1000000000 => '1 000 000 000'] as $number => $shown) {
            self::assertSame($shown, str_replace("\u{202F}", ' ', Show::number((float) $number)));
            self::assertSame("\u{2212}$shown", str_replace("\u{202F}", ' ', Show::number((float) -$number)));
            self::assertSame($shown, str_replace("\u{202F}", ' ', Show::number($number)));
        }
    }
}
