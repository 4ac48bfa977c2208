<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Books\Iec\GgFuse;
use BraveAnvil\Books\Iec\IecConductorTables;
use BraveAnvil\Books\Iec\IecProtectiveConductors;
use BraveAnvil\Stations\Prove\Method\Shunt;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;

/** Rules just on and just beyond their edge. What names no source is common practice. */
final class EdgesTest extends CoreTestCase
{
    /** CE Code, Table 44: columns of 115, 230, 460 and 575 V stand for the ranges that motors are wound for (28-106, from memory). */
    public function test_a_current_by_table_wants_a_voltage_of_its_columns(): void
    {
        $at = static fn (string $volts): ?float => Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'rule_book' => 'cec', 'plate.current' => null, 'plate.voltage' => $volts, 'supply.voltage' => $volts,
        ])->figure('power.table_current')?->number();
        foreach (['460' => ['440', '441', '480'], '575' => ['550', '600'], '230' => ['220', '240']] as $column => $all) {
            foreach ($all as $volts) {
                self::assertNotNull($at($volts), "$volts V");
                self::assertSame($at((string) $column), $at($volts), "$volts V stands in the column of $column V");
            }
        }
        foreach (['439', '481', '549', '601', '241'] as $volts) {
            self::assertNull($at($volts), "$volts V");
        }
        self::assertGreaterThan($at('575'), $at('460'));
    }

    /** IEC 60115-1 (from memory): half its rating for ever, 6.25 times it for five seconds, and as much heat for longer. */
    public function test_a_shunt_bears_half_its_rating_for_ever(): void
    {
        // 0.01 Ω: 15.8 A warm it by 2.4964 W, 15.9 A by 2.5281 W.
        self::assertSame(INF, Shunt::of(0.01, 5.0, 15.8)->seconds());
        self::assertStringContainsString('continuously', Shunt::of(0.01, 5.0, 15.8)->says());
        $warm = Shunt::of(0.01, 5.0, 15.9);
        self::assertEqualsWithDelta(5 * 31.25 / 2.5281, $warm->seconds(), 1e-6);
        self::assertStringContainsString('62 s at most', str_replace("\u{00A0}", ' ', $warm->says()));
        self::assertEqualsWithDelta(5 * 31.25 / 31.136, Shunt::of(0.01, 5.0, sqrt(3113.6))->seconds(), 1e-6);
        self::assertSame(0.0, Shunt::of(0.01, 5.0, 56.0)->seconds());
        self::assertStringContainsString('does not withstand', Shunt::of(0.01, 5.0, 56.0)->says());
    }

    /** IEC 60364-5-54, Table 54.2: of another metal the size grows by the factors k, from the usual one up to the line's. */
    public function test_a_protective_conductor_of_another_metal_is_larger(): void
    {
        $tables = Tables::shipped();
        $sizes = new IecProtectiveConductors($tables->named(TableName::IecProtectiveConductor), new IecConductorTables($tables));
        self::assertSame(['50', '70', '95'], $sizes->sizes(95.0, 1.0));
        self::assertSame(['95', '120', '150'], $sizes->sizes(95.0, 1.5));
        self::assertSame(['16', '25', '35'], $sizes->sizes(35.0, 1.0));
        self::assertSame(['10'], $sizes->sizes(10.0, 1.0));
    }

    /** IEC 60269-2: between its two gates a fuse clears along one straight line of the log-log paper, read either way. */
    public function test_a_fuse_reads_the_same_from_time_and_from_current(): void
    {
        $fuse = new GgFuse(100.0, 290.0, 580.0, 820.0, 1450.0, 1.25);
        foreach ([0.2, 0.5, 1.0, 3.0] as $seconds) {
            $amperes = $fuse->clearsFrom($seconds);
            self::assertGreaterThan(580.0, $amperes);
            self::assertLessThan(1450.0, $amperes);
            self::assertEqualsWithDelta($seconds, $fuse->clears($amperes), 1e-9);
        }
        self::assertEqualsWithDelta(sqrt(580 * 1450), $fuse->clearsFrom(sqrt(0.1 * 5)), 1e-6);
        self::assertSame([580.0, 580.0, 1450.0, 1450.0], array_map($fuse->clearsFrom(...), [5.0, 60.0, 0.1, 0.05]));
    }

    /** IEC 60034-1: the rise of a class is counted from 40 °C; a plate rated for a warmer place has less. */
    public function test_a_warmer_rated_ambient_takes_from_the_rise(): void
    {
        $limit = static fn (string $ambient): ?float => self::read('temperature_rise', [
            'cold_ohms' => '0.5', 'cold_temperature' => '20', 'hot_ohms' => '0.6', 'ambient' => '20',
        ], ['plate.insulation_class' => 'B', 'plate.temperature_rise' => null, 'plate.ambient' => $ambient])
            ->figure('prove.temperature_rise.high')?->number();
        self::assertSame([80.0, 80.0, 79.0, 70.0], array_map($limit, ['30', '40', '41', '50']));
    }

    /** A broken winding in star opens both pairs that it belongs to: the letter that they share. */
    public function test_two_open_pairs_name_the_winding_of_a_star(): void
    {
        $says = static fn (string $joined, string ...$ohms): string => self::read('winding_resistance', [
            'joined' => $joined, 'ohms_uv' => $ohms[0], 'ohms_vw' => $ohms[1], 'ohms_wu' => $ohms[2], 'temperature' => '20',
        ])->comparisons[0]->judgement->says;
        self::assertStringContainsString('through winding U', $says('star', 'OL', '0.84', 'OL'));
        self::assertStringContainsString('through winding W', $says('star', '0.84', 'OL', 'OL'));
        self::assertStringNotContainsString('through winding', $says('star', 'OL', 'OL', 'OL'));
        self::assertStringNotContainsString('through winding', $says('delta', 'OL', '1', 'OL'));
    }

    /**
     * @param  array<string, string>  $values
     * @param  array<string, mixed>  $changes
     */
    private static function read(string $kind, array $values, array $changes = []): Solution
    {
        return Circuits::solve(Circuits::fanWithItsLoad(), [...$changes, 'readings' => [
            ['kind' => $kind, 'at' => '2026-11-24T10:00:00Z', 'load_percent' => null, 'simulated' => false, 'values' => $values],
        ]]);
    }
}
