<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Power factor correction: how much, which step, what speaks against it. */
final class CorrectTest extends CoreTestCase
{
    public function test_what_is_required_follows_from_the_two_angles(): void
    {
        foreach ([0.9, 0.95, 0.98, 1.0] as $target) {
            $wanted = 39403.62 * (tan(acos(0.85)) - tan(acos($target)));
            self::assertFigures(
                ['correct.reactive_required' => $wanted],
                Circuits::solve(Circuits::kilnFan(), ['correction.target_power_factor' => $target]),
            );
        }
        $none = Circuits::solve(Circuits::kilnFan(), ['correction.target_power_factor' => 0.8, 'correction.place' => 'board']);
        self::assertFigures(['correct.reactive_required' => 0], $none);
        self::assertFinds('no_capacitor_needed', $none, 'note');
    }

    public function test_no_place_no_capacitor(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan());
        self::assertNotNull($solution->figure('correct.reactive_required'));
        self::assertNull($solution->figure('correct.capacitor_rating'));
        self::assertErrorAt(
            'correction.target_power_factor',
            Circuits::solve(Circuits::kilnFan(), ['correction.target_power_factor' => null, 'correction.place' => 'board']),
            ErrorKind::Missing,
        );
    }

    /** @return array<string, array{float, float}> load in percent, least power factor it can have */
    public static function loads(): array
    {
        return ['quarter' => [25, 0.45], 'half' => [50, 0.65], 'three quarters' => [75, 0.77], 'full' => [100, 0.849]];
    }

    #[DataProvider('loads')]
    public function test_a_lightly_loaded_motor_needs_nearly_as_much(float $load, float $least): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.load_percent' => $load, 'correction.place' => 'board']);
        $power = $solution->figure('correct.load_power')?->number() ?? 39403.62;
        $reactive = $solution->figure('correct.load_reactive')?->number() ?? 24420.17;
        self::assertGreaterThan($least, $power / hypot($power, $reactive));
        self::assertLessThanOrEqual(24421.0, $reactive);
        self::assertGreaterThanOrEqual(13717.0, $reactive, 'never below the no-load value');
    }

    public function test_it_never_leads_at_the_load_it_runs_at_nor_at_the_lowest(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'correction.target_power_factor' => 1,
            'correction.place' => 'board',
            'correction.lowest_load_percent' => 25,
        ]);
        $chosen = $solution->figure('correct.reactive_chosen')?->number() ?? INF;
        $idling =
            Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => 25])
                ->figure('power.load_reactive')
                ?->number() ?? 0.0;
        self::assertLessThanOrEqual($idling, $chosen);
        self::assertFinds('target_not_reached', $solution, 'note');
    }

    public function test_more_than_the_idling_motor_takes_is_a_caution(): void
    {
        self::assertFinds('above_no_load_reactive', Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']), 'caution');
        self::assertDoesNotFind(
            'above_no_load_reactive',
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.target_power_factor' => 0.9]),
        );
    }

    public function test_a_measured_no_load_current_replaces_the_estimate(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'plate.no_load_current' => 25]);
        self::assertFigures(['correct.reactive_limit' => 0.9 * sqrt(3) * 400 * 25, 'correct.reactive_chosen' => 15000], $solution);
        self::assertFalse($solution->figure('correct.reactive_limit')?->assumed());
        self::assertTrue(
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor'])
                ->figure('correct.reactive_limit')
                ?->assumed(),
        );
    }

    public function test_the_no_load_estimate_never_passes_what_is_possible(): void
    {
        // At cos φ 0.3 the rule of thumb would give 1.4 times rated current; sin φ bounds it.
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.power_factor' => 0.3, 'plate.current' => '187/108']);
        self::assertFigures(['correct.no_load_current' => sqrt(1 - 0.09) * 187], $solution);
    }

    public function test_a_unit_below_the_supply_voltage_is_a_stop(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.rated_voltage' => 380]);
        self::assertFinds('capacitor_voltage', $solution, 'stop');
        self::assertNull($solution->figure('correct.reactive_chosen'));
    }

    public function test_an_installed_unit_is_checked_against_the_limit(): void
    {
        self::assertFinds(
            'installed_capacitor_too_large',
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'correction.rated_kvar' => 25]),
            'stop',
        );
        self::assertDoesNotFind(
            'installed_capacitor_too_large',
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'correction.rated_kvar' => 10]),
        );
    }

    public function test_tiny_motors_get_no_step(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'plate.power' => '1.1 kW',
            'plate.current' => '2.6/1.5',
            'plate.power_factor' => 0.77,
            'plate.efficiency' => 84.1,
            'plate.speed' => 1435,
            'correction.place' => 'at_motor',
        ]);
        self::assertFinds('no_step_fits', $solution, 'note');
        self::assertNull($solution->figure('correct.capacitor_rating'));
    }

    public function test_conductor_and_fuse_go_by_the_larger_current(): void
    {
        // A 440 V unit: rated current Qn / (√3 440), more than its current on 400 V.
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'correction.place' => 'board',
            'correction.rated_voltage' => 440,
            'correction.rated_kvar' => 12.5,
        ]);
        $rated = 12500 / (sqrt(3) * 440);
        self::assertFigures(
            [
                'correct.capacitor_rated_current' => $rated,
                'correct.capacitor_current' => 10330.6 / (sqrt(3) * 400),
                'correct.conductor_ampacity' => 1.5 * $rated,
                'correct.fuse_rating' => 32,
            ],
            $solution,
        );
    }

    public function test_the_discharge_resistor_leaves_the_residual_voltage_in_time(): void
    {
        $books = [['iec', Circuits::kilnFan(), 75.0, 180.0], ['nec', Circuits::twentyFiveHorsepower(), 50.0, 60.0]];
        foreach ($books as [$book, $circuit, $volts, $seconds]) {
            $solution = Circuits::solve($circuit, ['correction.place' => 'board', 'correction.target_power_factor' => 0.95]);
            $farad = $solution->figure('correct.capacitance_delta')?->number() ?? 0;
            $rated = $book === 'iec' ? 400 : 480;
            foreach (['correct.discharge_resistance', 'correct.discharge_recommended'] as $key) {
                $ohm = $solution->figure($key)?->number() ?? INF;
                self::assertLessThanOrEqual($volts + 1e-6, sqrt(2) * $rated * exp(-$seconds / ($ohm * $farad)), "$book $key");
            }
            self::assertLessThanOrEqual(
                0.8 * ($solution->figure('correct.discharge_resistance')?->number() ?? 0),
                $solution->figure('correct.discharge_recommended')?->number(),
            );
        }
    }

    public function test_a_long_tap_at_the_motor_needs_its_own_fuse_under_iec(): void
    {
        $short = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'correction.tap_length' => 2]);
        self::assertNotNull($short->figure('correct.fuse_rating'), 'a 125 A fuse lets more through than thin leads bear');
        self::assertStringContainsString('the capacitor conductors withstand', self::finding($short, 'tap_protection_not_checked')->text);
        $small = Circuits::solve(Circuits::kilnFan(), [
            'correction.place' => 'at_motor', 'correction.tap_length' => 2, 'plate.power' => '7.5 kW', 'plate.current' => 15,
            'plate.efficiency' => 88,
        ]);
        self::assertNull($small->figure('correct.fuse_rating'), 'a small fuse protects short leads');
        self::assertDoesNotFind('tap_protection_not_checked', $small);
        self::assertFinds(
            'tap_protection_not_checked', Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor']), 'note',
        );
        $long = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'correction.tap_length' => 8]);
        self::assertNotNull($long->figure('correct.fuse_rating'));
    }

    public function test_resonance_near_a_harmonic_is_a_caution(): void
    {
        // A weak supply: √(S_sc / Q_c) close to 7.
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'supply.transformer_kva' => null,
            'supply.fault_level_kva' => 700,
            'correction.place' => 'board',
        ]);
        self::assertFinds('resonance', $solution, 'caution');
        self::assertDoesNotFind('resonance', Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']));
    }

    public function test_the_stored_charge_is_always_told(): void
    {
        self::assertFinds('stored_charge', Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']), 'note');
    }

    /** A 4 kW motor with a unit of 10 kvar at its terminals: far past unity. */
    private const TOO_LARGE = [
        'plate.power' => '4 kW',
        'plate.voltage' => '400',
        'plate.current' => 8.4,
        'plate.efficiency' => '88',
        'plate.power_factor' => '0.8',
        'correction.place' => 'at_motor',
        'correction.rated_kvar' => 10,
    ];

    public function test_a_capacitor_never_raises_the_dial_above_the_plate(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), self::TOO_LARGE);
        self::assertGreaterThan(8.4, $solution->figure('correct.corrected_current')?->number());
        self::assertFigures(['guard.overload_dial' => 8.4], $solution);
        self::assertDoesNotFind('overload_reduced_by_capacitor', $solution);
    }

    public function test_a_leading_power_factor_is_called_leading(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), self::TOO_LARGE);
        self::assertStringContainsString('leading', $solution->figure('correct.corrected_power_factor')->label ?? '');
        self::assertStringContainsString('leading', $solution->sentences['correct'] ?? '');
        self::assertFinds('leading', $solution, 'caution');
        self::assertStringContainsString('leading', Circuits::curve($solution, 'run')['running']['after']['power_factor']['shown']);
        $lagging = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']);
        self::assertStringNotContainsString(
            'leading',
            ($lagging->sentences['correct'] ?? '').$lagging->figure('correct.corrected_power_factor')?->label,
        );
        self::assertDoesNotFind('leading', $lagging);
    }

    /** NEC 110.14(C): unmarked terminals are 60 °C up to 100 A of the conductor that ends there. */
    public function test_capacitor_leads_are_judged_by_their_own_terminals(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.power' => '100 hp',
            'plate.current' => '248/124',
            'correction.place' => 'after_controller',
            'correction.rated_kvar' => 25,
            'correction.own_contactor' => true,
        ]);
        self::assertFigures(['cable.required_ampacity' => 155], $solution);
        self::assertLessThan(100, $solution->figure('correct.conductor_ampacity')?->number());
        self::assertGreaterThan(55, $solution->figure('correct.conductor_ampacity')?->number(), 'more than 6 AWG carries at 60 °C');
        self::assertFigures(['correct.conductor_size' => '4 AWG'], $solution);
    }

    public function test_one_load_is_named_from_the_target_to_the_headline(): void
    {
        $changes = ['correction.place' => 'board', 'correction.load_percent' => 70, 'correction.target_power_factor' => '0.95'];
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        $power = self::number($solution, 'correct.load_power');
        $left = self::number($solution, 'correct.load_reactive') - self::number($solution, 'correct.reactive_chosen');
        self::assertFigures(
            [
                'correct.load_corrected_current' => hypot($power, $left) / (sqrt(3) * 400),
                'correct.load_corrected_power_factor' => $power / hypot($power, $left),
            ],
            $solution,
        );
        self::assertStringContainsString("at 70\u{00A0}% load", $solution->sentences['correct'] ?? '');
        $full = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.load_percent' => null]);
        self::assertStringContainsString('at full load', $full->sentences['correct'] ?? '');
        self::assertStringContainsString(
            $full->figure('correct.load_corrected_current')?->shown(3) ?? '?', $full->sentences['correct'] ?? '',
        );
    }

    public function test_what_is_equal_is_not_more(): void
    {
        $idle = self::number(Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']), 'correct.no_load_reactive');
        $at = static fn (float $var) => Circuits::solve(Circuits::kilnFan(), [
            'correction.place' => 'board',
            'correction.rated_kvar' => $var / 1000,
        ]);
        self::assertDoesNotFind('above_no_load_reactive', $at($idle));
        self::assertStringContainsString('49.', self::finding($at($idle + 49.9), 'above_no_load_reactive')->text, 'it says by how much');
    }

    public function test_at_the_board_nothing_is_left_for_the_board(): void
    {
        $board = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.target_power_factor' => 1]);
        self::assertStringNotContainsString('board', self::finding($board, 'target_not_reached')->action);
        $motor = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor', 'correction.target_power_factor' => 1]);
        self::assertStringContainsString('board', self::finding($motor, 'target_not_reached')->action);
    }

    public function test_a_capacitor_before_the_controller_stays_on_when_the_motor_stops(): void
    {
        $before = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'before_controller']);
        self::assertFinds('left_on_alone', $before, 'caution');
        self::assertSame($before->figure('correct.capacitor_current')?->number(), $before->figure('correct.alone_current')?->number());
        self::assertFinds('left_on_alone', Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']), 'note');
        foreach (
            [['correction.place' => 'at_motor'], ['correction.place' => 'before_controller', 'correction.own_contactor' => true]] as $gone
        ) {
            self::assertDoesNotFind('left_on_alone', Circuits::solve(Circuits::kilnFan(), $gone));
        }
    }

    /** IEC 60831-1: 75 V after three minutes; NEC 460.6: 50 V after one. Both from memory; a plug by IEC 60335-1. */
    public function test_a_capacitor_says_how_long_its_discharge_may_take(): void
    {
        $at = ['correction.place' => 'at_motor', 'correction.target_power_factor' => '0.95'];
        $iec = Circuits::solve(Circuits::kilnFan(), $at)->figure('correct.discharge_limit');
        self::assertSame([180.0, 'down to 75 V'], [$iec?->number(), $iec?->working]);
        $nec = Circuits::solve(Circuits::twentyFiveHorsepower(), $at)->figure('correct.discharge_limit');
        self::assertSame([60.0, 'down to 50 V'], [$nec?->number(), $nec?->working]);
        self::assertNull(Circuits::solve(Circuits::kilnFan())->figure('correct.discharge_limit'));
    }
}
