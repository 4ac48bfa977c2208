<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Physics\Machine\Crossing;
use BraveAnvil\Physics\Machine\Fit;
use BraveAnvil\Physics\Machine\Plate;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

final class CrossingTest extends TestCase
{
    /** @return iterable<string, array{callable(float): float, float, float, float}> function, from, to, crossing */
    public static function known(): iterable
    {
        // Wallis 1685, on which Newton's way was first printed; the root from memory.
        yield 'Wallis' => [static fn (float $x): float => $x ** 3 - 2 * $x - 5, 2.0, 3.0, 2.0945514815423265];
        // The fixed point of the cosine, from memory.
        yield 'cosine' => [static fn (float $x): float => $x - cos($x), 0.0, 1.0, 0.7390851332151607];
        yield 'a root of two' => [static fn (float $x): float => 2 - $x * $x, 0.0, 2.0, M_SQRT2];
        yield 'flat, then steep' => [static fn (float $x): float => $x ** 9 - 1e-9, 0.0, 4.0, 0.1];
        yield 'a corner' => [static fn (float $x): float => $x < 0.3 ? -1e-3 : $x - 0.3 + 1e-9, 0.0, 100.0, 0.3];
    }

    /** @param  callable(float): float  $f */
    #[DataProvider('known')]
    public function test_the_crossing_is_found_in_few_steps(callable $f, float $low, float $high, float $crossing): void
    {
        $asked = 0;
        $counted = static function (float $x) use ($f, &$asked): float {
            $asked++;

            return $f($x);
        };
        $found = Crossing::of($counted, $low, $f($low), $high, $f($high), 1e-18);

        self::assertEqualsWithDelta($crossing, $found, 1e-9);
        self::assertLessThanOrEqual(46, $asked);
    }

    public function test_a_smooth_one_takes_no_more_than_ten(): void
    {
        $asked = 0;
        $f = static function (float $x) use (&$asked): float {
            $asked++;

            return $x * exp($x) - 1;
        };
        // The omega constant, from memory.
        self::assertEqualsWithDelta(0.5671432904097838, Crossing::of($f, 0.0, -1.0, 1.0, M_E - 1, 1e-14), 1e-13);
        self::assertLessThanOrEqual(10, $asked);
    }

    /** Then more leakage changes nothing: the machine with a hump of its own, not whichever rounding would choose. */
    public function test_a_starting_torque_as_high_as_breakdown_leaves_the_rotor_its_hump(): void
    {
        $plate = static fn (float $breakdown): Plate => new Plate(
            output: 750, volts: 415, powerFactor: 0.74, efficiency: 0.809, slip: (750 - 703) / 750, synchronousSpeed: 750,
            startCurrent: 5.2, startTorque: 2.5, breakdownTorque: $breakdown,
        );
        $same = Fit::to($plate(2.5))->machine;
        $hair = Fit::to($plate(2.5 + 1e-9))->machine;

        self::assertNotNull($same);
        self::assertNotNull($hair);
        self::assertEqualsWithDelta($same->leakageRunning, $hair->leakageRunning, 1e-6);
        self::assertEqualsWithDelta(2.5, $same->breakdown()[0] / (750 / (2 * M_PI * 703 / 60)), 0.003);
    }
}
