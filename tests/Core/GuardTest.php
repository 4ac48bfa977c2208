<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;

/** What a device or a relay that is already there, a marking, or a start that nobody timed does to the verdict. */
final class GuardTest extends CoreTestCase
{
    /** Ib ≤ Ir ≤ Iz, IEC 60364-4-43: the relay protects the cable only where the cable carries at least what it is set to. */
    public function test_the_cable_carries_what_the_relay_is_set_to_without_a_plate_current(): void
    {
        $changes = ['plate.current' => null, 'plate.power_factor' => '0.72', 'plate.efficiency' => '88'];
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        $dial = $solution->figure('guard.overload_dial')?->number();
        self::assertEqualsWithDelta(37000 / 0.88 / 0.72 / sqrt(3) / 400, $dial, 1e-9);
        self::assertGreaterThanOrEqual($dial, $solution->figure('cable.ampacity')?->number());
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, mixed>}> */
    public static function everyBook(): iterable
    {
        mt_srand(11);
        foreach (range(1, 40) as $i) {
            $factor = mt_rand(60, 95) / 100;
            $efficiency = mt_rand(70, 96);
            $amperes = ((37000 / ($efficiency / 100) / $factor / sqrt(3) / 400) * mt_rand(90, 108)) / 100;
            $plate = [
                'plate.power_factor' => $factor,
                'plate.efficiency' => $efficiency,
                'plate.current' => mt_rand(0, 1) === 1 ? null : round($amperes, 1),
                'starter.method' => mt_rand(0, 1) === 1 ? 'star_delta' : 'direct',
                'plate.service_factor' => mt_rand(0, 1) === 1 ? 1.15 : null,
            ];
            yield "IEC $i" => [Circuits::kilnFan(), [...$plate, 'settings.overload_school' => $i % 3 === 0 ? 'service_factor' : null]];
            yield "NEC $i" => [
                Circuits::fiftyHorsepower(),
                [...$plate, 'plate.voltage' => '460', 'plate.speed' => mt_rand(0, 3) === 0 ? 880 : 1775, 'starter.method' => 'direct'],
            ];
        }
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @param  array<string, mixed>  $changes
     */
    #[DataProvider('everyBook')]
    public function test_no_relay_stands_above_its_conductors(array $circuit, array $changes): void
    {
        $solution = Circuits::solve($circuit, $changes);
        $dial = $solution->figure('guard.overload_dial');
        $ampacity = $solution->figure('cable.ampacity');
        self::assertNotNull($dial);
        self::assertNotNull($ampacity);
        $relayInLead = $solution->figure('guard.overload_place')?->value === 'delta' || $solution->figure('cable.conductors')?->value === 3;
        $leads = $relayInLead ? 1.0 : 1 / sqrt(3);
        self::assertGreaterThanOrEqual($dial->number() * $leads * (1 - 1e-6), $ampacity->number());
    }

    /** NEC 430.52(C)(2) and IEC 60947-4-1 (from memory): what the starter is marked for governs. */
    public function test_the_marked_maximum_governs_in_every_book(): void
    {
        $free = Circuits::solve(Circuits::kilnFan());
        self::assertSame(125.0, $free->figure('guard.scpd_rating')?->value);
        $marked = Circuits::solve(Circuits::kilnFan(), ['guard.marked_maximum' => 100]);
        self::assertNull($marked->figure('guard.scpd_rating'));
        self::assertStringContainsString('at least 125', self::finding($marked, 'marked_maximum_too_small')->text);
        self::assertSame('stop', self::grade($marked, 'marked_maximum_too_small'));
        self::assertNull(self::grade(Circuits::solve(Circuits::kilnFan(), ['guard.marked_maximum' => 125]), 'marked_maximum_too_small'));
        $installed = Circuits::solve(Circuits::kilnFan(), ['guard.marked_maximum' => 125, 'guard.rating' => 160]);
        self::assertStringContainsString('marked on the starter', self::finding($installed, 'installed_device_too_large')->text);

        $nec = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.marked_maximum' => 10]);
        self::assertSame('stop', self::grade($nec, 'marked_maximum_too_small'));
        self::assertNull($nec->figure('guard.scpd_rating'), 'a 10 A device stands nowhere in a 34 A circuit');
    }

    public function test_a_breaker_is_bounded_by_the_marking_too(): void
    {
        $small = ['plate.power' => '4 kW', 'plate.voltage' => '400', 'plate.current' => '8.4', 'guard.scpd' => 'breaker_d'];
        $chosen = Circuits::solve(Circuits::kilnFan(), $small)->figure('guard.scpd_rating')?->number();
        self::assertNotNull($chosen);
        $below = Circuits::solve(Circuits::kilnFan(), [...$small, 'guard.marked_maximum' => $chosen - 1]);
        self::assertSame('stop', self::grade($below, 'marked_maximum_too_small'));
    }

    /** IEC 60947-4-1: a class is a trip time at 7.2 times the setting; at another multiple the thermal law gives another time. */
    public function test_a_locked_rotor_stands_as_long_as_its_own_multiple_lets_it(): void
    {
        $classes = (new Practice(Tables::shipped()))->overloadClasses();
        self::assertEqualsWithDelta(20.0, $classes->tripsWithin(TripClass::Class20, 7.2, 7.2), 1e-9);
        $law = static fn (float $m): float => log($m ** 2 / ($m ** 2 - 1.2 ** 2));
        self::assertEqualsWithDelta((20 * $law(4)) / $law(7.2), $classes->tripsWithin(TripClass::Class20, 4, 7.2), 1e-9);
        self::assertSame(7200.0, $classes->tripsWithin(TripClass::Class30, 1.1, 7.2), 'below 1.2 it may never trip');
        foreach ([TripClass::Class10A, TripClass::Class10, TripClass::Class20, TripClass::Class30] as $class) {
            self::assertGreaterThan($classes->holds($class, 6.0), $classes->tripsWithin($class, 6.0, 7.2));
        }
        $slow = ['starter.run_up_time' => '4.5 s', 'guard.overload_class' => '20'];
        $direct = self::finding(Circuits::solve(Circuits::kilnFan(), $slow), 'slow_class');
        self::assertStringContainsString('21.2 s (7 times the setting)', $direct->text);
        $star = self::finding(Circuits::solve(Circuits::kilnFan(), [...$slow, 'starter.method' => 'star_delta']), 'slow_class');
        self::assertMatchesRegularExpression(
            '/21\.2 s \(7 times the setting\) to trip; if the starter stays in star, \d+(\.\d)? s \(4\.04 times the setting\)/',
            $star->text,
        );
    }

    public function test_without_a_timed_start_no_class_is_chosen(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['starter.run_up_time' => null]);
        self::assertNull($solution->figure('guard.overload_class'));
        self::assertFinds('class_not_checked', $solution, 'note');
        self::assertStringContainsString('trip class not checked', $solution->sentences['guard'] ?? '');
        $half = Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.power' => '0.5 hp', 'plate.current' => 1.1]);
        self::assertSame([], array_filter(Circuits::codes($half), static fn (string $code): bool => $code === 'no_class_holds_start'));
        self::assertFinds('class_not_checked', $half, 'note');
    }

    /** A stop holds only if it would with the shortest run-up and the smallest Ia/In that may be assumed. */
    public function test_a_stop_never_rests_on_an_assumption_that_could_be_otherwise(): void
    {
        $plate = ['plate.power' => '45 kW', 'plate.current' => 82, 'plate.voltage' => '400', 'guard.scpd' => 'breaker_d'];
        $timed = Circuits::solve(Circuits::kilnFan(), [...$plate, 'starter.run_up_time' => '5 s']);
        self::assertSame('stop', self::grade($timed, 'no_breaker_carries_start'));
        $untimed = Circuits::solve(Circuits::kilnFan(), [...$plate, 'starter.run_up_time' => null]);
        self::assertSame('caution', self::grade($untimed, 'no_breaker_carries_start'));
        self::assertStringContainsString('due to assumed values', self::finding($untimed, 'no_breaker_carries_start')->text);
        $hopeless = Circuits::solve(Circuits::kilnFan(), [...$plate, 'starter.run_up_time' => null, 'guard.scpd' => 'breaker_b']);
        self::assertSame(
            'stop',
            self::grade($hopeless, 'no_breaker_carries_start'),
            'its magnetic release acts however short the start is',
        );
    }

    public function test_the_class_is_judged_at_the_right_dial_and_the_installed_one_held_against_it(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['guard.dial' => 40, 'starter.run_up_time' => '4 s']);
        self::assertEqualsWithDelta(7.0, $solution->figure('guard.start_multiple')?->number(), 1e-9);
        self::assertFinds('installed_dial_trips', $solution, 'caution');
        self::assertNull(self::grade(Circuits::solve(Circuits::kilnFan(), ['guard.dial' => 66]), 'installed_dial_trips'));
    }

    /** In star a third of the current flows; what is left to full speed is counted with the whole locked-rotor current. */
    public function test_the_part_in_delta_counts_for_relay_fuse_and_breaker(): void
    {
        $star = ['starter.method' => 'star_delta', 'starter.changeover' => ['by' => 'time', 'value' => '4']];
        $only = Circuits::solve(Circuits::kilnFan(), [...$star, 'starter.run_up_time' => '4 s']);
        $both = Circuits::solve(Circuits::kilnFan(), [...$star, 'starter.run_up_time' => '9 s']);
        self::assertGreaterThan($only->figure('guard.scpd_rating')?->number(), $both->figure('guard.scpd_rating')?->number());
        self::assertNotSame($only->figure('guard.overload_class')?->value, $both->figure('guard.overload_class')?->value);
        self::assertStringContainsString('÷', $both->figure('guard.overload_class')->working ?? '');
        $rating = $both->figure('guard.scpd_rating')->working ?? '';
        self::assertStringContainsString('5 s at 462 A', str_replace("\u{00A0}", ' ', $rating));
        $breaker = Circuits::solve(Circuits::kilnFan(), [...$star, 'starter.run_up_time' => '30 s', 'guard.scpd' => 'breaker_d']);
        self::assertFinds('no_breaker_carries_start', $breaker, 'stop');
    }

    public function test_the_margin_is_told_where_it_decides(): void
    {
        $at = static fn (float $seconds): Solution => Circuits::solve(Circuits::kilnFan(), [
            'starter.run_up_time' => round($seconds, 3),
            'guard.overload_class' => '10',
        ]);
        $holds = (new Practice(Tables::shipped()))->overloadClasses()->holds(TripClass::Class10, 7.0);
        self::assertNull(self::grade($at(0.79 * $holds), 'class_trips_on_start'));
        self::assertStringContainsString('the limit here is 80 %', self::finding($at(0.9 * $holds), 'class_trips_on_start')->text);
        self::assertStringContainsString('It would trip', self::finding($at(1.1 * $holds), 'class_trips_on_start')->text);
    }

    public function test_an_installed_device_is_judged_like_a_chosen_one(): void
    {
        $fuse = Circuits::solve(Circuits::kilnFan(), ['guard.rating' => 80]);
        self::assertSame('stop', self::grade($fuse, 'installed_device_may_trip'));
        self::assertStringContainsString('Fit 125', self::finding($fuse, 'installed_device_may_trip')->action);
        self::assertSame(
            [],
            preg_grep('/installed_device/', Circuits::codes(Circuits::solve(Circuits::kilnFan(), ['guard.rating' => 160]))),
        );
        $nec = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.rating' => 35]);
        self::assertSame('caution', self::grade($nec, 'installed_device_may_trip'), 'a rule of thumb does not forbid');
    }

    public function test_a_standard_rating_far_from_the_right_one_is_still_a_standard_rating(): void
    {
        $large = Circuits::solve(Circuits::kilnFan(), ['guard.rating' => 630]);
        self::assertNull(self::grade($large, 'installed_device_not_judged'));
        $rows = Circuits::curve($large, 'ratings')['rows'];
        self::assertContains(630.0, array_map(static fn (array $row): float => $row['rating']['value'], $rows));
        self::assertFinds('installed_device_not_judged', Circuits::solve(Circuits::kilnFan(), ['guard.rating' => 137]), 'caution');
        $nec = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.rating' => 47]);
        self::assertStringContainsString('not a standard rating', self::finding($nec, 'installed_device_not_judged')->text);
    }

    /** NEC 430.57 (from memory): a fused switch holds its fuse. */
    public function test_a_fused_switch_takes_its_fuse(): void
    {
        $fused = Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => 'fuse_non_time_delay']);
        self::assertSame(110.0, $fused->figure('guard.scpd_rating')?->value);
        self::assertEqualsWithDelta(1.15 * 34, $fused->figure('guard.disconnect_rating')?->number(), 1e-9);
        self::assertSame(200.0, $fused->figure('guard.disconnect_size')?->value);
        $breaker = Circuits::solve(Circuits::twentyFiveHorsepower());
        self::assertSame(60.0, $breaker->figure('guard.disconnect_size')?->value, 'a breaker stands in a frame of its own');
    }

    /** NEC 430.6(A): the table sizes the device; what the plate asks beyond it the conductors must carry all the same. */
    public function test_conductors_and_disconnect_follow_a_plate_current_above_the_table(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.current' => 40]);
        self::assertFigures(
            [
                'power.design_current' => 34,
                'power.conductor_current' => 40,
                'cable.required_ampacity' => 50,
                'guard.disconnect_rating' => 46,
                'guard.scpd_limit' => 85,
            ],
            $solution,
        );
        self::assertFinds('plate_above_table', $solution, 'caution');
        $usual = Circuits::solve(Circuits::twentyFiveHorsepower());
        self::assertFigures(['cable.required_ampacity' => 42.5], $usual);
        self::assertNull($usual->figure('power.conductor_current'));
    }

    /** NEC 430.6(A)(2): the overload goes by the plate. */
    public function test_the_nec_asks_for_the_amperes_of_the_plate(): void
    {
        self::assertFinds('plate_current_wanted', Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.current' => null]), 'caution');
        self::assertNull(self::grade(Circuits::solve(Circuits::twentyFiveHorsepower()), 'plate_current_wanted'));
    }

    public function test_a_slow_motor_without_amperes_says_that_its_current_is_computed(): void
    {
        $slow = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'plate.current' => null,
            'plate.speed' => 880,
            'plate.efficiency' => 91,
        ]);
        self::assertStringContainsString('calculated', self::finding($slow, 'slow_motor_uses_plate')->text);
        self::assertTrue($slow->figure('power.design_current')?->assumed());
        $kilowatts = [
            'plate.power' => '22 kW',
            'plate.current' => null,
            'plate.voltage' => 415,
            'supply.voltage' => 415,
            'plate.efficiency' => 91,
        ];
        $metric = Circuits::solve(Circuits::twentyFiveHorsepower(), $kilowatts);
        self::assertStringNotContainsString('from the plate', self::finding($metric, 'table_has_no_current')->text);
    }

    /** What the rules ask that no figure shows. */
    public function test_each_book_asks_for_what_it_asks(): void
    {
        $nec = Circuits::solve(Circuits::twentyFiveHorsepower());
        foreach (['slash_rating', 'disconnect_in_sight', 'horsepower_rated'] as $note) {
            self::assertFinds($note, $nec, 'note');
            self::assertDoesNotFind($note, Circuits::solve(Circuits::kilnFan()));
        }
        self::assertDoesNotFind('slash_rating', Circuits::solve(Circuits::twentyFiveHorsepower(), ['guard.scpd' => 'fuse_dual_element']));
        self::assertFinds('phase_loss_sensitive', Circuits::solve(Circuits::kilnFan()), 'note');
    }

    /** IEC 60034-1 lets the starting current be 20 % above the plate: a device that just holds is told. */
    public function test_the_worst_start_that_the_plate_allows_is_told(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan());
        $text = self::finding($solution, 'worst_case_start')->text;
        self::assertStringContainsString("554\u{00A0}A", $text);
        self::assertStringContainsString("160\u{00A0}A", $text);
        $wide = Circuits::solve(Circuits::kilnFan(), ['plate.start_current_ratio' => '5.2']);
        self::assertSame(100.0, $wide->figure('guard.scpd_rating')?->value);
        self::assertSame('note', self::grade($wide, 'worst_case_start'));
        self::assertDoesNotFind('worst_case_start', Circuits::solve(Circuits::kilnFan(), ['plate.start_current_ratio' => '6.0']));
    }

    public function test_a_dial_in_the_motor_leads_says_so(): void
    {
        $delta = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']);
        self::assertStringContainsString('in the motor leads', $delta->sentences['guard'] ?? '');
        self::assertStringContainsString('in the motor leads', $delta->figure('guard.overload_dial')->label ?? '');
        self::assertStringNotContainsString('leads', Circuits::solve(Circuits::kilnFan())->sentences['guard'] ?? '');
    }

    /** The dial wants the plate’s amperes only; below 0.75 kW device and start go by a ratio that is typical of small motors, marked. */
    public function test_a_small_motor_has_its_dial(): void
    {
        $small = ['rule_book' => 'iec', 'supply' => ['voltage' => 400], 'plate' => [
            'power' => '0.37 kW', 'voltage' => '230/400', 'current' => '1.8/1.05', 'speed' => 1390,
        ]];
        $solution = Circuits::solve($small);
        self::assertFigures(['guard.overload_dial' => 1.05, 'start.locked_rotor_current' => 4.6 * 1.05], $solution);
        self::assertNotNull($solution->figure('guard.scpd_rating'));
        self::assertStringContainsString('typical Ia/In', implode($solution->figure('start.locked_rotor_current')->assumptions ?? []));
        foreach ([0.06, 0.12, 0.25, 0.55, 0.74] as $kw) {
            self::assertNotNull(Circuits::solve($small, ['plate.power' => "$kw kW"])->figure('guard.scpd_rating'), "$kw kW");
        }
        // Nothing is typical of a motor this small: the dial stands all the same, the device waits.
        $tiny = Circuits::solve($small, ['plate.power' => '0.04 kW', 'plate.current' => '0.4/0.22']);
        self::assertFigures(['guard.overload_dial' => 0.22], $tiny);
        self::assertNull($tiny->figure('guard.scpd_rating'));
        self::assertContains('guard', $tiny->blocked);
        self::assertStringContainsString('0.22', $tiny->sentences['guard']);
    }
}
