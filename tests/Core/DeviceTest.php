<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Books\Iec\BreakerTable;
use BraveAnvil\Books\Iec\FuseGates;
use BraveAnvil\Books\Iec\GgFuse;
use BraveAnvil\Books\Iec\MiniatureBreaker;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Guard\Device;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Start\Method\Inrush;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use RuntimeException;

/** What a protective device carries, clears and lets through, against the gates of its standard. */
final class DeviceTest extends TestCase
{
    private static function fuse(float $rating): GgFuse
    {
        $gates = new FuseGates(Tables::shipped()->named(TableName::IecFuseGg), (new Practice(Tables::shipped()))->guard());
        foreach ($gates->fuses() as $fuse) {
            if ($fuse->rating() === $rating) {
                return $fuse;
            }
        }
        self::fail("no gG fuse of $rating A");
    }

    /** @return iterable<string, array{float, float, float, float, float}> rating, at least for 10 s, cleared in 5 s, at least for 0.1 s, cleared in 0.1 s */
    public static function gates(): iterable
    {
        // IEC 60269-1, table of gates for gG fuse-links (from memory).
        yield '16 A' => [16, 33, 65, 85, 150];
        yield '25 A' => [25, 52, 110, 150, 260];
        yield '40 A' => [40, 95, 190, 260, 450];
        yield '63 A' => [63, 160, 320, 450, 820];
        yield '100 A' => [100, 290, 580, 820, 1450];
    }

    #[DataProvider('gates')]
    public function test_a_fuse_keeps_within_its_gates(float $rating, float $holds10, float $clears5, float $holds01, float $clears01): void
    {
        $fuse = self::fuse($rating);
        self::assertTrue($fuse->carries($holds10, 10.0), 'it holds its slow gate');
        self::assertFalse($fuse->carries($holds10 * 1.01, 10.0));
        self::assertTrue($fuse->carries($holds01, 0.1), 'it holds its fast gate');
        self::assertFalse($fuse->carries($holds01 * 1.01, 0.1));
        self::assertEqualsWithDelta(5.0, $fuse->clears($clears5), 1e-9);
        self::assertEqualsWithDelta(0.1, $fuse->clears($clears01), 1e-9);
        self::assertNull($fuse->clears($clears5 * 0.99), 'below its gate nothing is promised');
        self::assertEqualsWithDelta($clears01 ** 2 * 0.1, $fuse->letsThrough($clears01), 1e-6, 'I²t at the fast gate');
    }

    /** IEC 60269-1: never within the conventional time at 1.25 In, surely at 1.6 In (from memory). */
    #[DataProvider('gates')]
    public function test_the_curve_of_a_fuse_begins_at_its_conventional_currents(float $rating): void
    {
        $curve = self::fuse($rating)->band();
        self::assertEqualsWithDelta(1.25 * $rating, $curve->lower[0][0], 1e-9);
        self::assertEqualsWithDelta(1.6 * $rating, $curve->upper[0][0], 1e-9);
        self::assertEqualsWithDelta($rating <= 63 ? 3600 : 7200, $curve->lower[0][1], 1e-9);
    }

    private static function breaker(Scpd $kind, float $rating): MiniatureBreaker
    {
        $table = new BreakerTable(Tables::shipped()->named(TableName::IecBreaker));
        foreach ($table->breakers($kind) as $breaker) {
            if ($breaker->rating() === $rating) {
                return $breaker;
            }
        }
        self::fail("no breaker of $rating A");
    }

    /** @return iterable<string, array{Scpd, float, float}> kind, lower and upper multiple of instantaneous tripping */
    public static function types(): iterable
    {
        // IEC 60898-1, ranges of instantaneous tripping (from memory).
        yield 'B' => [Scpd::BreakerB, 3, 5];
        yield 'C' => [Scpd::BreakerC, 5, 10];
        yield 'D' => [Scpd::BreakerD, 10, 20];
    }

    #[DataProvider('types')]
    public function test_a_breaker_trips_at_once_between_its_multiples(Scpd $kind, float $lower, float $upper): void
    {
        $breaker = self::breaker($kind, 32.0);
        self::assertEqualsWithDelta($lower * 32, $breaker->magneticEdge(), 1e-9);
        self::assertTrue($breaker->letsPeakPass($lower * 32));
        self::assertFalse($breaker->letsPeakPass($lower * 32 * 1.01));
        self::assertEqualsWithDelta(0.1, $breaker->clears($upper * 32), 1e-9);
        self::assertNull($breaker->clears($lower * 32 * 0.99));
        self::assertTrue($breaker->carries(1.13 * 32, 1e6), '1.13 In never trips');
        self::assertSame($kind, $breaker->scpd());
    }

    /** @return iterable<string, array{Device}> */
    public static function devices(): iterable
    {
        yield 'fuse' => [self::fuse(63.0)];
        foreach (self::types() as $name => [$kind]) {
            yield "breaker $name" => [self::breaker($kind, 32.0)];
        }
        $rules = (new RuleBooks(Tables::shipped()))->of(RuleBookName::Iec)->sizing()->devices;
        foreach (['aM fuse' => Scpd::FuseAm, 'motor breaker' => Scpd::MotorBreaker] as $name => $kind) {
            yield $name => [$rules->device($kind, 63.0, 63.0) ?? throw new RuntimeException("no $name")];
        }
    }

    /** Whatever it is: more current is cleared no later, let through no less for longer, and never both carried and cleared. */
    #[DataProvider('devices')]
    public function test_more_current_is_never_cleared_later(Device $device): void
    {
        $last = INF;
        for ($amperes = $device->rating(); $amperes < 100 * $device->rating(); $amperes *= 1.07) {
            $seconds = $device->clears($amperes) ?? INF;
            self::assertLessThanOrEqual($last + 1e-12, $seconds);
            if (is_finite($seconds)) {
                self::assertFalse($device->carries($amperes, $seconds * 1.01), "$amperes A for $seconds s");
                self::assertGreaterThan(0, $device->letsThrough($amperes));
            }
            $last = $seconds;
        }
        foreach ([$device->band()->lower, $device->band()->upper] as $edge) {
            for ($i = 1; $i < count($edge); $i++) {
                self::assertGreaterThan($edge[$i - 1][0], $edge[$i][0], 'a curve runs to higher currents');
                self::assertLessThan($edge[$i - 1][1], $edge[$i][1] + 1e-12, 'and to shorter times');
            }
        }
    }

    /** How long a current is held and how much is held for a time are one curve read both ways. */
    #[DataProvider('devices')]
    public function test_what_is_held_for_a_time_is_held_that_long(Device $device): void
    {
        self::assertSame(INF, $device->holdsFor($device->rating()), 'its rating for as long as one likes');
        self::assertSame(0.0, $device->holdsFor(1000 * $device->rating()), 'a short circuit not at all');
        $last = INF;
        for ($amperes = 1.3 * $device->rating(); $amperes < 40 * $device->rating(); $amperes *= 1.1) {
            $seconds = $device->holdsFor($amperes);
            self::assertLessThanOrEqual($last, $seconds, 'more current is held no longer');
            if ($seconds > 0 && is_finite($seconds)) {
                self::assertTrue($device->carries($amperes, 0.999 * $seconds));
                self::assertFalse($device->carries($amperes, 1.001 * $seconds), "$amperes A for a little more than $seconds s");
            }
            $last = $seconds;
        }
    }

    /** Miner's sum: what two parts of a start use up adds, whichever comes first. */
    public function test_two_parts_of_a_start_use_up_what_each_uses_alone(): void
    {
        $fuse = self::fuse(100.0);
        $star = self::amperes(150);
        $full = self::amperes(450);
        $time = static fn (float $s): Figure => Figure::step('time', $s, Unit::Second);
        $start = static fn (float $first, ?float $second): float => (new DeviceDuty(
            CircuitReader::read(['rule_book' => 'iec']), self::amperes(66),
            new Inrush($star, $time($first), $full, false, self::amperes(1200), $second === null ? null : $time($second)),
            null, null, false, self::words(),
        ))->share($fuse);
        self::assertEqualsWithDelta(6 / $fuse->holdsFor(150), $start(6, null), 1e-12);
        self::assertEqualsWithDelta($start(6, null) + 1.5 / $fuse->holdsFor(450), $start(6, 1.5), 1e-12);
        self::assertEqualsWithDelta(2 * $start(3, 0.75), $start(6, 1.5), 1e-12, 'twice as long uses twice as much');
        self::assertLessThan($start(6, 3.0), $start(6, 1.5));
    }

    public function test_what_a_device_may_not_hold_at_all_uses_it_up(): void
    {
        $duty = new DeviceDuty(
            CircuitReader::read(['rule_book' => 'iec']), self::amperes(20),
            new Inrush(self::amperes(5000), Figure::step('time', 1.0, Unit::Second), self::amperes(5000), false, self::amperes(9000)),
            null, null, false, self::words(),
        );
        self::assertSame(INF, $duty->share(self::breaker(Scpd::BreakerC, 32.0)));
    }

    private static function words(): Words
    {
        return (new RuleBooks(Tables::shipped()))->of(RuleBookName::Iec)->words();
    }

    private static function amperes(float $amperes): Figure
    {
        return Figure::step('current', $amperes, Unit::Ampere);
    }

    /** A fuse of up to 63 A is tested for an hour, up to 160 A two, up to 400 A three, above four. IEC 60269-1 (from memory). */
    public function test_a_fuse_has_its_conventional_time(): void
    {
        foreach ([[63.0, 1], [80.0, 2], [160.0, 2], [200.0, 3], [400.0, 3], [500.0, 4]] as [$rating, $hours]) {
            $band = self::fuse($rating)->band();
            self::assertEqualsWithDelta(3600.0 * $hours, $band->holds(1.2 * $rating), 1e-6, "$rating A");
            self::assertEqualsWithDelta(3600.0 * $hours, $band->acts(1.6 * $rating), 1e-6, "$rating A");
        }
    }

    /** A breaker of up to 63 A is tested for an hour, above for two; at 2.55 times for one and two minutes. IEC 60898-1 (from memory). */
    public function test_a_breaker_has_its_conventional_times(): void
    {
        $times = [[32.0, 3600.0, 60.0], [40.0, 3600.0, 120.0], [63.0, 3600.0, 120.0], [80.0, 7200.0, 120.0]];
        foreach ($times as [$rating, $long, $tested]) {
            foreach ((new BreakerTable(Tables::shipped()->named(TableName::IecBreaker)))->breakers(Scpd::BreakerC) as $breaker) {
                if ($breaker->rating() === $rating) {
                    self::assertEqualsWithDelta($long, $breaker->band()->acts(1.45 * $rating), 1e-6, "$rating A");
                    self::assertEqualsWithDelta($tested, $breaker->band()->acts(2.55 * $rating), 1e-6, "$rating A");
                    self::assertEqualsWithDelta(1.0, $breaker->band()->holds(2.55 * $rating), 1e-6, "$rating A");
                    self::assertEqualsWithDelta($long, $breaker->band()->holds(1.13 * $rating), 1e-6, "$rating A");
                }
            }
        }
    }
}
