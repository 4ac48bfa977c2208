<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Figure;

/** What must hold of a start whatever is typed: likely values, absurd ones, and texts that are no number. */
final class RandomStartsTest extends CoreTestCase
{
    private const VALUES = [
        0, -1, 1e-9, 0.01, 0.3, 0.65, 1, 1.5, 2, 5, 10, 30, 50, 65, 80, 97, 100, 120, 400, 1450, 3000, 1e6, 1e12, 'abc', '', '5 s', '10 %',
        '3,5', null, true, [], [1, 2],
    ];

    private const FIELDS = [
        'load.torque_percent', 'load.inertia', 'load.speed_ratio', 'load.breakaway_percent', 'starter.tap_percent', 'starter.current_limit',
        'starter.ramp_time', 'starter.initial_voltage', 'starter.gap', 'starter.run_up_time', 'starter.drive_input_current',
        'supply.transformer_kva', 'supply.x_over_r', 'supply.voltage', 'cable.length', 'cable.line_length', 'plate.inertia', 'plate.leads',
        'plate.locked_rotor_time', 'plate.start_current_ratio', 'plate.start_torque_ratio', 'plate.breakdown_torque_ratio', 'plate.power',
        'plate.speed', 'settings.dip_limit_bus', 'settings.dip_limit_motor', 'settings.changeover_minimum',
    ];

    private const CHOICES = [
        'starter.method' => ['direct', 'star_delta', 'autotransformer', 'resistor', 'reactor', 'soft_starter', 'drive'],
        'starter.transition' => ['open', 'closed'],
        'load.kind' => ['constant', 'linear', 'quadratic', 'constant_power', 'points', null],
        'load.machine' => ['fan', 'pump', 'conveyor', 'compressor', 'saw', 'drum', 'other', null],
        'load.points' => [[[0, 10], [50, 30], [100, 90]], '0:10, 50:30, 100:90', [[100, 5], [0, 3]], [], 'x', [[0, 0], [120, 500]]],
    ];

    /** @return iterable<string, Solution> with every method compared and its wiring */
    private static function solved(int $base): iterable
    {
        Fuzz::start();
        $motors = [Circuits::fanWithItsLoad(), Circuits::kilnFan(), Circuits::fiftyHorsepower()];
        for ($i = 0; $i < Fuzz::count($base); $i++) {
            $changes = [];
            foreach (self::CHOICES as $path => $choices) {
                $changes[$path] = $choices[mt_rand(0, count($choices) - 1)];
            }
            $value = self::VALUES[mt_rand(0, count(self::VALUES) - 1)];
            $by = ['time', 'time', 'speed', 'hand', 'x'][mt_rand(0, 4)];
            $changes['starter.changeover'] = ['by' => $by, 'value' => mt_rand(0, 2) === 0 ? $value : null];
            foreach (self::FIELDS as $path) {
                if (mt_rand(0, 17) === 0) {
                    $changes[$path] = self::VALUES[mt_rand(0, count(self::VALUES) - 1)];
                }
            }
            $circuit = Circuits::changed($motors[$i % 3], $changes);
            yield "start $i: ".json_encode($changes, JSON_THROW_ON_ERROR) => Bench::solve($circuit, null, Extra::Methods, Extra::Wiring);
        }
    }

    private static function value(Solution $solution, string $key): ?float
    {
        $figure = $solution->figure($key);

        return $figure === null ? null : $figure->number();
    }

    public function test_whatever_is_typed_a_start_that_is_shown_can_be(): void
    {
        $up = 0;
        $stays = 0;
        foreach (self::solved(150) as $name => $solution) {
            self::assertJson($solution->toJson(), $name);
            $time = self::value($solution, 'start.run_up_time');
            $worst = self::value($solution, 'start.run_up_time_worst');
            $steady = self::value($solution, 'start.steady_speed');
            if ($time !== null && $worst !== null) {
                self::assertGreaterThanOrEqual($time * (1 - 1e-6), $worst, "less torque never shortens; $name");
            }
            if ($steady !== null && $time !== null) {
                $breakdown = self::value($solution, 'start.breakdown_speed') ?? 0.0;
                self::assertGreaterThan($breakdown, $steady + 1e-3, "creeping is not running; $name");
                $up++;
            }
            if (self::value($solution, 'start.stall_speed') !== null) {
                self::assertFinds('stalls', $solution);
                $stays++;
            }
            $starts = array_filter($solution->figures, static fn (Figure $figure): bool => str_starts_with($figure->key(), 'start.'));
            $negative = array_filter($starts, static fn (Figure $figure): bool => is_float($figure->value) && $figure->value < 0);
            self::assertSame([], array_map(static fn (Figure $figure): string => $figure->key(), $negative), $name);
        }
        self::assertGreaterThan(5, $up);
        self::assertGreaterThan(1, $stays);
    }
}
