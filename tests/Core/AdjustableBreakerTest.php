<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Stations\Guard\AdjustableBreaker;

/**
 * A breaker with settings by its numbers: 420 A, 10 s at six times, 2520 A after 0.2 s,
     6300 A at once. Tolerances of IEC 60947-2 (20 % of
 * releases, 1.05 and 1.3 times of the long-time current; from memory); opening times are common practice, no source.
 */
final class AdjustableBreakerTest extends CoreTestCase
{
    private static function breaker(?float $shortTime = 2520.0, ?float $delay = 0.2, ?float $instantaneous = 6300.0): AdjustableBreaker
    {
        return new AdjustableBreaker(420.0, 10.0, $shortTime, $delay, $instantaneous);
    }

    public function test_each_release_clears_from_a_fifth_above_its_setting(): void
    {
        $breaker = self::breaker();
        foreach ([
            // At 1.2 × 6300 A at once, below it after the delay and a tenth of a second.
            '7560' => 0.05, '7559' => 0.3, '3024' => 0.3,
            // 1.2 × 10 s × (2520 ÷ I)² at the long-time release.
            '3023' => 12 * (2520 / 3023) ** 2, '1260' => 48.0, '547' => 12 * (2520 / 547) ** 2,
        ] as $amperes => $seconds) {
            self::assertEqualsWithDelta($seconds, $breaker->clears((float) $amperes), 1e-9, "$amperes A");
        }
        self::assertNull($breaker->clears(546.0), '1.3 times the setting is where it trips, some day');
        self::assertEqualsWithDelta(1260.0 ** 2 * 48, $breaker->letsThrough(1260.0), 1e-3);
        self::assertNull($breaker->letsThrough(500.0));
        // Nothing is said of what is not entered, and nothing off ever acts.
        self::assertNull((new AdjustableBreaker(420.0, null, null, null, null))->clears(5000.0));
        self::assertEqualsWithDelta(12 * (2520 / 9000) ** 2, self::breaker(INF, null, INF)->clears(9000.0), 1e-9);
        self::assertEqualsWithDelta(0.05, (new AdjustableBreaker(420.0, null, null, null, 6300.0))->clears(7560.0), 1e-9);
    }

    public function test_it_holds_what_no_release_is_sure_to_take(): void
    {
        $breaker = self::breaker();
        // Beyond the delay at most 0.8 × 2520 A; within it the long-time release alone.
        self::assertEqualsWithDelta(2016.0, $breaker->holds(1.0), 1e-9);
        self::assertEqualsWithDelta(2520 * sqrt(8 / 0.2), $breaker->holds(0.2), 1e-9);
        self::assertEqualsWithDelta(2520 * sqrt(8 / 100), $breaker->holds(100.0), 1e-9);
        self::assertEqualsWithDelta(441.0, $breaker->holds(1e6), 1e-9, '1.05 times its setting for ever');
        self::assertEqualsWithDelta(441.0, (new AdjustableBreaker(420.0, null, null, null, null))->holds(1.0), 1e-9);
        self::assertEqualsWithDelta(2520 * sqrt(8), self::breaker(null, 0.2)->holds(1.0), 1e-9);
    }

    public function test_its_band_is_drawn_from_release_to_release(): void
    {
        $band = self::breaker()->band();
        self::assertNotNull($band);
        [$lower, $upper] = [$band->lower, $band->upper];
        self::assertEqualsWithDelta([[441.0, 10000.0], [441.0, 8 * (2520 / 441) ** 2]], array_slice($lower, 0, 2), 1e-6);
        self::assertEqualsWithDelta([[546.0, 10000.0], [546.0, 12 * (2520 / 546) ** 2]], array_slice($upper, 0, 2), 1e-6);
        self::assertEqualsWithDelta([[2016.0, 0.2], [5040.0, 0.2], [5040.0, 0.01]], array_slice($lower, -3), 1e-9);
        self::assertEqualsWithDelta([[3024.0, 0.3], [7560.0, 0.3], [7560.0, 0.05], [126000.0, 0.05]], array_slice($upper, -4), 1e-9);
        // The slope has nine points, ends where the short-time release takes over, and falls as the square of the current.
        self::assertCount(13, $lower);
        self::assertEqualsWithDelta([2016.0, 8 * (2520 / 2016) ** 2], $lower[9], 1e-6);
        self::assertEqualsWithDelta([3024.0, 12 * (2520 / 3024) ** 2], $upper[9], 1e-6);
        self::assertEqualsWithDelta($lower[1][0] ** 2 * $lower[1][1], $lower[5][0] ** 2 * $lower[5][1], 1e-3);
        // Without a short-time release it runs to the instantaneous one, without either to twenty times its setting.
        $plain = self::breaker(null, null)->band()->lower ?? [];
        self::assertEqualsWithDelta([5040.0, 0.01], $plain[count($plain) - 1], 1e-9);
        $slow = self::breaker(null, null, INF)->band()->upper ?? [];
        self::assertEqualsWithDelta(1.2 * 8400, $slow[count($slow) - 1][0], 1e-6);
        $delayed = self::breaker(2520.0, 0.2, null)->band()->upper ?? [];
        self::assertEqualsWithDelta([1.2 * 8400, 0.3], $delayed[count($delayed) - 1], 1e-6);
        self::assertNull((new AdjustableBreaker(420.0, null, 2520.0, 0.2, 6300.0))->band());
    }
}
