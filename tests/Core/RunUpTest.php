<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Whether a motor brings its load up, in how long, and what that costs. */
final class RunUpTest extends CoreTestCase
{
    /** @return array<string, mixed> a typical motor with a fan at 90 % on a stiff 400 V supply */
    private static function fan(
        float $kw,
        string $volts,
        string $amperes,
        int $rpm,
        float $pf,
        float $eta,
        float $ia,
        float $tst,
        float $tmax,
        string $rotor,
        string $load,
    ): array {
        return [
            'tag' => "P-$kw", 'rule_book' => 'iec', 'supply' => ['voltage' => 400, 'frequency' => 50],
            'plate' => [
                'power' => "$kw kW", 'voltage' => $volts, 'current' => $amperes, 'speed' => $rpm, 'frequency' => 50, 'power_factor' => $pf,
                'efficiency' => $eta, 'start_current_ratio' => $ia, 'start_torque_ratio' => $tst, 'breakdown_torque_ratio' => $tmax,
                'inertia' => $rotor,
            ],
            'load' => ['kind' => 'quadratic', 'torque_percent' => 90, 'inertia' => $load],
            'starter' => ['method' => 'direct'],
        ];
    }

    /**
     * Five typical motors, worked out by two other roads (quadrature over speed, mesh equations in time; calculated here).
     *
     * @return iterable<string, array{array<string, mixed>, array<string, float>, array<string, float>}>
     */
    public static function examples(): iterable
    {
        yield '1.5 kW' => [
            self::fan(1.5, '230/400', '5.63/3.25', 1440, 0.78, 85.3, 6.8, 2.7, 3.0, '0.0053', '0.163'),
            [
                'start.inertia' => 0.1683, 'start.steady_speed' => 1446.1, 'start.run_up_time' => 1.1033, 'start.rotor_energy' => 2217.7,
                'start.start_energy' => 4785.2, 'start.i2t' => 257.72, 'start.torque_margin' => 6.9893, 'start.starts_per_hour' => 18.473,
                'start.peak_estimate' => 35.135,
            ],
            [],
        ];
        yield '7.5 kW' => [
            self::fan(7.5, '400/690', '14.4/8.31', 1465, 0.83, 90.4, 7.7, 2.5, 3.1, '0.045', '0.694'),
            [
                'start.inertia' => 0.739, 'start.steady_speed' => 1468.6, 'start.run_up_time' => 0.98901, 'start.rotor_energy' => 9716.3,
                'start.start_energy' => 21307, 'start.i2t' => 7270.6, 'start.torque_margin' => 4.9039, 'start.starts_per_hour' => 13.793,
                'start.peak_estimate' => 186.12,
            ],
            [
                'start.reduced_speed' => 1387.3, 'start.changeover_speed' => 1345.7, 'start.star_time' => 3.6821,
                'start.speed_after_gap' => 1321.9, 'start.changeover_current' => 49.096, 'start.run_up_time' => 3.856,
                'start.reclosing_peak' => 322.94,
            ],
        ];
        yield '30 kW' => [
            self::fan(30, '400/690', '54.4/31.4', 1475, 0.85, 93.6, 7.2, 2.4, 2.9, '0.29', '2.42'),
            [
                'start.inertia' => 2.71, 'start.steady_speed' => 1477.6, 'start.run_up_time' => 1.0139, 'start.rotor_energy' => 35944,
                'start.start_energy' => 64540, 'start.i2t' => 103520, 'start.torque_margin' => 3.9537, 'start.starts_per_hour' => 12.591,
                'start.peak_estimate' => 696.09,
            ],
            [
                'start.reduced_speed' => 1413.6, 'start.changeover_speed' => 1371.2, 'start.star_time' => 4.3549,
                'start.speed_after_gap' => 1344.9, 'start.changeover_current' => 207.58, 'start.run_up_time' => 4.4941,
                'start.reclosing_peak' => 1207.8,
            ],
        ];
        yield '90 kW' => [
            self::fan(90, '400/690', '159/91.8', 1485, 0.86, 95.2, 7.1, 2.3, 2.8, '1.2', '6.49'),
            [
                'start.inertia' => 7.69, 'start.steady_speed' => 1486.6, 'start.run_up_time' => 0.99268, 'start.rotor_energy' => 102150,
                'start.start_energy' => 168760, 'start.i2t' => 865630, 'start.torque_margin' => 3.4893, 'start.starts_per_hour' => 10.53,
                'start.peak_estimate' => 2060.2,
            ],
            [
                'start.reduced_speed' => 1442.4, 'start.changeover_speed' => 1399.1, 'start.star_time' => 5.0294,
                'start.speed_after_gap' => 1370.8, 'start.changeover_current' => 671.59, 'start.run_up_time' => 5.1437,
                'start.reclosing_peak' => 3574.6,
            ],
        ];
        yield '250 kW' => [
            self::fan(250, '400/690', '432/249', 1490, 0.87, 96.0, 7.1, 2.1, 2.8, '4.8', '16.3'),
            [
                'start.inertia' => 21.1, 'start.steady_speed' => 1491.1, 'start.run_up_time' => 1.0317, 'start.rotor_energy' => 280860,
                'start.start_energy' => 454290, 'start.i2t' => 6901100, 'start.torque_margin' => 3.3677, 'start.starts_per_hour' => 8.8307,
                'start.peak_estimate' => 5753.0,
            ],
            [
                'start.reduced_speed' => 1459.3, 'start.changeover_speed' => 1415.5, 'start.star_time' => 5.4713,
                'start.speed_after_gap' => 1386.6, 'start.changeover_current' => 1916.9, 'start.run_up_time' => 5.5749,
                'start.reclosing_peak' => 9982.0,
            ],
        ];
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @param  array<string, float>  $direct
     * @param  array<string, float>  $starDelta
     */
    #[DataProvider('examples')]
    public function test_the_worked_examples(array $circuit, array $direct, array $starDelta): void
    {
        $solution = Circuits::solve($circuit);
        foreach ($direct as $key => $value) {
            self::assertEqualsWithDelta($value, self::number($solution, $key), 1e-3 * $value, $key);
        }
        self::assertSame('10A', $solution->figure('guard.overload_class')?->value);
        if ($starDelta === []) {
            self::assertFinds('star_delta_refused', Circuits::solve($circuit, ['starter.method' => 'star_delta']), 'stop');

            return;
        }
        $solution = Circuits::solve($circuit, ['starter.method' => 'star_delta']);
        foreach ($starDelta as $key => $value) {
            self::assertEqualsWithDelta($value, self::number($solution, $key), 1e-3 * $value, $key);
        }
        self::assertSame('10A', $solution->figure('guard.overload_class')?->value);
    }

    /** @param  array<string, mixed>  $changes */
    private static function kiln(array $changes = []): Solution
    {
        return Circuits::solve(Circuits::fanWithItsLoad(), ['supply.transformer_kva' => null, 'cable.length' => null, ...$changes]);
    }

    /** @param  array<string, mixed>  $changes */
    private static function takes(array $changes): float
    {
        return self::number(self::kiln($changes), 'start.run_up_time');
    }

    public function test_time_is_proportional_to_inertia_where_nothing_waits(): void
    {
        $once = self::takes(['plate.inertia' => '0.4', 'load.inertia' => '2']);
        self::assertEqualsWithDelta(2.5 * $once, self::takes(['plate.inertia' => '1', 'load.inertia' => '5']), 1e-6);
        self::assertEqualsWithDelta(
            self::takes(['load.inertia' => '8']), self::takes(['load.inertia' => '2', 'load.speed_ratio' => 2]), 1e-9,
            'behind a gear inertia counts with the square of the ratio',
        );
    }

    public function test_more_load_and_less_voltage_never_shorten_a_start(): void
    {
        $before = 0.0;
        foreach ([0, 30, 60, 90, 120] as $percent) {
            $now = self::takes(['load.torque_percent' => $percent]);
            self::assertGreaterThan($before, $now);
            $before = $now;
        }
        $before = 0.0;
        foreach ([420, 400, 385, 370] as $volts) {
            $now = self::takes(['supply.voltage' => $volts]);
            self::assertGreaterThan($before, $now);
            $before = $now;
        }
        $before = self::takes([]);
        foreach ([5000, 1000, 400, 250] as $kva) {
            $now = self::takes(['supply.transformer_kva' => $kva]);
            self::assertGreaterThan($before, $now, 'a weaker supply');
            $before = $now;
        }
    }

    /** A stall is told where torque falls short, at the speed where it does. */
    public function test_a_drum_stalls_in_star_and_is_refused(): void
    {
        $drum = ['load.kind' => 'constant', 'load.torque_percent' => 60, 'load.breakaway_percent' => 110, 'load.inertia' => '20'];
        self::assertDoesNotFind('stalls', self::kiln($drum));
        $solution = self::kiln([...$drum, 'starter.method' => 'star_delta']);
        self::assertFinds('stalls', $solution, 'stop');
        self::assertSame(0.0, self::number($solution, 'start.stall_speed'), '0.8 of rated torque against a breakaway of 1.1');
        self::assertNull($solution->figure('start.run_up_time'));
        self::assertContains('guard', $solution->blocked);
        self::assertStringContainsString('does not break away', $solution->sentences['start']);
        // It breaks away, and stays behind where the rising load meets star's torque.
        $later = self::kiln([
            'load.kind' => 'points', 'load.points' => [[0, 20], [40, 40], [60, 110], [100, 110]], 'starter.method' => 'star_delta',
        ]);
        $stays = self::number($later, 'start.stall_speed');
        self::assertEqualsWithDelta(0.52 * 1482, $stays, 40.0);
        $curve = Circuits::curve($later, 'torque_speed');
        self::assertEqualsWithDelta($stays, $curve['stall']['value'], 0.01);
        self::assertNull($curve['changeover']);
        self::assertFalse(Circuits::curve($later, 'start_course')['runs_up']);
        // A timer that forces delta brings it up after all.
        $forced = self::kiln([
            'load.kind' => 'points', 'load.points' => [[0, 20], [40, 40], [60, 110], [100, 110]], 'starter.method' => 'star_delta',
            'starter.changeover.value' => '8 s',
        ]);
        self::assertFinds('stalls', $forced, 'stop');
        self::assertGreaterThan(8.0, self::number($forced, 'start.run_up_time'));
    }

    public function test_a_stop_does_not_rest_on_a_load_that_nobody_typed(): void
    {
        $drum = ['load.kind' => 'constant', 'load.torque_percent' => null, 'load.inertia' => '20', 'starter.method' => 'star_delta'];
        self::assertFinds('stalls', self::kiln($drum), 'caution');
        self::assertFinds('stalls', self::kiln([...$drum, 'load.torque_percent' => 100]), 'stop');
    }

    /** A supply can be so weak that the motor creeps for ever: to creep is not to be up. */
    public function test_a_supply_too_weak_for_the_load_never_brings_it_up(): void
    {
        $weak = ['supply.transformer_kva' => 3.5, 'supply.x_over_r' => 4];
        foreach ([$weak, [...$weak, 'starter.method' => 'star_delta', 'starter.changeover.value' => '2 s']] as $circuit) {
            $solution = self::kiln($circuit);
            self::assertNull($solution->figure('start.run_up_time'));
            self::assertLessThan(600.0, self::number($solution, 'start.stall_speed'));
            self::assertFinds('stalls', $solution, 'stop');
        }
        // With the ratio X/R assumed it could be otherwise, and is not a stop.
        self::assertFinds('stalls', self::kiln(['supply.transformer_kva' => 3.5, 'supply.x_over_r' => null]), 'caution');
    }

    /** A current limit holds a motor above its breakdown speed as well, where the load asks more than the limited current gives. */
    public function test_a_soft_starter_held_by_its_limit_never_comes_up(): void
    {
        $limited = [
            'starter.method' => 'soft_starter', 'starter.current_limit' => 200,
            'load.kind' => 'points', 'load.points' => [[0, 5], [93, 20], [97, 160], [100, 90]],
        ];
        $held = self::kiln($limited);
        self::assertNull($held->figure('start.run_up_time'));
        self::assertGreaterThan(self::number($held, 'start.breakdown_speed'), self::number($held, 'start.stall_speed'));
        self::assertFinds('stalls', $held, 'stop');
        self::assertStringStartsWith('Raise the current limit', self::finding($held, 'stalls')->action);
        self::assertDoesNotFind('stalls', self::kiln([...$limited, 'starter.current_limit' => 500]));
    }

    /** IEC 60034-1 duty S1: a motor carries its rated torque for good, with a service factor that much more (from memory). */
    public function test_a_load_above_the_rating_runs_up_and_overheats(): void
    {
        $solution = self::kiln(['load.torque_percent' => 130]);
        self::assertNotNull($solution->figure('start.run_up_time'));
        self::assertFinds('load_above_rating', $solution, 'caution');
        self::assertStringContainsString("129\u{00A0}% of rated torque", self::finding($solution, 'load_above_rating')->text);
        self::assertDoesNotFind('load_above_rating', self::kiln(['load.torque_percent' => 100]));
        self::assertDoesNotFind('load_above_rating', self::kiln(['load.torque_percent' => null]));
        self::assertDoesNotFind('load_above_rating', self::kiln(['load.torque_percent' => 110, 'plate.service_factor' => 1.15]));
        self::assertFinds('load_above_rating', self::kiln(['load.torque_percent' => 118, 'plate.service_factor' => 1.15]));
    }

    /** A rotor of much resistance has its largest torque at standstill: with less of it it settles lower, and is never up. */
    public function test_at_its_worst_up_is_the_same_speed(): void
    {
        $weak = self::kiln(['plate.power' => 97, 'load.kind' => 'linear', 'load.torque_percent' => 100]);
        self::assertLessThan(1.0, self::number($weak, 'start.breakdown_speed'));
        self::assertNotNull($weak->figure('start.run_up_time'));
        self::assertNull($weak->figure('start.run_up_time_worst'));
        self::assertFinds('stalls_at_worst', $weak);
    }

    public function test_at_its_worst_it_may_stay_behind(): void
    {
        $tight = ['starter.method' => 'star_delta', 'load.torque_percent' => 100, 'cable.length' => '10 m'];
        $solution = self::kiln($tight);
        self::assertFinds('stalls_at_worst', $solution);
        self::assertFinds('torque_margin_low', self::kiln(['starter.method' => 'star_delta', 'load.torque_percent' => 97]), 'caution');
        self::assertDoesNotFind('torque_margin_low', self::kiln(['starter.method' => 'direct']));
        self::assertDoesNotFind('stalls_at_worst', self::kiln(['starter.method' => 'star_delta', 'load.torque_percent' => 70]));
        // Direct, at 85 % of the torque, a load that is just carried is not carried any more.
        $direct = self::kiln(['load.kind' => 'constant', 'load.torque_percent' => 210]);
        self::assertFinds('stalls_at_worst', $direct, 'stop');
        self::assertNotNull($direct->figure('start.run_up_time'));
        self::assertNull($direct->figure('start.run_up_time_worst'));
    }

    public function test_an_early_changeover_gains_nothing_and_a_late_one_only_heats(): void
    {
        $star = ['starter.method' => 'star_delta', 'load.torque_percent' => 70];
        $early = self::kiln([...$star, 'starter.changeover.value' => '3 s']);
        self::assertFinds('changeover_early', $early, 'caution');
        self::assertStringContainsString('almost nothing', self::finding($early, 'changeover_early')->text);
        self::assertGreaterThan(0.6 * 462, self::number($early, 'start.changeover_current'));
        $right = self::kiln($star);
        self::assertDoesNotFind('changeover_early', $right);
        self::assertDoesNotFind('changeover_late', $right);
        $late = self::kiln([...$star, 'starter.changeover.value' => '40 s']);
        self::assertFinds('changeover_late', $late, 'note');
        self::assertSame('starter.changeover.value', self::finding($late, 'changeover_late')->fields[0] ?? '');
        self::assertLessThan(self::number($right, 'start.changeover_current'), self::number($late, 'start.changeover_current'));
    }

    public function test_a_changeover_by_speed_that_star_never_reaches(): void
    {
        $star = ['starter.method' => 'star_delta', 'starter.changeover.by' => 'speed'];
        $never = self::kiln([...$star, 'starter.changeover.value' => '97']);
        self::assertFinds('changeover_never', $never, 'stop');
        self::assertNull($never->figure('start.run_up_time'));
        $comes = self::kiln([...$star, 'starter.changeover.value' => '91']);
        self::assertDoesNotFind('changeover_never', $comes);
        self::assertEqualsWithDelta(1365.0, self::number($comes, 'start.changeover_speed'), 1e-6);
    }

    public function test_by_hand_it_says_what_to_watch(): void
    {
        $hand = self::kiln(['starter.method' => 'star_delta', 'starter.changeover.by' => 'hand']);
        self::assertFinds('changeover_by_hand', $hand, 'note');
        self::assertStringContainsString('ammeter', self::finding($hand, 'changeover_by_hand')->text);
        self::assertGreaterThan(self::number($hand, 'start.timer_first'), self::number($hand, 'start.timer_last'));
        self::assertDoesNotFind('changeover_by_hand', self::kiln(['starter.method' => 'star_delta']));
    }

    public function test_what_is_usual_for_a_machine_is_taken_and_marked(): void
    {
        $fan = self::kiln(['load.machine' => 'fan', 'load.kind' => null, 'load.inertia' => null]);
        self::assertEqualsWithDelta(11 * 0.36, self::number($fan, 'start.inertia'), 1e-9, 'ten times the rotor’s, and the rotor');
        self::assertTrue($fan->figure('start.run_up_time')?->assumed());
        self::assertTrue($fan->figure('guard.overload_class')?->assumed());
        $drum = self::kiln(['load.machine' => 'drum', 'load.kind' => null, 'load.inertia' => null]);
        self::assertErrorAt('load.inertia', $drum, ErrorKind::Missing);
        self::assertNotNull($drum->figure('guard.scpd_rating'), 'the other stations go on');
        $unknown = self::kiln(['load.machine' => 'other', 'load.kind' => null]);
        self::assertFinds('run_up_not_checked', $unknown, 'note');
        self::assertSame(['load.machine'], self::finding($unknown, 'run_up_not_checked')->fields);
        $rotor = self::kiln(['plate.inertia' => null]);
        self::assertEqualsWithDelta(6.5 + 0.0031 * 37 ** 1.33, self::number($rotor, 'start.inertia'), 1e-9);
    }

    public function test_the_stopwatch_gives_the_inertia(): void
    {
        $heavy = self::kiln(['load.inertia' => '20']);
        $seconds = self::number($heavy, 'start.run_up_time');
        $timed = self::kiln(['load.inertia' => null, 'starter.run_up_time' => $seconds]);
        self::assertEqualsWithDelta(20.36, self::number($timed, 'start.inertia'), 0.01);
        self::assertFinds('inertia_by_stopwatch', $timed, 'note');
        self::assertFalse($timed->figure('guard.overload_class')?->assumed());
        $star = ['starter.method' => 'star_delta', 'load.torque_percent' => 60];
        $whole = self::number(self::kiln([...$star, 'load.inertia' => '12']), 'start.run_up_time');
        $back = self::kiln([...$star, 'load.inertia' => null, 'starter.run_up_time' => $whole]);
        self::assertEqualsWithDelta(12.36, self::number($back, 'start.inertia'), 0.02);
        $impossible = self::kiln(['load.inertia' => null, 'starter.run_up_time' => '0.05']);
        self::assertFinds('stopwatch_impossible', $impossible, 'caution');
        self::assertSame(0.05, self::number($impossible, 'start.run_up_time'));
    }

    public function test_a_timed_start_is_held_against_the_computed_one(): void
    {
        $computed = self::number(self::kiln(), 'start.run_up_time');
        self::assertDoesNotFind('run_up_differs', self::kiln(['starter.run_up_time' => 1.1 * $computed]));
        $differs = self::kiln(['starter.run_up_time' => 2 * $computed]);
        self::assertFinds('run_up_differs', $differs, 'caution');
        self::assertEqualsWithDelta($computed, self::number($differs, 'start.run_up_time'), 1e-9);
    }

    /** Constant impedance at standstill behind R and X of the transformer: 100 (1 − V/E), worked by hand. */
    public function test_the_dip_of_a_weak_supply(): void
    {
        $solution = self::kiln(['supply.transformer_kva' => 200, 'supply.transformer_impedance_percent' => 4, 'supply.x_over_r' => 3]);
        $motor = 400 / sqrt(3) / 462;
        $cos = self::number($solution, 'start.locked_rotor_power_factor');
        [$r, $x] = [$motor * $cos, $motor * sqrt(1 - $cos ** 2)];
        $source = 400 ** 2 * 0.04 / 200e3;
        [$rs, $xs] = [$source / sqrt(10), 3 * $source / sqrt(10)];
        $dip = 100 * (1 - hypot($r, $x) / hypot($r + $rs, $x + $xs));
        self::assertEqualsWithDelta($dip, self::number($solution, 'start.voltage_dip'), 1e-3);
        self::assertEqualsWithDelta($dip, self::number($solution, 'start.dip_at_motor'), 1e-3, 'no cable between them');
        self::assertFinds('dip_at_bus', $solution, 'caution');
        self::assertFinds('dip_not_checked', self::kiln(), 'note');
        self::assertNull(self::kiln()->figure('start.voltage_dip'));
    }

    public function test_a_site_sets_what_its_bus_bears(): void
    {
        $weak = ['supply.transformer_kva' => 250, 'supply.transformer_impedance_percent' => 4, 'settings.dip_limit_bus' => 4];
        self::assertFinds('dip_at_bus', self::kiln($weak), 'stop');
        self::assertDoesNotFind('dip_at_bus', self::kiln([...$weak, 'settings.dip_limit_bus' => 20]));
        self::assertDoesNotFind('dip_at_bus', self::kiln([...$weak, 'starter.method' => 'soft_starter', 'settings.dip_limit_bus' => 10]));
        $very = ['supply.fault_level_kva' => 1500, 'load.torque_percent' => 40];
        self::assertFinds('control_supply_dips', self::kiln($very), 'caution');
        self::assertFinds('dip_at_motor', self::kiln($very), 'caution');
        self::assertDoesNotFind('dip_at_motor', self::kiln([...$very, 'settings.dip_limit_motor' => 40]));
        self::assertDoesNotFind('control_supply_dips', self::kiln(['supply.fault_level_kva' => 25000]));
    }

    public function test_a_locked_rotor_time_that_is_stamped_is_used(): void
    {
        $short = self::kiln(['plate.locked_rotor_time' => 5, 'load.inertia' => '60']);
        self::assertFinds('locked_rotor_time_exceeded', $short, 'stop');
        self::assertGreaterThan(5.0, self::number($short, 'start.locked_rotor_time'));
        self::assertDoesNotFind('locked_rotor_time_exceeded', self::kiln(['plate.locked_rotor_time' => 20]));
        self::assertNull(self::kiln()->figure('start.locked_rotor_time'));
        // A class 30 relay trips within 30 s at 7.2 times its dial. IEC 60947-4-1 (from memory).
        $slow = ['guard.overload_class' => 30, 'plate.locked_rotor_time' => 15];
        self::assertFinds('relay_outlasts_rotor', self::kiln($slow), 'caution');
        self::assertDoesNotFind('relay_outlasts_rotor', self::kiln([...$slow, 'plate.locked_rotor_time' => 45]));
        self::assertFinds('slow_class', self::kiln(['guard.overload_class' => 30]), 'caution');
    }

    public function test_a_plate_that_no_circuit_fits_goes_by_its_stamps(): void
    {
        $rough = self::kiln(['plate.efficiency' => '99', 'plate.power_factor' => '0.97', 'plate.speed' => 1470]);
        self::assertFinds('run_up_by_stamps', $rough, 'note');
        self::assertNotNull($rough->figure('start.run_up_time'));
        self::assertTrue($rough->figure('start.run_up_time')->assumed());
        self::assertNull($rough->figure('start.start_energy'), 'no circuit, no stator');
    }

    public function test_another_frequency_than_the_plates_is_not_simulated(): void
    {
        $other = self::kiln(['supply.frequency' => 60, 'supply.voltage' => 480]);
        self::assertFinds('run_up_not_checked', $other, 'note');
        self::assertNull($other->figure('start.steady_speed'));
    }

    /** @return iterable<string, array{array<string, mixed>, string}> what is typed, and the field that says so */
    public static function unusable(): iterable
    {
        yield 'points out of order' => [['load.kind' => 'points', 'load.points' => [[0, 20], [60, 40], [50, 60]]], 'load.points'];
        yield 'a point beyond 120 %' => [['load.kind' => 'points', 'load.points' => '0 20; 130 90'], 'load.points'];
        yield 'one point' => [['load.kind' => 'points', 'load.points' => '0 20'], 'load.points'];
        yield 'half a point' => [['load.kind' => 'points', 'load.points' => '0 20; 50'], 'load.points'];
        yield 'no inertia at all' => [['load.inertia' => 0], 'load.inertia'];
        yield 'a tap of 0' => [['starter.method' => 'autotransformer', 'starter.tap_percent' => 0], 'starter.tap_percent'];
        yield 'a tap of 100' => [['starter.method' => 'autotransformer', 'starter.tap_percent' => 100], 'starter.tap_percent'];
        yield 'no ramp' => [['starter.method' => 'soft_starter', 'starter.ramp_time' => 0], 'starter.ramp_time'];
        yield 'a gear that stands' => [['load.speed_ratio' => 0], 'load.speed_ratio'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('unusable')]
    public function test_what_cannot_be_used_is_told_at_its_field(array $changes, string $path): void
    {
        $solution = self::kiln($changes);
        self::assertErrorAt($path, $solution, ErrorKind::Unreadable);
        self::assertNotNull($solution->figure('cable.size'), 'the other stations go on');
        self::assertNull($solution->figure('start.steady_speed'));
    }

    public function test_points_are_read_as_text_and_as_a_list(): void
    {
        $list = self::kiln(['load.kind' => 'points', 'load.points' => [[0, 10], [50, 30], [100, 90]]]);
        $text = self::kiln(['load.kind' => 'points', 'load.points' => '0 10; 50: 30 %; 100 / 90']);
        self::assertSame(self::number($list, 'start.run_up_time'), self::number($text, 'start.run_up_time'));
        self::assertFinds('run_up_not_checked', self::kiln(['load.kind' => 'points']), 'note');
    }

    /** A soft starter holds the current at its limit; a ramp so slow that it waits is longer still. */
    public function test_a_soft_starter_keeps_its_limit(): void
    {
        $soft = ['starter.method' => 'soft_starter', 'starter.current_limit' => 300];
        $solution = self::kiln($soft);
        self::assertEqualsWithDelta(3 * 66, self::number($solution, 'start.peak_line_current'), 0.5);
        self::assertEqualsWithDelta(3 * 66, self::number($solution, 'start.standstill_current'), 1e-6);
        self::assertGreaterThan(self::takes([...$soft, 'starter.ramp_time' => 5]), self::takes([...$soft, 'starter.ramp_time' => 40]));
        self::assertFinds('stalls', self::kiln([...$soft, 'load.kind' => 'constant', 'load.torque_percent' => 90]), 'stop');
        self::assertNull($solution->figure('start.torque_step'));
    }

    public function test_a_drive_turns_along_its_ramp(): void
    {
        $drive = ['starter.method' => 'drive', 'starter.drive_input_current' => '70', 'load.torque_percent' => 60];
        $solution = self::kiln([...$drive, 'starter.ramp_time' => 12]);
        $up = 12 * 0.98 * self::number($solution, 'start.steady_speed') / 1500;
        self::assertEqualsWithDelta($up, self::number($solution, 'start.run_up_time'), 0.02);
        self::assertFinds('drive_harmonics', $solution, 'note');
        self::assertFinds('starter_marking_wanted', $solution, 'caution');
        self::assertDoesNotFind('starter_marking_wanted', self::kiln([...$drive, 'guard.marked_maximum' => 125]));
        // Before the drive its own current counts, behind it the motor's.
        $fed = self::kiln([...$drive, 'starter.drive_input_current' => '90', 'cable.line_length' => '10 m']);
        self::assertSame(90.0, self::number($fed, 'cable.line_required_ampacity'));
        self::assertSame(66.0, self::number($fed, 'cable.required_ampacity'));
        self::assertSame(90.0, self::number($fed, 'guard.disconnect_rating'));
        self::assertGreaterThanOrEqual(90.0, self::number($fed, 'guard.scpd_rating'));
        $heavy = [...$drive, 'starter.ramp_time' => 12, 'load.inertia' => '80'];
        self::assertGreaterThan(12.0, self::takes($heavy), 'with torque at its limit');
        self::assertFinds('stalls', self::kiln([...$drive, 'load.kind' => 'constant', 'load.torque_percent' => 200]), 'stop');
    }

    /** A slow start of the nominal motor passes; what the least torque would do is told with its time. */
    public function test_the_worst_start_may_trip_what_the_nominal_one_does_not(): void
    {
        $found = [];
        foreach (range(10, 60, 2) as $inertia) {
            $codes = Circuits::codes(self::kiln(['load.inertia' => $inertia, 'load.kind' => 'constant', 'load.torque_percent' => 120]));
            $found += array_flip($codes);
        }
        self::assertArrayHasKey('worst_start_trips', $found);
        self::assertArrayHasKey('worst_start_melts', $found);
        self::assertDoesNotFind('worst_start_trips', self::kiln());
    }
}
