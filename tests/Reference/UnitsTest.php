<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Parse\Quantity;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** Unit conversions against GNU units. */
final class UnitsTest extends TestCase
{
    public function test_a_code_horsepower_is_0_04_percent_above_the_exact_one(): void
    {
        $exact = self::units('50 hp', 'W');
        self::assertEqualsWithDelta(745.6999 * 50, $exact, 0.1);
        $read = self::power('50 hp');
        self::assertSame(37300.0, $read->watts, 'code practice: 746 W');
        self::assertEqualsWithDelta(0.0402, 100 * ($read->watts / $exact - 1), 0.001);
        $metric = self::power('50 PS');
        self::assertEqualsWithDelta(self::units('50 metrichorsepower', 'W'), $metric->watts, 1.0);
    }

    private static function power(string $text): Power
    {
        $rows = Power::rows($text, 'kw');

        return is_array($rows) ? $rows[0] : throw new RuntimeException($rows->text);
    }

    /** @return array<string, array{string, string, string, string}> */
    public static function conversions(): array
    {
        return [
            'feet' => ['200 ft', 'metres', '200 ft', 'm'], 'kilometres' => ['0.25 km', 'metres', '0.25 km', 'm'],
            'inertia' => ['120 lb ft2', 'inertia', '120 lb ft^2', 'kg m^2'], 'minutes' => ['2 min', 'seconds', '2 min', 's'],
            'milliseconds' => ['50 ms', 'seconds', '50 ms', 's'], 'megavolt-amperes' => ['25 MVA', 'kilovoltamperes', '25 MVA', 'VA'],
            'kilovolts' => ['0.4 kV', 'volts', '0.4 kV', 'V'], 'kiloamperes' => ['25.3 kA', 'kiloamperes', '25.3 kA', 'A'],
            'fahrenheit' => ['86 F', 'celsius', 'tempF(86)', 'tempC'],
        ];
    }

    #[DataProvider('conversions')]
    public function test_conversion(string $typed, string $kind, string $have, string $want): void
    {
        $read = Quantity::parse($typed, FieldKind::from($kind));
        self::assertIsFloat($read);
        $reference = self::units($have, $want);
        self::assertEqualsWithDelta($reference, $read, abs($reference) * 1e-6);
    }

    private static function units(string $have, string $want): float
    {
        exec('units -t '.escapeshellarg($have).' '.escapeshellarg($want).' 2>&1', $lines, $status);
        if ($status !== 0 || ! is_numeric($lines[0] ?? null)) {
            throw new RuntimeException('units said: '.implode(' ', $lines));
        }

        return (float) $lines[0];
    }
}
