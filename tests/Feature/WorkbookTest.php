<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Exchange\Workbook;
use App\Exchange\WorkbookDate;
use App\Exchange\WorkbookFormat;
use App\Exchange\WorkbookReader;
use App\Exchange\WorkbookSheet;
use App\Models\Circuit;
use App\Models\Import;
use App\Models\Paper;
use App\Models\Site;
use App\Sheet\MakePaper;
use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Records\Register\CircuitColumns;
use Illuminate\Support\Facades\Queue;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\BinaryFileResponse;
use ZipArchive;

/** A site as a workbook and back: nothing changes on the way, what a person made himself is understood, what could harm is refused. */
final class WorkbookTest extends FeatureTestCase
{
    private Site $site;

    protected function setUp(): void
    {
        parent::setUp();
        $this->site = $this->site();
        $this->actingAs($this->person());
    }

    private function made(string $as, bool $empty = false): string
    {
        Queue::fake([MakePaper::class]);
        $id = $this->postJson("/api/sites/{$this->site->id}/workbook", ['as' => $as, 'empty' => $empty])->assertStatus(202)->json('id');
        self::assertIsInt($id);
        app()->call([new MakePaper($id), 'handle']);
        self::assertSame('done', Paper::query()->findOrFail($id)->state);
        $answer = $this->get("/api/papers/$id/file")->assertOk();
        self::assertStringContainsString(".$as", (string) $answer->headers->get('Content-Disposition'));

        self::assertInstanceOf(BinaryFileResponse::class, $answer->baseResponse);

        return $answer->baseResponse->getFile()->getContent();
    }

    /** @return array<string, mixed> the import as it stands after it was read */
    private function sent(string $bytes, string $what = 'circuits'): array
    {
        $id = $this->call('POST', "/api/sites/{$this->site->id}/imports?what=$what&name=file.xlsx", [], [], [], [
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'application/octet-stream',
        ], $bytes)->assertCreated()->json('id');

        /** @var array<string, mixed> $state */
        $state = (array) $this->getJson('/api/imports/'.(is_int($id) ? $id : 0))->assertOk()->json();

        return $state;
    }

    private static function ofRows(Spreadsheet $book): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'test');
        (new Xlsx($book))->save($file);
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    #[DataProvider('formats')]
    public function test_out_and_in_again_nothing_changes(string $as): void
    {
        $this->circuit($this->site, 'KF-204', ['plate.serial' => '=1+1', 'plate.speed' => '1480', 'starter.method' => 'star_delta',
            'plate.power_factor' => '0.870', 'cable.length' => '60 m', 'drives' => '007']);
        $this->circuit($this->site, 'KF-205', ['plate.voltage' => '400/690', 'cable.length' => '62.5']);
        $bytes = $this->made($as);
        $state = $this->sent($bytes);
        self::assertSame(['new' => 0, 'changed' => 0, 'unchanged' => 2, 'refused' => 0], $state['counts'], json_encode($state) ?: '');
        self::assertStringContainsString('Sheet “Circuits” is read.', (string) $state['message']);
        // Choices stand there in the words of the book, and text that looks like a formula is text.
        $read = WorkbookReader::read($bytes, static fn (array $rows): int => count(array_filter(
            CircuitColumns::match($rows, [])->columns, static fn ($column): bool => $column->path !== null)));
        self::assertInstanceOf(WorkbookReader::class, $read);
        $first = array_combine($read->rows[1], $read->rows[2]);
        self::assertSame(['Star-delta', '=1+1', '1480', '0.870', '007'], [
            $first['starter.method'], $first['plate.serial'], $first['plate.speed'], $first['plate.power_factor'], $first['drives'],
        ]);
    }

    /** @return array<string, array{string}> */
    public static function formats(): array
    {
        return ['XLSX' => ['xlsx'], 'ODS' => ['ods']];
    }

    public function test_another_sheet_can_be_read(): void
    {
        $book = new Spreadsheet();
        $book->getActiveSheet()->setTitle('Motors')->fromArray([['tag', 'kW', 'rpm'], ['KF-1', '37', '1480'], ['KF-2', '45', '1485']]);
        $book->createSheet()->setTitle('Spare motors')->fromArray([['tag', 'Store', 'kW'], ['KF-9', 'Bay 2', '22']]);
        $state = $this->sent(self::ofRows($book));
        self::assertSame(['Motors', 'Spare motors'], $state['sheets']);
        self::assertSame('Motors', $state['sheet'], 'more of its heads are known');
        $id = (int) (is_int($state['id']) ? $state['id'] : 0);
        $this->putJson("/api/imports/$id/columns", ['columns' => ['tag', 'plate.power', 'nothing']])->assertOk();
        self::assertSame('Motors', $this->getJson("/api/imports/$id")->json('sheet'), 'its columns told anew, it is the same sheet');
        $this->putJson("/api/imports/$id/sheet", ['sheet' => 'Spare motors'])->assertOk();
        $other = (array) $this->getJson("/api/imports/$id")->json();
        self::assertSame(['Spare motors', 1], [$other['sheet'], $other['rows']]);
        self::assertStringContainsString('Sheet “Spare motors” is read.', (string) $other['message']);
        // What was chosen for the first sheet is not carried to the columns of the second.
        self::assertSame(['tag', null, 'plate.power'], array_column((array) $other['columns'], 'path'));
        $this->assertProblem(422, $this->putJson("/api/imports/$id/sheet", ['sheet' => 'No such sheet']));
        self::assertSame('Spare motors', $this->getJson("/api/imports/$id")->json('sheet'));
        // A sheet that could not be read is left for another.
        Import::query()->whereKey($id)->update(['state' => 'failed']);
        $this->putJson("/api/imports/$id/sheet", ['sheet' => 'Motors'])->assertOk();
        self::assertSame(['Motors', 'preview'], [$this->getJson("/api/imports/$id")->json('sheet'),
            $this->getJson("/api/imports/$id")->json('state')]);
        $this->deleteJson("/api/imports/$id")->assertOk();
        $this->assertProblem(409, $this->putJson("/api/imports/$id/sheet", ['sheet' => 'Motors']));
    }

    public function test_each_row_is_shown_with_its_current_before_it_is_written(): void
    {
        $book = new Spreadsheet();
        // P = √3 U I cos φ η: 37 kW at 400 V, 0.85 and 93 % take 67.6 A.
        $book->getActiveSheet()->fromArray([
            ['Motor tag', 'kW', 'Volts', 'FLA', 'pf', 'eff', 'Hz'],
            ['KF-1', '37', '400', '67', '0.85', '93', '50'],
            ['KF-2', '37', '400', '37', '0.85', '93', '50'],
            ['KF-3', 'much', '400', '67', '0.85', '93', '50'],
            ['KF-4', '37', '400', null, '0.85', '93', '50'],
        ]);
        $state = $this->sent(self::ofRows($book));
        $examples = array_column((array) $state['columns'], 'examples', 'head');
        self::assertSame(['KF-1', 'KF-2', 'KF-3'], $examples['Motor tag'], 'three rows stand as plates');
        self::assertSame(['37', '37', 'much'], $examples['kW']);
        $id = (int) (is_int($state['id']) ? $state['id'] : 0);
        $currents = (array) $this->getJson("/api/imports/$id/currents")->assertOk()->json('currents');
        self::assertSame(['KF-1', 'KF-2', 'KF-3', 'KF-4'], array_column($currents, 'tag'));
        $plain = static fn (mixed $text): string => (string) preg_replace('/[\x{00A0}\x{202F}]/u', ' ', is_string($text) ? $text : '');
        self::assertSame(['67.6 A', '67.6 A', '', '67.6 A'], array_map($plain, array_column($currents, 'computed')));
        self::assertSame(['67 A', '37 A', '67 A', ''], array_map(
            static fn (string $text): string => str_replace('.0', '', $text), array_map($plain, array_column($currents, 'own'))));
        self::assertSame([false, true, false, false], array_column($currents, 'unusual'), '37 A is the output in the wrong column');
        self::assertCount(1, (array) $this->getJson("/api/imports/$id/currents?action=refused")->json('currents'));
        self::assertCount(2, (array) $this->getJson("/api/imports/$id/currents?count=2")->json('currents'));
        self::assertSame(0, Circuit::query()->where('tag', 'KF-1')->count(), 'nothing is written by looking');
    }

    public function test_an_empty_one_is_filled_in_and_read(): void
    {
        $bytes = $this->made('xlsx', true);
        self::assertSame(['new' => 0, 'changed' => 0, 'unchanged' => 0, 'refused' => 0], $this->sent($bytes)['counts']);
        $file = (string) tempnam(sys_get_temp_dir(), 'test');
        file_put_contents($file, $bytes);
        $book = (new \PhpOffice\PhpSpreadsheet\Reader\Xlsx())->load($file);
        unlink($file);
        $page = $book->getSheetByName('Circuits');
        self::assertNotNull($page);
        $heads = $page->rangeToArray('A2:Y2')[0];
        self::assertSame('tag', $heads[0]);
        $offer = $page->getDataValidation($page->getCell([(int) array_search('starter.method', $heads, true) + 1, 3])->getCoordinate());
        self::assertStringContainsString('Star-delta', $offer->getFormula1());
        foreach (['tag' => 'KF-300', 'plate.power' => 37, 'plate.voltage' => '400/690', 'plate.current' => '66/38',
            'starter.method' => 'star-delta'] as $path => $value) {
            $page->setCellValue([(int) array_search($path, $heads, true) + 1, 3], $value);
        }
        $state = $this->sent(self::ofRows($book));
        self::assertSame(['new' => 1, 'changed' => 0, 'unchanged' => 0, 'refused' => 0], $state['counts']);
        $this->postJson('/api/imports/'.$state['id'].'/apply')->assertOk();
        $draft = (array) json_decode(Circuit::query()->where('tag', 'KF-300')->firstOrFail()->draft, true);
        self::assertSame('star_delta', $draft['starter']['method'] ?? null);
    }

    /** A list that a maintenance department keeps: its sheet among others, its own heads, percent, formulas, hidden rows. */
    public function test_what_a_person_made_himself_is_understood(): void
    {
        $book = new Spreadsheet();
        $book->getActiveSheet()->setTitle('Notes')->setCellValue('A1', 'Ask Bert about the lathe');
        $page = $book->createSheet()->setTitle('Motors 2026');
        $page->fromArray([
            ['Motor list, Larkrigg'], ['Tag No', 'HP', 'Volts', 'FLA', 'Eff', 'Cable length (m)'],
            ['PP-1', 50, 400, 68.5, 0.939, '=30+12'], ['PP-2', 25, 400, 35, 0.92, 18],
        ]);
        $page->getStyle('E3:E4')->getNumberFormat()->setFormatCode('0.0%');
        $page->getRowDimension(4)->setVisible(false);
        $page->getCell('F3')->setCalculatedValue(42);
        $state = $this->sent(self::ofRows($book));
        self::assertSame(['new' => 2, 'changed' => 0, 'unchanged' => 0, 'refused' => 0], $state['counts'], json_encode($state) ?: '');
        foreach (['Sheet “Motors 2026” is read.', 'One hidden row is read too.',
            'Of formulas the value they had last is read.'] as $said) {
            self::assertStringContainsString($said, (string) $state['message']);
        }
        $this->postJson('/api/imports/'.$state['id'].'/apply')->assertOk();
        $draft = (array) json_decode(Circuit::query()->where('tag', 'PP-1')->firstOrFail()->draft, true);
        self::assertSame(['50 hp', '93.9 %', '42'], [$draft['plate']['power'] ?? null, $draft['plate']['efficiency'] ?? null,
            $draft['cable']['length'] ?? null]);
    }

    public function test_what_could_harm_is_refused_in_words(): void
    {
        $good = Workbook::write(['Site' => 'x'], [new WorkbookSheet('Circuits', ['Tag'], ['tag'], [['A-1']])], WorkbookFormat::Xlsx);
        $with = static function (string $name, string $content) use ($good): string {
            $file = (string) tempnam(sys_get_temp_dir(), 'test');
            file_put_contents($file, $good);
            $archive = new ZipArchive();
            $archive->open($file);
            $archive->addFromString($name, $content);
            $archive->close();
            $bytes = (string) file_get_contents($file);
            unlink($file);

            return $bytes;
        };
        foreach ([
            'macros' => $with('xl/vbaProject.bin', 'x'), 'other files' => $with('xl/externalLinks/externalLink1.xml', '<x/>'),
            'too large once it is unpacked' => $with('xl/media/huge.xml', str_repeat('0', 60_000_000)),
            'password' => "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1".str_repeat("\0", 600),
            'damaged' => substr($good, 0, 400), 'no workbook' => $this->zip(['readme.txt' => 'x']),
        ] as $why => $bytes) {
            $state = $this->sent($bytes);
            self::assertSame('failed', $state['state'], $why);
            self::assertStringContainsString($why, (string) $state['message']);
        }
        self::assertSame('preview', $this->sent($good)['state']);
        $bad = $with('xl/worksheets/sheet2.xml', '<?xml version="1.0"?><!DOCTYPE x [<!ENTITY e SYSTEM "file:///etc/passwd">]><x>&e;</x>');
        self::assertStringNotContainsString('root:', json_encode($this->sent($bad)) ?: '');
        self::assertSame(0, Circuit::query()->count());
    }

    /** @param  array<string, string>  $parts */
    private function zip(array $parts): string
    {
        $file = (string) tempnam(sys_get_temp_dir(), 'test');
        $archive = new ZipArchive();
        $archive->open($file, ZipArchive::OVERWRITE);
        foreach ($parts as $name => $content) {
            $archive->addFromString($name, $content);
        }
        $archive->close();
        $bytes = (string) file_get_contents($file);
        unlink($file);

        return $bytes;
    }

    public function test_dates_and_numbers_keep_their_digits(): void
    {
        foreach (['2026-11-24T10:00:00Z', '2026-11-24T23:59:59Z', '1999-12-31T00:00:01Z'] as $text) {
            $date = WorkbookDate::read($text);
            self::assertNotNull($date);
            self::assertSame($text, WorkbookDate::ofSerial($date->serial())->text());
        }
        self::assertNull(WorkbookDate::read('soon'));
        foreach (WorkbookFormat::cases() as $format) {
            $bytes = Workbook::write([], [new WorkbookSheet('Circuits', ['Tag', 'B', 'C', 'D'], ['tag', '', '', ''], [
                ['A', 0.1, 1234567.891, WorkbookDate::read('2026-11-24T10:00:00Z') ?? ''], ['B', 1e-7, -3.0, '0012'],
            ])], $format);
            $read = WorkbookReader::read($bytes, static fn (array $rows): int => in_array('tag', array_merge(...$rows), true) ? 1 : 0);
            self::assertInstanceOf(WorkbookReader::class, $read);
            self::assertSame([['A', '0.1', '1234567.891', '2026-11-24T10:00:00Z'], ['B', '0.0000001', '-3', '0012']],
                array_slice($read->rows, 2), $format->value);
        }
        self::assertInstanceOf(Refusal::class, WorkbookReader::read("PK\x03\x04", static fn (): int => 0));
    }
}
