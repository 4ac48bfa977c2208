<?php

declare(strict_types=1);

namespace Tests\Core;

/**
 * Whole circuits with their intermediate figures. D8 is published (NEC Annex D, example D8, from memory); the others are
 * our calculated here from the tables.
 */
final class WorkedExamplesTest extends CoreTestCase
{
    public function test_annex_d8_branch_of_25_horsepower(): void
    {
        // NEC Annex D, example D8: 34 A by table, 42.5 A conductors, 40 A overload; 110 A, 60 A and 90 A devices.
        $breaker = Circuits::solve(Circuits::twentyFiveHorsepower());
        self::assertFigures(
            [
                'power.table_current' => 34, 'cable.required_ampacity' => 42.5, 'guard.overload_setting' => 40.0,
                'guard.overload_dial' => 32, 'guard.scpd_limit' => 85.0, 'guard.scpd_rating' => 90, 'guard.scpd_maximum_rating' => 90,
            ],
            $breaker,
        );
        self::assertFigures(
            ['guard.scpd_limit' => 59.5, 'guard.scpd_rating' => 60, 'cable.protective_size' => '10 AWG'],
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => 'fuse_dual_element']),
        );
        self::assertFigures(
            ['guard.scpd_limit' => 102.0, 'guard.scpd_rating' => 110, 'cable.protective_size' => '8 AWG'],
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => 'fuse_non_time_delay']),
        );
    }

    public function test_25_horsepower_on_480_volts_in_all_its_parts(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95,
        ]);
        self::assertFigures(
            [
                'power.input' => 21416, 'power.reactive' => 13834, 'start.locked_rotor_current' => 183, 'cable.size' => '8 AWG',
                'cable.ampacity' => 50, 'cable.derated_ampacity' => 55, 'cable.voltage_drop' => 1.668, 'cable.starting_drop' => 3.848,
                'cable.protective_size' => '8 AWG', 'guard.disconnect_rating' => 39.1, 'guard.disconnect_size' => 60,
                'correct.reactive_required' => 6794, 'correct.reactive_limit' => 7343, 'correct.reactive_chosen' => 5000,
                'correct.capacitor_rating' => 5000, 'correct.capacitor_current' => 6.014, 'correct.conductor_ampacity' => 16.67,
                'correct.conductor_size' => '14 AWG', 'correct.corrected_current' => 29.18, 'correct.corrected_power_factor' => 0.9213,
                'guard.overload_setting' => 36.47,
                'correct.capacitance_star' => 57.56e-6,
                'correct.capacitance_delta' => 19.19e-6,
                'correct.discharge_resistance' => 1.199e6,
            ],
            $solution,
        );
        self::assertNull($solution->figure('correct.fuse_rating'), 'at the motor it needs no fuse of its own');
        self::assertFinds('target_not_reached', $solution, 'note');
    }

    public function test_kiln_fan_direct_on_line_under_iec(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan());
        self::assertFigures(
            [
                'plate.connection' => 'delta', 'plate.poles' => 4, 'plate.synchronous_speed' => 1500, 'plate.slip' => 1.2,
                'plate.rated_torque' => 238.4, 'power.output' => 37000, 'power.input' => 39404, 'power.apparent' => 46357,
                'power.reactive' => 24420, 'power.computed_current' => 66.91, 'power.plate_current' => 66, 'power.table_current' => 66,
                'power.design_current' => 66, 'power.overload_current' => 66, 'start.locked_rotor_current' => 462.0,
                'start.locked_rotor_current_high' => 554.4, 'start.peak_first_half_cycle' => 1176.1, 'start.star_line_current' => 154.0,
                'start.star_torque' => 190.7, 'start.delta_winding_current' => 38.11, 'start.kva_per_hp' => 6.454,
                'start.code_letter' => 'H', 'start.inertia_limit' => 5.835, 'cable.size' => 16, 'cable.derated_ampacity' => 100,
                'cable.ampacity' => 80, 'cable.voltage_drop' => 2.122, 'cable.starting_drop' => 5.98, 'cable.protective_size' => 16,
                'guard.source_impedance' => 9.6e-3,
                'guard.prospective_current' => 25259, 'guard.scpd_rating' => 125, 'guard.overload_dial' => 66,
                'guard.overload_class' => '10', 'guard.disconnect_rating' => 66, 'correct.reactive_required' => 12927,
            ],
            $solution,
        );
        self::assertFinds('inertia_above_limit', $solution, 'caution');
        self::assertDoesNotFind('current_disagrees', $solution);
        self::assertNull($solution->figure('guard.scpd_limit'), 'no percentage limit under IEC');
    }

    public function test_the_size_ladder_says_why_each_size_falls(): void
    {
        $rows = Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'ladder')['rows'];
        $fails = array_column($rows, 'fails', 'size');
        self::assertContains('ampacity', $fails["6\u{00A0}mm²"]);
        self::assertSame(['terminals'], $fails["10\u{00A0}mm²"]);
        self::assertSame([], $fails["16\u{00A0}mm²"]);
        $ten = array_column($rows, null, 'size')["10\u{00A0}mm²"];
        self::assertEqualsWithDelta(3.352, $ten['drop']['value'], 0.002);
        self::assertEqualsWithDelta(9.018, $ten['starting_drop']['value'], 0.005);
    }

    public function test_the_fuse_ladder_of_the_kiln_fan(): void
    {
        $rows = [];
        foreach (Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'ratings')['rows'] as $row) {
            $rows[$row['rating']['value']] = $row;
        }
        self::assertFalse($rows[100]['carries']);
        self::assertStringContainsString('380.6', $rows[100]['reason']);
        self::assertTrue($rows[125]['carries']);
        self::assertStringContainsString('477.1', $rows[125]['reason']);
    }

    public function test_the_breakers_of_the_kiln_fan(): void
    {
        $d = Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => 'breaker_d']);
        self::assertFigures(['guard.scpd_rating' => 100], $d);
        self::assertFinds('breaking_capacity', $d, 'stop');
        foreach (['breaker_b', 'breaker_c'] as $type) {
            $none = Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => $type]);
            self::assertFinds('no_breaker_carries_start', $none, 'stop');
            self::assertNull($none->figure('guard.scpd_rating'));
        }
    }

    public function test_the_capacitor_of_the_kiln_fan_at_the_motor_and_at_the_board(): void
    {
        self::assertFigures(
            [
                'correct.reactive_limit' => 12346, 'correct.reactive_chosen' => 10000, 'correct.capacitor_current' => 14.43,
                'correct.conductor_ampacity' => 21.65, 'correct.corrected_current' => 59.67, 'correct.corrected_power_factor' => 0.94,
                'guard.overload_dial' => 59.67,
                'correct.capacitance_delta' => 66.31e-6,
                'correct.discharge_resistance' => 1.343e6,
            ],
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor']),
        );
        $board = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board']);
        self::assertFigures(['correct.reactive_chosen' => 15000, 'guard.overload_dial' => 66], $board);
        self::assertNull($board->figure('correct.reactive_limit'), 'no self-excitation limit at the board');
    }

    public function test_a_440_volt_unit_gives_less_on_400_volts(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'correction.place' => 'board', 'correction.rated_voltage' => 440, 'correction.rated_kvar' => 12.5,
        ]);
        self::assertFigures(['correct.capacitor_rating' => 12500, 'correct.reactive_chosen' => 10331], $solution);
    }

    public function test_50_horsepower_with_a_code_letter(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower());
        self::assertFigures(
            [
                'plate.connection' => 'series', 'plate.slip' => 1.389, 'plate.rated_torque' => 200.7, 'power.input' => 39471,
                'power.apparent' => 46436, 'power.reactive' => 24462, 'power.computed_current' => 58.28, 'power.plate_current' => 61,
                'power.table_current' => 65, 'power.design_current' => 65, 'power.overload_current' => 61,
                'start.locked_rotor_current' => 373.1, 'start.locked_rotor_current_low' => 351.4,
                'start.locked_rotor_current_high' => 394.7, 'start.peak_first_half_cycle' => 949.7, 'cable.required_ampacity' => 81.25,
                'guard.overload_setting' => 76.25, 'guard.disconnect_rating' => 74.75, 'guard.scpd_limit' => 162.5,
            ],
            $solution,
        );
        self::assertDoesNotFind('current_disagrees', $solution);
        self::assertFigures(
            ['cable.required_ampacity' => 46.8, 'cable.conductors' => 6],
            Circuits::solve(Circuits::fiftyHorsepower(), ['plate.leads' => 12, 'starter.method' => 'star_delta']),
        );
    }

    public function test_a_230_400_motor_is_refused_star_delta_on_400_volts(): void
    {
        $solution = Circuits::solve(Circuits::conveyor());
        self::assertFigures(
            [
                'plate.connection' => 'star', 'plate.slip' => 3.0, 'plate.rated_torque' => 36.1, 'power.input' => 6271,
                'power.apparent' => 7648, 'power.reactive' => 4377, 'power.computed_current' => 11.04, 'power.plate_current' => 11.1,
                'start.locked_rotor_current' => 72.15,
            ],
            $solution,
        );
        self::assertFinds('star_delta_refused', $solution, 'stop');
        self::assertStringContainsString('173.9', $solution->findings[0]->text);
        self::assertContains('cable', $solution->blocked);
        self::assertNull($solution->figure('cable.size'));
        self::assertNull($solution->figure('guard.scpd_rating'));
    }
}
