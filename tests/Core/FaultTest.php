<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** An earth fault at the motor: how much flows, whether it is cleared in time, and what the conductors bear. */
final class FaultTest extends CoreTestCase
{
    private const EARTHED = ['supply.earthing' => 'tn_s'];

    /** KF-204 on its board, calculated here from IEC tables (from memory): loop, time and energy of a gG fuse. */
    public function test_a_fuse_clears_a_fault_at_the_motor(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), self::EARTHED);
        self::assertFigures(
            [
                'guard.earth_fault_current' => 1278, 'guard.loop_impedance' => 0.171, 'guard.loop_impedance_limit' => 0.95 * 230 / 715,
                'guard.disconnection_time' => 0.4957, 'guard.disconnection_limit' => 5, 'guard.let_through' => 0.809e6,
                'cable.withstand' => (143 * 16) ** 2, 'cable.size' => 16, 'cable.protective_size' => 16,
            ],
            $solution,
        );
        self::assertFinds('tester_limit', $solution, 'note');
        self::assertDoesNotFind('fault_not_checked', $solution);
    }

    /** The same with a type D breaker: slow between its magnetic edges, so that 16 mm² is rejected by what the fault does. */
    public function test_a_size_that_a_fault_rejects_is_chosen_anew(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, 'guard.scpd' => 'breaker_d']);
        self::assertFigures(
            ['cable.size' => 25, 'cable.protective_size' => 25, 'guard.earth_fault_current' => 1971, 'guard.disconnection_time' => 2.06],
            $solution,
        );
        self::assertFinds('size_by_fault', $solution, 'caution');
        self::assertFinds('protective_enlarged', $solution, 'note');
        // 25 kA is more than any such breaker breaks.
        self::assertFinds('breaking_capacity', $solution, 'stop');
        $rows = Circuits::curve($solution, 'ladder')['rows'];
        $fails = array_column($rows, 'fails', 'size');
        self::assertSame(['line withstand'], $fails["16\u{00A0}mm²"]);
        self::assertSame([], $fails["25\u{00A0}mm²"]);
        // What the larger cable does to the start is worked out with it.
        self::assertLessThan(5.98, $solution->figure('cable.starting_drop')?->number());
    }

    /** A size that is there already is never changed: what it does not bear is a stop. */
    public function test_an_installed_size_is_stopped_by_a_fault(): void
    {
        $typed = [...self::EARTHED, 'guard.scpd' => 'breaker_d', 'cable.size' => '16'];
        $small = Circuits::solve(Circuits::kilnFan(), $typed);
        self::assertFinds('fault_withstand', $small, 'stop');
        // Nor does it bear 25 kA for 0.02 s of a breaker that does not limit.
        self::assertFinds('near_end_withstand', $small, 'caution');
        $long = Circuits::solve(Circuits::kilnFan(), [
            ...self::EARTHED, 'cable.size' => '16', 'cable.length' => 400, 'settings.drop_limit_running' => 20,
            'settings.drop_limit_starting' => 40,
        ]);
        self::assertFinds('disconnection_time', $long, 'stop');
        self::assertNull($long->figure('guard.disconnection_time'), 'the fuse need not clear it at all');
    }

    /** IEC 60364-4-41 Table 41.1, from memory: a small device has 0.4 s at 230 V to earth, 0.2 s at 400 V; a large one 5 s. */
    public function test_how_long_a_fault_may_last(): void
    {
        $small = ['plate.power' => '5.5 kW', 'plate.current' => '11/6.3', 'plate.efficiency' => '88', 'starter.run_up_time' => 1];
        self::assertFigures(
            ['guard.scpd_rating' => 25, 'guard.disconnection_limit' => 0.4],
            Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, ...$small]),
        );
        self::assertFigures(
            ['guard.disconnection_limit' => 0.2],
            Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, ...$small, 'supply.voltage' => 690]),
        );
        // 415 V is 230 V to earth by its standard name, not 240.
        self::assertFigures(
            ['guard.disconnection_limit' => 0.4],
            Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, ...$small, 'supply.voltage' => 415]),
        );
    }

    /** Between 32 A of device and of relay practice differs on the time that counts. */
    public function test_the_step_at_32_amperes_is_told(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            ...self::EARTHED, 'plate.power' => '11 kW', 'plate.current' => '22/12.7', 'plate.efficiency' => '91', 'cable.length' => 90,
        ]);
        self::assertGreaterThan(32, $solution->figure('guard.scpd_rating')?->number());
        self::assertFinds('short_time_may_count', $solution, 'note');
        self::assertStringContainsString('0.4 s', self::finding($solution, 'short_time_may_count')->text);
    }

    /** Through earth little flows: no fuse clears it, and no cable is made larger for it. */
    public function test_in_tt_a_residual_current_device_is_wanted(): void
    {
        self::assertErrorAt(
            'supply.earth_loop_ohm', Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'tt']), ErrorKind::Missing,
        );
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'tt', 'supply.earth_loop_ohm' => 20]);
        self::assertFinds('residual_current_wanted', $solution, 'stop');
        self::assertFigures(['cable.size' => 16, 'guard.disconnection_limit' => 1], $solution);
        self::assertEqualsWithDelta(0.95 * 230 / 20.14, $solution->figure('guard.earth_fault_current')?->number(), 0.05);
    }

    /** IEC 60364-4-41 411.6.4, from memory: the second fault is driven by the line voltage through twice the loop. */
    public function test_in_it_the_second_fault_is_what_trips(): void
    {
        $tn = Circuits::solve(Circuits::kilnFan(), self::EARTHED);
        $it = Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'it']);
        self::assertFinds('unearthed_supply', $it, 'caution');
        $loop = $tn->figure('guard.loop_impedance')?->number() ?? 0;
        self::assertEqualsWithDelta(0.95 * 400 / (2 * $loop), $it->figure('guard.earth_fault_current')?->number(), 0.5);
        self::assertContains('no other circuit has a longer loop', $it->figure('guard.earth_fault_current')->assumptions ?? []);
        // Each frame on its own electrode is a TT system.
        $alone = Circuits::solve(Circuits::kilnFan(), [
            'supply.earthing' => 'it', 'supply.it_earthing' => 'individual', 'supply.earth_loop_ohm' => 20,
        ]);
        self::assertFinds('residual_current_wanted', $alone, 'stop');
    }

    /** Common practice: behind a resistor an earth-fault relay at a fifth of the current clears the fault. */
    public function test_behind_a_resistor_a_relay_is_wanted(): void
    {
        $supply = ['supply.earthing' => 'resistance', 'supply.earthing_ohm' => 2.3];
        $solution = Circuits::solve(Circuits::kilnFan(), $supply);
        $loop = $solution->figure('guard.loop_impedance')?->number() ?? 0;
        self::assertEqualsWithDelta(230 / (2.3 + $loop), $solution->figure('guard.earth_fault_current')?->number(), 0.01);
        self::assertFinds('earth_fault_relay', $solution, 'caution');
        $absent = Circuits::solve(Circuits::kilnFan(), [...$supply, 'guard.earth_fault_relay' => 'absent']);
        self::assertFinds('earth_fault_relay', $absent, 'stop');
        self::assertErrorAt(
            'supply.earthing_ohm', Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'resistance']), ErrorKind::Missing,
        );
        // 800 A along 84 mΩ of protective conductor.
        $much = Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'resistance', 'supply.earthing_ampere' => 800]);
        self::assertFigures(['guard.earth_fault_current' => 800], $much);
        self::assertFinds('touch_voltage', $much, 'caution');
    }

    /** What is not known of the supply adds its whole impedance to that of the cable: less current, on the safe side. */
    public function test_an_angle_that_nobody_typed_makes_the_current_smaller(): void
    {
        $known = Circuits::solve(Circuits::kilnFan(), self::EARTHED);
        $unknown = Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, 'supply.x_over_r' => null]);
        self::assertLessThan(
            $known->figure('guard.earth_fault_current')?->number(), $unknown->figure('guard.earth_fault_current')?->number(),
        );
        self::assertTrue($unknown->figure('guard.earth_fault_current')?->assumed());
        $measured = Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, 'supply.earth_loop_ohm' => 0.02]);
        self::assertFalse($measured->figure('guard.earth_fault_current')?->assumed());
    }

    /**
     * What each check waits for.
     *
     * @return iterable<string, array{array<string, mixed>, string}>
     */
    public static function waiting(): iterable
    {
        yield 'earthing' => [[], 'supply.earthing'];
        yield 'the supply' => [[...self::EARTHED, 'supply.transformer_kva' => null], 'supply.transformer_kva'];
        yield 'the length' => [[...self::EARTHED, 'cable.length' => null], 'cable.length'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('waiting')]
    public function test_what_is_not_checked_says_what_it_waits_for(array $changes, string $path): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        self::assertFinds('fault_not_checked', $solution, 'note');
        self::assertContains($path, self::finding($solution, 'fault_not_checked')->fields);
        self::assertNull($solution->figure('guard.earth_fault_current'));
    }

    /** NEC 250.4(A)(5) in its sense, from memory: a ground fault should let at least five times the rating flow. */
    public function test_a_weak_ground_path_is_told(): void
    {
        $supply = [
            'supply.transformer_kva' => 750, 'supply.transformer_impedance_percent' => 5.75, 'supply.x_over_r' => 6,
            'supply.earthing' => 'tn_s',
        ];
        $near = Circuits::solve(Circuits::twentyFiveHorsepower(), $supply);
        self::assertDoesNotFind('weak_ground_path', $near);
        // 60 m of 8 AWG out and back: 2 × 0.06 × (2.56 + j0.213) Ω and the transformer's 0.0029 + j0.0174 Ω.
        $ohm = hypot(2 * 0.06 * 2.56 + 0.00290, 2 * 0.06 * 0.213 + 0.01742);
        self::assertEqualsWithDelta(0.95 * 480 / sqrt(3) / $ohm, $near->figure('guard.earth_fault_current')?->number(), 3);
        $far = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            ...$supply, 'cable.length' => '400 m', 'settings.drop_limit_running' => 20, 'settings.drop_limit_starting' => 40,
        ]);
        self::assertFinds('weak_ground_path', $far, 'caution');
        self::assertFinds('unearthed_supply', Circuits::solve(Circuits::twentyFiveHorsepower(), [...$supply, 'supply.earthing' => 'it']));
        // 25 kA for a cycle is more than 14 AWG bears.
        $small = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            ...$supply, 'plate.power' => '5 hp', 'plate.current' => 6.8, 'guard.scpd' => 'fuse_dual_element',
        ]);
        self::assertFinds('near_end_withstand', $small, 'caution');
    }

    /** Two sets carry a fault together: what lies in the way of it to the motor is half. Ohm's law. */
    public function test_parallel_sets_halve_the_way_of_a_fault(): void
    {
        $way = static function (array $changes): array {
            $solution = Circuits::solve(Circuits::kilnFan(), [...self::EARTHED, 'cable.size' => '50', ...$changes]);
            $working = $solution->figure('guard.loop_impedance')->working ?? '';
            preg_match('/to the motor ([\\d.]+) \\+ j([\\d.]+)/u', $working, $m);

            return [(float) ($m[1] ?? 0), (float) ($m[2] ?? 0)];
        };
        [$one, $two] = [$way(['cable.sets' => 1]), $way(['cable.sets' => 2])];
        self::assertEqualsWithDelta(0.5, $two[0] / $one[0], 0.002);
        self::assertEqualsWithDelta(0.5, $two[1] / $one[1], 0.01);
    }

    /** A relay behind a resistor is set to a fifth of the fault current; the frame stands at that current over its protective conductor. */
    public function test_behind_a_resistor_relay_and_touch_voltage_are_told(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'resistance', 'supply.earthing_ampere' => 100]);
        $texts = implode(' ', array_map(static fn ($finding): string => $finding->text.' '.$finding->action, $solution->findings));
        self::assertMatchesRegularExpression('~\\b20.A~u', $texts, 'a fifth of 100 A, common practice');
    }
}
