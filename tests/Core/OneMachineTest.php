<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;

/** One solution has one motor: whatever a station says of it at a load, another says the same. */
final class OneMachineTest extends CoreTestCase
{
    /** @return iterable<string, array{string}> load, % */
    public static function loads(): iterable
    {
        foreach (['10', '25', '40', '60', '80', '100', '120'] as $load) {
            yield "$load %" => [$load];
        }
    }

    #[DataProvider('loads')]
    public function test_power_and_correction_speak_of_the_same_motor(string $load): void
    {
        $changes = ['load.output_percent' => $load, 'correction.load_percent' => null, 'correction.place' => 'board'];
        foreach ([Circuits::kilnFan(), Circuits::fiftyHorsepower()] as $circuit) {
            $solution = Circuits::solve($circuit, $changes + ['correction.target_power_factor' => '0.95']);
            if ($solution->figure('correct.load_reactive') === null) {
                self::assertSame('100', $load, 'at part load there is a figure of its own');

                continue;
            }
            foreach (['reactive', 'power'] as $part) {
                $power = self::number($solution, 'power.load_'.($part === 'power' ? 'input' : $part));
                self::assertEqualsWithDelta($power, self::number($solution, "correct.load_$part"), 1e-9 * $power, "$part at $load %");
            }
        }
    }

    /** At 60 % a 37 kW motor of cos φ 0.85 needs about 20 kvar: magnetising hardly falls with load. */
    public function test_reactive_power_hardly_falls_with_load(): void
    {
        $at = static fn (string $load): float => self::number(
            Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => $load]),
            'power.load_reactive',
        );
        self::assertEqualsWithDelta(20400, $at('60'), 100);
        self::assertGreaterThan(0.55, $at('10') / $at('100'));
        self::assertLessThan($at('100'), $at('10'));
    }

    public function test_the_override_at_correct_moves_correct_alone(): void
    {
        $changes = ['load.output_percent' => '90', 'correction.load_percent' => '50', 'correction.place' => 'board'];
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        $same = Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => '50', 'correction.load_percent' => null]);
        self::assertEqualsWithDelta(self::number($same, 'power.load_reactive'), self::number($solution, 'correct.load_reactive'), 1e-6);
        self::assertGreaterThan(self::number($solution, 'correct.load_reactive'), self::number($solution, 'power.load_reactive'));
    }

    /** Too large a capacitor excites the motor when it is switched off, so the smaller of both no-load currents bounds it. */
    public function test_the_limit_at_the_motor_takes_the_smaller_no_load_current(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'correction.target_power_factor' => '0.98']);
        $estimate = 2 * (1 - 0.85) * 66;
        self::assertLessThanOrEqual($estimate + 1e-9, self::number($solution, 'correct.no_load_current'));
        $reactive = sqrt(3) * 400 * self::number($solution, 'correct.no_load_current');
        self::assertEqualsWithDelta($reactive, self::number($solution, 'correct.no_load_reactive'), 1e-6 * $reactive);
        self::assertLessThanOrEqual(0.9 * $reactive + 1e-6, self::number($solution, 'correct.reactive_chosen'));
    }

    /** Without what a fit needs the approximation stands in, once, and says so in both stations. */
    public function test_an_approximation_is_marked_in_both_stations(): void
    {
        $changes = ['plate.speed' => null, 'load.output_percent' => '60', 'correction.load_percent' => null, 'correction.place' => 'board'];
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        foreach (['power.load_reactive', 'correct.load_reactive'] as $key) {
            self::assertNotSame([], $solution->figure($key)?->assumptions, $key);
        }
        self::assertEqualsWithDelta(
            self::number($solution, 'power.load_reactive'),
            self::number($solution, 'correct.load_reactive'),
            1e-6,
        );
    }
}
