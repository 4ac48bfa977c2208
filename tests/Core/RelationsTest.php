<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;

/** What must hold between two solutions, whatever the numbers: the checks that need no table. */
final class RelationsTest extends CoreTestCase
{
    /** @return array<string, array{string}> */
    public static function samples(): array
    {
        return ['kiln fan' => ['kilnFan'], '25 hp' => ['twentyFiveHorsepower'], '50 hp' => ['fiftyHorsepower']];
    }

    /** @param  array<string, mixed>  $changes */
    private static function sample(string $name, array $changes = []): Solution
    {
        return Circuits::solve(
            match ($name) {
                'kilnFan' => Circuits::kilnFan(), 'twentyFiveHorsepower' => Circuits::twentyFiveHorsepower(),
                default => Circuits::fiftyHorsepower(),
            },
            $changes,
        );
    }

    private static function area(Solution $solution): float
    {
        foreach (Circuits::curve($solution, 'ladder')['rows'] as $i => $row) {
            if ($row['chosen']) {
                return (float) $i;
            }
        }

        return INF;
    }

    #[DataProvider('samples')]
    public function test_a_longer_run_never_takes_a_thinner_cable(string $name): void
    {
        $before = -1.0;
        foreach ([5, 20, 60, 120, 200, 300] as $metres) {
            $now = self::area(self::sample($name, ['cable.length' => $metres]));
            self::assertGreaterThanOrEqual($before, $now, "$metres m");
            $before = $now;
        }
    }

    #[DataProvider('samples')]
    public function test_heat_and_company_never_help(string $name): void
    {
        foreach ([['supply.ambient', [20, 30, 40, 50]], ['cable.grouped_circuits', [1, 2, 3, 6]]] as [$path, $values]) {
            $before = -1.0;
            foreach ($values as $value) {
                $now = self::area(self::sample($name, [$path => $value, 'cable.length' => 30]));
                self::assertGreaterThanOrEqual($before, $now, "$path $value");
                $before = $now;
            }
        }
    }

    #[DataProvider('samples')]
    public function test_powers_keep_pythagoras_and_the_current_keeps_its_power(string $name): void
    {
        $solution = self::sample($name);
        $figure = static fn (string $key): float => $solution->figure($key)?->number() ?? 0.0;
        self::assertEqualsWithDelta($figure('power.apparent') ** 2, $figure('power.input') ** 2 + $figure('power.reactive') ** 2, 1.0);
        self::assertEqualsWithDelta(
            $figure('power.apparent'),
            sqrt(3) * $figure('plate.rated_voltage') * $figure('power.computed_current'),
            1e-6 * $figure('power.apparent'),
        );
        self::assertEqualsWithDelta(
            $figure('power.output'),
            ($figure('plate.rated_torque') * 2 * M_PI * $figure('plate.speed')) / 60,
            1e-6 * $figure('power.output'),
        );
        self::assertLessThan($figure('power.input'), $figure('power.output'));
    }

    #[DataProvider('samples')]
    public function test_units_do_not_change_the_answer(string $name): void
    {
        $metres = self::sample($name, ['cable.length' => '60.96 m', 'supply.ambient' => 30]);
        $feet = self::sample($name, ['cable.length' => '200 ft', 'supply.ambient' => '86 F']);
        foreach (['cable.size', 'cable.voltage_drop', 'guard.scpd_rating', 'guard.overload_dial'] as $key) {
            $a = $metres->figure($key)?->value;
            $b = $feet->figure($key)?->value;
            is_float($a) && is_float($b) ? self::assertEqualsWithDelta($a, $b, 1e-9) : self::assertSame($a, $b, $key);
        }
    }

    #[DataProvider('samples')]
    public function test_a_capacitor_lowers_the_line_and_never_touches_motor_conductors_or_device(string $name): void
    {
        foreach (['board', 'before_controller', 'at_motor'] as $place) {
            $without = self::sample($name, ['cable.length' => 30]);
            $with = self::sample($name, ['cable.length' => 30, 'correction.place' => $place, 'correction.target_power_factor' => 0.95]);
            self::assertLessThan(
                $without->figure('power.overload_current')?->number(),
                $with->figure('correct.corrected_current')?->number(),
            );
            foreach (['cable.size', 'cable.required_ampacity', 'guard.scpd_rating', 'guard.disconnect_rating'] as $key) {
                self::assertSame($without->figure($key)?->value, $with->figure($key)?->value, "$key with a capacitor at $place");
            }
            $dial = [$without->figure('guard.overload_dial')?->number(), $with->figure('guard.overload_dial')?->number()];
            $place === 'at_motor' ? self::assertLessThan($dial[0], $dial[1]) : self::assertSame($dial[0], $dial[1]);
        }
    }

    public function test_star_delta_is_a_third_whatever_the_motor(): void
    {
        foreach ([['4 kW', '8.5/4.9'], ['37 kW', '66/38'], ['200 kW', '350/202']] as [$power, $current]) {
            $solution = Circuits::solve(Circuits::kilnFan(), [
                'plate.power' => $power, 'plate.current' => $current, 'plate.efficiency' => 'IE3', 'starter.method' => 'star_delta',
                'cable.length' => 20,
            ]);
            $figure = static fn (string $key): float => $solution->figure($key)?->number() ?? 0.0;
            self::assertEqualsWithDelta($figure('start.locked_rotor_current') / 3, $figure('start.star_line_current'), 1e-9);
            self::assertEqualsWithDelta($figure('start.locked_rotor_torque') / 3, $figure('start.star_torque'), 1e-9);
            self::assertEqualsWithDelta($figure('power.plate_current') / sqrt(3), $figure('guard.overload_dial'), 1e-9);
        }
    }

    #[DataProvider('samples')]
    public function test_what_is_assumed_says_so_down_to_the_last_figure(string $name): void
    {
        $solution = self::sample($name, [
            'plate.efficiency' => null, 'plate.efficiency_class' => null, 'plate.power_factor' => null, 'plate.current' => null,
        ]);
        $keys = [
            'power.input', 'power.apparent', 'power.reactive', 'power.computed_current', 'power.overload_current', 'guard.overload_dial',
        ];
        foreach ($keys as $key) {
            self::assertTrue($solution->figure($key)?->assumed(), $key);
        }
        self::assertFalse($solution->figure('power.output')?->assumed());
    }

    #[DataProvider('samples')]
    public function test_every_figure_can_be_looked_up_once_and_every_finding_points_at_figures_that_exist(string $name): void
    {
        $solution = self::sample($name, ['cable.length' => 30, 'correction.place' => 'board', 'correction.target_power_factor' => 0.95]);
        $keys = array_map(static fn ($figure): string => $figure->key(), $solution->figures);
        self::assertSame($keys, array_unique($keys));
        foreach ($solution->figures as $figure) {
            self::assertNotSame('', $figure->source, "{$figure->key()} says where it comes from");
        }
        foreach ($solution->findings as $finding) {
            foreach ($finding->figures as $key) {
                self::assertContains($key, $keys, $finding->code->code());
            }
        }
    }
}
