<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Models\Circuit;
use App\Models\Paper;
use App\Models\Person;
use App\Models\Revision;
use App\Models\RevisionStep;
use App\Models\Sheet;
use App\Sheet\FileSheet;
use App\Sheet\MakePaper;
use App\Sheet\SheetContent;
use App\Sheet\SheetRecord;
use BraveAnvil\Records\Sheet\SealedSheet;
use BraveAnvil\Records\Sheet\Verification;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Queue;
use Illuminate\Testing\TestResponse;
use Symfony\Component\HttpFoundation\Response;

/** From a bench to a signed sheet with two people, and every refusal on the way. */
final class SheetTest extends FeatureTestCase
{
    private const STAR_DELTA_REFUSED = ['plate.voltage' => '230/400', 'plate.current' => '114/66', 'starter.method' => 'star_delta'];

    private Person $preparer;

    private Person $reviewer;

    protected function setUp(): void
    {
        parent::setUp();
        $this->preparer = $this->person();
        $this->reviewer = $this->person('reviewer', 'supervisor');
    }

    private function kept(Circuit $circuit, string $name = 'as built'): int
    {
        $answer = $this->actingAs($this->preparer)->postJson("/api/circuits/$circuit->id/revisions", [
            'name' => $name, 'version' => $circuit->refresh()->version,
        ])->assertCreated();
        $id = $answer->json('id');
        self::assertIsInt($id);

        return $id;
    }

    private function sent(Circuit $circuit, string $kind = 'for_use'): int
    {
        $id = $this->kept($circuit);
        $this->postJson("/api/revisions/$id/send", ['kind' => $kind, 'remark' => ''])->assertOk();

        return $id;
    }

    /** @return list<array{key: string, taken: bool, why: string}> a plain yes to whatever is asked */
    private function yes(int $revision): array
    {
        /** @var list<array{key: string, wants_words: bool}> $questions */
        $questions = $this->actingAs($this->reviewer)->getJson("/api/revisions/$revision/review")->assertOk()->json('questions');

        return array_map(static fn (array $one): array => [
            'key' => $one['key'], 'taken' => true, 'why' => $one['wants_words'] ? 'Barred until it is mended.' : '',
        ], $questions);
    }

    /** @return TestResponse<Response> */
    private function issue(int $revision, string $password = 'larkrigg'): TestResponse
    {
        $decisions = $this->yes($revision);

        return $this->actingAs($this->reviewer)->postJson("/api/revisions/$revision/issue", [
            'password' => $password, 'remark' => '', 'decisions' => $decisions,
        ]);
    }

    public function test_two_people_make_a_signed_sheet(): void
    {
        $circuit = $this->circuit();
        $id = $this->sent($circuit);
        $this->actingAs($this->reviewer)->getJson("/api/revisions/$id/review")->assertOk();
        $issued = $this->issue($id)->assertOk();
        self::assertSame('issued', $issued->json('state'));
        self::assertSame(['sent', 'issued'], array_column((array) $issued->json('steps'), 'step'));

        $record = (string) $this->get("/api/revisions/$id/record")->assertOk()->getContent();
        $verification = Verification::of($record);
        self::assertTrue($verification->holds, implode(' ', $verification->sentences));
        self::assertSame(Sheet::query()->where('revision_id', $id)->value('sha256'), SealedSheet::sealOf($record));
        $signatures = SealedSheet::read($record)->record['signatures'];
        self::assertIsArray($signatures);
        self::assertSame(['prepared', 'reviewed and issued'], array_column($signatures, 'as'));
        self::assertSame('Supervisor', array_column($signatures, 'person')[1]);
    }

    /** The supervisor types the values, an electrician keeps and sends them: a third person signs. */
    public function test_whoever_typed_a_value_does_not_sign_it(): void
    {
        $circuit = $this->circuit();
        $draft = json_decode($circuit->draft, true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($draft);
        $draft['cable']['length'] = '70 m';
        $this->actingAs($this->reviewer)->putJson("/api/circuits/$circuit->id", ['version' => 1, 'circuit' => $draft])->assertOk();
        $id = $this->sent($circuit->refresh());
        $review = $this->actingAs($this->reviewer)->getJson("/api/revisions/$id/review")->assertOk();
        self::assertContains('Supervisor', (array) $review->json('changed_by'));
        $this->assertProblem(403, $this->issue($id));
        $other = $this->person('reviewer', 'other-supervisor');
        $decisions = $this->yes($id);
        $this->actingAs($other)->postJson("/api/revisions/$id/issue", [
            'password' => 'larkrigg', 'remark' => '', 'decisions' => $decisions,
        ])->assertOk();
        // What was issued is signed for: from here on it counts anew.
        $draft['cable']['length'] = '72 m';
        $this->actingAs($this->preparer)->putJson("/api/circuits/$circuit->id", ['version' => 2, 'circuit' => $draft])->assertOk();
        $next = $this->sent($circuit->refresh());
        self::assertSame([$this->preparer->name], $this->getJson("/api/revisions/$next/review")->json('changed_by'));
        $this->issue($next)->assertOk();
    }

    public function test_the_next_one_supersedes_it_and_says_what_differs(): void
    {
        $circuit = $this->circuit();
        $first = $this->sent($circuit);
        $this->issue($first)->assertOk();
        $draft = json_decode($circuit->refresh()->draft, true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($draft);
        $draft['cable']['length'] = '90 m';
        $this->actingAs($this->preparer)->putJson("/api/circuits/$circuit->id",
            ['version' => $circuit->version, 'circuit' => $draft])->assertOk();
        $second = $this->sent($circuit);
        $review = $this->actingAs($this->reviewer)->getJson("/api/revisions/$second/review")->assertOk();
        self::assertSame($first, $review->json('compared_with.id'));
        self::assertContains('Length, starter to motor', array_column((array) $review->json('changes'), 'label'));
        $this->getJson("/api/revisions/$first/compare/$second")->assertOk();
        $this->issue($second)->assertOk();
        $states = array_column((array) $this->getJson("/api/circuits/$circuit->id/revisions")->json('revisions'), 'state', 'id');
        self::assertSame(['issued', 'superseded'], [$states[$second], $states[$first]]);
        self::assertStringContainsString('SUPERSEDED',
            (string) $this->getJson("/api/revisions/$first/paper/door")->assertOk()->json('html'));
        self::assertStringNotContainsString('not in force', (string) $this->getJson("/api/revisions/$second/paper/door")->json('html'));
        $this->assertProblem(422, $this->getJson("/api/revisions/$first/compare/".$this->kept($this->circuit(null, 'KF-9'))));
    }

    public function test_what_moved_and_what_was_found_stands_before_the_signature(): void
    {
        $circuit = $this->circuit();
        $first = $this->sent($circuit);
        self::assertNotContains('', array_column((array) $this->getJson("/api/revisions/$first/review")->json('main'), 'to'));
        $this->issue($first)->assertOk();
        $draft = json_decode($circuit->refresh()->draft, true, 32, JSON_THROW_ON_ERROR);
        self::assertIsArray($draft);
        $draft['cable']['length'] = '400 m';
        $this->actingAs($this->preparer)->putJson("/api/circuits/$circuit->id",
            ['version' => $circuit->version, 'circuit' => $draft])->assertOk();
        $second = $this->sent($circuit, 'as_found');
        $review = $this->actingAs($this->reviewer)->getJson("/api/revisions/$second/review")->assertOk();
        $main = array_column((array) $review->json('main'), null, 'label');
        $size = $main['Conductor size, starter to motor'];
        $dial = $main['Overload relay setting'];
        self::assertNotSame($size['from'], $size['to'], 'a long run needs a larger conductor');
        self::assertSame($dial['from'], $dial['to'], 'the dial knows nothing of the run');
    }

    public function test_a_circuit_that_did_not_change_shows_the_sheet_in_force(): void
    {
        $circuit = $this->circuit();
        $typed = json_decode($circuit->draft, true, 32, JSON_THROW_ON_ERROR);
        $shown = fn (mixed $draft): TestResponse => $this->actingAs($this->preparer)
            ->postJson("/api/circuits/$circuit->id/sheet", ['paper' => 'door', 'circuit' => $draft])->assertOk();
        self::assertNull($shown($typed)->json('revision'));
        self::assertStringContainsString('DRAFT', (string) $shown($typed)->json('html'));
        $id = $this->sent($circuit);
        self::assertSame('in_review', $shown($typed)->json('revision.state'));
        $this->issue($id)->assertOk();
        $inForce = $shown($typed);
        self::assertSame([$id, 'issued'], [$inForce->json('revision.id'), $inForce->json('revision.state')]);
        self::assertStringNotContainsString('DRAFT', (string) $inForce->json('html'));
        self::assertIsArray($typed);
        $typed['cable']['length'] = '61 m';
        self::assertNull($shown($typed)->json('revision'), 'one metre more is another circuit');
        self::assertStringContainsString('DRAFT', (string) $shown($typed)->json('html'));
    }

    public function test_a_stop_is_refused_for_use_and_told(): void
    {
        $circuit = $this->circuit(null, 'CV-115', self::STAR_DELTA_REFUSED);
        $id = $this->kept($circuit);
        $refused = $this->postJson("/api/revisions/$id/send", ['kind' => 'for_use', 'remark' => '']);
        $this->assertProblem(422, $refused);
        self::assertStringStartsWith('Stop: ', (string) $refused->json('errors.0.text'));
        self::assertSame(0, RevisionStep::query()->count());
    }

    public function test_as_found_carries_its_defects_and_what_was_decided(): void
    {
        $circuit = $this->circuit(null, 'CV-115', self::STAR_DELTA_REFUSED);
        $id = $this->sent($circuit, 'as_found');
        $decisions = array_map(static fn (array $one): array => [...$one, 'why' => ''], $this->yes($id));
        $open = $this->postJson("/api/revisions/$id/issue", ['password' => 'larkrigg', 'decisions' => $decisions]);
        $this->assertProblem(422, $open);
        self::assertStringStartsWith('decisions.defect: Stop: ', (string) $open->json('errors.0.path'));
        $this->issue($id)->assertOk();
        $html = (string) $this->getJson("/api/revisions/$id/paper/file")->assertOk()->json('html');
        self::assertStringContainsString('DEFECTS', $html);
        self::assertStringContainsString('Barred until it is mended.', $html);
    }

    public function test_what_is_assumed_is_ticked_or_answered(): void
    {
        $id = $this->sent($this->circuit());
        $decisions = $this->yes($id);
        self::assertNotSame([], $decisions);
        $none = $this->postJson("/api/revisions/$id/issue", ['password' => 'larkrigg', 'decisions' => []]);
        $this->assertProblem(422, $none);
        self::assertCount(count($decisions), (array) $none->json('errors'));
        $written = array_map(static fn (array $one): array => [...$one, 'taken' => false, 'why' => 'Looked at on the spot.'], $decisions);
        $this->postJson("/api/revisions/$id/issue", ['password' => 'larkrigg', 'decisions' => $written])->assertOk();
        $kept = SealedSheet::read((string) $this->get("/api/revisions/$id/record")->getContent())->record['decisions'];
        self::assertIsArray($kept);
        self::assertSame(['Looked at on the spot.'], array_values(array_unique(array_column($kept, 'decided'))));
    }

    public function test_whoever_prepared_it_does_not_sign_it(): void
    {
        $this->preparer = $this->reviewer;
        $id = $this->sent($this->circuit());
        $this->assertProblem(403, $this->issue($id));
        $this->assertProblem(403, $this->actingAs($this->reviewer)->postJson("/api/revisions/$id/return", ['remark' => 'no']));
    }

    public function test_only_a_reviewer_signs_returns_and_withdraws(): void
    {
        $id = $this->sent($this->circuit());
        foreach (['electrician', 'administrator', 'viewer'] as $role) {
            $this->actingAs($this->person($role, "other-$role"));
            foreach ([['issue', ['password' => 'larkrigg', 'decisions' => []]], ['return', ['remark' => 'x']],
                ['withdraw', ['why' => 'x']]] as [$step, $body]) {
                $this->assertProblem(403, $this->postJson("/api/revisions/$id/$step", $body));
            }
        }
        $this->actingAs($this->person('viewer', 'reader'));
        $this->assertProblem(403, $this->postJson("/api/revisions/$id/send", ['kind' => 'for_use']));
    }

    public function test_the_password_is_asked_again_and_not_guessed(): void
    {
        $id = $this->sent($this->circuit());
        $wrong = $this->issue($id, 'not this one');
        $this->assertProblem(422, $wrong);
        self::assertSame('password', $wrong->json('errors.0.path'));
        foreach (range(1, 4) as $try) {
            $this->assertProblem(422, $this->issue($id, "guess $try"));
        }
        $this->assertProblem(429, $this->issue($id));
        self::assertSame('in_review', $this->getJson("/api/revisions/$id/review")->json('revision.state'));
    }

    public function test_it_is_returned_with_a_remark_and_sent_again(): void
    {
        $circuit = $this->circuit();
        $id = $this->sent($circuit);
        $this->assertProblem(422, $this->actingAs($this->reviewer)->postJson("/api/revisions/$id/return", ['remark' => '']));
        $returned = $this->postJson("/api/revisions/$id/return", ['remark' => 'Measure the length.'])->assertOk();
        self::assertSame('returned', $returned->json('state'));
        $this->actingAs($this->preparer)->postJson("/api/revisions/$id/send", ['kind' => 'for_use', 'remark' => 'Measured.'])->assertOk();
        $this->issue($id)->assertOk();
    }

    public function test_one_at_a_time_is_in_review_and_a_step_is_not_taken_twice(): void
    {
        $circuit = $this->circuit();
        $id = $this->sent($circuit);
        $other = $this->kept($circuit, 'another');
        $this->assertProblem(409, $this->postJson("/api/revisions/$other/send", ['kind' => 'for_use']));
        $this->issue($id)->assertOk();
        $this->assertProblem(409, $this->issue($id));
        $this->postJson("/api/revisions/$id/withdraw", ['why' => 'The motor was changed.'])->assertOk();
        $this->assertProblem(409, $this->postJson("/api/revisions/$id/withdraw", ['why' => 'again']));
        self::assertStringContainsString('WITHDRAWN', (string) $this->getJson("/api/revisions/$id/paper/file")->json('html'));
    }

    /** @return iterable<string, array{string, string}> */
    public static function records(): iterable
    {
        foreach (['revisions', 'readings', 'log_entries', 'revision_steps', 'sheets'] as $table) {
            yield "$table are emptied" => [$table, 'truncate'];
        }
        yield 'a step is deleted' => ['revision_steps', 'delete'];
        yield 'a step is changed' => ['revision_steps', 'update'];
        yield 'a record is deleted' => ['sheets', 'delete'];
        yield 'a record is changed' => ['sheets', 'update'];
    }

    #[\PHPUnit\Framework\Attributes\DataProvider('records')]
    public function test_the_database_refuses_to_change_what_was_signed(string $table, string $how): void
    {
        $this->issue($this->sent($this->circuit()))->assertOk();
        $this->expectException(QueryException::class);
        match ($how) {
            'delete' => DB::table($table)->delete(), 'truncate' => DB::statement("TRUNCATE $table CASCADE"),
            default => DB::table($table)->update(['created_at' => '2020-01-01']),
        };
    }

    /** What is typed reaches the paper as text, never as markup. */
    public function test_hostile_text_stays_text(): void
    {
        $circuit = $this->circuit(null, '<script>a(1)</script>', ['drives' => '"><img src=x onerror=alert(2)>']);
        foreach (['door', 'file'] as $paper) {
            $answer = $this->actingAs($this->preparer)->postJson("/api/circuits/$circuit->id/sheet", [
                'paper' => $paper, 'circuit' => json_decode($circuit->draft, true),
            ])->assertOk();
            $html = (string) $answer->json('html');
            self::assertStringNotContainsString('<script', $html);
            self::assertStringNotContainsString('<img src=x', $html);
            self::assertStringContainsString('&lt;script&gt;', $html);
            // A strict content policy would drop these.
            self::assertStringNotContainsString(' style=', $html);
        }
    }

    public function test_every_figure_of_the_file_sheet_is_in_its_pdf_with_its_type(): void
    {
        $circuit = $this->circuit();
        $id = $this->sent($circuit);
        $this->issue($id)->assertOk();
        $asked = $this->actingAs($this->preparer)->postJson("/api/revisions/$id/file")->assertStatus(202);
        $paper = $asked->json('id');
        self::assertIsInt($paper);
        self::assertSame('done', $this->getJson("/api/papers/$paper")->assertOk()->json('state'));
        $file = storage_path('app/papers/'.Paper::query()->whereKey($paper)->value('file'));
        self::assertFileExists($file);
        $text = self::squeezed((string) shell_exec('pdftotext -layout '.escapeshellarg($file).' -'));
        $revision = Revision::query()->with('author', 'steps.person')->findOrFail($id);
        $sheet = new FileSheet(new SheetContent(SheetRecord::of($revision)->record));
        $looked = 0;
        foreach ($sheet->stations() as $station) {
            foreach ($station['rows'] as $row) {
                self::assertStringContainsString(self::squeezed($row->value), $text, $row->label);
                $looked++;
            }
        }
        self::assertGreaterThan(45, $looked);
        self::assertStringContainsString(substr((string) Sheet::query()->where('revision_id', $id)->value('sha256'), 0, 12), $text);
        $fonts = array_slice(explode("\n", trim((string) shell_exec('pdffonts '.escapeshellarg($file)))), 2);
        self::assertNotSame([], $fonts);
        foreach ($fonts as $font) {
            self::assertMatchesRegularExpression('~ yes +yes +yes ~', $font, 'embedded and as a subset');
        }
        self::assertMatchesRegularExpression('~Pages: +[2-5]\b~', (string) shell_exec('pdfinfo '.escapeshellarg($file)));
        $this->get("/api/papers/$paper/file")->assertOk()->assertHeader('Content-Type', 'application/pdf');
        $this->assertProblem(404, $this->actingAs($this->reviewer)->get("/api/papers/$paper/file"));
        unlink($file);
    }

    private static function squeezed(string $text): string
    {
        return (string) preg_replace('~[\s\x{00A0}\x{202F}]+~u', '', $text);
    }

    public function test_a_door_card_is_one_small_page(): void
    {
        foreach ([[], self::STAR_DELTA_REFUSED, ['correction.place' => 'at_motor',
            'correction.target_power_factor' => '0.95']] as $i => $changes) {
            $id = $this->kept($this->circuit(null, "KF-$i", $changes));
            $pdf = (string) $this->get("/api/revisions/$id/door.pdf")->assertOk()->getContent();
            $file = (string) tempnam(sys_get_temp_dir(), 'door');
            file_put_contents($file, $pdf);
            $info = (string) shell_exec('pdfinfo '.escapeshellarg($file));
            self::assertMatchesRegularExpression('~Pages: +1\b~', $info);
            self::assertStringContainsString('595.28 x 419.53 pts', $info, 'A5 on its side');
            unlink($file);
        }
    }

    public function test_a_paper_is_called_off(): void
    {
        Queue::fake();
        $id = $this->kept($this->circuit());
        $paper = $this->postJson("/api/revisions/$id/file")->assertStatus(202)->json('id');
        self::assertIsInt($paper);
        self::assertSame('cancelled', $this->deleteJson("/api/papers/$paper")->assertOk()->json('state'));
        (new MakePaper($paper))->handle(new CircuitStore);
        self::assertSame('cancelled', Paper::query()->whereKey($paper)->value('state'));
        $this->assertProblem(404, $this->get("/api/papers/$paper/file"));
    }

    public function test_a_worker_that_was_killed_is_followed_by_another(): void
    {
        Queue::fake();
        $id = $this->kept($this->circuit());
        $paper = $this->postJson("/api/revisions/$id/file")->json('id');
        self::assertIsInt($paper);
        Paper::query()->whereKey($paper)->update(['state' => 'under_way']);
        (new MakePaper($paper))->handle(new CircuitStore);
        self::assertSame('done', Paper::query()->whereKey($paper)->value('state'));
        unlink(storage_path('app/papers/'.Paper::query()->whereKey($paper)->value('file')));
    }

    public function test_a_revision_from_before_there_were_sheets_is_not_sent(): void
    {
        $circuit = $this->circuit();
        $solution = (string) json_encode(['figures' => []]);
        $old = Revision::query()->create([
            'circuit_id' => $circuit->id, 'number' => 1, 'name' => 'old', 'draft' => $circuit->draft, 'solution' => $solution,
            'core' => '0.1.0',
            'created_by' => $this->preparer->id,
        ]);
        $this->assertProblem(409, $this->actingAs($this->preparer)->postJson("/api/revisions/$old->id/send", ['kind' => 'for_use']));
    }

    public function test_the_draft_on_the_screen_is_set_without_being_kept(): void
    {
        $circuit = $this->circuit();
        $draft = CircuitDocument::from(json_decode($circuit->draft, true))->data;
        $draft['drives'] = 'Kiln fan, not saved yet';
        $html = (string) $this->actingAs($this->preparer)->postJson("/api/circuits/$circuit->id/sheet",
            ['paper' => 'door', 'circuit' => $draft])
            ->assertOk()->json('html');
        self::assertStringContainsString('not saved yet', $html);
        self::assertStringContainsString('DRAFT', $html);
        self::assertSame(0, Revision::query()->count());
    }
}
