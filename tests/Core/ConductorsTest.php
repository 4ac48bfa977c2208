<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Conductors that are not the usual ones: aluminium, several in parallel, buried, in two raceways, for another duty. */
final class ConductorsTest extends CoreTestCase
{
    /** Fewer amperes in every size: aluminium is never smaller than copper, and asks for its own terminals. */
    public function test_aluminium_is_never_smaller_and_asks_for_terminals(): void
    {
        foreach ([Circuits::kilnFan(), Circuits::twentyFiveHorsepower(), Circuits::twentyFiveHorsepower('cec')] as $circuit) {
            $copper = Circuits::solve($circuit);
            $aluminium = Circuits::solve($circuit, ['cable.material' => 'aluminium']);
            self::assertFinds('aluminium_terminals', $aluminium, 'caution');
            self::assertDoesNotFind('aluminium_terminals', $copper);
            self::assertGreaterThanOrEqual(self::areaOf($copper), self::areaOf($aluminium));
        }
    }

    /** mm², or the place among the American sizes */
    private static function areaOf(\BraveAnvil\Bench\Solution $solution): float
    {
        $size = $solution->figure('cable.size')?->value;
        $order = ['14 AWG', '12 AWG', '10 AWG', '8 AWG', '6 AWG', '4 AWG', '3 AWG', '2 AWG', '1 AWG', '1/0 AWG', '2/0 AWG'];

        return is_string($size) ? (float) array_search($size, $order, true) : (float) $size;
    }

    /** No table of aluminium in free air is remembered: it is taken as on a wall, where it carries less, and says so. */
    public function test_aluminium_in_free_air_is_taken_as_on_a_wall(): void
    {
        $free = Circuits::solve(Circuits::kilnFan(), ['cable.material' => 'aluminium', 'cable.method' => 'E']);
        $wall = Circuits::solve(Circuits::kilnFan(), ['cable.material' => 'aluminium', 'cable.method' => 'C']);
        self::assertFinds('aluminium_as_on_wall', $free, 'note');
        self::assertDoesNotFind('aluminium_as_on_wall', $wall);
        self::assertSame($wall->figure('cable.ampacity')?->value, $free->figure('cable.ampacity')?->value);
        self::assertGreaterThanOrEqual(16, $free->figure('cable.size')?->number(), 'no smaller aluminium in fixed wiring');
    }

    /** Parallel sets only where no single size passes; each of a usual size, and of one kind. */
    public function test_parallel_sets_come_when_no_single_size_passes(): void
    {
        $large = [
            'plate.power' => '450 kW', 'plate.current' => '790/455', 'plate.efficiency' => '96', 'cable.length' => '20 m',
            'guard.scpd' => 'fuse_gg',
        ];
        $solution = Circuits::solve(Circuits::kilnFan(), $large);
        self::assertFigures(['cable.sets' => 2, 'cable.conductors' => 6], $solution);
        self::assertFinds('parallel_alike', $solution, 'note');
        $each = $solution->figure('cable.conductor_ampacity')?->number() ?? 0;
        self::assertEqualsWithDelta($solution->figure('cable.ampacity')?->number(), 2 * $each, 1e-9);
        self::assertContains("2 × 300\u{00A0}mm²", array_column(Circuits::curve($solution, 'ladder')['rows'], 'size'));
        // More sets that somebody chose are smaller ones, and no smaller than the book lets lie parallel.
        $three = Circuits::solve(Circuits::kilnFan(), [...$large, 'cable.sets' => 3]);
        self::assertLessThan($solution->figure('cable.size')?->number(), $three->figure('cable.size')?->number());
        self::assertGreaterThanOrEqual(50, Circuits::solve(Circuits::kilnFan(), ['cable.sets' => 2])->figure('cable.size')?->number());
        // A site that pulls nothing above 120 mm² goes parallel earlier.
        $site = Circuits::solve(Circuits::kilnFan(), [
            'plate.power' => '200 kW', 'plate.current' => '350/202', 'settings.largest_single_size' => '120',
        ]);
        self::assertFigures(['cable.sets' => 2], $site);
        self::assertErrorAt(
            'settings.largest_single_size', Circuits::solve(Circuits::kilnFan(), ['settings.largest_single_size' => '123']),
            ErrorKind::Impossible,
        );
    }

    /** NEC 310.15(C)(1), from memory: six leads in one raceway count 80 %; in two raceways they count in full. */
    public function test_six_leads_in_two_raceways_keep_their_ampacity(): void
    {
        $six = ['plate.leads' => 12, 'starter.method' => 'star_delta', 'cable.terminal_temperature' => 75];
        $one = Circuits::solve(Circuits::fiftyHorsepower(), $six);
        $two = Circuits::solve(Circuits::fiftyHorsepower(), [...$six, 'cable.raceways' => 2]);
        self::assertFinds('phases_together', $two, 'note');
        self::assertDoesNotFind('phases_together', $one);
        $share = static fn (\BraveAnvil\Bench\Solution $s): string => $s->figure('cable.derated_ampacity')->working ?? '';
        self::assertStringContainsString('0.8 for 6 conductors', $share($one));
        self::assertStringContainsString('1 for 3 conductors', $share($two));
    }

    /**
     * NEC Chapter 9, from memory: 40 % of a raceway for three conductors and more, the grounding conductor counted.
     *
     * @return iterable<string, array{string, string, float}> material, trade size, percent
     */
    public static function raceways(): iterable
    {
        // 3 × 8 AWG of 0.0366 in² and 8 AWG: 0.1464 in².
        yield 'rigid steel' => ['steel', '¾ in', 100 * 0.1464 / (0.220 / 0.4)];
        yield 'tubing' => ['emt', '¾ in', 100 * 0.1464 / (0.213 / 0.4)];
        yield 'PVC' => ['pvc', '¾ in', 100 * 0.1464 / (0.203 / 0.4)];
    }

    #[DataProvider('raceways')]
    public function test_a_raceway_holds_its_conductors(string $material, string $size, float $percent): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.raceway_material' => $material]);
        self::assertFigures(['cable.raceway_trade_size' => $size, 'cable.raceway_fill' => $percent], $solution);
        self::assertLessThanOrEqual(40, $solution->figure('cable.raceway_fill')?->number());
    }

    public function test_six_leads_want_a_larger_raceway_than_three(): void
    {
        $six = ['plate.leads' => 12, 'starter.method' => 'star_delta', 'cable.terminal_temperature' => 75, 'cable.line_length' => '10 m'];
        $one = Circuits::solve(Circuits::fiftyHorsepower(), $six);
        // 6 × 6 AWG and 6 AWG: 0.3549 in², just within 1 in of rigid steel.
        self::assertFigures(['cable.raceway_trade_size' => '1 in', 'cable.raceway_fill' => 100 * 0.3549 / (0.355 / 0.4)], $one);
        self::assertNotNull($one->figure('cable.line_raceway_trade_size'));
        $two = Circuits::solve(Circuits::fiftyHorsepower(), [...$six, 'cable.raceways' => 2]);
        self::assertFigures(['cable.raceway_trade_size' => '¾ in'], $two);
    }

    public function test_a_raceway_that_cannot_be_sized_says_why(): void
    {
        $shared = Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.grouped_circuits' => 2]);
        self::assertFinds('raceway_fill_not_computed', $shared, 'note');
        self::assertNull($shared->figure('cable.raceway_trade_size'));
        self::assertFinds('raceway_fill_not_computed', Circuits::solve(Circuits::twentyFiveHorsepower('cec')), 'note');
        self::assertFinds(
            'raceway_fill_not_computed', Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.insulation' => 'TW']), 'note',
        );
    }

    /** IEC 60364-5-52 Tables B.52.15, B.52.16, from memory: warm or dry soil carries less, and nobody knows its own soil by heart. */
    public function test_buried_cables_go_by_the_soil(): void
    {
        $buried = ['cable.method' => 'D2', 'supply.ambient' => 40];
        $usual = Circuits::solve(Circuits::kilnFan(), $buried);
        self::assertFinds('soil_assumed', $usual, 'caution');
        self::assertContains('soil temperature 20 °C', $usual->figure('cable.ampacity')->assumptions ?? []);
        $ampacity = static fn (array $more): float => Circuits::solve(
            Circuits::kilnFan(), [...$buried, 'cable.size' => '25', 'settings.terminal_temperature' => 90, ...$more],
        )->figure('cable.derated_ampacity')?->number() ?? 0.0;
        self::assertEqualsWithDelta(0.93 * $ampacity([]), $ampacity(['cable.soil_temperature' => 30]), 1e-9);
        self::assertEqualsWithDelta(1.5 * $ampacity([]), $ampacity(['cable.soil_resistivity' => 1]), 1e-9);
        self::assertEqualsWithDelta(0.75 * $ampacity([]), $ampacity(['cable.grouped_circuits' => 2]), 1e-9);
        self::assertErrorAt(
            'cable.grouped_circuits', Circuits::solve(Circuits::kilnFan(), [...$buried, 'cable.grouped_circuits' => 10]),
            ErrorKind::Impossible,
        );
    }

    /** NEC: a wet raceway in the earth goes by the soil, never above its own table; ducts side by side are told. */
    public function test_american_conductors_in_the_earth(): void
    {
        $wet = ['cable.wet' => true, 'cable.soil_temperature' => 20, 'cable.size' => '6'];
        $earth = Circuits::solve(Circuits::twentyFiveHorsepower(), $wet);
        self::assertFigures(['cable.derated_ampacity' => 75], $earth);
        $two = Circuits::solve(Circuits::twentyFiveHorsepower(), [...$wet, 'cable.grouped_circuits' => 2]);
        self::assertFinds('duct_bank', $two, 'caution');
        self::assertErrorAt(
            'cable.soil_temperature',
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.soil_temperature' => 20]), ErrorKind::Impossible,
        );
        self::assertErrorAt(
            'cable.soil_temperature', Circuits::solve(Circuits::twentyFiveHorsepower('cec'), $wet), ErrorKind::Refused,
        );
    }

    /** CE Code Tables 1 and 5B, from memory: three single conductors in free air carry more than in raceway, at most four together. */
    public function test_canadian_conductors_in_free_air(): void
    {
        $raceway = Circuits::solve(Circuits::twentyFiveHorsepower('cec'), ['cable.size' => '8']);
        $air = Circuits::solve(Circuits::twentyFiveHorsepower('cec'), ['cable.size' => '8', 'cable.method' => 'free_air']);
        self::assertFigures(['cable.derated_ampacity' => 55], $raceway);
        self::assertFigures(['cable.derated_ampacity' => 0.85 * 80], $air);
        self::assertErrorAt(
            'cable.grouped_circuits',
            Circuits::solve(Circuits::twentyFiveHorsepower('cec'), ['cable.method' => 'free_air', 'cable.grouped_circuits' => 2]),
            ErrorKind::Impossible,
        );
        self::assertErrorAt(
            'cable.method',
            Circuits::solve(Circuits::twentyFiveHorsepower('cec'), ['cable.method' => 'free_air', 'cable.material' => 'aluminium']),
            ErrorKind::Refused,
        );
        self::assertErrorAt(
            'cable.method', Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.method' => 'free_air']), ErrorKind::Refused,
        );
    }

    /** CE Code 4-006 as recalled: corrections count at terminations too, unless the site says otherwise; one size of difference. */
    public function test_corrections_at_terminations_are_a_practice_of_the_site(): void
    {
        $warm = [
            'supply.voltage' => 600, 'supply.ambient' => 40, 'plate.voltage' => 575, 'plate.power' => '40 hp', 'plate.current' => 37,
            'cable.material' => 'aluminium', 'cable.insulation' => 'RW90', 'cable.length' => 95,
        ];
        self::assertFigures(['cable.size' => '4 AWG'], Circuits::solve(Circuits::twentyFiveHorsepower('cec'), $warm));
        self::assertFigures(
            ['cable.size' => '6 AWG', 'cable.ampacity' => 50],
            Circuits::solve(Circuits::twentyFiveHorsepower('cec'), [...$warm, 'settings.four_006_corrections' => false]),
        );
    }

    /**
     * CE Code 28-104, Table 37, from memory: °C by class, and where the motor is totally enclosed and not ventilated. Below the 75 °C of
     * the ampacity the whole run is wrong; above, only its last 1.2 m.
     */
    public function test_a_motor_asks_for_conductors_that_bear_its_heat(): void
    {
        $grade = static fn (string $class, string $wire, string $enclosure = 'TEFC'): ?string => self::grade(
            Circuits::solve(Circuits::twentyFiveHorsepower('cec'), [
                'plate.insulation_class' => $class, 'cable.insulation' => $wire, 'plate.enclosure' => $enclosure,
            ]),
            'insulation_too_cool',
        );
        foreach (['A', 'B', 'F', 'H'] as $class) {
            self::assertSame('stop', $grade($class, 'TW'), "$class with 60 °C");
        }
        self::assertSame(
            [null, null, 'caution', 'caution'], array_map(static fn (string $c): ?string => $grade($c, 'RW75'), ['A', 'B', 'F', 'H']),
        );
        self::assertSame(
            [null, null, null, 'caution'], array_map(static fn (string $c): ?string => $grade($c, 'RW90'), ['A', 'B', 'F', 'H']),
        );
        self::assertSame(
            [null, 'caution', 'caution', 'caution'],
            array_map(static fn (string $c): ?string => $grade($c, 'RW75', 'TENV'), ['A', 'B', 'F', 'H']), 'not ventilated',
        );
        self::assertSame(
            [null, null, 'caution', 'caution'],
            array_map(static fn (string $c): ?string => $grade($c, 'RW90', 'Totally enclosed, non-ventilated'), ['A', 'B', 'F', 'H']),
        );
        $large = Circuits::solve(Circuits::twentyFiveHorsepower('cec'), [
            'plate.power' => '100 hp', 'plate.current' => 124, 'plate.insulation_class' => 'F/B', 'cable.insulation' => 'RW75',
        ]);
        self::assertStringContainsString('the last 1.2 m, connected at least 1.2 m', self::finding($large, 'insulation_too_cool')->action);
        self::assertNull(self::grade(Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'plate.insulation_class' => 'H', 'cable.insulation' => 'TW',
        ]), 'insulation_too_cool'), 'the NEC has no such table');
    }

    /** Near 100 A a little more current may ask for a smaller conductor: 98 A for 1 AWG, 102 A for 2 AWG. */
    public function test_the_step_of_unmarked_terminals_is_told(): void
    {
        $near = static fn (float $amperes): \BraveAnvil\Bench\Solution => Circuits::solve(Circuits::twentyFiveHorsepower('cec'), [
            'plate.power' => '75 hp', 'plate.current' => $amperes, 'cable.terminal_temperature' => null, 'cable.length' => 10,
        ]);
        self::assertFigures(['cable.required_ampacity' => 98, 'cable.size' => '1 AWG'], $near(78.4));
        self::assertFigures(['cable.required_ampacity' => 102, 'cable.size' => '2 AWG'], $near(81.6));
        self::assertFinds('terminal_step', $near(78.4), 'note');
        self::assertDoesNotFind('terminal_step', Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.terminal_temperature' => null]));
    }

    /**
     * NEC Table 430.22(E), from memory: percent of the 32 A of the plate.
     *
     * @return iterable<string, array{string, string, float}>
     */
    public static function duties(): iterable
    {
        yield 'short-time, 5 min' => ['short_time', '5 min', 110];
        yield 'short-time, 15 min' => ['short_time', 'S2 15 min', 120];
        yield 'short-time, 30 min' => ['short_time', '30 MIN', 150];
        yield 'intermittent, 60 min' => ['intermittent', 'S2 60 min', 90];
        yield 'intermittent, continuous' => ['intermittent', 'S1', 140];
        yield 'periodic, 15 min' => ['periodic', 'S2 15 min', 90];
        yield 'varying, continuous' => ['varying', 'CONT', 200];
    }

    #[DataProvider('duties')]
    public function test_a_named_service_has_its_own_percentage(string $service, string $duty, float $percent): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['load.service' => $service, 'plate.duty' => $duty]);
        self::assertFigures(['cable.required_ampacity' => $percent / 100 * 32], $solution);
        self::assertFigures(['guard.scpd_rating' => 90], $solution);
    }

    public function test_a_short_duty_alone_makes_no_conductor_smaller(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.duty' => 'S2 15 min']);
        self::assertFigures(['cable.required_ampacity' => 42.5], $solution);
        self::assertFinds('duty_as_continuous', $solution, 'note');
        self::assertFinds('duty_as_continuous', Circuits::solve(Circuits::kilnFan(), ['plate.duty' => 'S3 40 %']), 'note');
        self::assertErrorAt(
            'load.service', Circuits::solve(Circuits::twentyFiveHorsepower(), ['load.service' => 'short_time']), ErrorKind::Impossible,
        );
    }
}
