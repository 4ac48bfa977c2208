<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\American\Impedances;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;

/** What must hold of the conductors and devices of every circuit under all three books, aluminium, buried and grouped ones too. */
final class RandomConductorsTest extends CoreTestCase
{
    private static ?Impedances $impedances = null;

    /** @return array<string, mixed> */
    public static function circuit(): array
    {
        return match (mt_rand(0, 2)) {
            0 => self::iec(), 1 => self::american('nec'), default => self::american('cec'),
        };
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
    private static function iec(): array
    {
        $kilowatts = self::one([1.5, 4, 7.5, 15, 30, 55, 90, 160, 250]);
        $star = mt_rand(0, 2) === 0;

        return Circuits::changed(Circuits::kilnFan(), [
            'plate.power' => "$kilowatts kW", 'plate.voltage' => '400 D', 'plate.current' => round(1.9 * $kilowatts, 1),
            'plate.efficiency_class' => null, 'plate.start_current_ratio' => self::between(5, 7.5),
            'starter.method' => $star ? 'star_delta' : 'direct', 'starter.run_up_time' => self::between(1, 6),
            'guard.scpd' => self::one(['fuse_gg', 'fuse_gg', 'fuse_am', 'breaker_d', 'motor_breaker']),
            'cable.length' => self::between(10, 180), 'cable.line_length' => self::one([null, self::between(5, 40)]),
            'cable.material' => self::one(['copper', 'copper', 'aluminium']), 'cable.method' => self::one(['B2', 'C', 'D1', 'D2', 'E']),
            'cable.insulation' => self::one(['xlpe', 'pvc']), 'cable.grouped_circuits' => mt_rand(1, 4),
            'supply.earthing' => self::one([null, 'tn_s', 'tn_s', 'it']), 'supply.ambient' => self::one([25, 30, 40]),
        ]);
    }

    /** @return array<string, mixed> */
    private static function american(string $book): array
    {
        $horsepower = self::one([5, 10, 25, 50, 100, 150, 200]);

        return Circuits::changed(Circuits::twentyFiveHorsepower($book), [
            'plate.power' => "$horsepower hp", 'plate.voltage' => '460 D', 'plate.current' => round(1.25 * $horsepower, 1),
            'plate.leads' => 6, 'plate.start_current_ratio' => self::between(5, 7),
            'starter.method' => self::one(['direct', 'direct', 'star_delta']), 'starter.run_up_time' => self::between(1, 6),
            'guard.scpd' => self::one(['breaker_inverse_time', 'fuse_dual_element', 'fuse_non_time_delay', 'breaker_instantaneous']),
            'cable.length' => self::between(10, 180), 'cable.line_length' => self::one([null, self::between(5, 40)]),
            'cable.material' => self::one(['copper', 'aluminium']), 'cable.insulation' => $book === 'nec' ? 'XHHW-2' : 'RW90',
            'cable.grouped_circuits' => mt_rand(1, 3), 'supply.ambient' => self::one([25, 30, 40]),
            'supply.transformer_kva' => 1500, 'supply.transformer_impedance_percent' => 5.75, 'supply.x_over_r' => 7,
        ]);
    }

    /** mm² of one line of a run, all of its parallel conductors together; null where none is chosen */
    private static function area(Solution $solution, string $run = 'cable.'): ?float
    {
        $impedances = self::$impedances ??= new Impedances(Tables::shipped());
        $size = $solution->figure($run.'size')?->value;
        $sets = (int) ($solution->figure($run.'sets')->value ?? 1);

        return match (true) {
            $size === null => null,
            is_string($size) => $sets * ($impedances->area((string) strtok($size, ' ')) ?? 0.0),
            default => $sets * $size,
        };
    }

    /** @return list<mixed> sizes and sets of both runs */
    private static function laid(Solution $solution): array
    {
        $keys = ['cable.size', 'cable.sets', 'cable.line_size', 'cable.line_sets'];

        return array_map(static fn (string $key): mixed => $solution->figure($key)?->value, $keys);
    }

    /** @return iterable<string, array{\Closure(array<string, mixed>): array<string, mixed>}> what makes it harder for a conductor */
    public static function harder(): iterable
    {
        $times = static fn (string $path, float $factor): \Closure => static fn (array $circuit): array => Circuits::changed(
            $circuit, [$path => $factor * self::at($circuit, $path)],
        );
        yield 'more load' => [$times('plate.current', 1.15)];
        yield 'longer' => [$times('cable.length', 1.6)];
        yield 'hotter' => [static fn (array $circuit): array => Circuits::changed($circuit, ['supply.ambient' => 45])];
        yield 'one circuit more' => [static fn (array $circuit): array => Circuits::changed(
            $circuit, ['cable.grouped_circuits' => 1 + self::at($circuit, 'cable.grouped_circuits')],
        )];
        yield 'aluminium' => [static fn (array $circuit): array => Circuits::changed($circuit, ['cable.material' => 'aluminium'])];
    }

    /** @param  array<string, mixed>  $circuit */
    private static function at(array $circuit, string $path): float
    {
        [$section, $field] = explode('.', $path);
        $value = is_array($circuit[$section]) ? $circuit[$section][$field] : null;

        return is_numeric($value) ? (float) $value : 0.0;
    }

    /** @param  \Closure(array<string, mixed>): array<string, mixed>  $harder */
    #[DataProvider('harder')]
    public function test_what_is_harder_never_gives_a_smaller_conductor(\Closure $harder): void
    {
        Fuzz::start();
        $judged = 0;
        for ($i = 0; $i < Fuzz::count(20); $i++) {
            $circuit = self::circuit();
            $before = Bench::solve($circuit);
            $after = Bench::solve($harder($circuit));
            $name = json_encode($circuit, JSON_THROW_ON_ERROR);
            $sets = static fn (Solution $solution): array => [
                $solution->figure('cable.sets')?->value, $solution->figure('cable.line_sets')?->value,
            ];
            $sameSets = $sets($before) === $sets($after);
            $line = [self::area($before, 'cable.line_'), self::area($after, 'cable.line_')];
            // More sets or a larger line run drop less voltage and may leave less for the conductor to the motor; above 32 A a fault may
            // last longer.
            $step = [$before->figure('guard.disconnection_limit')?->value, $after->figure('guard.disconnection_limit')?->value];
            $missing = self::area($before) === null || self::area($after) === null;
            if ($missing || $step[0] !== $step[1] || ! $sameSets || $line[1] > $line[0]) {
                continue;
            }
            self::assertGreaterThanOrEqual(self::area($before) - 1e-9, self::area($after), $name);
            $judged++;
        }
        self::assertGreaterThan(2, $judged);
    }

    /** NEC 430.22, 430.52, CE Code 28-106, IEC 60364-4-43: what is chosen carries what is required, and no rating is above its limit. */
    public function test_what_is_chosen_is_enough_and_not_too_much(): void
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(60); $i++) {
            $circuit = self::circuit();
            $solution = Bench::solve($circuit);
            $name = json_encode($circuit, JSON_THROW_ON_ERROR);
            foreach (['cable.', 'cable.line_'] as $run) {
                $ampacity = $solution->figure($run.'ampacity');
                if ($ampacity !== null) {
                    self::assertGreaterThanOrEqual(
                        ($solution->figure($run.'required_ampacity')?->number() ?? INF) * (1 - 1e-6), $ampacity->number(), $name,
                    );
                    self::assertNotSame('', $ampacity->source, $name);
                }
            }
            $maximum = $solution->figure('guard.scpd_maximum_rating')?->number();
            $rating = $solution->figure('guard.scpd_rating')?->number();
            self::assertTrue($maximum === null || $rating === null || $rating <= $maximum, $name);
            // What passes was made: a time within its limit, an energy that is borne.
            $time = $solution->figure('guard.disconnection_time')?->number();
            $stops = Circuits::codes($solution);
            if ($time !== null && ! in_array('disconnection_time', $stops, true)) {
                self::assertLessThanOrEqual(($solution->figure('guard.disconnection_limit')?->number() ?? 0) * (1 + 1e-6), $time, $name);
            }
            $energy = $solution->figure('guard.let_through')?->number();
            if ($energy !== null && ! in_array('fault_withstand', $stops, true) && ! in_array('disconnection_time', $stops, true)) {
                $sets = max(1, (int) ($solution->figure('cable.sets')->value ?? 1));
                self::assertLessThanOrEqual(
                    ($solution->figure('cable.withstand')?->number() ?? 0) * $sets ** 2 * (1 + 1e-6), $energy, $name,
                );
            }
        }
    }

    /** Where and what for a motor stands, and its serial number, move no figure. */
    public function test_an_unrelated_field_moves_nothing(): void
    {
        Fuzz::start();
        for ($i = 0; $i < Fuzz::count(20); $i++) {
            $circuit = self::circuit();
            $figures = static fn (Solution $solution): array => array_map(
                static fn ($figure): array => $figure->toArray(), $solution->figures,
            );
            $changed = Circuits::changed($circuit, ['plate.serial' => 'LT 7', 'plate.year' => '1999', 'area' => 'Kilns', 'drives' => 'S']);
            self::assertSame($figures(Bench::solve($circuit)), $figures(Bench::solve($changed)));
        }
    }

    /** How close: at the end that is told the conductors are the same, a step further they are not. */
    public function test_the_conductors_change_where_it_is_told(): void
    {
        Fuzz::start();
        $judged = 0;
        for ($i = 0; $i < Fuzz::count(8); $i++) {
            $circuit = [...self::circuit(), 'correction' => ['place' => 'none']];
            $solution = Bench::solve($circuit, null, Extra::Margins);
            $margins = $solution->curves['margins'] ?? null;
            foreach ($margins?->toArray()['rows'] ?? [] as $row) {
                if ($row['until'] === null || $row['field'] === 'cable.line_length') {
                    continue;
                }
                $at = static fn (float $value): array => self::laid(Bench::solve(Circuits::changed($circuit, [$row['field'] => $value])));
                $step = $row['field'] === 'cable.length' ? 0.012 * $row['until']['value'] : 1.01;
                $name = $row['field'].': '.json_encode($circuit, JSON_THROW_ON_ERROR);
                $here = self::laid($solution);
                self::assertSame($here, $at($row['until']['value']), $name);
                self::assertNotSame($here, $at($row['until']['value'] + $step), $name);
                $judged++;
            }
        }
        self::assertGreaterThan(5, $judged);
    }

    /** A run that is within a metre of its end: rounding down must not tell a shorter one than there is. */
    public function test_the_end_that_is_told_is_never_before_what_there_is(): void
    {
        $circuit = [
            'rule_book' => 'nec',
            'supply' => ['voltage' => '480Y/277', 'frequency' => 60, 'ambient' => 40, 'transformer_kva' => 1500,
                'transformer_impedance_percent' => 5.75, 'x_over_r' => 7],
            'plate' => ['power' => '10 hp', 'voltage' => '460 D', 'current' => 12.5, 'speed' => 1765, 'power_factor' => 0.84,
                'service_factor' => 1.15, 'design_letter' => 'B', 'leads' => 6, 'start_current_ratio' => 6.721],
            'starter' => ['method' => 'star_delta', 'run_up_time' => 4.097],
            'cable' => ['length' => 155.684, 'terminal_temperature' => 75, 'line_length' => 7.377, 'material' => 'copper',
                'insulation' => 'XHHW-2', 'grouped_circuits' => 1],
            'guard' => ['scpd' => 'breaker_inverse_time'], 'correction' => ['place' => 'none'],
        ];
        $rows = array_column(Bench::solve($circuit, null, Extra::Margins)->curves['margins']->toArray()['rows'], null, 'field');
        self::assertGreaterThanOrEqual(155.684, $rows['cable.length']['until']['value']);
        self::assertSame(
            self::laid(Bench::solve($circuit)),
            self::laid(Bench::solve(Circuits::changed($circuit, ['cable.length' => $rows['cable.length']['until']['value']]))),
        );
    }
}
