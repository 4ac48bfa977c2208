<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Records\Register\CellText;
use BraveAnvil\Records\Register\CircuitColumns;
use BraveAnvil\Records\Register\CircuitRow;
use BraveAnvil\Records\Register\Column;
use BraveAnvil\Records\Register\CsvText;
use BraveAnvil\Records\Register\HeadUnit;
use BraveAnvil\Records\Register\ReadingTable;
use BraveAnvil\Records\Register\ReadRow;
use BraveAnvil\Records\Register\RowAction;
use PHPUnit\Framework\Attributes\DataProvider;

/** Circuits and readings as tables that a spreadsheet opens: out and in without a loss, and every bad cell named. */
final class RegisterTest extends CoreTestCase
{
    private static function rows(string $bytes): CsvText
    {
        $csv = CsvText::read($bytes);
        self::assertInstanceOf(CsvText::class, $csv, $csv instanceof Refusal ? $csv->text : '');

        return $csv;
    }

    private static function refusal(string $bytes): string
    {
        $csv = CsvText::read($bytes);
        self::assertInstanceOf(Refusal::class, $csv);

        return $csv->text;
    }

    /** @return list<ReadRow> */
    private static function read(string $bytes): array
    {
        $csv = self::rows($bytes);
        $matched = CircuitColumns::match($csv->rows, []);
        $read = [];
        foreach (array_slice($csv->rows, $matched->first) as $cells) {
            $read[] = CircuitRow::fromCells($matched->columns, $cells, null, 'iec');
        }

        return $read;
    }

    private static function utf16(string $text, string $order): string
    {
        $units = array_map(static fn (string $letter): string => pack($order, (int) mb_ord($letter)), mb_str_split($text));

        return ($order === 'v' ? "\xFF\xFE" : "\xFE\xFF").implode('', $units);
    }

    /** RFC 4180: quotation marks double inside a quoted cell, and a line may break there. */
    public function test_text_with_quotes_commas_and_breaks_comes_back_as_it_was(): void
    {
        $rows = [['Tag', 'Drives'], ['KF-204', "Kiln fan \"four\", north\nabove the door"], ['ß φ Ω', '37,5; 40']];
        self::assertSame($rows, self::rows(CsvText::write($rows))->rows);
    }

    #[DataProvider('separators')]
    public function test_commas_semicolons_and_tabs_are_told_apart(string $separator): void
    {
        $csv = self::rows("tag{$separator}plate.power{$separator}plate.voltage\nKF-1{$separator}37 kW{$separator}400/690\n");
        self::assertSame(['KF-1', '37 kW', '400/690'], $csv->rows[1]);
    }

    /** @return iterable<string, array{string}> */
    public static function separators(): iterable
    {
        yield 'comma' => [','];
        yield 'semicolon' => [';'];
        yield 'tab' => ["\t"];
    }

    /** The Unicode Standard, 3.10: byte order marks FF FE and FE FF, pairs of surrogates above U+FFFF. */
    public function test_utf_16_of_either_order_is_read(): void
    {
        foreach (['v', 'n'] as $order) {
            self::assertSame(['Kiln fan Ω φ ½', 'KF'], self::rows(self::utf16('Kiln fan Ω φ ½,KF', $order))->rows[0]);
        }
        self::assertSame("\u{1F527}", self::rows("\xFF\xFE".pack('v*', 0xD83D, 0xDD27))->rows[0][0]);
    }

    public function test_what_is_no_table_is_refused_in_a_sentence(): void
    {
        self::assertStringContainsString('UTF-8', self::refusal("PK\x03\x04\x14\x00\x06\x00"));
        self::assertStringContainsString('UTF-8', self::refusal("tag;drives\nM\xFCller;x"));
        self::assertStringContainsString('UTF-8', self::refusal("\xFF\xFEodd"));
        self::assertStringContainsString('empty', self::refusal(" \r\n "));
        self::assertStringContainsString('quotation mark', self::refusal("tag,drives\nKF-1,\"Kiln fan\nKF-2,x\n"));
        self::assertStringContainsString('400 columns', self::refusal(implode(',', range(1, 401))));
        self::assertStringContainsString('20 MB', self::refusal(str_repeat('a', 20_000_001)));
        self::assertStringContainsString('20 000 rows', self::refusal("tag\n".str_repeat("KF\n", 20_010)));
    }

    /** @return iterable<string, array{string}> cells that spreadsheets run, or that look like it */
    public static function cells(): iterable
    {
        foreach (["=cmd|' /C calc'!A0", '+1+1', '-1-1', '@SUM(A1)', "\tx", "'quoted", "'=once", "''=twice", '-10', '+5,5', '-', 'KF-204',
            ''] as $cell) {
            yield $cell => [$cell];
        }
    }

    #[DataProvider('cells')]
    public function test_a_hostile_cell_stays_text_in_both_directions(string $text): void
    {
        $written = CellText::written($text);
        self::assertSame($text, CellText::read($written));
        self::assertSame(1, preg_match("~^([^=+@\t\r-]|[+-]?\\d+([.,]\\d+)?$|$)~", $written), $written);
    }

    public function test_random_text_survives_a_cell(): void
    {
        mt_srand(13);
        foreach (range(1, 3000) as $i) {
            $text = '';
            for ($n = mt_rand(0, 6); $n > 0; $n--) {
                $text .= ["'", '=', '+', '-', '@', '1', 'a', '"', ',', ';', ' '][mt_rand(0, 10)];
            }
            self::assertSame(trim($text), CellText::read(self::rows(CsvText::write([['x'], [trim($text)]]))->rows[1][0] ?? ''), $text);
        }
    }

    public function test_a_column_is_found_by_its_path_by_its_head_and_by_its_label(): void
    {
        $csv = self::rows("Tag,Plate: rated output\, kW,plate.voltage,Rated speed,Colour\nx,1,2,3,4\n");
        $paths = array_map(static fn (Column $column): ?string => $column->path,
            CircuitColumns::match([['Tag', CircuitColumns::head('plate.power'), 'plate.voltage', 'Rated speed', 'Colour']], [])->columns);
        self::assertSame(['tag', 'plate.power', 'plate.voltage', 'plate.speed', null], $paths);
        self::assertCount(2, $csv->rows);
    }

    public function test_a_person_chooses_what_a_column_fills(): void
    {
        $matched = CircuitColumns::match([['Motor', 'Colour'], ['KF-1', 'green']], [0 => 'tag', 1 => null]);
        self::assertTrue($matched->fills('tag'));
        self::assertNull($matched->columns[1]->path);
        self::assertFalse(CircuitColumns::match([['Motor', 'Colour']], [])->fills('tag'));
    }

    public function test_of_two_rows_of_heads_the_lower_one_counts(): void
    {
        $rows = self::read("Motors of the mill,,\nTag,Drives,\"Plate: rated output, kW\"\ntag,drives,plate.power\nKF-1,Kiln fan,37 kW\n");
        self::assertCount(1, $rows);
        self::assertSame('KF-1', $rows[0]->tag);
        self::assertSame(RowAction::Create, $rows[0]->action);
        self::assertSame(['plate' => ['power' => '37 kW']], array_intersect_key($rows[0]->document, ['plate' => 0]));
    }

    /** Decimal comma and decimal point are both read, ISO 80000-1; a thousand with a comma is not guessed. */
    public function test_commas_and_points_of_decimals_may_be_mixed(): void
    {
        $rows = self::read("tag;plate.power;plate.voltage\nA;37,5;400\nB;37.5;400\nC;1,500;400\n");
        self::assertSame([RowAction::Create, RowAction::Create, RowAction::Refuse],
            array_map(static fn (ReadRow $row): RowAction => $row->action, $rows));
        self::assertSame('37.5 kW', str_replace("\u{00A0}", ' ', Bench::solve($rows[0]->document)->read['plate.power']));
        self::assertSame('37.5 kW', str_replace("\u{00A0}", ' ', Bench::solve($rows[1]->document)->read['plate.power']));
    }

    public function test_a_bad_cell_is_named_by_its_column_and_what_is_accepted(): void
    {
        $row = self::read("tag,plate.power,cable.length\nKF-1,much,sixty\n")[0];
        self::assertSame(RowAction::Refuse, $row->action);
        self::assertSame(['B plate.power', 'C cable.length'], array_map(static fn ($problem): string => $problem->column, $row->problems));
        self::assertSame('much', $row->problems[0]->cell);
        self::assertNotSame('', $row->problems[0]->accepted);
    }

    public function test_a_tag_is_wanted_and_no_cell_is_dropped(): void
    {
        self::assertStringContainsString('Enter a tag', self::read("tag,drives\n,Kiln fan\n")[0]->problems[0]->text);
        self::assertStringContainsString('more cells', self::read("tag,drives\nKF-1,Kiln fan,and more\n")[0]->problems[0]->text);
        self::assertSame(RowAction::Refuse, self::read("tag\n".str_repeat('x', 201)."\n")[0]->action);
    }

    /** Every demo circuit written as a table and read again is the circuit it was, and writes the same bytes again. */
    public function test_circuits_go_out_and_come_in_as_they_were(): void
    {
        $documents = Circuits::demo();
        $paths = CircuitColumns::of(array_values($documents));
        $rows = [array_map(CircuitColumns::head(...), $paths), $paths];
        foreach ($documents as $document) {
            $typed = TypedFields::of($document);
            $rows[] = array_map(static fn (string $path): string => $typed[$path] ?? '', $paths);
        }
        $bytes = CsvText::write($rows);
        $csv = self::rows($bytes);
        $matched = CircuitColumns::match($csv->rows, []);
        self::assertSame(2, $matched->first);
        $again = array_slice($csv->rows, 0, 2);
        foreach (array_slice($csv->rows, 2) as $i => $cells) {
            $tag = array_keys($documents)[$i];
            $row = CircuitRow::fromCells($matched->columns, $cells, null, 'iec');
            self::assertSame(RowAction::Create, $row->action, "$tag: ".json_encode($row->problems));
            $before = array_diff_key(TypedFields::of($documents[$tag]), ['settings.corrections' => 0]);
            $after = array_diff_key(TypedFields::of($row->document), ['settings.corrections' => 0]);
            ksort($before);
            ksort($after);
            self::assertSame($before, $after, $tag);
            $same = CircuitRow::fromCells($matched->columns, $cells, $documents[$tag], 'iec');
            self::assertSame(RowAction::Leave, $same->action, $tag.' '.json_encode($same->changes));
            $typed = TypedFields::of($row->document);
            $again[] = array_map(static fn (string $path): string => $typed[$path] ?? '', $paths);
        }
        self::assertSame($bytes, CsvText::write($again));
    }

    public function test_an_emptied_cell_empties_the_field_and_says_so(): void
    {
        $present = [...Circuits::kilnFan(), 'tag' => 'KF-204'];
        $columns = [new Column(0, 'tag', 'tag'), new Column(1, 'cable.length', 'cable.length')];
        $row = CircuitRow::fromCells($columns, ['KF-204', ''], $present, 'iec');
        self::assertSame(RowAction::Change, $row->action);
        self::assertSame([['label' => 'Length, starter to motor', 'from' => '60 m', 'to' => '', 'read' => '']], $row->changes);
        self::assertArrayNotHasKey('cable.length', TypedFields::of($row->document));
    }

    public function test_a_document_that_is_read_as_a_line_is_judged_alike(): void
    {
        $row = CircuitRow::fromDocument(['tag' => 'KF-1', 'plate' => ['power' => 'much']], null, 'iec');
        self::assertSame(RowAction::Refuse, $row->action);
        self::assertSame('iec', $row->document['rule_book']);
        self::assertSame('Rated output', $row->problems[0]->column);
    }

    public function test_readings_go_out_and_come_in_as_they_were(): void
    {
        $reading = [
            'tag' => 'KF-204', 'kind' => 'insulation_resistance', 'taken_at' => '2026-11-20T08:00:00Z', 'load_percent' => '',
            'instrument' => 'tester 3',
            'note' => '=not a formula', 'simulated' => 'false', 'values' => ['megohm_1_min' => '60', 'test_voltage' => 500],
        ];
        $fields = array_keys(\BraveAnvil\Stations\Prove\ReadingFields::of(\BraveAnvil\Stations\Prove\ReadingKind::InsulationResistance));
        $reading['values'] = [$fields[0] => '500', $fields[1] => 60];
        $csv = self::rows(CsvText::write(ReadingTable::rows([$reading])));
        $matched = ReadingTable::match($csv->rows, []);
        [$read, $problems] = ReadingTable::read($matched->columns, $csv->rows[$matched->first]);
        self::assertSame([], $problems);
        self::assertSame(ReadingTable::texts($reading['values']), $read['values']);
        self::assertSame([$reading['note'], $reading['tag'], $reading['kind']], [$read['note'], $read['tag'], $read['kind']]);
    }

    public function test_a_reading_of_no_kind_or_with_a_strange_value_is_refused(): void
    {
        $columns = [new Column(0, 'tag', 'tag'), new Column(1, 'kind', 'kind'), new Column(2, 'values.colour', 'values.colour')];
        self::assertNotSame([], ReadingTable::read($columns, ['KF-204', 'colour', 'green'])[1]);
        self::assertSame('values.colour', ReadingTable::read($columns, ['KF-204', 'speed', 'green'])[1][0]->column);
        self::assertStringContainsString('no measured value', ReadingTable::read($columns, ['KF-204', 'speed', ''])[1][0]->text);
    }

    /** @return iterable<string, array{string, string|null, string}> head, unit, field */
    public static function heads(): iterable
    {
        yield 'horsepower' => ['HP', 'hp', 'plate.power'];
        yield 'kilowatts in brackets' => ['Rated output (kW)', 'kW', 'plate.power'];
        yield 'volts' => ['Voltage', null, 'plate.voltage'];
        yield 'kilovolts' => ['Voltage [kV]', 'kV', 'plate.voltage'];
        yield 'full-load amperes' => ['FLA', null, 'plate.current'];
        yield 'speed' => ['RPM', null, 'plate.speed'];
        yield 'our own head' => [CircuitColumns::head('cable.length'), null, 'cable.length'];
        yield 'a path that holds a unit' => ['settings.tariff.kva_demand.price', null, 'settings.tariff.kva_demand.price'];
        yield 'a path' => ['plate.power', null, 'plate.power'];
        yield 'feet' => ['Length, starter to motor (ft)', 'ft', 'cable.length'];
        yield 'a tag' => ['Equipment no', null, 'tag'];
        yield 'what it drives' => ['Driven equipment', null, 'drives'];
    }

    #[DataProvider('heads')]
    public function test_what_people_write_above_a_column_is_known(string $head, ?string $unit, string $path): void
    {
        $columns = CircuitColumns::match([['tag', $head], ['KF-1', '10']], $path === 'tag' ? [0 => null] : [])->columns;
        self::assertSame($path, $columns[1]->path);
        self::assertSame($unit, $columns[1]->unit);
        self::assertTrue($columns[1]->decided);
    }

    public function test_a_column_with_cells_is_decided_by_somebody(): void
    {
        $rows = [['tag', 'Colour', '', 'Empty', 'figure:cable.size'], ['KF-1', 'green', 'x', '', '16']];
        $decided = static fn (array $chosen): array => array_map(
            static fn (Column $column): bool => $column->decided, CircuitColumns::match($rows, $chosen)->columns,
        );
        self::assertSame([true, false, false, true, true], $decided([]));
        self::assertSame([true, true, true, true, true], $decided([1 => null, 2 => 'plate.power']));
    }

    public function test_a_bare_number_takes_the_unit_of_its_head_and_any_other_keeps_its_own(): void
    {
        self::assertSame('10 hp', HeadUnit::with('10', 'hp'));
        self::assertSame('0.4/0.69 kV', HeadUnit::with('0.4/0.69', 'kV'));
        foreach (['10 kW', '', 'IE3', 'many'] as $cell) {
            self::assertSame($cell, HeadUnit::with($cell, 'hp'));
        }
        self::assertSame('10', HeadUnit::with('10', null));
    }

    /** A sign that begins a formula is disarmed wherever a spreadsheet would still find it, and reads back as it was typed. */
    public function test_no_cell_is_a_formula(): void
    {
        foreach ([
            '=1+1', '+cmd', '-2+3', '@SUM(A1)', ' =1+1', "\t=1+1", "\n=1+1", "\u{00A0}=1+1", "\u{200B}=1+1", "\u{FF1D}1+1", "'=1+1",
        ] as $cell) {
            $written = CellText::written($cell);
            self::assertSame("'".$cell, $written);
            self::assertSame($cell, CellText::read($written));
        }
        foreach (['-25', '+0,5', 'KF-204', "'quoted'", 'a = b'] as $plain) {
            self::assertSame($plain, CellText::written($plain));
        }
    }
}
