<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Tables\EntryPath;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;

/** A licensed person with the printed book corrects or confirms what memory was not sure of; every figure that rests on it says so. */
final class CorrectionsTest extends CoreTestCase
{
    /**
     * @param  array<string, mixed>  $circuit
     * @param  array<string, mixed>  $changes
     */
    private static function corrected(array $circuit, string $path, float|int|string $value, array $changes = []): Solution
    {
        return Circuits::solve([...$circuit, 'settings' => ['corrections' => [
            [
                'path' => $path, 'value' => $value, 'by' => 'Electrical engineer', 'on' => '2026-11-20', 'why' => 'printed table',
                'page' => '77',
            ],
        ]]], $changes);
    }

    /** @return iterable<string, array{string, TableName, string}> names of the open format, and the entry that each means */
    public static function names(): iterable
    {
        yield 'a column by its voltage' => ['nec.t430_250.rows.25.460', TableName::NecMotorCurrentThreePhase, 'rows/25/4'];
        yield 'a row with a point' => ['nec.t430_250.rows.7.5.230', TableName::NecMotorCurrentThreePhase, 'rows/7.5/3'];
        yield 'a size as another table writes it' => ['cec.t2_cu_raceway.rows.00.75', TableName::CecAmpacity, 'copper/2~10/1'];
        yield 'aluminium' => ['cec.t4_al_raceway.rows.6.75', TableName::CecAmpacity, 'aluminium/6/1'];
        yield 'a method' => ['iec.iec60364_5_52.b52_12_xlpe_cu_E_F_3loaded.rows.16.E', TableName::IecAmpacityAirXlpeCopper, 'rows/16/0'];
        yield 'a place from 0' => ['nec.t310_16.cu.8.1', TableName::NecAmpacity, 'copper/8/1'];
        yield 'a percentage' => ['cec.t29.autotransformer_star_delta_gt30A.cb', TableName::CecProtectionPercent, 'reduced_above_30_a/inv'];
        yield 'a factor' => ['iec.iec60364_5_52.b52_17_grouping.perforated_tray.2', TableName::IecGrouping, 'perforated/2'];
        yield 'a blank' => ['cec.t44.rows.3.115', TableName::CecMotorCurrent, 'rows/3/0'];
        yield 'a table by its own name' => ['practice.guard.class_margin', TableName::PracticeGuard, 'class_margin'];
    }

    #[DataProvider('names')]
    public function test_an_entry_is_found_by_its_name(string $name, TableName $table, string $pointer): void
    {
        $entry = EntryPath::find(Tables::shipped(), $name);
        self::assertSame([$table, $pointer], [$entry?->table, $entry?->pointer]);
        // The name that is told for it leads back to it.
        $told = EntryPath::of(Tables::shipped()->named($table), $pointer);
        $again = EntryPath::find(Tables::shipped(), $told);
        self::assertSame([$table, $pointer], [$again?->table, $again?->pointer], $told);
    }

    /** Every doubt that is told names an entry that can be corrected. */
    public function test_every_doubt_leads_to_its_entry(): void
    {
        $found = 0;
        foreach (TableName::cases() as $name) {
            $table = Tables::shipped()->named($name);
            foreach (array_keys($table->doubts()) as $pointer) {
                if ($table->isEntry(...str_replace('~1', '/', explode('/', (string) $pointer)))) {
                    $entry = EntryPath::find(Tables::shipped(), EntryPath::of($table, (string) $pointer));
                    self::assertSame([$name, (string) $pointer], [$entry?->table, $entry?->pointer]);
                    $found++;
                }
            }
        }
        self::assertGreaterThan(80, $found);
    }

    public function test_a_corrected_ampacity_changes_the_size_and_says_so(): void
    {
        $path = 'iec.iec60364_5_52.b52_12_xlpe_cu_E_F_3loaded.rows.10.E';
        $hot = ['settings.terminal_temperature' => 90];
        self::assertFigures(['cable.size' => 10], Circuits::solve(Circuits::kilnFan(), $hot));
        self::assertFigures(['cable.size' => 16], self::corrected(Circuits::kilnFan(), $path, 60, $hot));
        $typed = self::corrected(Circuits::kilnFan(), $path, 76, $hot);
        $ampacity = $typed->figure('cable.ampacity');
        self::assertSame(76.0, $ampacity?->number());
        self::assertTrue($ampacity->toArray()['corrected']);
        self::assertStringContainsString(
            'corrected to 76 by Electrical engineer on 2026-11-20: printed table, page 77', $ampacity->toArray()['source'],
        );
        self::assertFalse($typed->figure('cable.voltage_drop')?->toArray()['corrected']);
    }

    /** @return iterable<string, array{string, string, float, string}> book, path, value, figure that rests on it */
    public static function uses(): iterable
    {
        yield 'full-load current' => ['nec', 'nec.t430_250.rows.25.460', 35, 'power.design_current'];
        yield 'ampacity' => ['nec', 'nec.t310_16.cu.8.2', 53, 'cable.ampacity'];
        yield 'ambient' => ['cec', 'cec.ambient_correction.0.90', 0.95, 'cable.derated_ampacity'];
        yield 'count' => ['nec', 'nec.t310_15c1.0.pct', 79, 'cable.derated_ampacity'];
        yield 'resistance' => ['nec', 'nec.t9_9.8.r_cu_steel', 2.6, 'cable.voltage_drop'];
        yield 'device' => ['nec', 'nec.t430_52.squirrel_cage_other_than_design_B_ee.inv', 240, 'guard.scpd_limit'];
        yield 'CE Code device' => ['cec', 'cec.t29.full_voltage_resistor_reactor.cb', 240, 'guard.scpd_limit'];
    }

    #[DataProvider('uses')]
    public function test_what_rests_on_a_corrected_entry_says_so(string $book, string $path, float $value, string $key): void
    {
        $circuit = Circuits::twentyFiveHorsepower($book);
        $warm = ['supply.ambient' => 33, 'cable.grouped_circuits' => 2, 'cable.size' => '8'];
        self::assertFalse(Circuits::solve($circuit, $warm)->figure($key)?->toArray()['corrected']);
        $figure = self::corrected($circuit, $path, $value, $warm)->figure($key);
        $plain = Circuits::solve($circuit, $warm)->figure($key);
        self::assertNotNull($figure);
        self::assertTrue($figure->toArray()['corrected'], $path);
        self::assertNotSame($plain->value, $figure->value);
    }

    /** 125 hp at 230 V is 312 A, 310 is possible: confirmed as it stands, the figure loses its doubt. */
    public function test_a_confirmed_entry_is_doubted_no_more(): void
    {
        $circuit = Circuits::changed(Circuits::twentyFiveHorsepower('cec'), [
            'supply.voltage' => 600, 'plate.voltage' => 575, 'plate.power' => '15 hp', 'plate.current' => 17,
            'cable.material' => 'aluminium',
            'cable.size' => '8', 'cable.length' => 10,
        ]);
        $doubted = Circuits::solve($circuit)->figure('cable.ampacity')?->toArray();
        self::assertSame('less sure than the rest', $doubted['uncertain'] ?? null);
        self::assertSame('cec.t4_al_raceway.rows.8.90', $doubted['uncertain_entry'] ?? null);
        $entry = ['by' => 'Electrical engineer', 'on' => '2026-11-20', 'why' => 'held against the printed table'];
        $confirmed = Circuits::solve([...$circuit, 'settings' => ['corrections' => [
            ['path' => 'cec.t4_al_raceway.rows.8.90', 'value' => 45, ...$entry],
            ['path' => 'cec.t4_al_raceway.rows.8.75', 'value' => 40, ...$entry],
        ]]])->figure('cable.ampacity')?->toArray();
        self::assertNotNull($confirmed);
        self::assertNull($confirmed['uncertain']);
        self::assertSame($doubted['value'], $confirmed['value']);
    }

    /** @return iterable<string, array{mixed, string}> what is typed, and the path at which it is refused */
    public static function wrong(): iterable
    {
        $good = ['path' => 'nec.t430_250.rows.25.460', 'value' => 35, 'by' => 'E', 'on' => '2026-11-20', 'why' => 'printed'];
        yield 'no list' => ['nec.t430_250', 'settings.corrections'];
        yield 'no such table' => [[[...$good, 'path' => 'nec.t999.rows.1']], 'settings.corrections[0].path'];
        yield 'no such row' => [[$good, [...$good, 'path' => 'nec.t430_250.rows.26.460']], 'settings.corrections[1].path'];
        yield 'a row, no entry' => [[[...$good, 'path' => 'nec.t430_250.rows.25']], 'settings.corrections[0].path'];
        yield 'a word' => [[[...$good, 'path' => 'nec.t250_122.15.0']], 'settings.corrections[0].path'];
        yield 'no number' => [[[...$good, 'value' => 'many']], 'settings.corrections[0].value'];
        yield 'nothing' => [[[...$good, 'value' => 0]], 'settings.corrections[0].value'];
        yield 'nobody' => [[[...$good, 'by' => ' ']], 'settings.corrections[0].by'];
        yield 'no date' => [[array_diff_key($good, ['on' => 0])], 'settings.corrections[0].on'];
        yield 'no reason' => [[[...$good, 'why' => '']], 'settings.corrections[0].why'];
    }

    #[DataProvider('wrong')]
    public function test_what_cannot_be_used_is_refused_at_its_place(mixed $typed, string $path): void
    {
        $solution = Circuits::solve([...Circuits::twentyFiveHorsepower(), 'settings' => ['corrections' => $typed]]);
        self::assertArrayHasKey($path, Circuits::errors($solution));
        self::assertNotNull($solution->figure('cable.size'), 'everything else is worked out');
    }

    public function test_an_entry_out_of_line_with_its_neighbours_is_told(): void
    {
        $high = self::corrected(Circuits::twentyFiveHorsepower(), 'nec.t430_250.rows.25.460', 43);
        self::assertFinds('correction_out_of_line', $high, 'caution');
        self::assertStringContainsString('27 and 40', self::finding($high, 'correction_out_of_line')->text);
        self::assertDoesNotFind(
            'correction_out_of_line', self::corrected(Circuits::twentyFiveHorsepower(), 'nec.t430_250.rows.25.460', 35),
        );
    }
}
