<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\Tables;

/** What must hold of every circuit that can be solved, over random plates, starters, cables and capacitors of both books. */
final class RandomCircuitsTest extends CoreTestCase
{
    /** @return iterable<string, array{array<string, mixed>, Solution}> */
    private static function solved(int $base): iterable
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count($base); $i++) {
            $circuit = mt_rand(0, 1) === 1 ? self::metric() : self::american();
            yield "circuit $i: ".json_encode($circuit, JSON_THROW_ON_ERROR) => [$circuit, Circuits::solve($circuit)];
        }
    }

    private static function between(float $low, float $high): float
    {
        return round($low + ($high - $low) * mt_rand() / mt_getrandmax(), 3);
    }

    /**
     * @template T
     *
     * @param  non-empty-list<T>  $choices
     * @return T
     */
    private static function one(array $choices): mixed
    {
        return $choices[mt_rand(0, count($choices) - 1)];
    }

    /** @return array<string, mixed> */
    private static function metric(): array
    {
        $watts = self::one([1.1, 2.2, 4.0, 7.5, 11.0, 18.5, 22.0, 37.0, 55.0, 90.0, 132.0]) * 1000;
        $factor = self::between(0.74, 0.9);
        $efficiency = self::between(80, 96);
        $amperes = $watts / ($efficiency / 100) / $factor / sqrt(3) / 400 * self::between(0.97, 1.04);

        return Circuits::changed(Circuits::kilnFan(), [
            'plate.power' => $watts / 1000 .' kW', 'plate.voltage' => 'D 400', 'plate.current' => self::one([round($amperes, 2), null]),
            'plate.power_factor' => $factor, 'plate.efficiency' => $efficiency, 'plate.efficiency_class' => null,
            'plate.start_current_ratio' => self::one([self::between(4.5, 8.5), null]),
            'plate.service_factor' => self::one([1.0, 1.15, null]),
            'starter.method' => self::one(['direct', 'star_delta']), 'starter.run_up_time' => self::one([self::between(0.6, 20), null]),
            'starter.changeover' => ['value' => self::one([self::between(1, 12), null])],
            'guard.scpd' => self::one(['fuse_gg', 'breaker_c', 'breaker_d']), 'guard.marked_maximum' => self::one([null, null, 63, 160]),
            'guard.overload_place' => null, 'cable.length' => self::one([null, self::between(5, 150).' m']),
            'cable.line_length' => self::one([null, self::between(5, 60).' m']), 'cable.method' => self::one(['C', 'E', 'B2']),
            ...self::capacitor(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function american(): array
    {
        return Circuits::changed(Circuits::fiftyHorsepower(), [
            'plate.power' => self::one([3, 5, 7.5, 10, 15, 20, 25, 40, 50, 75, 100, 150]).' hp', 'plate.voltage' => '460',
            'plate.current' => null, 'plate.power_factor' => self::between(0.78, 0.9), 'plate.efficiency' => self::between(84, 95),
            'plate.code_letter' => self::one(['F', 'G', 'H', null]), 'plate.service_factor' => self::one([1.0, 1.15, null]),
            'starter.run_up_time' => self::one([self::between(0.6, 20), null]),
            'guard.scpd' => self::one(['breaker_inverse_time', 'fuse_dual_element', 'fuse_non_time_delay']),
            'guard.marked_maximum' => self::one([null, null, 50, 200]), 'cable.length' => self::one([null, self::between(20, 400).' ft']),
            'cable.terminal_temperature' => self::one([null, 75]),
            ...self::capacitor(),
        ]);
    }

    /** @return array<string, mixed> */
    private static function capacitor(): array
    {
        return [
            'correction.place' => self::one(['none', 'board', 'before_controller', 'after_controller', 'at_motor']),
            'correction.rated_kvar' => self::one([null, self::one([2.5, 10, 25, 50])]),
            'correction.target_power_factor' => self::between(0.9, 1), 'correction.load_percent' => self::one([null, 40, 75, 100]),
        ];
    }

    private static function value(Solution $solution, string $key): ?float
    {
        $figure = $solution->figure($key);

        return $figure === null ? null : $figure->number();
    }

    /** IEC 60364-4-43 and NEC 430.32: a relay protects motor and cable only where it stands at or below both. */
    public function test_whatever_is_asked_for_besides_can_be_shown(): void
    {
        foreach (self::solved(30) as $said => [$circuit]) {
            $circuit = Circuits::changed($circuit, [
                'load.kind' => self::one(['constant', 'quadratic', null]), 'load.inertia' => self::one([self::between(0.1, 60), null]),
                'load.torque_percent' => self::between(10, 130), 'load.output_percent' => self::one([self::between(0, 120), null]),
                'load.hours' => self::one(['75 4000; 40 1500', null]),
                'starter.method' => self::one(['direct', 'star_delta', 'autotransformer', 'resistor', 'reactor', 'soft_starter', 'drive']),
                'starter.transition' => self::one(['open', 'closed', null]), 'correction.lowest_load_percent' => self::one([0, 40, null]),
                'settings.tariff.energy_price' => self::one([0.14, 0, null]), 'correction.price' => self::one([400, null]),
                'correction.detuning_percent' => self::one([7, null]), 'supply.other_capacitors_kvar' => self::one([60, null]),
            ]);
            $shown = json_decode(Bench::solve($circuit, null, ...Extra::cases())->toJson(), true);
            self::assertIsArray($shown, $said);
        }
    }

    public function test_no_dial_stands_above_the_motor_or_its_conductors(): void
    {
        $judged = 0;
        foreach (self::solved(60) as $name => [, $solution]) {
            $dial = self::value($solution, 'guard.overload_dial');
            $motor = self::value($solution, 'power.overload_current');
            if ($dial === null || $motor === null) {
                continue;
            }
            $delta = $solution->figure('guard.overload_place')?->value === 'delta';
            self::assertLessThanOrEqual(($delta ? $motor / sqrt(3) : $motor) * (1 + 1e-9), $dial, $name);
            $ampacity = self::value($solution, 'cable.ampacity');
            if ($ampacity !== null && ($delta || $solution->figure('cable.conductors')?->value === 3)) {
                self::assertGreaterThanOrEqual($dial * (1 - 1e-6), $ampacity, $name);
                $judged++;
            }
        }
        self::assertGreaterThan(20, $judged);
    }

    /** NEC 430.52(C)(2), IEC 60947-4-1 (from memory): no device above what the starter is marked for, and none below the motor. */
    public function test_a_device_lies_between_the_motor_and_the_marking(): void
    {
        foreach (self::solved(60) as $name => [$circuit, $solution]) {
            $rating = self::value($solution, 'guard.scpd_rating');
            $marked = $circuit['guard']['marked_maximum'] ?? null;
            if ($rating !== null) {
                self::assertGreaterThanOrEqual(self::value($solution, 'power.design_current') * (1 - 1e-6), $rating, $name);
                self::assertTrue($marked === null || $rating <= $marked, $name);
            }
            $stops = array_filter($solution->findings, static fn ($finding): bool => $finding->code->code() === 'marked_maximum_too_small');
            self::assertTrue($stops === [] || ($marked !== null && $rating === null), $name);
        }
    }

    /** A class is chosen from a timed start alone, and holds it with a fifth to spare unless that is a stop. */
    public function test_a_class_holds_the_start_that_it_was_chosen_for(): void
    {
        $classes = (new Practice(Tables::shipped()))->overloadClasses();
        foreach (self::solved(60) as $name => [$circuit, $solution]) {
            $class = $solution->figure('guard.overload_class')?->value;
            $star = ($circuit['starter']['method'] ?? '') === 'star_delta';
            $starter = $circuit['starter'] ?? [];
            $timed = ($starter['run_up_time'] ?? null) !== null || ($star && ($starter['changeover']['value'] ?? null) !== null);
            if ($class === null || $star) {
                self::assertTrue($class === null || $timed, $name);

                continue;
            }
            self::assertTrue($timed, $name);
            $holds = $classes->holds(TripClass::from((string) $class), self::number($solution, 'guard.start_multiple'));
            $trips = in_array('no_class_holds_start', Circuits::codes($solution), true);
            self::assertSame(self::number($solution, 'start.run_up_time') > 0.8 * $holds, $trips, $name);
        }
    }

    /** Upstream of a capacitor the real part stays, the reactive part is less by what it gives; what leads is called leading. */
    public function test_a_capacitor_takes_away_reactive_current_alone(): void
    {
        foreach (self::solved(80) as $name => [, $solution]) {
            $after = $solution->figure('correct.corrected_current');
            $factor = $solution->figure('correct.corrected_power_factor');
            if ($after === null || $factor === null) {
                continue;
            }
            $before = self::number($solution, 'power.overload_current');
            $cos = self::number($solution, 'plate.power_factor');
            self::assertEqualsWithDelta($before * $cos, $after->number() * $factor->number(), 1e-9 * $before, $name);
            $left = $before * sqrt(1 - $cos ** 2) - self::number($solution, 'correct.capacitor_current');
            self::assertEqualsWithDelta(abs($left), sqrt(max(0.0, $after->number() ** 2 - ($before * $cos) ** 2)), 1e-6 * $before, $name);
            self::assertSame($left < -1e-6 * $before, str_contains($factor->label, 'leading'), $name);
        }
    }

    /** What is assumed is marked in every figure that rests on it, and a figure without assumptions names none. */
    public function test_no_figure_rests_on_an_assumption_in_silence(): void
    {
        foreach (self::solved(40) as $name => [, $solution]) {
            $assumed = [];
            foreach ($solution->figures as $figure) {
                $assumed[$figure->key()] = $figure->assumed();
            }
            foreach ($solution->figures as $figure) {
                foreach ($figure->from as $origin) {
                    if (($assumed[$origin] ?? false) === true) {
                        self::assertTrue($figure->assumed(), $figure->key()." rests on $origin: $name");
                    }
                }
            }
        }
    }

    /** Nothing that is shown is a number that cannot be, and no working is left unfilled. */
    public function test_every_figure_is_a_number_that_can_be(): void
    {
        foreach (self::solved(40) as $name => [, $solution]) {
            foreach ($solution->figures as $figure) {
                self::assertInstanceOf(Figure::class, $figure);
                self::assertTrue(is_string($figure->value) || is_finite((float) $figure->value), $figure->key().": $name");
                self::assertDoesNotMatchRegularExpression('/\{\w+\}|NAN|INF/', $figure->working.$figure->shown(), $figure->key().": $name");
            }
            self::assertJson($solution->toJson());
        }
    }
}
