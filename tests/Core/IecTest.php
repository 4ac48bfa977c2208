<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Books\Iec\FuseGates;
use BraveAnvil\Books\Iec\GgFuse;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;

/** IEC practice: ampacities, factors, fuses, breakers, relays. Table values from memory, derived ones by calculated here. */
final class IecTest extends CoreTestCase
{
    /** @return array<string, array{string, string, int, float}> method, insulation, size for 66 A, its ampacity before terminals */
    public static function methods(): array
    {
        return [
            'B1 xlpe' => ['B1', 'xlpe', 16, 88], 'B2 xlpe' => ['B2', 'xlpe', 25, 105], 'C xlpe' => ['C', 'xlpe', 16, 96],
            'E xlpe' => ['E', 'xlpe', 16, 100], 'F xlpe' => ['F', 'xlpe', 25, 135], 'A1 xlpe' => ['A1', 'xlpe', 25, 95],
            'A2 xlpe' => ['A2', 'xlpe', 25, 89], 'B1 pvc' => ['B1', 'pvc', 16, 68], 'C pvc' => ['C', 'pvc', 16, 76],
            'E pvc' => ['E', 'pvc', 16, 80], 'A1 pvc' => ['A1', 'pvc', 25, 73],
        ];
    }

    #[DataProvider('methods')]
    public function test_reference_methods(string $method, string $insulation, int $size, float $ampacity): void
    {
        self::assertFigures(
            ['cable.size' => $size, 'cable.derated_ampacity' => $ampacity],
            Circuits::solve(Circuits::kilnFan(), ['cable.method' => $method, 'cable.insulation' => $insulation]),
        );
    }

    public function test_cool_terminals_cost_a_size_and_hot_ones_do_not(): void
    {
        self::assertFigures(
            ['cable.size' => 10, 'cable.ampacity' => 75],
            Circuits::solve(Circuits::kilnFan(), ['cable.terminal_temperature' => 90]),
        );
        self::assertFigures(['cable.size' => 16, 'cable.ampacity' => 80], Circuits::solve(Circuits::kilnFan()));
        self::assertFigures(['cable.size' => 10], Circuits::solve(Circuits::kilnFan(), ['settings.terminal_temperature' => 90]));
    }

    public function test_factors_are_read_in_the_next_row_up(): void
    {
        // 36 °C takes the 40 °C row: 0.91 for XLPE, 0.87 for the PVC column at the terminals. Four circuits on a tray: 0.77.
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => 36, 'cable.grouped_circuits' => 4]);
        self::assertFigures(['cable.size' => 16, 'cable.derated_ampacity' => 100 * 0.91 * 0.77, 'cable.ampacity' => 80 * 0.87], $solution);
        self::assertFigures(
            ['cable.derated_ampacity' => 127 * 0.8],
            Circuits::solve(Circuits::kilnFan(), [
                'cable.grouped_circuits' => 4, 'cable.tray' => 'ladder', 'supply.ambient' => 30, 'cable.size' => 25,
            ]),
        );
        self::assertFigures(
            ['cable.derated_ampacity' => 127 * 0.65],
            Circuits::solve(Circuits::kilnFan(), ['cable.grouped_circuits' => 4, 'cable.tray' => 'bunched', 'cable.size' => 25]),
        );
        // Ten together take the column of twelve.
        self::assertFigures(
            ['cable.derated_ampacity' => 127 * 0.45],
            Circuits::solve(Circuits::kilnFan(), ['cable.grouped_circuits' => 10, 'cable.tray' => 'bunched', 'cable.size' => 25]),
        );
    }

    public function test_the_second_motor_cable_of_star_delta_counts_in_the_group(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'cable.size' => 10]);
        self::assertFigures(['cable.derated_ampacity' => 75 * 0.88], $solution);
        self::assertErrorAt(
            'cable.grouped_circuits',
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'cable.grouped_circuits' => 20]),
            ErrorKind::Impossible,
        );
    }

    public function test_an_ambient_beyond_the_table_is_told_at_its_field(): void
    {
        self::assertErrorAt(
            'supply.ambient',
            Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => 65, 'cable.insulation' => 'pvc']),
            ErrorKind::Impossible,
        );
        $hot = Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => 70]);
        self::assertErrorAt('cable.size', $hot, ErrorKind::Refused);
    }

    /** @return array<string, array{int, int}> line, protective conductor, mm² */
    public static function protective(): array
    {
        return [
            'small' => [6, 6], 'sixteen' => [16, 16], 'twenty-five' => [25, 16], 'thirty-five' => [35, 16], 'seventy' => [70, 35],
            'ninety-five' => [95, 50], 'one-fifty' => [150, 95],
        ];
    }

    #[DataProvider('protective')]
    public function test_protective_conductor_by_table(int $line, int $protective): void
    {
        self::assertFigures(['cable.protective_size' => $protective], Circuits::solve(Circuits::kilnFan(), ['cable.size' => $line]));
    }

    public function test_the_service_factor_practice_sizes_relay_and_cable_together(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.service_factor' => 1.15, 'settings.overload_school' => 'service_factor']);
        self::assertFigures(['guard.overload_dial' => 75.9, 'cable.required_ampacity' => 75.9, 'cable.size' => 16], $solution);
        $plain = Circuits::solve(Circuits::kilnFan(), ['plate.service_factor' => 1.15]);
        self::assertFigures(['guard.overload_dial' => 66, 'cable.required_ampacity' => 66], $plain);
        self::assertFinds('overload_schools_differ', $plain, 'note');
    }

    public function test_both_runs_share_the_drop(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['cable.line_length' => 60]);
        $line = $solution->figure('cable.line_drop')?->number() ?? 0;
        $motor = $solution->figure('cable.voltage_drop')?->number() ?? 0;
        self::assertFigures(['cable.total_drop' => $line + $motor, 'cable.line_size' => 16], $solution);
        // A tighter limit is met by enlarging, and the whole circuit stays below it.
        $tight = Circuits::solve(Circuits::kilnFan(), ['cable.line_length' => 60, 'settings.drop_limit_running' => 2]);
        self::assertLessThanOrEqual(2.0, $tight->figure('cable.total_drop')?->number());
        self::assertGreaterThan(16, $tight->figure('cable.size')?->number());
        // When the motor run alone cannot do it, the line takes a size more.
        $tighter = Circuits::solve(Circuits::kilnFan(), [
            'cable.line_length' => 200, 'cable.length' => 200, 'settings.drop_limit_running' => 2,
        ]);
        self::assertLessThanOrEqual(2.0, $tighter->figure('cable.total_drop')?->number());
    }

    public function test_the_starting_drop_can_decide(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['cable.length' => 150]);
        $rows = array_column(Circuits::curve($solution, 'ladder')['rows'], 'fails', 'size');
        self::assertLessThanOrEqual(15.0, $solution->figure('cable.starting_drop')?->number());
        self::assertContains('running drop', $rows["16\u{00A0}mm²"]);
        $gentle = Circuits::solve(Circuits::kilnFan(), ['settings.drop_limit_starting' => 4]);
        self::assertSame(['starting drop'], array_column(Circuits::curve($gentle, 'ladder')['rows'], 'fails', 'size')["16\u{00A0}mm²"]);
    }

    /** @return array<string, array{float, float}> seconds, amperes that a 125 A gG fuse is sure to carry */
    public static function fuseTimes(): array
    {
        return [
            '0.05 s' => [0.05, 1100], '0.1 s' => [0.1, 1100],
            '1 s, the geometric mean' => [1, sqrt(1100 * 355)],
            '3 s' => [3, 477.1], '10 s' => [10, 355], '40 s, constant I²t' => [40, 177.5], '1000 s, not below 1.25 In' => [1000, 156.25],
        ];
    }

    #[DataProvider('fuseTimes')]
    public function test_fuse_gates(float $seconds, float $amperes): void
    {
        self::assertEqualsWithDelta($amperes, self::fuse(125)->holds($seconds), 0.1);
    }

    public function test_a_fuse_carries_less_the_longer_it_lasts(): void
    {
        foreach (self::fuses() as $fuse) {
            $before = INF;
            for ($s = 0.05; $s < 300; $s *= 1.3) {
                $carried = $fuse->holds($s);
                self::assertLessThanOrEqual($before + 1e-9, $carried, "{$fuse->rating()} A at $s s");
                $before = $carried;
            }
        }
    }

    public function test_small_motors_get_sixteen_amperes_and_are_told_why(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'plate.power' => '1.1 kW', 'plate.current' => '2.6/1.5', 'plate.power_factor' => 0.77, 'plate.efficiency' => 84.1,
            'plate.speed' => 1435,
        ]);
        self::assertFigures(['guard.scpd_rating' => 16], $solution);
        self::assertFinds('small_fuse_has_no_gates', $solution, 'note');
    }

    public function test_star_delta_still_carries_the_changeover(): void
    {
        // Held at changeover: Imin(0.1 s) ≥ 462 A, and a third of it for the time in star.
        self::assertFigures(
            ['guard.scpd_rating' => 80],
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'starter.changeover.value' => 9]),
        );
        self::assertFigures(
            ['guard.scpd_rating' => 125],
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'starter.changeover.value' => 60]),
        );
    }

    public function test_miniature_breakers_end_at_440_volts(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => 690, 'guard.scpd' => 'breaker_d']);
        self::assertFinds('breaker_voltage', $solution, 'stop');
        self::assertNull($solution->figure('guard.scpd_rating'));
    }

    public function test_breaking_capacity_is_checked_where_both_are_known(): void
    {
        self::assertFinds('breaking_capacity_not_checked', Circuits::solve(Circuits::kilnFan()), 'note');
        self::assertFinds('breaking_capacity', Circuits::solve(Circuits::kilnFan(), ['guard.breaking_capacity_ka' => 10]), 'stop');
        $enough = Circuits::solve(Circuits::kilnFan(), ['guard.breaking_capacity_ka' => 50]);
        self::assertSame([], preg_grep('/breaking_capacity/', Circuits::codes($enough)));
        self::assertFinds('fault_level_unknown', Circuits::solve(Circuits::kilnFan(), ['supply.transformer_kva' => null]), 'note');
    }

    public function test_fault_level_alone_and_behind_a_transformer(): void
    {
        $alone = Circuits::solve(Circuits::kilnFan(), ['supply.transformer_kva' => null, 'supply.fault_level_kva' => '25 MVA']);
        self::assertFigures(
            ['guard.source_impedance' => 400 ** 2 / 25e6, 'guard.prospective_current' => (1.05 * 25e6) / (sqrt(3) * 400)],
            $alone,
        );
        $behind = Circuits::solve(Circuits::kilnFan(), ['supply.fault_level_kva' => '250 MVA']);
        self::assertEqualsWithDelta(9.6e-3 + 400 ** 2 / 250e6, $behind->figure('guard.source_impedance')?->number(), 2e-5);
    }

    /** @return array<string, array{string, float, float}> class, multiple, seconds it is sure to hold */
    public static function classes(): array
    {
        return [
            '10A at the test multiple' => ['10A', 7.2, 2], '10 at the test multiple' => ['10', 7.2, 4],
            '20 at the test multiple' => ['20', 7.2, 6], '30 at the test multiple' => ['30', 7.2, 9], '10 at 7' => ['10', 7.0, 4.23],
            '10 at 4.04' => ['10', 4.04, 13.0], 'never below 1.05' => ['10', 1.05, 7200],
        ];
    }

    #[DataProvider('classes')]
    public function test_trip_classes(string $class, float $multiple, float $seconds): void
    {
        self::assertEqualsWithDelta(
            $seconds,
            (new Practice(Tables::shipped()))->overloadClasses()->holds(TripClass::from($class), $multiple),
            0.01 * $seconds,
        );
    }

    public function test_the_smallest_class_that_lets_the_start_pass(): void
    {
        foreach ([['1.5 s', '10A'], ['3 s', '10'], ['5 s', '20'], ['7 s', '30']] as [$time, $class]) {
            self::assertFigures(['guard.overload_class' => $class], Circuits::solve(Circuits::kilnFan(), ['starter.run_up_time' => $time]));
        }
        self::assertFinds('no_class_holds_start', Circuits::solve(Circuits::kilnFan(), ['starter.run_up_time' => '15 s']), 'stop');
        self::assertFinds(
            'class_trips_on_start',
            Circuits::solve(Circuits::kilnFan(), ['starter.run_up_time' => '5 s', 'guard.overload_class' => '10']),
            'stop',
        );
        self::assertFinds('slow_class', Circuits::solve(Circuits::kilnFan(), ['starter.run_up_time' => '5 s']), 'caution');
    }

    public function test_an_installed_dial_is_checked(): void
    {
        self::assertFinds('installed_dial_too_high', Circuits::solve(Circuits::kilnFan(), ['guard.dial' => 75]), 'stop');
        self::assertFinds('installed_dial_low', Circuits::solve(Circuits::kilnFan(), ['guard.dial' => 55]), 'caution');
        self::assertSame([], preg_grep('/installed_dial/', Circuits::codes(Circuits::solve(Circuits::kilnFan(), ['guard.dial' => 66]))));
    }

    public function test_a_relay_in_the_delta_needs_a_delta(): void
    {
        self::assertErrorAt(
            'guard.overload_place',
            Circuits::solve(Circuits::kilnFan(), ['guard.overload_place' => 'delta']),
            ErrorKind::Impossible,
        );
    }

    public function test_without_a_plate_current_the_table_serves_and_is_marked(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.current' => null, 'plate.voltage' => '415', 'supply.voltage' => 415]);
        $computed = 37000 / 0.939 / 0.85 / sqrt(3) / 415;
        self::assertGreaterThan(66 * 400 / 415, $computed);
        self::assertFigures(
            ['power.table_current' => 66 * 400 / 415, 'power.design_current' => $computed, 'power.overload_current' => $computed],
            $solution,
        );
        self::assertTrue($solution->figure('power.design_current')?->assumed());
        self::assertTrue($solution->figure('cable.size')?->assumed());
    }

    public function test_a_larger_motor_started_direct_is_a_note_by_the_sites_limit(): void
    {
        self::assertFinds('direct_above_limit', Circuits::solve(Circuits::kilnFan()), 'note');
        self::assertDoesNotFind('direct_above_limit', Circuits::solve(Circuits::kilnFan(), ['settings.direct_start_limit' => '45 kW']));
        self::assertDoesNotFind('direct_above_limit', Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']));
    }

    /** @return list<GgFuse> */
    private static function fuses(): array
    {
        return (new FuseGates(Tables::shipped()->named(TableName::IecFuseGg), (new Practice(Tables::shipped()))->guard()))->fuses();
    }

    private static function fuse(float $rating): GgFuse
    {
        foreach (self::fuses() as $fuse) {
            if ($fuse->rating() === $rating) {
                return $fuse;
            }
        }
        self::fail("no $rating A fuse");
    }
}
