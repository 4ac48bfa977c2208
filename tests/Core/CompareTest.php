<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;

/** Starting methods beside each other for one motor and load, and which of them is recommended. */
final class CompareTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $changes */
    private static function compared(array $changes = []): Solution
    {
        return Bench::solve(Circuits::changed(Circuits::fanWithItsLoad(), ['cable.length' => '10 m', ...$changes]), null, Extra::Methods);
    }

    /** @return array<string, array<string, mixed>> by key */
    private static function rows(Solution $solution): array
    {
        $rows = [];
        foreach (Circuits::curve($solution, 'comparison')['rows'] as $row) {
            $rows[$row['key']] = $row;
        }

        return $rows;
    }

    private static function recommended(Solution $solution): ?string
    {
        foreach (self::rows($solution) as $key => $row) {
            if ($row['recommended']) {
                return $key;
            }
        }

        return null;
    }

    public function test_every_method_has_its_row_and_its_figures(): void
    {
        $solution = self::compared(['load.torque_percent' => 60, 'settings.direct_start_limit' => 100]);
        $rows = self::rows($solution);
        self::assertSame([
            'direct', 'star_delta', 'star_delta_closed', 'autotransformer_50', 'autotransformer_65', 'autotransformer_80', 'resistor',
            'reactor', 'soft_starter', 'drive',
        ], array_keys($rows));
        foreach ($rows as $key => $row) {
            self::assertSame('runs_up', $solution->figure("start.compare_{$key}_verdict")?->value, $key);
            self::assertNotSame([], $row['parts'], $key);
            self::assertNotSame([], $row['course'], $key);
            self::assertEqualsWithDelta($row['time']['value'], self::number($solution, "start.compare_{$key}_run_up_time"), 1e-3, $key);
        }
        self::assertTrue($rows['direct']['chosen']);
        self::assertFalse($rows['star_delta']['chosen']);
        // The chosen one is what the station itself says.
        foreach (['run_up_time', 'torque_margin', 'voltage_dip', 'dip_at_motor', 'start_energy', 'torque_step'] as $quantity) {
            self::assertEqualsWithDelta(
                self::number($solution, "start.$quantity"), self::number($solution, "start.compare_direct_$quantity"), 1e-9, $quantity,
            );
        }
    }

    /** On a stiff supply: a third in star, the square of a tap, 65 % through an element; a drive takes its own input current. */
    public function test_currents_stand_in_their_ratios(): void
    {
        $solution = self::compared(['supply.transformer_kva' => null, 'cable.length' => null, 'load.torque_percent' => 50]);
        $line = static fn (string $key): float => self::number($solution, "start.compare_{$key}_line_current");
        self::assertEqualsWithDelta(462.0, $line('direct'), 0.01);
        self::assertEqualsWithDelta(154.0, $line('star_delta'), 0.01);
        self::assertEqualsWithDelta(0.25 * 462, $line('autotransformer_50'), 0.01);
        self::assertEqualsWithDelta(0.64 * 462, $line('autotransformer_80'), 0.01);
        self::assertEqualsWithDelta(0.65 * 462, $line('resistor'), 0.01);
        self::assertEqualsWithDelta(3.5 * 66, $line('soft_starter'), 0.01);
        self::assertNull($solution->figure('start.compare_direct_voltage_dip'), 'a dip of an unknown supply is not told');
    }

    /** Direct where the site allows it; else star-delta where six leads fit; then the soft starter, the autotransformer, the drive. */
    public function test_the_simplest_that_will_do_is_recommended(): void
    {
        $light = ['load.torque_percent' => 60, 'settings.direct_start_limit' => 100];
        self::assertSame('direct', self::recommended(self::compared($light)));
        $limited = [...$light, 'settings.direct_start_limit' => 4];
        self::assertSame('star_delta', self::recommended(self::compared($limited)));
        self::assertSame('above_limit', self::rows(self::compared($limited))['direct']['verdict']);
        $threeLeads = self::compared([...$limited, 'plate.leads' => 3]);
        self::assertSame('soft_starter', self::recommended($threeLeads));
        self::assertSame('refused', self::rows($threeLeads)['star_delta']['verdict']);
        self::assertStringContainsString('three leads', self::rows($threeLeads)['star_delta']['reason']);
        $heavy = self::compared([...$limited, 'load.kind' => 'constant', 'load.torque_percent' => 124, 'load.inertia' => '1']);
        self::assertSame('drive', self::recommended($heavy));
        self::assertSame('stalls', self::rows($heavy)['star_delta']['verdict']);
        $hopeless = self::compared([...$limited, 'load.kind' => 'constant', 'load.torque_percent' => 290]);
        self::assertNull(self::recommended($hopeless));
        self::assertStringContainsString('No starting method is suitable', Circuits::curve($hopeless, 'comparison')['sentence']);
    }

    public function test_each_that_is_passed_over_says_why(): void
    {
        $weak = self::rows(self::compared([
            'supply.transformer_kva' => 160, 'supply.transformer_impedance_percent' => 4, 'settings.direct_start_limit' => 100,
            'load.torque_percent' => 50, 'settings.dip_limit_bus' => 3,
        ]));
        self::assertSame('dips_bus', $weak['direct']['verdict']);
        self::assertStringContainsString('3', $weak['direct']['reason']);
        $long = self::rows(self::compared([
            'cable.length' => '150 m', 'cable.size' => '35', 'settings.dip_limit_motor' => 6, 'settings.direct_start_limit' => 100,
            'load.torque_percent' => 40,
        ]));
        self::assertSame('dips_motor', $long['direct']['verdict']);
        $tight = self::rows(self::compared(['load.torque_percent' => 90, 'supply.transformer_kva' => null, 'load.inertia' => '2']));
        self::assertSame('little_torque', $tight['star_delta']['verdict']);
        $slow = self::rows(self::compared(['load.inertia' => '120', 'settings.direct_start_limit' => 100, 'load.torque_percent' => 20]));
        self::assertSame('trips_relay', $slow['star_delta']['verdict']);
        $close = self::rows(self::compared(['load.torque_percent' => 100]));
        self::assertContains($close['star_delta']['verdict'], ['may_stall', 'stalls']);
        $easy = self::rows(self::compared(['load.torque_percent' => 50]));
        self::assertStringContainsString('A simpler starter also works.', $easy['drive']['reason']);
    }

    public function test_a_timer_of_one_starter_is_not_taken_over_to_another(): void
    {
        $typed = self::compared(['load.torque_percent' => 60, 'starter.method' => 'star_delta', 'starter.changeover.value' => '3 s']);
        $rows = self::rows($typed);
        self::assertTrue($rows['star_delta']['chosen']);
        self::assertEqualsWithDelta(self::number($typed, 'start.run_up_time'), $rows['star_delta']['time']['value'], 1e-3);
        $free = self::rows(self::compared(['load.torque_percent' => 60]));
        self::assertEqualsWithDelta($free['autotransformer_65']['time']['value'], $rows['autotransformer_65']['time']['value'], 1e-6);
    }

    /** A 230/400 V motor on 400 V may not be started in star and delta: what may be is told all the same. */
    public function test_a_refused_starter_is_compared_with_what_would_do(): void
    {
        $load = ['load.kind' => 'constant', 'load.torque_percent' => 40, 'load.inertia' => '0.2'];
        $circuit = Circuits::changed(Circuits::conveyor(), [...$load, 'starter.method' => 'star_delta']);
        $solution = Bench::solve($circuit, null, Extra::Methods);
        self::assertFinds('star_delta_refused', $solution, 'stop');
        $rows = self::rows($solution);
        self::assertSame('refused', $rows['star_delta']['verdict']);
        self::assertTrue($rows['star_delta']['chosen']);
        self::assertNotNull($rows['direct']['time']);
        self::assertNotNull(self::recommended($solution));
    }

    public function test_without_a_run_up_there_is_nothing_to_compare(): void
    {
        $solution = self::compared(['load.kind' => null]);
        self::assertArrayNotHasKey('comparison', $solution->curves);
        self::assertArrayNotHasKey('comparison', Circuits::solve(Circuits::fanWithItsLoad())->curves, 'only when it is asked for');
        self::assertFinds('run_up_not_checked', $solution, 'note');
    }

    /** Whoever starts it, the load stays as heavy as the stopwatch says. */
    public function test_a_timed_start_counts_for_every_method(): void
    {
        $known = self::rows(self::compared(['load.inertia' => '12', 'load.torque_percent' => 60]));
        $timed = self::rows(self::compared([
            'load.inertia' => null, 'load.torque_percent' => 60, 'starter.run_up_time' => $known['direct']['time']['value'],
        ]));
        self::assertEqualsWithDelta($known['soft_starter']['time']['value'], $timed['soft_starter']['time']['value'], 0.02);
    }
}
