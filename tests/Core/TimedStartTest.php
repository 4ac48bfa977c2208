<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;

/** A start that somebody timed is a measurement: a stopwatch beats a model. */
final class TimedStartTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $changes */
    private static function fan(array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50'],
            'plate' => ['power' => '22 kW', 'voltage' => '400/690', 'current' => '42/24', 'speed' => '1470', 'power_factor' => '0.85',
                'efficiency' => '92', 'start_current_ratio' => '7'],
            'load' => ['kind' => 'quadratic', 'torque_percent' => 80, 'inertia' => 1],
        ], $changes);
    }

    /** @param  array<string, mixed>  $changes */
    private static function heavy(array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50'],
            'plate' => ['power' => '2.2 kW', 'voltage' => 'D 400', 'current' => '4.7', 'speed' => '1447', 'start_current_ratio' => '7'],
            'load' => ['kind' => 'quadratic', 'torque_percent' => 100, 'inertia' => '4.2'],
        ], $changes);
    }

    public function test_a_start_that_takes_longer_than_computed_sizes_fuse_and_class(): void
    {
        $computed = self::fan([]);
        $timed = self::fan(['starter.run_up_time' => '12 s']);
        self::assertLessThan(1, self::number($computed, 'start.run_up_time'));
        self::assertSame(
            self::number($computed, 'start.run_up_time'), self::number($timed, 'start.run_up_time'), 'what is worked out stays told',
        );
        self::assertFinds('run_up_differs', $timed, 'caution');
        self::assertSame('10A', $computed->figure('guard.overload_class')?->value);
        self::assertFigures(['guard.scpd_rating' => 63], $computed);
        self::assertGreaterThan(63, self::number($timed, 'guard.scpd_rating'));
        self::assertSame('30', $timed->figure('guard.overload_class')?->value);
        self::assertDoesNotFind('worst_start_melts', $timed);
    }

    /** The current of each moment, for as many times as long: three times the time uses up three times the fuse. */
    public function test_each_moment_is_stretched_alike(): void
    {
        $seconds = self::number(self::fan([]), 'start.run_up_time');
        $share = static function (float $times) use ($seconds): float {
            $working = self::fan(['starter.run_up_time' => $times * $seconds, 'guard.rating' => 100])->figure(
                'guard.overload_class',
            )?->working;

            return (float) preg_replace('/^([\d.]+) %.*$/', '$1', (string) $working);
        };
        self::assertGreaterThan($share(1.0), $share(2.0));
        self::assertGreaterThan($share(2.0), $share(4.0));
    }

    public function test_a_start_that_was_quicker_than_computed_forbids_nothing(): void
    {
        self::assertFinds('no_class_holds_start', self::heavy([]), 'stop');
        $timed = self::heavy(['starter.run_up_time' => '3 s']);
        self::assertFinds('no_class_holds_start', $timed, 'caution');
        self::assertStringContainsString('timed start', self::finding($timed, 'no_class_holds_start')->text);
    }

    /** Worked out it stays behind; somebody timed how it came up: sized by the locked-rotor current for that long. */
    public function test_a_timed_start_of_a_motor_that_should_stall_is_sized_all_the_same(): void
    {
        $stalls = [
            'load.kind' => 'constant', 'load.torque_percent' => 260,
            'plate.start_torque_ratio' => 2.0, 'plate.breakdown_torque_ratio' => 2.4,
        ];
        self::assertContains('guard', self::fan($stalls)->blocked);
        $timed = self::fan([...$stalls, 'starter.run_up_time' => '4 s']);
        self::assertNotContains('guard', $timed->blocked);
        self::assertStringContainsString('for 4', $timed->figure('guard.scpd_rating')->working ?? '');
        self::assertSame('caution', self::grade($timed, 'stalls'));
    }

    public function test_a_device_on_a_usual_inertia_says_what_five_seconds_would_ask(): void
    {
        $usual = self::fan(['load.inertia' => null, 'load.machine' => 'pump']);
        self::assertStringContainsString(
            'If it takes 5 s, only a 100 A device is certain to carry it',
            str_replace("\u{00A0}", ' ', self::finding($usual, 'longer_start')->text),
        );
        self::assertDoesNotFind('longer_start', self::fan([]));
        self::assertDoesNotFind(
            'longer_start', self::fan(['load.inertia' => null, 'load.machine' => 'pump', 'starter.run_up_time' => '1 s']),
        );
    }

    /** Class 30 is the slowest offered: nobody is sent to a slower one. */
    public function test_no_slower_class_than_30_is_advised(): void
    {
        $slow = self::fan(['starter.run_up_time' => '12 s', 'guard.overload_class' => '30']);
        self::assertStringNotContainsString('slower', self::finding($slow, 'class_trips_on_start')->action);
        $quick = self::fan(['starter.run_up_time' => '6 s', 'guard.overload_class' => '10']);
        self::assertStringContainsString('slower', self::finding($quick, 'class_trips_on_start')->action);
        $both = self::fan(['starter.run_up_time' => '6 s', 'guard.overload_class' => '10', 'plate.locked_rotor_time' => '5 s']);
        self::assertFinds('relay_outlasts_rotor', $both, 'caution');
        self::assertStringNotContainsString('slower', self::finding($both, 'class_trips_on_start')->action);
    }
}
