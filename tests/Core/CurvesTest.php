<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/** What the pictures are drawn from: numbers for geometry, and beside each the text that the figures show too. */
final class CurvesTest extends CoreTestCase
{
    public function test_the_terminal_box_follows_the_rule_books_marks(): void
    {
        $iec = Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'connection');
        self::assertSame(['U1', 'V1', 'W1'], $iec['starts']);
        self::assertSame(['W2', 'U2', 'V2'], $iec['ends'], 'a link upwards from each start makes delta');
        $nec = Circuits::curve(Circuits::solve(['rule_book' => 'nec'] + Circuits::kilnFan()), 'connection');
        self::assertSame([['T1', 'T2', 'T3'], ['T6', 'T4', 'T5']], [$nec['starts'], $nec['ends']]);
    }

    /** @return iterable<string, array{string, string, string, float, float|null}> plate, connection, what the other would be, volts now, volts then */
    public static function connections(): iterable
    {
        yield 'delta now, star would starve it' => ['400/690', 'delta', 'star', 400, 400 / sqrt(3)];
        yield 'star now, delta would burn it' => ['230/400', 'star', 'delta', 400 / sqrt(3), 400];
    }

    #[DataProvider('connections')]
    public function test_a_winding_sees_its_share(string $plate, string $connection, string $other, float $now, ?float $then): void
    {
        $changes = ['plate.voltage' => $plate, 'plate.current' => $plate === '230/400' ? '114/66' : '66/38'];
        $curve = Circuits::curve(Circuits::solve(Circuits::kilnFan(), $changes), 'connection');
        self::assertSame([$connection, $other], [$curve['connection'], $curve['other']['connection']]);
        self::assertEqualsWithDelta($now, $curve['winding_volts']['value'], 2e-4);
        self::assertEqualsWithDelta($then, $curve['other']['winding_volts']['value'], 2e-4);
        self::assertEqualsWithDelta($curve['delta_volts']['value'], sqrt(3) * $curve['star_volts']['value'], 2e-4);
    }

    public function test_the_triangle_closes(): void
    {
        $triangle = Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'triangle');
        $value = static fn (string $part): float => $triangle[$part]['value'];
        self::assertEqualsWithDelta($value('apparent'), hypot($value('input'), $value('reactive')), 2e-4);
        self::assertEqualsWithDelta($value('input'), $value('output') + $value('losses'), 2e-4);
        self::assertEqualsWithDelta($value('power_factor'), $value('input') / $value('apparent'), 2e-4);
    }

    public function test_a_picture_and_a_figure_say_the_same_text(): void
    {
        $changes = ['starter.method' => 'star_delta', 'correction.place' => 'board'];
        $solution = Circuits::solve(Circuits::kilnFan(), $changes);
        $shown = static fn (string $key): string => $solution->figure($key)?->toArray()['shown'] ?? '';
        $triangle = Circuits::curve($solution, 'triangle');
        self::assertSame($shown('power.input'), $triangle['input']['shown']);
        self::assertSame($shown('power.reactive'), $triangle['reactive']['shown']);
        $run = Circuits::curve($solution, 'run');
        self::assertSame($shown('power.overload_current'), $run['running']['before']['line']['shown']);
        self::assertSame($shown('correct.corrected_current'), $run['running']['after']['line']['shown']);
        self::assertSame($shown('start.star_line_current'), $run['starting']['line']['shown']);
        self::assertSame($shown('start.star_torque'), $run['starting']['torque']['shown']);
        self::assertSame($shown('correct.reactive_chosen'), Circuits::curve($solution, 'correction')['chosen']['shown']);
        $ladder = Circuits::curve($solution, 'ladder');
        $chosen = array_values(array_filter($ladder['rows'], static fn (array $row): bool => $row['chosen']));
        self::assertCount(1, $chosen);
        self::assertSame($shown('cable.ampacity'), $chosen[0]['ampacity']['shown']);
    }

    /** A ladder climbs: each size carries more than the one before and drops less, and above the chosen one nothing fails. */
    #[DataProvider('ladders')]
    public function test_a_ladder_climbs(string $book): void
    {
        $circuit = $book === 'iec' ? Circuits::kilnFan() : Circuits::twentyFiveHorsepower();
        $rows = Circuits::curve(Circuits::solve($circuit), 'ladder')['rows'];
        $passed = false;
        foreach ($rows as $i => $row) {
            if ($i > 0) {
                self::assertGreaterThanOrEqual($rows[$i - 1]['ampacity']['value'], $row['ampacity']['value'], $row['size']);
                self::assertLessThan($rows[$i - 1]['drop']['value'], $row['drop']['value'], $row['size']);
            }
            $passed = $passed || $row['chosen'];
            self::assertSame($passed, $row['fails'] === [], $row['size'].' '.implode(', ', $row['fails']));
        }
        self::assertTrue($passed);
    }

    /** @return iterable<string, array{string}> */
    public static function ladders(): iterable
    {
        yield 'IEC' => ['iec'];
        yield 'NEC' => ['nec'];
    }

    /** From no load to 125 %: current and losses rise, the power factor does too, and full load is the plate. */
    public function test_part_load_passes_through_the_plate(): void
    {
        $rows = Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'part_load')['rows'];
        $full = array_values(array_filter($rows, static fn (array $row): bool => abs($row['load']['value'] - 100) < 1e-9))[0];
        self::assertEqualsWithDelta(93.9, $full['efficiency']['value'], 0.05);
        self::assertEqualsWithDelta(0.85, $full['power_factor']['value'], 0.001);
        self::assertEqualsWithDelta(66.9, $full['current']['value'], 0.1);
        for ($i = 1; $i < count($rows); $i++) {
            self::assertGreaterThan($rows[$i - 1]['current']['value'], $rows[$i]['current']['value']);
            self::assertGreaterThan($rows[$i - 1]['input']['value'], $rows[$i]['input']['value']);
        }
    }

    /** Phasors of a balanced supply: three of a kind, a third of a turn apart; line volts √3 times the phase's and 30° ahead. */
    public function test_phasors_stand_as_they_must(): void
    {
        $curve = Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'phasors');
        $arrows = array_column($curve['star']['lagging'], null, 'name');
        self::assertEqualsWithDelta(sqrt(3), $arrows['V12']['size'] / $arrows['V1N']['size'], 1e-4);
        self::assertEqualsWithDelta(30, $arrows['V12']['angle'] - $arrows['V1N']['angle'], 1e-4);
        self::assertEqualsWithDelta(-120, fmod($arrows['V2N']['angle'] - $arrows['V1N']['angle'] - 360, 360), 1e-4);
        $lag = rad2deg(acos(0.85));
        self::assertEqualsWithDelta($lag, $arrows['V1N']['angle'] - $arrows['I1']['angle'], 1e-4, 'the current lags by the angle of cos φ');
        $leading = array_column($curve['star']['leading'], null, 'name');
        self::assertEqualsWithDelta($lag, $leading['I1']['angle'] - $leading['V1N']['angle'], 1e-4);
        $delta = array_column($curve['delta']['lagging'], null, 'name');
        self::assertEqualsWithDelta(sqrt(3), $delta['I1']['size'] / $delta['I12']['size'], 1e-4);
        self::assertEqualsWithDelta(30, $delta['I12']['angle'] - $delta['I1']['angle'], 1e-4);
    }

    public function test_the_three_schools_are_compared_and_one_is_used(): void
    {
        $rows = Circuits::curve(Circuits::solve(Circuits::fiftyHorsepower()), 'schools');
        self::assertSame(['IEC 60364', 'NEC', 'CE Code'], array_column($rows, 'name'));
        self::assertSame([false, true, false], array_column($rows, 'used'));
        // NEC Table 430.250: 50 hp at 460 V takes 65 A (from memory); the other schools go by the plate.
        self::assertSame([61.0, 65.0, 61.0], array_map(static fn (array $row): float => (float) $row['design']['value'], $rows));
    }

    public function test_a_station_that_waits_draws_nothing(): void
    {
        $curves = Circuits::solve(['rule_book' => 'iec'])->curves;
        // The plan of readings and the ways of measuring wait for nothing.
        self::assertSame(['run', 'plan', 'measuring', 'readiness'], array_keys($curves));
    }
}
