<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\Defect;
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every table carries its source, and its doubts point at entries that exist. */
final class TablesTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function tables(): array
    {
        $root = dirname(__DIR__, 2).'/core/Tables/data/';
        $tables = [];
        foreach (glob($root.'*/*.json') ?: [] as $file) {
            $name = substr($file, strlen($root), -5);
            $tables[$name] = [$name];
        }

        return $tables;
    }

    #[DataProvider('tables')]
    public function test_a_table_says_where_it_comes_from_and_what_is_doubted(string $name): void
    {
        $table = Tables::shipped()->named(TableName::from($name));
        self::assertNotSame('', $table->source);
        self::assertMatchesRegularExpression('/^\d{4}$/', $table->edition);
        self::assertMatchesRegularExpression('/from memory|Common practice|judgement/', $table->cited());
        foreach ($table->doubts() as $path => $reason) {
            self::assertNotSame('', $reason);
            $at = $table->data;
            foreach (explode('/', (string) $path) as $key) {
                $key = str_replace('~1', '/', $key);
                self::assertIsArray($at, "$name $path");
                self::assertArrayHasKey($key, $at, "$name $path");
                $at = $at[$key];
            }
        }
    }

    public function test_ampacities_grow_with_size_and_temperature(): void
    {
        foreach (['nec/ampacity' => ['copper', 'aluminium']] as $name => $metals) {
            foreach ($metals as $metal) {
                $before = [0.0, 0.0, 0.0];
                foreach (Tables::shipped()->named(TableName::from($name))->list($metal) as $size => $row) {
                    self::assertIsArray($row);
                    self::assertTrue($row[0] < $row[1] && $row[1] < $row[2], "$metal $size");
                    self::assertTrue($row[0] > $before[0] && $row[2] > $before[2], "$metal $size");
                    $before = $row;
                }
            }
        }
        foreach (['ampacity_pvc_copper', 'ampacity_xlpe_copper', 'ampacity_air_pvc_copper', 'ampacity_air_xlpe_copper'] as $name) {
            $before = [];
            foreach (Tables::shipped()->named(TableName::from("iec/$name"))->list('rows') as $size => $row) {
                self::assertIsArray($row);
                foreach ($row as $i => $value) {
                    self::assertTrue($value === null || $value > ($before[$i] ?? 0), "$name $size");
                }
                $before = $row;
            }
        }
    }

    public function test_ambient_factors_follow_the_square_root_law(): void
    {
        // Common knowledge of conductor heating: √((T − Ta) / (T − 30)), the tables are rounded to two digits.
        foreach (Tables::shipped()->named(TableName::from('nec/ambient_correction'))->data as $row) {
            self::assertIsArray($row);
            foreach ([60, 75, 90] as $limit) {
                if ($row[(string) $limit] !== null && $row['to_c'] >= 30) {
                    self::assertEqualsWithDelta(
                        sqrt(($limit - $row['to_c']) / ($limit - 30)),
                        $row[(string) $limit],
                        0.011,
                        "$limit at {$row['to_c']}",
                    );
                }
            }
        }
        foreach (Tables::shipped()->named(TableName::from('iec/ambient_air'))->list('rows') as $celsius => $row) {
            self::assertIsArray($row);
            foreach ([70, 90] as $i => $limit) {
                if ($row[$i] !== null) {
                    self::assertEqualsWithDelta(sqrt(($limit - (float) $celsius) / ($limit - 30)), $row[$i], 0.011, "$limit at $celsius");
                }
            }
        }
    }

    public function test_code_letters_touch_without_overlap(): void
    {
        $top = null;
        foreach (Tables::shipped()->named(TableName::from('nec/code_letter'))->data as $letter => $range) {
            self::assertIsArray($range);
            if ($top !== null) {
                self::assertEqualsWithDelta($top + 0.01, $range[0], 0.001, (string) $letter);
            }
            $top = $range[1];
        }
        self::assertNull($top, 'the last letter is open');
    }

    public function test_fuse_gates_are_in_order(): void
    {
        $before = 0.0;
        foreach (Tables::shipped()->named(TableName::from('iec/fuse_gg'))->list('gates') as $rating => $gate) {
            self::assertIsArray($gate);
            self::assertTrue(
                $gate['min_10s'] < $gate['max_5s'] && $gate['max_5s'] < $gate['max_0_1s'] && $gate['min_0_1s'] < $gate['max_0_1s'],
                (string) $rating,
            );
            self::assertGreaterThan($before, $gate['min_10s']);
            $before = $gate['min_10s'];
        }
    }

    /** A doubt may lie on an entry, on its row or on all of a table; keys with a stroke are written `~1`. */
    public function test_a_doubt_is_found_where_it_lies(): void
    {
        $table = Tables::shipped()->named(TableName::NecAmpacity);
        $doubts = $table->doubts();
        self::assertArrayHasKey('copper/3/2', $doubts);
        self::assertArrayHasKey('copper/1750', $doubts);
        self::assertSame($doubts['copper/3/2'], $table->doubt('copper', '3', '2')?->reason);
        self::assertNull($table->doubt('copper', '3', '1'));
        foreach (['0', '1', '2'] as $column) {
            self::assertSame($doubts['copper/1750'], $table->doubt('copper', '1750', $column)?->reason, 'the whole row');
        }
        self::assertNull($table->doubt('copper', '1/0', '1'), 'a key with a stroke is no row of another');
        self::assertNull($table->doubt('copper'));
        $typical = Tables::shipped()->named(TableName::PracticeTypicalMotor);
        self::assertSame($typical->doubts()['rows'], $typical->doubt('rows', '37', 'pf')?->reason, 'all of its rows');
    }

    public function test_every_doubt_that_is_written_down_is_found_by_the_path_of_its_entry(): void
    {
        foreach (TableName::cases() as $name) {
            $table = Tables::shipped()->named($name);
            foreach ($table->doubts() as $key => $reason) {
                $pointer = (string) $key;
                self::assertSame($reason, $table->doubt(...Table::path($pointer))?->reason, "$name->value: $pointer");
                self::assertSame($pointer, Table::pointer(Table::path($pointer)));
            }
        }
    }

    public function test_a_blank_is_no_number_and_no_key_is_a_fault(): void
    {
        $table = Tables::shipped()->named(TableName::NecMotorCurrentThreePhase);
        self::assertNull($table->number('rows', '0.5', '9'));
        self::assertNull($table->number('rows', 'no such motor', '0'));
        self::assertNull($table->number('rows'), 'a row is no number');
        self::assertSame($table->number('rows', '25', '4'), $table->must('rows', '25', '4'));
        $this->expectException(Defect::class);
        $table->must('rows', 'no such motor', '0');
    }
}
