<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use PHPUnit\Framework\Attributes\DataProvider;

/** Every figure can be followed back to what was typed and to the tables, and none to itself. */
final class LineageTest extends CoreTestCase
{
    /** @return iterable<string, array{Solution}> */
    public static function solutions(): iterable
    {
        yield 'IEC, direct' => [Circuits::solve(Circuits::kilnFan())];
        $corrected = [
            'starter.method' => 'star_delta', 'correction.place' => 'board', 'load.output_percent' => '60', 'cable.line_length' => '20',
        ];
        yield 'IEC, star-delta, corrected' => [Circuits::solve(Circuits::kilnFan(), $corrected)];
        yield 'IEC, breaker' => [
            Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => 'breaker_d', 'correction.place' => 'after_controller']),
        ];
        yield 'NEC' => [Circuits::solve(Circuits::twentyFiveHorsepower())];
        yield 'NEC, dual voltage, corrected' => [
            Circuits::solve(Circuits::fiftyHorsepower(), [
                'correction.place' => 'at_motor', 'correction.target_power_factor' => '0.95', 'cable.length' => '200 ft',
            ]),
        ];
        yield 'CE Code' => [Circuits::solve(['rule_book' => 'cec'] + Circuits::fiftyHorsepower())];
        $readings = [
            'measure.method' => 'two_wattmeters', 'measure.watts_1' => '12000', 'measure.watts_3' => '26000', 'measure.volts_12' => '400',
            'measure.amps_1' => '64', 'measure.balanced' => 'balanced', 'measure.sequence' => '123', 'measure.swapped' => 'none',
        ];
        yield 'measured' => [Circuits::solve(Circuits::kilnFan(), $readings)];
        yield 'windings' => [Circuits::solve(Circuits::kilnFan(), ['windings.impedance' => '19'])];
    }

    #[DataProvider('solutions')]
    public function test_what_a_figure_came_from_was_written_before_it(Solution $solution): void
    {
        $written = [];
        foreach ($solution->figures as $figure) {
            foreach ($figure->toArray()['from'] as $origin) {
                if (isset($origin['figure'])) {
                    self::assertArrayHasKey($origin['figure'], $written, $figure->key().' rests on what comes later');
                }
                if (isset($origin['field'])) {
                    self::assertNotNull(Fields::find($origin['field']), $figure->key());
                }
            }
            $written[$figure->key()] = true;
        }
        self::assertGreaterThan(20, count($written));
    }

    /** A figure with numbers in its working names where they come from, or a table, or a practice. */
    #[DataProvider('solutions')]
    public function test_no_working_stands_on_nothing(Solution $solution): void
    {
        foreach ($solution->figures as $figure) {
            $shape = $figure->toArray();
            self::assertTrue(
                $shape['from'] !== [] || $shape['source'] !== '' || $shape['assumptions'] !== [],
                $figure->key().' says neither what it came from nor a source: '.$shape['working'],
            );
        }
    }

    /** What is assumed below is assumed above: a result never loses a mark on the way. */
    #[DataProvider('solutions')]
    public function test_assumptions_and_doubts_reach_every_result(Solution $solution): void
    {
        $marks = [];
        self::assertNotSame([], $solution->figures);
        foreach ($solution->figures as $figure) {
            $own = $figure->toArray()['assumptions'];
            foreach ($figure->toArray()['from'] as $origin) {
                foreach ($marks[$origin['figure'] ?? ''] ?? [] as $assumption) {
                    self::assertContains($assumption, $own, $figure->key().' lost a mark of '.($origin['figure'] ?? ''));
                }
            }
            $marks[$figure->key()] = $own;
        }
    }

    #[DataProvider('solutions')]
    public function test_every_figure_of_a_finding_is_there(Solution $solution): void
    {
        $keys = array_map(static fn (Figure $figure): string => $figure->key(), $solution->figures);
        foreach ($solution->findings as $finding) {
            foreach ($finding->toArray()['figures'] as $key) {
                self::assertContains($key, $keys, $finding->code->code());
            }
        }
    }

    /** The conductors rest on the plate's current under IEC and on the table's under the NEC: 430.6(A)(1). */
    public function test_the_design_current_says_which_source_it_rests_on(): void
    {
        $from = static fn (Solution $solution): array => array_column(
            $solution->figure('power.design_current')?->toArray()['from'] ?? [],
            'figure',
        );
        self::assertSame(['power.plate_current'], $from(Circuits::solve(Circuits::kilnFan())));
        self::assertSame(['power.table_current'], $from(Circuits::solve(Circuits::twentyFiveHorsepower())));
    }

    /** From the dial back to the stamp: every step can be touched. */
    public function test_a_dial_can_be_followed_to_the_plate(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']);
        $reached = [];
        $open = ['guard.overload_dial'];
        while ($open !== []) {
            $key = array_pop($open);
            foreach ($solution->figure($key)?->toArray()['from'] ?? [] as $origin) {
                $reached[] = $origin['field'] ?? $origin['figure'] ?? '';
                if (isset($origin['figure'])) {
                    $open[] = $origin['figure'];
                }
            }
        }
        self::assertContains('power.plate_current', $reached);
        self::assertContains('plate.current', $reached);
    }

    /** Stamps with more than one number are read in ways of their own, and still lead back to where they stand. */
    public function test_what_is_read_from_a_stamp_leads_to_it(): void
    {
        $fields = static fn (Solution $solution, string $key): array => array_column(
            $solution->figure($key)?->toArray()['from'] ?? [],
            'field',
        );
        $first = Circuits::solve(Circuits::kilnFan());
        $row = [
            'frequency' => '60', 'voltage' => '460', 'power' => '43 kW', 'current' => '66', 'speed' => '1778', 'power_factor' => '0.86',
        ];
        $second = Circuits::solve(Circuits::kilnFan(), ['plate.second' => $row, 'supply.voltage' => '460', 'supply.frequency' => '60']);
        foreach (['output' => 'power', 'current' => 'current', 'speed' => 'speed', 'rated_voltage' => 'voltage'] as $key => $field) {
            self::assertContains("plate.$field", $fields($first, "plate.$key"));
            self::assertContains("plate.second.$field", $fields($second, "plate.$key"), 'a supply of 60 Hz uses the row for 60 Hz');
        }
    }
}
