<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** Kinds of protective device and what each asks, beside the usual one of each book. */
final class DevicesTest extends CoreTestCase
{
    /** IEC 60269-2 gates, from memory: 5.775 times 80 A for 4.75 s at most; 63 A would stand 7.33 times only 0.91 s. */
    public function test_an_am_fuse_lets_the_start_pass_and_leaves_overload_to_the_relay(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => 'fuse_am', 'supply.earthing' => 'tn_s']);
        self::assertFigures(['guard.scpd_rating' => 80], $solution);
        self::assertFinds('relay_wanted', $solution, 'caution');
        $reasons = array_column(Circuits::curve($solution, 'ratings')['rows'], 'carries', 'reason');
        self::assertContains(true, $reasons);
        // 1278 A is 16 times 80 A: between the gates of 12.5 times in 0.5 s and 19 times in 0.1 s.
        $share = log(1278 / 80 / 12.5) / log(19 / 12.5);
        self::assertEqualsWithDelta(0.5 * 0.2 ** $share, $solution->figure('guard.disconnection_time')?->number(), 0.003);
    }

    /** Common practice: ranges in steps of the R5 series, magnetic release 13 times the top less 20 %. */
    public function test_a_motor_breaker_holds_the_current_in_its_range(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => 'motor_breaker']);
        self::assertFigures(['guard.scpd_rating' => 100, 'guard.overload_dial' => 66], $solution);
        self::assertTrue($solution->figure('guard.scpd_rating')?->assumed());
        self::assertDoesNotFind('instantaneous_low', $solution);
        // On a boundary the upper range is taken.
        $edge = Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => 'motor_breaker', 'plate.current' => '63/36.4']);
        self::assertFigures(['guard.scpd_rating' => 100], $edge);
        $hard = Circuits::solve(Circuits::kilnFan(), [
            'guard.scpd' => 'motor_breaker', 'plate.current' => '62.5/36.1', 'plate.start_current_ratio' => 8,
        ]);
        self::assertFigures(['guard.scpd_rating' => 63], $hard);
        self::assertFinds('instantaneous_low', $hard, 'caution');
        $large = Circuits::solve(Circuits::kilnFan(), [
            'guard.scpd' => 'motor_breaker', 'plate.power' => '110 kW', 'plate.current' => '195/113',
        ]);
        self::assertFinds('no_motor_breaker', $large, 'stop');
        self::assertNull($large->figure('guard.scpd_rating'));
    }

    /** NEC 430.52(C)(3), from memory: 8 times FLC, with evidence up to 13 times; the plate of 34 A FLC and 183 A locked rotor. */
    public function test_an_instantaneous_trip_has_a_setting_and_no_rating(): void
    {
        $trip = ['guard.scpd' => 'breaker_instantaneous'];
        $plain = Circuits::solve(Circuits::twentyFiveHorsepower(), $trip);
        self::assertFigures(['guard.scpd_limit' => 272, 'guard.instantaneous_setting' => 272], $plain);
        self::assertNull($plain->figure('guard.scpd_rating'));
        self::assertFinds('instantaneous_low', $plain, 'caution');
        // The grounding conductor goes by a dual-element fuse of 60 A.
        self::assertFigures(['cable.protective_size' => '10 AWG'], $plain);
        $premium = Circuits::solve(Circuits::twentyFiveHorsepower(), [...$trip, 'plate.efficiency_class' => 'IE3']);
        self::assertFigures(['guard.scpd_limit' => 374], $premium);
        $evidence = [...$trip, 'guard.start_exception.evidence' => 'tripped three times'];
        $raised = Circuits::solve(Circuits::twentyFiveHorsepower(), $evidence);
        self::assertFigures(['guard.instantaneous_setting' => 1.8 * 183, 'guard.scpd_exception_limit' => 442], $raised);
        self::assertDoesNotFind('instantaneous_low', $raised);
        $set = Circuits::solve(Circuits::twentyFiveHorsepower(), [...$trip, 'guard.instantaneous' => 400]);
        self::assertFinds('instantaneous_too_high', $set, 'stop');
        self::assertDoesNotFind(
            'instantaneous_too_high', Circuits::solve(Circuits::twentyFiveHorsepower(), [...$evidence, 'guard.instantaneous' => 400]),
        );
    }

    /** A self-protected combination marked with two voltages may not stand on a supply that floats. NEC 240.85, from memory. */
    public function test_a_self_protected_controller_wants_a_grounded_wye(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => 'motor_breaker']);
        self::assertFigures(['guard.scpd_limit' => 442, 'guard.overload_setting' => 40], $solution);
        self::assertFinds('slash_rating', $solution, 'note');
        $floating = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => 'motor_breaker', 'supply.earthing' => 'it']);
        self::assertFinds('slash_rating', $floating, 'stop');
        $breaker = Circuits::solve(Circuits::twentyFiveHorsepower(), ['supply.earthing' => 'it']);
        self::assertFinds('slash_rating', $breaker, 'caution');
    }

    /**
     * NEC 430.52(C)(1) exceptions, from memory, for 34 A: the ceiling, the largest rating under it, and what evidence gives.
     *
     * @return iterable<string, array{string, float, float, float, float}>
     */
    public static function exceptions(): iterable
    {
        yield 'breaker' => ['breaker_inverse_time', 90, 136, 125, 100];
        yield 'dual-element fuse' => ['fuse_dual_element', 60, 76.5, 70, 70];
        yield 'fuse' => ['fuse_non_time_delay', 110, 136, 125, 125];
    }

    #[DataProvider('exceptions')]
    public function test_evidence_gives_one_rating_more(string $scpd, float $plain, float $ceiling, float $largest, float $raised): void
    {
        $without = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => $scpd]);
        self::assertFigures(
            ['guard.scpd_rating' => $plain, 'guard.scpd_exception_limit' => $ceiling, 'guard.scpd_exception_rating' => $largest], $without,
        );
        $with = ['guard.scpd' => $scpd, 'guard.start_exception.evidence' => 'opened on the start, twice'];
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), $with);
        self::assertFigures(['guard.scpd_rating' => $raised, 'guard.scpd_maximum_rating' => $plain], $solution);
        self::assertFinds('exception_used', $solution, 'caution');
        self::assertStringContainsString('opened on the start, twice', self::finding($solution, 'exception_used')->text);
        // A rating that is there already may be anything up to the largest under the ceiling, and no more.
        self::assertDoesNotFind(
            'installed_device_too_large', Circuits::solve(Circuits::twentyFiveHorsepower(), [...$with, 'guard.rating' => $largest]),
        );
        $over = Circuits::solve(Circuits::twentyFiveHorsepower(), [...$with, 'guard.rating' => $largest + 25]);
        self::assertFinds('installed_device_too_large', $over, 'stop');
        self::assertFinds(
            'installed_device_too_large',
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => $scpd, 'guard.rating' => $largest]), 'stop',
        );
    }

    /** 65 A: 113.75 A is 125 A; the ceiling of 146.25 A lies below the next rating. */
    public function test_an_exception_may_give_nothing(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'guard.scpd' => 'fuse_dual_element', 'guard.start_exception.evidence' => 'opened once',
        ]);
        self::assertFigures(['guard.scpd_rating' => 125], $solution);
        self::assertFinds('exception_gives_nothing', $solution, 'note');
    }

    /** NEC 430.32(C), from memory: 140 % with a service factor of 1.15; never without evidence. */
    public function test_the_overload_is_raised_only_by_exception(): void
    {
        $raise = ['guard.start_exception.overload' => true];
        self::assertFigures(['guard.overload_setting' => 40], Circuits::solve(Circuits::twentyFiveHorsepower(), $raise));
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), [...$raise, 'guard.start_exception.evidence' => 'trips at 10 s']);
        self::assertFigures(['guard.overload_setting' => 44.8, 'guard.overload_dial' => 44.8 / 1.2], $solution);
        self::assertFinds('exception_used', $solution, 'caution');
    }

    public function test_a_relay_that_comes_back_by_itself_is_warned_of(): void
    {
        self::assertFinds('automatic_restart', Circuits::solve(Circuits::kilnFan(), ['guard.reset' => 'automatic']), 'caution');
        self::assertDoesNotFind('automatic_restart', Circuits::solve(Circuits::kilnFan(), ['guard.reset' => 'manual']));
    }

    /** IEC 60947-4-1, from memory: category AC-3 is tested at eight times its current. */
    public function test_a_hard_start_asks_for_a_better_contactor(): void
    {
        self::assertFinds('contactor_hard_start', Circuits::solve(Circuits::kilnFan(), ['plate.start_current_ratio' => 8.6]), 'caution');
        self::assertDoesNotFind('contactor_hard_start', Circuits::solve(Circuits::kilnFan()));
    }

    /** NEMA MG 1, from memory: a rotor of up to 500 hp is taken to stand 12 s locked; a quicker class is told, a slower one warned of. */
    public function test_a_slow_class_is_held_against_the_usual_rotor(): void
    {
        $slow = ['guard.overload_class' => '20', 'starter.run_up_time' => '2 s'];
        self::assertFinds('slow_class', Circuits::solve(Circuits::twentyFiveHorsepower(), $slow), 'caution');
        $quick = Circuits::solve(Circuits::twentyFiveHorsepower(), [...$slow, 'plate.start_current_ratio' => 10.5]);
        self::assertFinds('rotor_withstand_assumed', $quick, 'note');
        self::assertDoesNotFind('rotor_withstand_assumed', Circuits::solve(Circuits::kilnFan(), $slow));
    }

    public function test_fuse_and_relay_are_judged_by_one_start_only(): void
    {
        self::assertFinds('repeated_starts', Circuits::solve(Circuits::kilnFan(), ['plate.duty' => 'S4']), 'caution');
        self::assertDoesNotFind('repeated_starts', Circuits::solve(Circuits::kilnFan()));
    }

    /** NEC 430.83, 430.109, from memory: switch and controller have the motor's own horsepower. */
    public function test_the_controller_is_rated_in_horsepower(): void
    {
        self::assertFigures(['guard.controller_power' => 25 * 746], Circuits::solve(Circuits::twentyFiveHorsepower()));
        self::assertNull(Circuits::solve(Circuits::kilnFan())->figure('guard.controller_power'));
    }
}
