<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Studies\Compare\ComparedMethod;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Starters are compared on the side, sharing what is alike between them. A row that is taken over must keep its promise: the circuit
 * with that starter has the figures that the row showed.
 */
final class TakenOverTest extends TestCase
{
    /** Figures of a circuit by the quantities of the comparison. */
    private const SAME = [
        'run_up_time' => 'start.run_up_time', 'voltage_dip' => 'start.voltage_dip', 'dip_at_motor' => 'start.dip_at_motor',
        'torque_margin' => 'start.torque_margin', 'start_energy' => 'start.start_energy', 'torque_step' => 'start.torque_step',
    ];

    /** @return iterable<string, array{array<string, mixed>}> */
    public static function circuits(): iterable
    {
        // Short conductors: those that a fault asks to be larger are only known when a starter is sized through.
        $fan = Circuits::changed(Circuits::fanWithItsLoad(), ['cable.length' => '12 m', 'load.torque_percent' => 60]);
        yield 'a fan' => [$fan];
        yield 'a light fan' => [Circuits::changed($fan, ['load.inertia' => 0.8])];
        yield 'on a weak supply' => [Circuits::changed($fan, ['supply.transformer_kva' => 160])];
        yield 'on a supply that nobody knows' => [Circuits::changed($fan, ['supply.transformer_kva' => null])];
        yield 'a conveyor' => [Circuits::changed($fan, ['load.kind' => 'constant', 'load.torque_percent' => 40])];
        yield 'a load by points' => [Circuits::changed($fan, ['load.kind' => 'points', 'load.points' => '0 15; 50 20; 100 70'])];
        yield 'what stalls in star' => [Circuits::changed($fan, ['load.kind' => 'constant', 'load.torque_percent' => 90])];
    }

    /** @param  array<string, mixed>  $circuit */
    #[DataProvider('circuits')]
    public function test_a_row_that_is_taken_over_keeps_its_figures(array $circuit): void
    {
        $compared = Bench::solve($circuit, null, Extra::Methods);
        $held = 0;
        foreach (ComparedMethod::all() as $method) {
            $taken = Circuits::solve($circuit, [
                'starter.method' => $method->method->value, 'starter.changeover' => null, 'starter.tap_percent' => $method->tapPercent,
                'starter.transition' => $method->transition?->value, 'guard.overload_place' => null,
            ]);
            if (! self::hasTheSameConductors($compared, $taken)) {
                continue;
            }
            foreach (self::SAME as $quantity => $key) {
                $row = $compared->figure("start.compare_{$method->key}_$quantity")?->number();
                $figure = $taken->figure($key)?->number();
                if ($row === null || $figure === null) {
                    continue;
                }
                self::assertEqualsWithDelta($figure, $row, 1e-9 * max(1e-3, abs($figure)), "$method->key: $quantity");
                $held++;
            }
        }
        self::assertGreaterThan(20, $held, 'enough was held against each other');
    }

    /** Whether the starter did not lead to another device and with it to larger conductors. */
    private static function hasTheSameConductors(Solution $compared, Solution $taken): bool
    {
        return $taken->figure('cable.size') === null || $compared->figure('cable.size')?->value === $taken->figure('cable.size')->value
            || $taken->figure('cable.size')->value === $taken->figure('cable.size_by_ampacity')?->value;
    }

    /** The own starter stands in the comparison as well, and is no other there. */
    public function test_the_own_starter_is_in_the_comparison_as_it_is(): void
    {
        foreach (ComparedMethod::all() as $method) {
            $circuit = Circuits::changed(Circuits::fanWithItsLoad(), [
                'cable.length' => '12 m', 'load.torque_percent' => 60, 'starter.method' => $method->method->value,
                'starter.tap_percent' => $method->tapPercent, 'starter.transition' => $method->transition?->value,
            ]);
            $solution = Bench::solve($circuit, null, Extra::Methods);
            foreach (self::SAME as $quantity => $key) {
                $row = $solution->figure("start.compare_{$method->key}_$quantity")?->number();
                $own = $solution->figure($key)?->number();
                if ($row !== null && $own !== null) {
                    self::assertEqualsWithDelta($own, $row, 1e-9 * max(1e-3, abs($own)), "$method->key: $quantity");
                }
            }
        }
    }

    /** Closed, the changeover of a star-delta starter has no gap in which the motor slows: it is up no later than open. */
    public function test_a_closed_changeover_is_up_no_later(): void
    {
        foreach (self::circuits() as $name => [$circuit]) {
            $solution = Bench::solve($circuit, null, Extra::Methods);
            $open = $solution->figure('start.compare_star_delta_run_up_time')?->number();
            $closed = $solution->figure('start.compare_star_delta_closed_run_up_time')?->number();
            if ($open !== null && $closed !== null) {
                self::assertLessThanOrEqual($open * (1 + 1e-9), $closed, $name);
            }
        }
    }

    /** More of the voltage, more of the torque: an autotransformer's higher taps are up sooner, and dip the bus more. Definition. */
    public function test_higher_taps_are_quicker_and_harder(): void
    {
        foreach (self::circuits() as $name => [$circuit]) {
            $solution = Bench::solve($circuit, null, Extra::Methods);
            $at = static fn (int $tap, string $quantity): ?float => $solution
                ->figure("start.compare_autotransformer_{$tap}_$quantity")?->number();
            foreach ([[50, 65], [65, 80]] as [$low, $high]) {
                foreach (['torque', 'line_current'] as $quantity) {
                    if ($at($low, $quantity) !== null && $at($high, $quantity) !== null) {
                        self::assertGreaterThan($at($low, $quantity), $at($high, $quantity), "$name: $quantity at $high %");
                    }
                }
                if ($at($low, 'run_up_time') !== null) {
                    self::assertLessThan($at($low, 'run_up_time'), $at($high, 'run_up_time'), "$name: $high %");
                }
            }
        }
    }
}
