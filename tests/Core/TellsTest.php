<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Stations\Prove\Plan\Tells;
use BraveAnvil\Stations\Prove\ReadingKind;
use PHPUnit\Framework\TestCase;

/** The shares that are told of a reading, worked out from three equal elements. Own computation. */
final class TellsTest extends TestCase
{
    private static function means(ReadingKind $kind, string $sign): string
    {
        return array_column(Tells::of($kind), 'means', 'sign')[$sign] ?? self::fail("nothing is told of “{$sign}”");
    }

    /** Ohms between two terminals of three windings in delta: one lies across, the other two behind each other beside it. */
    private static function between(float $across, float $first, float $second): float
    {
        return 1 / (1 / $across + 1 / ($first + $second));
    }

    public function test_an_open_winding_in_delta(): void
    {
        $whole = self::between(1, 1, 1);
        self::assertEqualsWithDelta([3.0, 1.5], [self::between(INF, 1, 1) / $whole, self::between(1, 1, INF) / $whole], 1e-9);
        self::assertSame(
            'one winding open, in delta', self::means(ReadingKind::WindingResistance, 'One value three times, the others 1.5 times'),
        );
    }

    /**
     * Line currents, as shares of those of three whole elements in delta.
     *
     * @param  array{float, float, float}  $y  of the elements 12, 23 and 31
     * @return list<float>
     */
    private static function lines(array $y, bool $fuseBlown = false): array
    {
        $at = static fn (float $degrees): array => [cos(deg2rad($degrees)), sin(deg2rad($degrees))];
        $v = [$at(0), $at(-120), $at(120)];
        if ($fuseBlown) {
            // The first line floats between the two others, by the elements that lead to it.
            foreach ([0, 1] as $part) {
                $v[0][$part] = ($y[0] * $v[1][$part] + $y[2] * $v[2][$part]) / ($y[0] + $y[2]);
            }
        }
        $flows = static fn (int $a, int $b, float $y): array => [$y * ($v[$a][0] - $v[$b][0]), $y * ($v[$a][1] - $v[$b][1])];
        $elements = [$flows(0, 1, $y[0]), $flows(1, 2, $y[1]), $flows(2, 0, $y[2])];
        $shares = [];
        foreach ([[0, 2], [1, 0], [2, 1]] as [$out, $in]) {
            $shares[] = hypot($elements[$out][0] - $elements[$in][0], $elements[$out][1] - $elements[$in][1]) / 3;
        }

        return $shares;
    }

    public function test_a_capacitor_with_a_dead_element_and_one_with_a_blown_fuse(): void
    {
        self::assertEqualsWithDelta([1.0, 1.0, 1.0], self::lines([1, 1, 1]), 1e-9);
        [$first, $second, $third] = self::lines([0, 1, 1]);
        self::assertEqualsWithDelta([0.58, 0.58, 1.0], [round($first, 2), round($second, 2), round($third, 2)], 1e-9);
        self::assertSame('one element failed, in delta', self::means(ReadingKind::Capacitor, 'Two lines at 58 %, one at 100 %'));
        [$blown, $one, $other] = self::lines([1, 1, 1], fuseBlown: true);
        self::assertEqualsWithDelta([0.0, 0.87, 0.87], [round($blown, 2), round($one, 2), round($other, 2)], 1e-9);
        self::assertStringContainsString('blown fuse', self::means(ReadingKind::Capacitor, 'One line without current, two at 87 %'));
    }

    /** A winding in star has 1/√3 of its voltage, and its line 1/√3 of what it would have in delta: a third. */
    public function test_star_instead_of_delta(): void
    {
        self::assertEqualsWithDelta(1 / 3, (1 / sqrt(3)) / sqrt(3), 1e-9);
        self::assertStringContainsString('star instead of delta', self::means(ReadingKind::NoLoadCurrent, 'About one third'));
    }

    public function test_something_is_told_of_every_reading(): void
    {
        foreach (ReadingKind::cases() as $kind) {
            self::assertNotSame([], Tells::of($kind), $kind->label());
        }
    }
}
