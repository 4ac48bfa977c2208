<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Figure;
use PHPUnit\Framework\Attributes\DataProvider;

/** Rules that are easily missed: fire pumps, hoists, jogging, the isolator at the machine, the floor of a book, a rotor class. */
final class SpecialRulesTest extends CoreTestCase
{
    /** @return iterable<string, array{array<string, mixed>, string, string}> circuit, rule of fire pumps, of hoists */
    public static function books(): iterable
    {
        yield 'NEC' => [Circuits::fiftyHorsepower(), 'NEC 695', 'NEC 610'];
        yield 'CE Code' => [Circuits::twentyFiveHorsepower('cec'), 'CE Code Section 32', 'CE Code Section 40'];
        yield 'IEC' => [Circuits::kilnFan(), 'EN 12845', 'IEC 60204-32'];
    }

    /** @param  array<string, mixed>  $circuit */
    #[DataProvider('books')]
    public function test_a_fire_pump_is_not_sized_by_this(array $circuit, string $fire, string $hoist): void
    {
        $pump = self::finding(Circuits::solve($circuit, ['drives' => 'Fire pump, hall 2']), 'fire_pump');
        self::assertStringContainsString($fire, $pump->action.$pump->source);
        self::assertSame('caution', $pump->grade->value);
        $crane = self::finding(Circuits::solve($circuit, ['drives' => 'Log crane']), 'hoist');
        self::assertStringContainsString($hoist, $crane->text);
        foreach (['Hydraulic power pack', 'Fire door fan', 'Cranberry sorter', 'Pump of the boiler'] as $other) {
            $solution = Circuits::solve($circuit, ['drives' => $other]);
            self::assertDoesNotFind('fire_pump', $solution);
            self::assertDoesNotFind('hoist', $solution);
        }
    }

    public function test_an_isolator_stands_at_the_machine(): void
    {
        self::assertStringContainsString('60204-1', self::finding(Circuits::solve(Circuits::kilnFan()), 'isolator_at_machine')->source);
    }

    /** IEC 60947-4-1 (from memory): AC-4 breaks the locked-rotor current, AC-3 the running one. */
    public function test_a_jogged_or_plugged_motor_names_no_contactor(): void
    {
        foreach (['jogging', 'plugging'] as $trait) {
            $solution = Circuits::solve(Circuits::kilnFan(), ['load.traits' => [$trait]]);
            self::assertNull($solution->figure('guard.contactor'));
            self::assertStringContainsString('AC-4', self::finding($solution, 'contactor_of_heavy_duty')->action);
            $star = Circuits::solve(Circuits::kilnFan(), ['load.traits' => [$trait], 'starter.method' => 'star_delta']);
            self::assertNull($star->figure('guard.contactor_main'));
        }
        self::assertFigures(['guard.contactor' => 66], Circuits::solve(Circuits::kilnFan(), ['load.traits' => ['reversing']]));
    }

    /** CE Code 28-200: every motor may have a device of 15 A. */
    public function test_the_limit_tells_the_floor_of_the_book(): void
    {
        $small = Circuits::solve(
            Circuits::twentyFiveHorsepower('cec'), ['plate.power' => '1 hp', 'plate.current' => 1.4, 'plate.efficiency' => 82],
        );
        self::assertStringContainsString('15 A', $small->figure('guard.scpd_limit')->working ?? '');
        self::assertFigures(['guard.scpd_limit' => 3.5, 'guard.scpd_rating' => 15], $small);
        $large = Circuits::solve(Circuits::twentyFiveHorsepower('cec'));
        self::assertStringNotContainsString('15 A', $large->figure('guard.scpd_limit')->working ?? '');
    }

    /** 50 V over the resistance of the earth: 50 V / 80 Ω is 0.63 A, so 0.5 A trips in time. IEC 60364-4-41 411.5.3 (from memory). */
    public function test_a_tt_stop_names_the_residual_current_device(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'tt', 'supply.earth_loop_ohm' => '80']);
        $stop = self::finding($solution, 'residual_current_wanted');
        self::assertSame('stop', $stop->grade->value);
        self::assertStringContainsString('0.5 A', str_replace("\u{00A0}", ' ', $stop->action));
        $low = Circuits::solve(Circuits::kilnFan(), ['supply.earthing' => 'tt', 'supply.earth_loop_ohm' => '900']);
        self::assertStringContainsString('0.03 A', str_replace("\u{00A0}", ' ', self::finding($low, 'residual_current_wanted')->action));
    }

    /** KL 16 starts direct against 1.6 times rated torque: less than is usual says nothing, more does. Common practice. */
    public function test_a_rotor_class_counts(): void
    {
        $of = static fn (array $changes): ?Figure => Circuits::solve(Circuits::kilnFan(), [
            'plate.start_torque_ratio' => null, ...$changes,
        ])->figure('start.locked_rotor_torque');
        $typical = $of([])?->number();
        self::assertSame($typical, $of(['plate.rotor_class' => 'KL 16'])?->number());
        $high = $of(['plate.rotor_class' => 'KL 30']);
        $rated = self::number(Circuits::solve(Circuits::kilnFan()), 'plate.rated_torque');
        self::assertEqualsWithDelta(3.0 * $rated, $high?->number(), 1e-6);
        self::assertStringContainsString('KL 30', implode($high->assumptions ?? []));
        self::assertEqualsWithDelta(2.4 * $rated, Circuits::solve(Circuits::kilnFan(), ['plate.rotor_class' => 'KL 30'])
            ->figure('start.locked_rotor_torque')?->number(), 1e-6, 'what is stamped wins');
    }

    /** A book cites its own rules, product standards, or common practice; never an article of another book. */
    public function test_no_finding_cites_another_book(): void
    {
        $others = ['nec' => '~CE Code|IEC 60364~', 'cec' => '~NEC \d|IEC 60364~', 'iec' => '~NEC \d|CE Code~'];
        $seen = [];
        foreach (Circuits::demo() as $tag => $circuit) {
            foreach ($others as $book => $foreign) {
                $solution = Circuits::solve(
                    $circuit, ['rule_book' => $book, 'guard.reset' => 'automatic', 'guard.breaking_capacity_ka' => 1],
                );
                foreach ($solution->findings as $finding) {
                    if (! str_contains($finding->source, 'Table')) {
                        self::assertDoesNotMatchRegularExpression($foreign, $finding->source, "$tag {$finding->code->code()}");
                        $seen[$finding->source] = true;
                    }
                }
            }
        }
        self::assertArrayHasKey('CE Code 14-012 (from memory)', $seen);
        self::assertArrayHasKey('NEC 110.9 (from memory)', $seen);
    }
}
