<?php

declare(strict_types=1);

namespace Tests\Core;

final class StarDeltaTest extends CoreTestCase
{
    public function test_six_leads_carry_the_current_over_root_three(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'starter.method' => 'star_delta', 'starter.changeover.value' => 9, 'cable.line_length' => '12 m',
        ]);
        self::assertFigures(
            [
                'cable.conductors' => 6,
                'cable.required_ampacity' => 66 / sqrt(3),
                'guard.overload_dial' => 66 / sqrt(3),
                'guard.overload_place' => 'delta',
                'guard.contactor_main' => 66 / sqrt(3),
                'guard.contactor_star' => 22, 'start.star_time' => 9, 'cable.line_size' => 16,
                // Two leads in series with each winding: 2 (I/√3) z L running, 2√3 (I_LR/3) z L in star. 6 mm², 60 m.
                'cable.size' => 6,
                'cable.voltage_drop' => (((100 * 2 * 66) / sqrt(3)) * (3.75 * 0.85 + 0.08 * sqrt(1 - 0.85 ** 2)) * 0.06) / 400,
                'cable.starting_drop' => (100 * 2 * sqrt(3) * 154 * (3.75 * 0.3 + 0.08 * sqrt(0.91)) * 0.06) / 400,
            ],
            $solution,
        );
    }

    public function test_a_relay_in_the_line_does_not_protect_a_motor_stuck_in_star(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'guard.overload_place' => 'line']);
        self::assertFinds('stuck_in_star', $solution, 'caution');
        self::assertFigures(['guard.stuck_in_star' => sqrt(3), 'guard.overload_dial' => 66, 'guard.start_multiple' => 154 / 66], $solution);
    }

    public function test_the_multiple_is_counted_in_the_relays_own_place(): void
    {
        self::assertFigures(
            ['guard.start_multiple' => 154 / (66 / sqrt(3))],
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']),
        );
    }

    public function test_a_one_voltage_plate_without_a_delta_sign_is_not_trusted(): void
    {
        self::assertFinds(
            'star_delta_refused',
            Circuits::solve(Circuits::kilnFan(), ['plate.voltage' => '400', 'plate.current' => '66', 'starter.method' => 'star_delta']),
            'stop',
        );
        self::assertDoesNotFind(
            'star_delta_refused',
            Circuits::solve(Circuits::kilnFan(), ['plate.voltage' => 'D 400', 'plate.current' => '66', 'starter.method' => 'star_delta']),
        );
    }

    public function test_nine_leads_cannot_be_switched(): void
    {
        self::assertFinds('star_delta_refused', Circuits::solve(Circuits::fiftyHorsepower(), ['starter.method' => 'star_delta']), 'stop');
    }

    public function test_a_star_code_letter_is_multiplied_and_never_divided(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.leads' => 12, 'plate.code_letter' => 'B', 'starter.method' => 'star_delta',
        ]);
        self::assertFinds('code_letter_is_star', $solution, 'caution');
        self::assertFigures(['start.locked_rotor_current' => 3 * (3.15 + 3.54) / 2 * 50000 / (sqrt(3) * 460)], $solution);
    }

    public function test_a_capacitor_at_a_star_delta_motor_is_refused(): void
    {
        foreach (['at_motor', 'after_controller'] as $place) {
            $solution = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'correction.place' => $place]);
            self::assertFinds('capacitor_excluded', $solution, 'stop');
            self::assertNull($solution->figure('correct.reactive_chosen'));
            self::assertFigures(['guard.overload_dial' => 66 / sqrt(3), 'correct.reactive_required' => 12927], $solution);
        }
        self::assertFinds(
            'capacitor_needs_contactor',
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'correction.place' => 'board']),
            'caution',
        );
        self::assertFinds(
            'capacitor_needs_contactor',
            Circuits::solve(Circuits::kilnFan(), [
                'starter.method' => 'star_delta', 'correction.place' => 'board', 'correction.own_contactor' => false,
            ]),
            'stop',
        );
    }

    public function test_the_changeover_peak_is_a_caution_and_not_a_sizing_value(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'guard.scpd' => 'breaker_d']);
        self::assertFinds('reclosing_peak', $solution, 'caution');
        self::assertFigures(['guard.scpd_rating' => 100], $solution);
    }
}
