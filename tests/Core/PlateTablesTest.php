<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Stations\Plate\Codes;
use BraveAnvil\Stations\Plate\Frame;
use BraveAnvil\Tables\Practice\Practice;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** What plates are decoded by, against the standards' own tables and rules. All from memory. */
final class PlateTablesTest extends TestCase
{
    /** @return list<array{string, int, float, float}> class, poles, kW, percent: IEC 60034-30-1 (2014) */
    public static function classes(): array
    {
        return [
            ['IE1', 4, 1.1, 75.0], ['IE1', 2, 11, 87.6], ['IE2', 4, 7.5, 88.7], ['IE2', 6, 22, 90.9], ['IE3', 4, 37, 93.9],
            ['IE3', 4, 0.75, 82.5], ['IE3', 2, 110, 95.2], ['IE3', 6, 5.5, 88.0], ['IE4', 4, 11, 93.3], ['IE4', 4, 200, 96.7],
        ];
    }

    #[DataProvider('classes')]
    public function test_nominal_efficiency_of_a_class(string $class, int $poles, float $kw, float $percent): void
    {
        self::assertEqualsWithDelta($percent, self::practice()->efficiencyClasses()->nominal($class, 1000 * $kw, $poles, 50), 1e-6);
    }

    public function test_a_higher_class_wastes_less_at_every_size(): void
    {
        foreach (self::ratings() as [$hertz, $poles, $kw]) {
            $values = array_filter(
                array_map(
                    static fn (string $class): ?float => self::practice()
                        ->efficiencyClasses()
                        ->nominal($class, 1000 * (float) $kw, (int) $poles, $hertz),
                    ['IE1', 'IE2', 'IE3', 'IE4'],
                ),
            );
            $sorted = $values;
            sort($sorted);
            self::assertSame($sorted, array_values($values), "$kw kW, $poles poles, $hertz Hz");
        }
    }

    /** @return iterable<array{float, string, string}> Hz, poles, kW */
    private static function ratings(): iterable
    {
        foreach ([50 => 'iec/efficiency_class_50hz', 60 => 'iec/efficiency_class_60hz'] as $hertz => $name) {
            foreach (['2', '4', '6'] as $poles) {
                foreach (Tables::shipped()->named(TableName::from($name))->keys('IE3', $poles) as $kw) {
                    yield [(float) $hertz, $poles, $kw];
                }
            }
        }
    }

    /** IEC 60034-30-1 took IE3 at 60 Hz over from NEMA MG 1 Table 12-12: two tables written down apart must agree. */
    public function test_premium_at_60_hertz_is_that_of_the_horsepower_sizes(): void
    {
        $horsepower = Tables::shipped()->named(TableName::from('nec/premium_efficiency_4pole_60hz'));
        $sizes = [
            '0.75' => '1', '1.1' => '1.5', '1.5' => '2', '2.2' => '3', '3.7' => '5', '5.5' => '7.5', '7.5' => '10', '11' => '15',
            '15' => '20', '18.5' => '25', '22' => '30', '30' => '40', '37' => '50', '45' => '60', '55' => '75', '75' => '100',
            '90' => '125', '110' => '150', '150' => '200', '185' => '250',
        ];
        foreach ($sizes as $kw => $hp) {
            self::assertSame(
                $horsepower->number((string) $hp),
                self::practice()->efficiencyClasses()->nominal('IE3', 1000 * (float) $kw, 4, 60),
                "$kw kW",
            );
        }
        self::assertNull(self::practice()->efficiencyClasses()->nominal('IE3', 37000, 4, 55), 'no table for this frequency');
    }

    /** NEC 430.7(B): every letter begins where the one before ends; there is no I, O or Q. */
    public function test_code_letters_follow_each_other_without_a_gap(): void
    {
        $table = Tables::shipped()->named(TableName::from('nec/code_letter'));
        $before = null;
        foreach (str_split('ABCDEFGHJKLMNPRSTUV') as $letter) {
            $low = $table->number($letter, '0');
            self::assertNotNull($low);
            if ($before !== null) {
                self::assertEqualsWithDelta(0.01, $low - $before, 1e-6, $letter);
            }
            $before = $table->number($letter, '1');
            self::assertNotNull(self::codes()->codeLetter($letter));
        }
        self::assertNull($before, 'V has no end');
        foreach (['I', 'O', 'Q'] as $letter) {
            self::assertNull(self::codes()->codeLetter($letter));
        }
    }

    /** @return list<array{string, bool, float}> frame, metric, shaft height in mm: IEC 60072-1 and NEMA MG 1 4.2 */
    public static function frames(): array
    {
        return [
            ['132S', true, 132], ['315', true, 315], ['56', true, 56], ['56', false, 88.9], ['48', false, 76.2], ['143T', true, 88.9],
            ['182T', false, 114.3], ['256T', false, 158.75], ['254T', false, 158.75], ['364T', false, 228.6], ['405T', false, 254],
            ['449T', false, 279.4], ['5008', false, 317.5], ['IEC 999', true, 0], ['T256', false, 0],
        ];
    }

    #[DataProvider('frames')]
    public function test_a_frame_is_its_shaft_height(string $frame, bool $metric, float $millimetres): void
    {
        $read = Frame::of($frame, $metric, self::practice()->stamps());
        $millimetres === 0.0 ? self::assertNull($read) : self::assertEqualsWithDelta($millimetres, $read?->height, 1e-6);
    }

    public function test_feet_grow_with_the_frame(): void
    {
        foreach (
            [
                [
                    'iec',
                    ['56', '63', '71', '80', '90S', '100L', '112M', '132M', '160L', '180L', '200L', '225M', '250M', '280M', '315M', '355M'],
                    true,
                ],
                [
                    'nema',
                    [
                        '56', '143T', '145T', '182T', '184T', '213T', '215T', '254T', '256T', '284T', '286T', '324T', '326T', '364T',
                        '404T', '444T', '447T', '449T',
                    ],
                    false,
                ],
            ] as [$world, $frames, $metric]
        ) {
            $before = 0.0;
            foreach ($frames as $name) {
                $frame = Frame::of($name, $metric, self::practice()->stamps());
                $area = ($frame->feet['across'] ?? 0) * ($frame->feet['along'] ?? 0);
                self::assertGreaterThan($before, $area, "$world $name");
                $before = $area;
            }
        }
    }

    private static function practice(): Practice
    {
        return new Practice(Tables::shipped());
    }

    private static function codes(): Codes
    {
        return new Codes(self::practice()->stamps(), self::practice()->codeLetters());
    }
}
