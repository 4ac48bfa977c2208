<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Finding;

/** Limits of the rules, each from both sides, by the rule that sets it. What has no source here is common practice. */
final class ThresholdsTest extends CoreTestCase
{
    /** Same power in both connections: currents stand to one another as the voltages; 6 % is a slip of rounding, 15 % is not. */
    public function test_currents_of_two_connections_stand_as_their_voltages(): void
    {
        // 400/690: a ratio of 1.725.
        $of = static fn (string $current): ?string => self::grade(Circuits::solve(Circuits::kilnFan(), [
            'plate.voltage' => '400/690', 'plate.current' => $current, 'supply.voltage' => '400',
        ]), 'current_ratio');
        self::assertNull($of('66/36.1'), '1.828 is 5.99 % above');
        self::assertSame('note', $of('66/36'), '1.833 is 6.3 % above');
        self::assertSame('note', $of('66/33.4'), '1.976 is 14.6 % above');
        self::assertSame('caution', $of('66/33'), '2 is 15.9 % above');
    }

    /** IEC 60034-1, 6.3: the rating holds up to 40 °C where the plate says nothing. */
    public function test_forty_degrees_take_nothing_from_the_output(): void
    {
        $at = static fn (string $ambient): ?float => Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => $ambient])
            ->figure('plate.derating_ambient')?->number();
        self::assertNull($at('40'));
        self::assertLessThan(1.0, $at('42'));
    }

    /** ISO 15, ISO 355: the last two digits are the bore, 00 to 03 by list and then by five; the first tells the kind. */
    public function test_a_bearing_says_its_kind_and_its_bore(): void
    {
        $says = static fn (string $bearing): string => strtolower(
            Circuits::solve(Circuits::kilnFan(), ['plate.bearings' => $bearing])->meanings['plate.bearings']['text'] ?? '',
        );
        self::assertStringContainsString('deep-groove ball, bore 15 mm', $says('6302'));
        self::assertStringContainsString('deep-groove ball, bore 17 mm', $says('6203'));
        self::assertStringContainsString('deep-groove ball, bore 20 mm', $says('6204'));
        self::assertStringContainsString('angular-contact ball, bore 40 mm', $says('7308'));
        self::assertStringContainsString('cylindrical roller, bore 65 mm', $says('NU313'));
    }

    /** NEMA MG 1, 4.2: two digits are sixteenths of an inch to the shaft, the first two of more are quarters; 2 to 25 inches. */
    public function test_a_nema_frame_is_read_within_its_inches(): void
    {
        $says = static fn (string $frame): string => Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.frame' => $frame])
            ->meanings['plate.frame']['text'] ?? '';
        self::assertStringContainsString('shaft height 2 in', $says('32'));
        self::assertStringContainsString('shaft height 2.625 in', $says('42'));
        self::assertStringContainsString('shaft height 7 in', $says('284T'));
        self::assertStringContainsString('Not explained', $says('31'), '1.94 in');
    }

    /** A voltage below the nameplate's is called low, one above it high. */
    public function test_a_supply_below_the_plate_is_low_and_one_above_it_high(): void
    {
        $text = static function (string $volts): string {
            $solution = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => $volts]);

            return implode(' ', array_map(static fn (Finding $finding): string => $finding->title.' '.$finding->text, $solution->findings));
        };
        self::assertStringContainsString('% low', $text('352'));
        self::assertStringContainsString('% high', $text('448'));
    }

    /** Common practice: where nobody typed X/R, a source is taken with 10 of it. */
    public function test_a_source_without_its_ratio_is_taken_with_ten(): void
    {
        $at = static fn (array $changes): float => self::number(Circuits::solve(Circuits::kilnFan(), [
            'supply.transformer_kva' => '630', 'supply.transformer_impedance_percent' => '6', 'supply.fault_level_kva' => '200000',
            ...$changes,
        ]), 'guard.prospective_current');
        self::assertEqualsWithDelta($at(['supply.x_over_r' => '10']), $at(['supply.x_over_r' => null]), 1e-6);
    }

    /** Common practice: a lead of 15 % in the drop while starting, where the site sets none. */
    public function test_fifteen_percent_may_be_lost_while_starting(): void
    {
        $limit = Circuits::solve(Circuits::fanWithItsLoad(), ['starter.method' => 'direct', 'settings.direct_start_limit' => '400 kW'])
            ->toArray()['fields'];
        self::assertIsObject($limit);
        self::assertSame('15 % (usual)', str_replace("\u{00A0}", ' ', $limit->{'settings.drop_limit_starting'}['empty'] ?? ''));
    }

    /** Identical conductors in parallel: told where there are two sets, and not for one. IEC 60364-5-52, 523.7; NEC 310.10(G). */
    public function test_parallel_conductors_are_told_to_be_alike(): void
    {
        $finds = static fn (int $sets): ?string => self::grade(
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'direct', 'cable.sets' => $sets]), 'parallel_alike',
        );
        self::assertNull($finds(1));
        self::assertSame('note', $finds(2));
    }

    /** A step of the capacitor is refused for the motor’s own limit, or else because it would lead at the lowest load; each is named. */
    public function test_a_step_says_which_limit_refuses_it(): void
    {
        $why = static function (array $changes): array {
            $curve = Circuits::curve(Circuits::solve(Circuits::kilnFan(), [
                'correction.target_power_factor' => '0.99', ...$changes,
            ]), 'correction');

            return array_column($curve['steps'] ?? [], 'reason');
        };
        self::assertContains('above the limit at the motor', $why(['correction.place' => 'after_controller']));
        self::assertContains('leading at the lowest load', $why(['correction.place' => 'board', 'correction.lowest_load_percent' => '30']));
    }

    /** Common practice: a discharge resistor is rated for twice the heat that it makes. */
    public function test_a_discharge_resistor_is_rated_twice_its_heat(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.target_power_factor' => '0.98']);
        $heat = self::number($solution, 'correct.discharge_power');
        $rating = self::number($solution, 'correct.discharge_rating');
        self::assertGreaterThanOrEqual(2 * $heat * (1 - 1e-6), $rating);
        // E6 of the sizes that are sold: the next smaller one would not do.
        self::assertLessThan(2 * $heat * 2.6, $rating);
    }
}
