<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Nothing that is written for three phases holds for a motor of one, or on a supply of one. */
final class OnePhaseTest extends CoreTestCase
{
    /** @return iterable<string, array{string, string}> */
    public static function books(): iterable
    {
        yield 'NEC' => ['nec', '240'];
        yield 'CE Code' => ['cec', '240'];
        yield 'IEC' => ['iec', '230'];
    }

    /** @param  array<string, mixed>  $changes */
    private static function solve(string $book, string $volts, array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => $book, 'supply' => ['voltage' => $volts, 'phases' => 1],
            'plate' => ['power' => $book === 'iec' ? '5.5 kW' : '10 hp', 'voltage' => $volts, 'current' => '50', 'speed' => '1740',
                'power_factor' => '0.87', 'efficiency' => '72'],
            'correction' => ['place' => 'board', 'target_power_factor' => '0.95'],
        ], $changes);
    }

    private static function assertNothingIsSized(Solution $solution): void
    {
        foreach ($solution->figures as $figure) {
            self::assertDoesNotMatchRegularExpression('/^(start|cable|guard|correct)\.|table_|design_|overload_/', $figure->key());
            self::assertDoesNotMatchRegularExpression(
                '/4-pole|Table 430\.250|Table 44|Annex G/', $figure->source.implode($figure->assumptions),
            );
        }
        foreach (['start', 'cable', 'guard', 'correct'] as $station) {
            self::assertContains($station, $solution->blocked);
        }
    }

    /** NEC Table 430.248 says 50 A for 10 hp at 230 V, single phase; Table 430.250 of three phases 28 A (2023, from memory). */
    #[DataProvider('books')]
    public function test_a_motor_of_one_phase_shows_no_three_phase_figure(string $book, string $volts): void
    {
        $solution = self::solve($book, $volts, ['plate.phases' => 1]);
        self::assertNothingIsSized($solution);
        self::assertStringContainsString('bench load', self::finding($solution, 'kind_not_computed')->action);
        // Its own watts and amperes stand: 50 A × 240 V, one phase.
        self::assertFigures(['power.plate_current' => 50, 'plate.supply_voltage' => (float) $volts], $solution);
        self::assertStringNotContainsString('sizes this circuit', $solution->sentences['power']);
    }

    #[DataProvider('books')]
    public function test_a_supply_of_one_phase_asks_for_the_stamp(string $book, string $volts): void
    {
        $solution = self::solve($book, $volts, []);
        self::assertErrorAt('plate.phases', $solution, ErrorKind::Missing);
        self::assertNothingIsSized($solution);
        self::assertNull($solution->figure('power.computed_current'), 'by one phase or by three, nobody knows');
        self::assertNull($solution->figure('plate.connection'));
    }

    public function test_a_three_phase_motor_on_one_phase_is_a_stop(): void
    {
        $solution = self::solve('iec', '230', ['plate.phases' => '3~', 'plate.voltage' => '230/400', 'plate.current' => '19/11']);
        self::assertFinds('three_phases_wanted', $solution, 'stop');
        self::assertNothingIsSized($solution);
    }

    /** What is typical here is typical of three phases: a missing power factor stays missing. */
    public function test_nothing_typical_of_three_phases_stands_in(): void
    {
        $solution = self::solve('nec', '240', ['plate.phases' => 1, 'plate.power_factor' => null, 'plate.efficiency' => null]);
        self::assertErrorAt('plate.efficiency', $solution, ErrorKind::Missing);
        self::assertNull($solution->figure('power.input'));
    }

    /** 120/240 V with one phase is the usual three-wire service; only with three phases does its third line stand high to earth. */
    public function test_two_voltages_of_one_phase_are_no_high_leg(): void
    {
        $read = static fn (int $phases): string => CircuitReader::read([
            'rule_book' => 'nec', 'supply' => ['voltage' => '120/240', 'phases' => $phases],
        ])->read()['supply.voltage'];
        self::assertStringNotContainsString('high leg', $read(1));
        self::assertStringContainsString('high leg 208', $read(3));
    }

    /** A kiln's heater bank of our own: three elements of 3 kW at 400 V in delta take 9 kW, in star a third; one across 230 V V²/Z. */
    public function test_heaters_on_the_bench_answer_power_too(): void
    {
        $bank = ['rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '400'],
            'windings' => ['element_power' => '3 kW', 'element_voltage' => '400', 'connected' => 'delta']];
        self::assertFigures(
            ['power.input' => 9000, 'power.computed_current' => 9000 / sqrt(3) / 400, 'power.power_factor' => 1], Bench::solve($bank),
        );
        self::assertFigures(['power.input' => 3000], Circuits::solve($bank, ['windings.connected' => 'star']));
        $open = Circuits::solve($bank, ['windings.connected' => null]);
        self::assertErrorAt('windings.connected', $open, ErrorKind::Missing);
        self::assertNull($open->figure('power.input'));
        $one = Circuits::solve($bank, [
            'supply' => ['voltage' => '230', 'phases' => 1], 'windings' => ['impedance' => '20', 'power_factor' => '0.8'],
        ]);
        self::assertFigures(
            ['power.apparent' => 230 ** 2 / 20, 'power.input' => 0.8 * 230 ** 2 / 20, 'power.computed_current' => 11.5], $one,
        );
        self::assertFigures(['power.input' => 5000], Circuits::solve($bank, ['bench' => ['power' => '5 kW', 'power_factor' => '1']]));
    }
}
