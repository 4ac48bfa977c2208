<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\RuleBook\TableName;
use BraveAnvil\RuleBook\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every table carries its source, and its doubts point at entries that exist. */
final class TablesTest extends TestCase
{
    /** @return array<string, array{string}> */
    public static function tables(): array
    {
        $root = dirname(__DIR__, 2).'/core/RuleBook/data/';
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
        self::assertMatchesRegularExpression('/from memory|no source|judgement/', $table->cited());
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
}
