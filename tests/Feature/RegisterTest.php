<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Boards\BoardStore;
use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Circuits\ReadingStore;
use App\Models\Circuit;
use App\Models\Import;
use App\Models\ImportRow;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Site;
use App\Register\ApplyImport;
use App\Register\ImportStore;
use App\Register\ReadImport;
use App\Sheet\MakePaper;
use BraveAnvil\Records\Register\CsvText;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use PHPUnit\Framework\Attributes\DataProvider;
use Symfony\Component\HttpFoundation\Response;

/** The register of a site out as files and in again: looked at first, then written, never doubled, never half. */
final class RegisterTest extends FeatureTestCase
{
    private Site $site;

    private Person $person;

    protected function setUp(): void
    {
        parent::setUp();
        $this->site = $this->site();
        $this->person = $this->person();
        $this->actingAs($this->person);
    }

    /** @return TestResponse<Response> */
    private function send(string $bytes, string $what = 'circuits'): TestResponse
    {
        return $this->call('POST', "/api/sites/{$this->site->id}/imports?what=$what&name=file.csv", [], [], [], [
            'HTTP_ACCEPT' => 'application/json', 'CONTENT_TYPE' => 'text/csv',
        ], $bytes);
    }

    private function read(string $bytes, string $what = 'circuits'): int
    {
        $answer = $this->send($bytes, $what)->assertCreated();
        $id = $answer->json('id');
        self::assertIsInt($id);

        return $id;
    }

    /** @return array<string, mixed> */
    private function state(int $id): array
    {
        $answer = $this->getJson("/api/imports/$id")->assertOk();

        /** @var array<string, mixed> $state */
        $state = (array) $answer->json();

        return $state;
    }

    /** @return array<string, int> */
    private function counts(int $id): array
    {
        /** @var array<string, int> $counts */
        $counts = (array) $this->state($id)['counts'];

        return $counts;
    }

    public function test_nothing_is_written_before_it_is_applied_and_then_all_of_it(): void
    {
        $id = $this->read("tag,drives,plate.power,plate.voltage\nKF-1,Kiln fan 1,37 kW,400/690\nKF-2,Kiln fan 2,30 kW,400/690\n");
        self::assertSame('preview', $this->state($id)['state']);
        self::assertSame(['new' => 2, 'changed' => 0, 'unchanged' => 0, 'refused' => 0], $this->counts($id));
        self::assertSame(0, Circuit::query()->count());
        $this->getJson("/api/imports/$id/rows")->assertOk();
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame(['done', 2], [$this->state($id)['state'], $this->state($id)['applied']]);
        self::assertSame(['KF-1', 'KF-2'], Circuit::query()->orderBy('tag')->pluck('tag')->all());
        $this->assertProblem(409, $this->postJson("/api/imports/$id/apply"));
    }

    public function test_what_changes_is_shown_old_and_new_and_the_same_file_again_changes_nothing(): void
    {
        $circuit = $this->circuit($this->site);
        $file = "tag,cable.length\nKF-204,75 m\n";
        $id = $this->read($file);
        $row = $this->getJson("/api/imports/$id/rows")->json('rows.0');
        self::assertIsArray($row);
        self::assertSame('changed', $row['action']);
        self::assertSame(
            [['label' => 'Length, starter to motor', 'from' => '60 m', 'to' => '75 m', 'read' => "75\u{00A0}m"]], $row['changes'],
        );
        $this->postJson("/api/imports/$id/apply")->assertOk();
        $draft = json_decode($circuit->refresh()->draft, true);
        self::assertIsArray($draft);
        self::assertSame('75 m', $draft['cable']['length']);
        self::assertSame('37 kW', $draft['plate']['power'], 'what the file has no column for stays');
        self::assertSame(1, $this->counts($this->read($file))['unchanged']);
    }

    public function test_a_column_says_which_board_feeds_a_circuit(): void
    {
        $circuit = $this->circuit($this->site);
        $board = $this->postJson("/api/sites/{$this->site->id}/boards", ['tag' => 'LK-MCC1'])->assertCreated()->json('id');
        $id = $this->read("Tag,kW,Volts,Fed from\nKF-204,,,lk-mcc1\nKF-9,30,400/690,LK-MCC1\nKF-10,30,400/690,LK-MCC7\n");
        $rows = (array) $this->getJson("/api/imports/$id/rows")->json('rows');
        self::assertSame(['changed', 'new', 'refused'], array_column($rows, 'action'));
        self::assertContains(['label' => 'Board', 'from' => '', 'to' => 'LK-MCC1', 'read' => 'LK-MCC1'], $rows[0]['changes']);
        self::assertSame(['No board at this site has this tag.', 'D Fed from'], [$rows[2]['problems'][0]['text'],
            $rows[2]['problems'][0]['column']]);
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame($board, $circuit->refresh()->board_id);
        self::assertSame(2, Circuit::query()->where('board_id', $board)->count());
        self::assertStringNotContainsString('board', $circuit->draft, 'it stands beside what is typed');
        // What a board gives is nobody's to type.
        $given = $this->read("tag,supply.board.fault_ampere\nKF-204,9000\n");
        self::assertNull(((array) $this->state($given)['columns'])[1]['path']);
        // Shown, counted and found in the yard.
        $yard = $this->getJson("/api/circuits?site={$this->site->id}&board=$board&group=board")->assertOk();
        self::assertSame(['LK-MCC1', 'LK-MCC1'], array_column((array) $yard->json('circuits'), 'board'));
        self::assertSame([['value' => (string) $board, 'label' => 'LK-MCC1', 'count' => 2]], $yard->json('groups'));
        // Out and in again nothing changes; an emptied cell takes it off.
        $bytes = (string) $this->get("/api/sites/{$this->site->id}/circuits.csv")->assertOk()->getContent();
        self::assertSame(['new' => 0, 'changed' => 0, 'unchanged' => 2, 'refused' => 0], $this->counts($this->read($bytes)));
        $id = $this->read("tag,board\nKF-204,\n");
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertNull($circuit->refresh()->board_id);
        self::assertSame(1, $this->getJson("/api/boards/$board")->json('placed.0.id') === null ? 0 : 1);
    }

    public function test_export_import_export_gives_the_same_bytes(): void
    {
        $this->circuit($this->site, '=cmd|calc', ['drives' => "Kiln fan, \"north\"\nabove the door",
            'load.points' => '0 40; 50 30; 100 90']);
        $this->circuit($this->site, 'KF-2', ['cable.length' => '37,5']);
        $bytes = (string) $this->get("/api/sites/{$this->site->id}/circuits.csv")->assertOk()->getContent();
        self::assertStringContainsString("'=cmd|calc", $bytes);
        $id = $this->read($bytes);
        self::assertSame(2, $this->counts($id)['unchanged']);
        $other = $this->site();
        $this->site = $other;
        $id = $this->read($bytes);
        self::assertSame(2, $this->counts($id)['new']);
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame($bytes, (string) $this->get("/api/sites/$other->id/circuits.csv")->getContent());
        $lines = (string) $this->get("/api/sites/$other->id/circuits.jsonl")->assertOk()->getContent();
        self::assertSame(2, substr_count($lines, "\n"));
        $this->site = $this->site();
        $id = $this->read($lines);
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame($lines, (string) $this->get("/api/sites/{$this->site->id}/circuits.jsonl")->getContent());
    }

    public function test_figures_go_along_and_are_not_read(): void
    {
        $this->circuit($this->site);
        $bytes = (string) $this->get("/api/sites/{$this->site->id}/circuits.csv?figures=1")->assertOk()->getContent();
        self::assertStringContainsString('figure:cable.size', $bytes);
        self::assertStringContainsString('(calculated)', $bytes);
        self::assertSame(1, $this->counts($this->read($bytes))['unchanged']);
    }

    /** @return iterable<string, array{string, string}> */
    public static function badFiles(): iterable
    {
        yield 'of another program' => ["PK\x03\x04\x14\x00\x06\x00\x08\x00", 'damaged'];
        yield 'rows without end' => ["tag\n".str_repeat("KF\n", 20_001), '20 000 rows'];
        yield 'a quotation mark is open' => ["tag,drives\nKF-1,\"x\n", 'quotation mark'];
        yield 'nothing in it' => [" \n ", 'empty'];
    }

    #[DataProvider('badFiles')]
    public function test_a_bad_file_is_refused_in_a_sentence_and_leaves_nothing(string $bytes, string $says): void
    {
        $id = $this->read($bytes);
        self::assertSame('failed', $this->state($id)['state']);
        self::assertStringContainsString($says, (string) $this->getJson("/api/imports/$id")->json('message'));
        self::assertSame(0, ImportRow::query()->count());
        $this->assertProblem(409, $this->postJson("/api/imports/$id/apply"));
        $this->assertProblem(422, $this->send(''));
    }

    public function test_bad_cells_are_named_and_the_refused_rows_are_a_file_of_their_own(): void
    {
        $id = $this->read("tag;plate.power;drives\nKF-1;much;a\nKF-2;37,5;b\n;30;c\nKF-2;30;d\n");
        self::assertSame(['new' => 1, 'changed' => 0, 'unchanged' => 0, 'refused' => 3], $this->counts($id));
        $rows = (array) $this->getJson("/api/imports/$id/rows?action=refused")->assertOk()->json('rows');
        self::assertSame([2, 4, 5], array_column($rows, 'number'));
        $refused = (string) $this->get("/api/imports/$id/refused.csv")->assertOk()->getContent();
        $csv = CsvText::read($refused);
        self::assertInstanceOf(CsvText::class, $csv);
        self::assertSame(['tag', 'plate.power', 'drives', 'why'], $csv->rows[1]);
        self::assertSame(['KF-1', 'much', 'a'], array_slice($csv->rows[2], 0, 3));
        // Mended, it is read as it is; the tag that stood twice stands once in it.
        self::assertSame(2, $this->counts($this->read(str_replace('KF-1,much', 'KF-1,37 kW', $refused)))['new']);
    }

    public function test_a_person_chooses_the_columns_of_a_strange_file(): void
    {
        $id = $this->read("Motor,Colour,Size\nKF-1,green,37 kW\n");
        self::assertSame(0, $this->state($id)['rows']);
        $this->assertProblem(422, $this->putJson("/api/imports/$id/columns", ['columns' => ['no.such', null, null]]));
        $this->putJson("/api/imports/$id/columns", ['columns' => ['tag', null, 'plate.power']])->assertOk();
        self::assertSame(1, $this->counts($id)['new']);
        // A column with cells that nobody decided holds all of it back.
        $refused = $this->postJson("/api/imports/$id/apply");
        $this->assertProblem(409, $refused);
        self::assertStringContainsString('B Colour', (string) $refused->json('detail'));
        self::assertSame(0, Circuit::query()->count());
        $this->putJson("/api/imports/$id/columns", ['columns' => ['tag', 'nothing', 'plate.power']])->assertOk();
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame('KF-1', Circuit::query()->sole()->tag);
        $columns = $this->state($id)['columns'];
        self::assertIsArray($columns);
        self::assertSame(['tag', null, 'plate.power'], array_column($columns, 'path'), 'the map can be looked at afterwards');
    }

    /** 10 below “HP” is 10 hp, 7.46 kW, and never 10 kW; what people write above their columns is known. */
    public function test_the_unit_of_a_head_counts_and_every_value_is_shown_as_it_is_read(): void
    {
        $id = $this->read("Tag no,HP,Volts,FLA,RPM,Length (ft)\nDF-9,10,400/690,15.2/8.8,1460,200\n");
        $rows = (array) $this->getJson("/api/imports/$id/rows?action=refused")->assertOk()->json('rows');
        self::assertSame([], $rows);
        $this->putJson("/api/imports/$id/columns", ['columns' => ['tag', 'plate.power', null, null, null, 'cable.length']])->assertOk();
        $row = $this->getJson("/api/imports/$id/rows?action=new")->json('rows.0');
        self::assertIsArray($row);
        $read = array_column((array) $row['changes'], 'read', 'label');
        self::assertStringContainsString('7.46 kW', str_replace("\u{00A0}", ' ', (string) $read['Rated output']));
        self::assertSame('60.96 m', str_replace("\u{00A0}", ' ', (string) $read['Length, starter to motor']));
        $columns = $this->state($id)['columns'];
        self::assertIsArray($columns);
        self::assertSame(['', 'hp', '', '', '', 'ft'], array_column($columns, 'unit'));
        $this->postJson("/api/imports/$id/apply")->assertOk();
        $draft = json_decode(Circuit::query()->sole()->draft, true);
        self::assertIsArray($draft);
        self::assertSame('10 hp', $draft['plate']['power']);
    }

    public function test_new_circuits_begin_with_the_sites_supply(): void
    {
        $this->site->forceFill(['supply' => ['voltage' => '690', 'frequency' => '50', 'transformer_kva' => '630']])->save();
        $id = $this->read("tag,plate.power,supply.frequency,supply.voltage\nKF-1,37 kW,,400\n");
        $this->postJson("/api/imports/$id/apply")->assertOk();
        $lines = $this->read(json_encode(['tag' => 'KF-2', 'plate' => ['power' => '30 kW']], JSON_THROW_ON_ERROR)."\n");
        $this->postJson("/api/imports/$lines/apply")->assertOk();
        $supply = static function (string $tag): mixed {
            $draft = json_decode(Circuit::query()->where('tag', $tag)->sole()->draft, true);

            return is_array($draft) ? $draft['supply'] ?? null : null;
        };
        self::assertEquals(['voltage' => '400', 'frequency' => '50', 'transformer_kva' => '630'], $supply('KF-1'),
            'a cell goes before it');
        self::assertEquals(['voltage' => '690', 'frequency' => '50', 'transformer_kva' => '630'], $supply('KF-2'));
    }

    public function test_a_longer_tag_is_refused_and_one_from_before_may_stay(): void
    {
        $long = str_repeat('K', 25);
        $id = $this->read("tag,plate.power\n$long,37 kW\n");
        self::assertSame(1, $this->counts($id)['refused']);
        $circuit = $this->circuit($this->site);
        $draft = ['tag' => $long] + (array) json_decode($circuit->draft, true);
        $this->assertProblem(422, $this->putJson("/api/circuits/{$circuit->id}", ['version' => $circuit->version, 'draft' => $draft]));
        Circuit::query()->whereKey($circuit->id)->update(['tag' => $long, 'draft' => json_encode($draft, JSON_THROW_ON_ERROR)]);
        self::assertSame(1, $this->counts($this->read("tag,cable.length\n$long,80 m\n"))['changed']);
    }

    public function test_a_circuit_that_somebody_changed_meanwhile_is_not_overwritten(): void
    {
        $circuit = $this->circuit($this->site);
        $id = $this->read("tag,cable.length\nKF-204,75 m\n");
        $draft = json_decode($circuit->draft, true);
        self::assertIsArray($draft);
        $draft['cable']['length'] = '61 m';
        (new CircuitStore)->save($circuit->load('site'), $circuit->version, CircuitDocument::from($draft), $this->person);
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertStringContainsString('61 m', $circuit->refresh()->draft);
        $row = $this->getJson("/api/imports/$id/rows")->json('rows.0');
        self::assertIsArray($row);
        self::assertSame('refused', $row['action']);
        self::assertStringContainsString('Someone else changed', $row['problems'][0]['text']);
    }

    /** A worker that is killed leaves its piece to another: what was written is not written twice. */
    public function test_a_piece_that_is_begun_again_doubles_nothing(): void
    {
        $lines = implode('', array_map(static fn (int $i): string => "KF-$i,30 kW\n", range(1, 30)));
        $id = $this->read("tag,plate.power\n$lines");
        $ids = array_values(ImportRow::query()->where('import_id', $id)->pluck('id')
            ->map(static fn (mixed $one): int => is_numeric($one) ? (int) $one : 0)->all());
        Import::query()->whereKey($id)->update(['state' => 'applying']);
        (new ApplyImport($id, array_slice($ids, 0, 20)))->handle(new CircuitStore, app(ReadingStore::class), app(BoardStore::class));
        (new ApplyImport($id, $ids))->handle(new CircuitStore, app(ReadingStore::class), app(BoardStore::class));
        (new ApplyImport($id, $ids))->handle(new CircuitStore, app(ReadingStore::class), app(BoardStore::class));
        self::assertSame(30, Circuit::query()->count());
        self::assertSame(30, ImportRow::query()->where('applied', true)->count());
    }

    public function test_what_was_called_off_can_go_on(): void
    {
        $id = $this->read("tag\nKF-1\nKF-2\n");
        $this->deleteJson("/api/imports/$id")->assertOk();
        self::assertSame('cancelled', $this->state($id)['state']);
        self::assertSame(0, Circuit::query()->count());
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame(2, Circuit::query()->count());
    }

    public function test_readings_go_out_and_come_in_once(): void
    {
        $circuit = $this->circuit($this->site);
        $this->postJson("/api/circuits/$circuit->id/readings/typed", [
            'kind' => 'speed', 'values' => ['rpm' => '1484'], 'instrument' => 'strobe', 'note' => '=1+1',
            'taken_at' => '2026-11-20T08:00:00Z',
        ]);
        $kept = Reading::query()->count();
        self::assertSame(1, $kept);
        $bytes = (string) $this->get("/api/sites/{$this->site->id}/readings.csv")->assertOk()->getContent();
        self::assertSame(1, $this->counts($this->read($bytes, 'readings'))['unchanged']);
        $other = str_replace('2026-11-20T08', '2026-11-21T08', $bytes);
        $id = $this->read($other, 'readings');
        self::assertSame(1, $this->counts($id)['new']);
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame(2, Reading::query()->count());
        $lines = (string) $this->get("/api/sites/{$this->site->id}/readings.jsonl")->assertOk()->getContent();
        self::assertSame(2, $this->counts($this->read($lines, 'readings'))['unchanged']);
        self::assertSame(2, $this->counts($this->read(str_replace('2026-11-2', '2026-10-2', $lines), 'readings'))['new']);
        self::assertSame(1, $this->counts($this->read("{\"tag\":\"KF-204\"}\n", 'readings'))['refused']);
        $bad = $this->read(str_replace('KF-204', 'KF-999', $bytes), 'readings');
        self::assertSame(1, $this->counts($bad)['refused']);
    }

    public function test_who_only_reads_imports_nothing(): void
    {
        $id = $this->read("tag\nKF-1\n");
        $this->actingAs($this->person('viewer', 'reader'));
        $this->assertProblem(403, $this->send("tag\nKF-2\n"));
        foreach ([['POST', 'apply'], ['DELETE', ''], ['PUT', 'columns']] as [$method, $path]) {
            $this->assertProblem(403, $this->json($method, rtrim("/api/imports/$id/$path", '/'), ['columns' => ['tag']]));
        }
        $this->get("/api/sites/{$this->site->id}/circuits.csv")->assertOk();
    }

    public function test_schedules_are_made_as_tables_and_as_papers(): void
    {
        $this->circuit($this->site, 'KF-204', ['correction.place' => 'at_motor', 'correction.target_power_factor' => '0.95']);
        $this->circuit($this->site, '=KF-205');
        foreach (['motors' => 2, 'cables' => 2, 'settings' => 2, 'capacitors' => 1] as $name => $rows) {
            foreach (['csv', 'pdf'] as $as) {
                $answer = $this->postJson("/api/sites/{$this->site->id}/schedules", ['name' => $name, 'as' => $as])->assertStatus(202);
                $paper = $answer->json('id');
                self::assertIsInt($paper);
                $file = $this->get("/api/papers/$paper/file")->assertOk()->baseResponse;
                self::assertInstanceOf(\Symfony\Component\HttpFoundation\BinaryFileResponse::class, $file);
                $bytes = (string) file_get_contents($file->getFile()->getPathname());
                unlink($file->getFile()->getPathname());
                if ($as === 'csv') {
                    $csv = CsvText::read($bytes);
                    self::assertInstanceOf(CsvText::class, $csv);
                    self::assertCount($rows + 1, $csv->rows, $name);
                } else {
                    self::assertStringStartsWith('%PDF-', $bytes);
                }
            }
        }
        $this->assertProblem(422, $this->postJson("/api/sites/{$this->site->id}/schedules", ['name' => 'nothing', 'as' => 'csv']));
    }

    protected function tearDown(): void
    {
        foreach (Import::query()->get() as $import) {
            @unlink(ImportStore::path($import));
        }
        parent::tearDown();
    }

    /** What a body may not hold no row may hold: such rows are refused and told, the others are read. */
    public function test_rows_that_cannot_be_kept_are_refused_and_the_others_read(): void
    {
        $id = $this->read(implode("\n", [
            '{"tag":"A-1","plate":{"power":"37 kW"}}', '{"tag":"A-2","cable":{"\u0000a":1}}', '{"tag":"A-3","cable":{"length":1e9999}}',
            '{"tag":"A-4","7":"x","0":["a"],"plate":{"0":"a"}}', '{"tag":"A-5","readings":"x\u0000"}', '[1]', 'no JSON at all',
        ]));
        $counts = $this->counts($id);
        self::assertSame('preview', $this->state($id)['state']);
        self::assertSame(7, array_sum($counts));
        self::assertSame(6 - $counts['new'] + 1, $counts['refused']);
        self::assertGreaterThanOrEqual(1, $counts['new']);
        $texts = (string) $this->getJson("/api/imports/$id/rows?action=refused")->assertOk()->getContent();
        self::assertStringContainsString('This number is too large.', $texts);
        $this->postJson("/api/imports/$id/apply")->assertOk();
        self::assertSame('done', $this->state($id)['state']);

        $id = $this->read('{"tag":"A-1","kind":"speed","taken_at":"2026-11-01","values":{"rpm":"1480","0":"x"}}'."\n".
            '{"tag":"A-1","kind":"speed","taken_at":"2026-11-01","values":{"\u0000":"1480"}}'."\n".
            '{"tag":"A-1","kind":"speed","taken_at":"99999-01-01","values":{"rpm":"1480"}}', 'readings');
        self::assertSame(3, $this->counts($id)['refused']);
        $state = $this->state($this->read("Tag,Drives\nA-\0 9,\"x\0y\"\n"));
        self::assertSame('failed', $state['state']);
        self::assertNotSame('', $state['message']);
    }

    public function test_an_import_whose_worker_fails_ends_with_words(): void
    {
        $id = $this->read("Tag\nA-1\n");
        Import::query()->whereKey($id)->update(['state' => 'reading']);
        (new ReadImport($id))->failed();
        $state = $this->state($id);
        self::assertSame('failed', $state['state']);
        self::assertIsString($state['message']);
        self::assertStringContainsString('could not be read completely', $state['message']);
    }

    /** 150 papers of one person are three at a time, and hold up nobody's import. */
    public function test_a_person_has_three_papers_under_way(): void
    {
        Queue::fake();
        $ask = fn (): TestResponse => $this->postJson("/api/sites/{$this->site->id}/schedules", ['name' => 'motors', 'as' => 'csv']);
        for ($i = 0; $i < 3; $i++) {
            $ask()->assertStatus(202);
        }
        $this->assertProblem(429, $ask());
        $this->actingAs($this->person('electrician', 'another'));
        $ask()->assertStatus(202);
        $this->send("Tag\nA-1\n")->assertCreated();
        Queue::assertPushedOn('papers', MakePaper::class);
        Queue::assertPushedOn('imports', ReadImport::class);
    }
}
