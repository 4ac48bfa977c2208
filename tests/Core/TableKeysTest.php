<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Defect;
use BraveAnvil\Ground\EntryCorrection;
use BraveAnvil\Tables\TableName;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Every table has a name, and a site may replace an entry of its own. That every key that code asks for is there, the analysis sees. */
final class TableKeysTest extends TestCase
{
    private const DATA = __DIR__.'/../../core/Tables/data';

    public function test_every_table_has_a_name_and_every_name_a_table(): void
    {
        $files = [];
        foreach (glob(self::DATA.'/*/*.json') ?: [] as $file) {
            $files[] = basename(dirname($file)).'/'.basename($file, '.json');
        }
        $names = array_column(TableName::cases(), 'value');
        sort($files);
        sort($names);
        self::assertSame($files, $names);
    }

    public function test_a_misspelt_key_is_a_fault_and_no_default(): void
    {
        $this->expectException(Defect::class);
        Tables::shipped()->named(TableName::PracticeGuard)->must('no_such_entry');
    }

    /** @return iterable<string, array{string, string}> table and entry that must be refused */
    public static function notEntries(): iterable
    {
        yield 'no such table' => ['iec/no_such_table', 'a'];
        yield 'no such entry' => ['iec/fuse_gg', 'no/such'];
        yield 'a group and no number' => ['nec/ampacity', 'copper'];
    }

    #[DataProvider('notEntries')]
    public function test_only_what_is_there_can_be_corrected(string $table, string $entry): void
    {
        $this->expectException(Defect::class);
        Tables::shipped()->withCorrections([new EntryCorrection($table, $entry, 1.0, 'somebody', '2026-11-02', 'why')]);
    }

    public function test_a_figure_that_rests_on_a_correction_says_so_and_no_other_does(): void
    {
        $plain = Bench::solve(Circuits::kilnFan());
        $rating = $plain->figure('power.table_current');
        self::assertNotNull($rating);
        $correction = new EntryCorrection(
            'iec/motor_current', 'rows/37/1', 70.0, 'the site’s engineer', '2026-11-02', 'measured on the type here',
        );
        $own = Bench::solve(Circuits::kilnFan(), Tables::shipped()->withCorrections([$correction]));
        $corrected = $own->figure('power.table_current');
        self::assertNotNull($corrected);
        self::assertSame(70.0, (float) $corrected->value);
        self::assertTrue($corrected->toArray()['corrected']);
        self::assertStringContainsString(
            'corrected to 70 by the site’s engineer on 2026-11-02: measured on the type here', $corrected->toArray()['source'],
        );
        $rests = array_map(
            static fn (Figure $figure): string => $figure->key(),
            array_filter($own->figures, static fn (Figure $figure): bool => $figure->toArray()['corrected'] === true),
        );
        self::assertContains('power.table_difference', $rests, 'what follows from it says so too');
        self::assertNotContains('plate.current', $rests);
        self::assertFalse($rating->toArray()['corrected']);
        self::assertEquals($plain, Bench::solve(Circuits::kilnFan()), 'the shipped tables stay as they are');
    }
}
