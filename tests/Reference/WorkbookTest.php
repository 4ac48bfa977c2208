<?php

declare(strict_types=1);

namespace Tests\Reference;

use App\Exchange\Workbook;
use App\Exchange\WorkbookFormat;
use App\Exchange\WorkbookReader;
use App\Exchange\WorkbookSheet;
use BraveAnvil\Books\RuleBooks;
use BraveAnvil\Circuit\TypedFields;
use BraveAnvil\Records\Register\ChoiceWords;
use BraveAnvil\Records\Register\CircuitColumns;
use BraveAnvil\Records\Register\CircuitRow;
use BraveAnvil\Records\Register\Column;
use BraveAnvil\Records\Register\RowAction;
use BraveAnvil\Tables\Tables;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Symfony\Component\Process\Process;

/** Workbooks through the hands of another program: a general-purpose office suite opens them and saves them again. */
final class WorkbookTest extends TestCase
{
    /** @return array<string, array{WorkbookFormat, string, int}> written as, saved again as,
        circuits: as many as a large site has once */
    public static function ways(): array
    {
        return [
            'XLSX' => [WorkbookFormat::Xlsx, 'xlsx', 2_000], 'ODS' => [WorkbookFormat::Ods, 'ods', 200],
            'XLSX to ODS' => [WorkbookFormat::Xlsx, 'ods', 200],
        ];
    }

    #[DataProvider('ways')]
    public function test_a_workbook_that_was_opened_and_saved_changes_nothing(WorkbookFormat $format, string $again, int $count): void
    {
        $documents = self::circuits($count);
        $paths = CircuitColumns::of(array_values($documents));
        $book = (new RuleBooks(Tables::shipped()))->named('iec');
        self::assertNotNull($book);
        $words = new ChoiceWords($book);
        $rows = [];
        foreach ($documents as $document) {
            $typed = TypedFields::of($document);
            $rows[] = array_map(static fn (string $path): string|float => preg_match('~^[1-9]\d{0,6}(\.\d?[1-9])?$~',
                $typed[$path] ?? '') === 1
                ? (float) $typed[$path] : $words->said($path, $typed[$path] ?? ''), $paths);
        }
        $bytes = Workbook::write(['Site' => 'Larkrigg Mill'], [
            new WorkbookSheet('Circuits', array_map(CircuitColumns::head(...), $paths), $paths, $rows),
        ], $format);
        $read = WorkbookReader::read(self::savedAgain($bytes, $format->value, $again),
            static fn (array $first): int => count(array_filter(
                CircuitColumns::match($first, [])->columns, static fn (Column $column): bool => $column->path !== null)));
        self::assertInstanceOf(WorkbookReader::class, $read);
        $matched = CircuitColumns::match($read->rows, []);
        $seen = 0;
        foreach (array_slice($read->rows, $matched->first) as $cells) {
            $tag = $cells[0] ?? '';
            if ($tag === '') {
                continue;
            }
            $row = CircuitRow::fromCells($matched->columns, $cells, $documents[$tag] ?? null, 'iec', [], $words);
            self::assertSame(RowAction::Leave, $row->action, $tag.' '.json_encode([$row->changes, $row->problems]));
            $seen++;
        }
        self::assertSame($count, $seen);
    }

    /** @return array<string, array<array-key, mixed>> circuits of the demo, again and again under other tags */
    private static function circuits(int $count): array
    {
        /** @var array{circuits: list<array<array-key, mixed>>} $site */
        $site = json_decode((string) file_get_contents(dirname(__DIR__, 2).'/database/demo/1-larkrigg-mill.json'), true, 32,
            JSON_THROW_ON_ERROR);
        $documents = [];
        for ($i = 0; $i < $count; $i++) {
            $document = array_diff_key($site['circuits'][$i % count($site['circuits'])], ['readings' => 0, 'sheets' => 0, 'log' => 0]);
            $tag = sprintf('M-%04d', $i);
            $documents[$tag] = [...$document, 'format' => 'brave-anvil.circuit/1', 'tag' => $tag, 'rule_book' => 'iec'];
        }

        return $documents;
    }

    private static function savedAgain(string $bytes, string $from, string $to): string
    {
        $folder = sys_get_temp_dir().'/anvil-office-'.bin2hex(random_bytes(6));
        mkdir("$folder/out", 0700, true);
        file_put_contents("$folder/book.$from", $bytes);
        $office = new Process(['soffice', '--headless', '--norestore', "-env:UserInstallation=file://$folder/profile", '--convert-to',
            $to,
            '--outdir', "$folder/out", "$folder/book.$from"], timeout: 240);
        $office->mustRun();
        $saved = file_get_contents("$folder/out/book.$to");
        (new Process(['rm', '-r', $folder]))->run();
        self::assertIsString($saved, $office->getOutput().$office->getErrorOutput());

        return $saved;
    }
}
