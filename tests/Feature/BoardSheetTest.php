<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Board;
use App\Models\Circuit;
use App\Models\Paper;
use App\Models\Person;
use App\Sheet\MakePaper;
use BraveAnvil\Records\Sheet\Verification;
use Illuminate\Support\Facades\Queue;

/** A board from its page to a signed sheet with two people: schedule of circuits, feeder, settings, restart. */
final class BoardSheetTest extends FeatureTestCase
{
    private const TYPED = [
        'supply' => ['transformer_kva' => '630', 'transformer_impedance_percent' => '6', 'earthing' => 'tn_s'],
        'cable' => ['length' => '70 m', 'insulation' => 'xlpe', 'method' => 'E', 'material' => 'copper', 'grouped_circuits' => '1'],
        'guard' => ['scpd' => 'fuse_gg'],
        'other_loads' => [['tag' => 'LT', 'kind' => 'lighting', 'current' => '16']],
    ];

    private Person $preparer;

    private Person $reviewer;

    private Circuit $circuit;

    private Board $board;

    protected function setUp(): void
    {
        parent::setUp();
        [$this->preparer, $this->reviewer] = [$this->person(), $this->person('reviewer', 'supervisor')];
        $this->circuit = $this->circuit($this->site(), 'KF-204', ['cable.length' => '40 m', 'supply' => []]);
        $this->actingAs($this->preparer);
        $this->board = $this->board('MCC-1');
        $this->fill($this->board, self::TYPED, [$this->circuit->id]);
    }

    private function board(string $tag): Board
    {
        $id = $this->postJson('/api/sites/'.$this->circuit->site_id.'/boards', ['tag' => $tag])->assertCreated()->json('id');

        return Board::query()->whereKey($id)->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<int>  $circuits
     */
    private function fill(Board $board, array $typed, array $circuits, ?int $fedBy = null): void
    {
        // An empty list and an empty map are one in what this test sends.
        $this->broken = $circuits === [];
        $this->putJson("/api/boards/$board->id", [
            'version' => $board->refresh()->version, 'tag' => $board->tag, 'fed_by' => $fedBy, 'typed' => $typed,
            'circuits' => array_map(static fn (int $id): array => ['id' => $id, 'place' => ['restart' => true]], $circuits),
        ])->assertOk();
        $this->broken = false;
    }

    private function kept(Board $board, string $name = 'as built'): int
    {
        $id = $this->actingAs($this->preparer)->postJson("/api/boards/$board->id/revisions", [
            'name' => $name, 'version' => $board->refresh()->version,
        ])->assertCreated()->json('id');
        self::assertIsInt($id);

        return $id;
    }

    private function signed(Board $board, string $kind = 'for_use'): int
    {
        $id = $this->kept($board);
        $this->postJson("/api/revisions/$id/send", ['kind' => $kind, 'remark' => ''])->assertOk();
        $review = $this->actingAs($this->reviewer)->getJson("/api/revisions/$id/review")->assertOk();
        /** @var list<array{key: string, wants_words: bool}> $questions */
        $questions = $review->json('questions');
        $this->postJson("/api/revisions/$id/issue", [
            'password' => 'larkrigg', 'remark' => '', 'decisions' => array_map(static fn (array $one): array => [
                'key' => $one['key'], 'taken' => true, 'why' => $one['wants_words'] ? 'Barred until it is mended.' : '',
            ], $questions),
        ])->assertOk();

        return $id;
    }

    public function test_a_board_is_signed_by_a_second_person_and_its_record_holds(): void
    {
        $id = $this->signed($this->board);
        $record = (string) $this->get("/api/revisions/$id/record")->assertOk()->getContent();
        $verification = Verification::of($record);
        self::assertTrue($verification->holds, implode(' ', $verification->sentences));
        self::assertContains('The figures follow from the entered values.', $verification->sentences);
        // Whoever changes a circuit on it in the record is found out, at its place.
        self::assertStringContainsString('board.circuits was changed', implode(' ', Verification::of(
            str_replace('"tag":"KF-204"', '"tag":"KF-205"', $record),
        )->sentences));
        $file = $this->getJson("/api/revisions/$id/paper/file")->assertOk();
        $html = (string) $file->json('html');
        foreach (['MCC-1', 'KF-204', 'Transformer 630', 'Schedule of circuits', 'Restart after a blackout', 'Other loads', 'lighting',
            'reviewed and issued by', 'One-line diagram of MCC-1'] as $wanted) {
            self::assertStringContainsString($wanted, $html);
        }
        self::assertStringContainsString('Motors start by themselves', (string) $this->getJson("/api/revisions/$id/paper/door")
            ->json('html'));
        $pdf = (string) $this->get("/api/revisions/$id/door.pdf")->assertOk()->getContent();
        self::assertStringStartsWith('%PDF', $pdf);
        // The board still is as it was signed; then it is not, and its page says so.
        self::assertSame(['number' => 1, 'unchanged' => true], array_intersect_key(
            (array) $this->getJson('/api/boards/'.$this->board->id)->json('in_force'), ['unchanged' => 0, 'number' => 0],
        ));
        self::assertSame($id, $this->getJson('/api/boards/'.$this->board->id.'/paper/file')->json('revision.id'));
        $this->actingAs($this->preparer);
        $this->fill($this->board, [...self::TYPED, 'cable' => [...self::TYPED['cable'], 'length' => '20 m']], [$this->circuit->id]);
        self::assertFalse($this->getJson('/api/boards/'.$this->board->id)->json('in_force.unchanged'));
        self::assertNull($this->getJson('/api/boards/'.$this->board->id.'/paper/file')->json('revision'));
        // The next one takes its place, and says what it has otherwise.
        $second = $this->signed($this->board);
        self::assertSame('superseded', $this->getJson('/api/boards/'.$this->board->id.'/revisions')->json('revisions.1.state'));
        $changes = $this->getJson("/api/revisions/$id/compare/$second")->assertOk()->json('changes');
        self::assertIsArray($changes);
        self::assertContains(['kind' => 'field', 'station' => '', 'label' => 'Length', 'from' => '70 m', 'to' => '20 m', 'because' => []],
            $changes);
        $drops = array_values(array_filter($changes, static fn (mixed $one): bool => is_array($one)
            && $one['label'] === 'Voltage drop of the feeder'));
        self::assertSame(['Length'], $drops[0]['because']);
        // It is withdrawn before the board may go.
        $this->fill($this->board, self::TYPED, []);
        $this->assertProblem(422, $this->deleteJson('/api/boards/'.$this->board->id, ['version' => $this->board->refresh()->version]));
        $this->actingAs($this->reviewer)->postJson("/api/revisions/$second/withdraw", ['why' => 'Removed.'])->assertOk();
        $this->actingAs($this->preparer)->deleteJson('/api/boards/'.$this->board->id, ['version' => $this->board->refresh()->version])
            ->assertNoContent();
        $this->assertProblem(404, $this->getJson('/api/boards/'.$this->board->id));
        $this->getJson("/api/revisions/$second/paper/file")->assertOk();
        self::assertSame('MCC-1', $this->board('MCC-1')->tag, 'its tag is free again');
    }

    public function test_a_sheet_of_a_board_is_not_signed_by_whoever_changed_what_it_rests_on(): void
    {
        $editor = $this->person('electrician', 'electrician-b');
        $this->actingAs($editor)->putJson('/api/circuits/'.$this->circuit->id, [
            'version' => $this->circuit->refresh()->version,
            'circuit' => [...(array) $this->getJson('/api/circuits/'.$this->circuit->id)->json('circuit'), 'drives' => 'Kiln fan 2'],
        ])->assertOk();
        $editor->forceFill(['role' => 'reviewer'])->save();
        $id = $this->kept($this->board);
        $this->postJson("/api/revisions/$id/send", ['kind' => 'for_use', 'remark' => ''])->assertOk();
        $body = ['password' => 'larkrigg', 'remark' => '', 'decisions' => [['key' => 'another', 'taken' => true, 'why' => '']]];
        self::assertContains($editor->name, (array) $this->actingAs($editor->refresh())->getJson("/api/revisions/$id/review")
            ->json('changed_by'));
        $this->assertProblem(403, $this->postJson("/api/revisions/$id/issue", $body));
        $this->assertProblem(403, $this->actingAs($this->preparer)->postJson("/api/revisions/$id/issue", $body));
        // What is assumed is accepted by whoever signs, or nothing is signed.
        $this->assertProblem(422, $this->actingAs($this->reviewer)->postJson("/api/revisions/$id/issue", $body));
        // It stands among what waits for a signature.
        $due = array_values(array_filter((array) $this->getJson('/api/sites/'.$this->circuit->site_id.'/due')->json('items'),
            fn (mixed $one): bool => is_array($one) && $one['board'] === $this->board->id));
        self::assertSame([null, 'MCC-1', 'Sheet in review'], [$due[0]['circuit'], $due[0]['tag'], $due[0]['what']]);
        // Whoever changed a board signs no sheet of its circuits either.
        $own = $this->actingAs($this->preparer)->postJson('/api/circuits/'.$this->circuit->id.'/revisions', [
            'name' => 'as built', 'version' => $this->circuit->refresh()->version,
        ])->assertCreated()->json('id');
        self::assertContains($this->preparer->name, (array) $this->getJson("/api/revisions/$own/review")->json('changed_by'));
    }

    public function test_a_board_with_a_stop_is_signed_only_as_found(): void
    {
        $this->fill($this->board, [...self::TYPED, 'guard' => ['scpd' => 'fuse_gg', 'rating' => '20']], [$this->circuit->id]);
        $id = $this->kept($this->board);
        $refused = $this->postJson("/api/revisions/$id/send", ['kind' => 'for_use', 'remark' => '']);
        $this->assertProblem(422, $refused);
        self::assertStringStartsWith('Stop: ', (string) $refused->json('errors.0.text'));
        // A field that cannot be used is named by what stands beside it.
        $this->fill($this->board, [...self::TYPED, 'other_loads' => [['tag' => 'X', 'current' => 'much']]], [$this->circuit->id]);
        $id = $this->kept($this->board);
        $told = (array) $this->postJson("/api/revisions/$id/send", ['kind' => 'for_use', 'remark' => ''])->json('errors');
        self::assertStringStartsWith('Other loads 1, current: ', (string) ($told[0]['text'] ?? ''));
        $this->fill($this->board, [...self::TYPED, 'guard' => ['scpd' => 'fuse_gg', 'rating' => '20']], [$this->circuit->id]);
        self::assertStringContainsString('DEFECTS', (string) $this->getJson('/api/revisions/'.$this->signed($this->board, 'as_found').
            '/paper/file')->json('html'));
    }

    public function test_a_board_below_another_is_sealed_with_the_one_above(): void
    {
        $main = $this->board('MDB');
        $this->fill($main, self::TYPED, []);
        $this->fill($this->board, ['cable' => self::TYPED['cable'], 'guard' => self::TYPED['guard']], [$this->circuit->id], $main->id);
        $id = $this->signed($this->board, 'as_found');
        $verification = Verification::of((string) $this->get("/api/revisions/$id/record")->assertOk()->getContent());
        self::assertTrue($verification->holds, implode(' ', $verification->sentences));
        self::assertContains('The figures follow from the entered values.', $verification->sentences);
        self::assertStringContainsString('Fed by board MDB', (string) $this->getJson("/api/revisions/$id/paper/file")->json('html'));
        $this->actingAs($this->preparer);
        $this->fill($main, [...self::TYPED, 'supply' => [...self::TYPED['supply'], 'transformer_kva' => '400']], []);
        self::assertFalse($this->getJson('/api/boards/'.$this->board->id)->json('in_force.unchanged'),
            'what feeds the board above has changed');
    }

    public function test_the_workers_make_its_paper(): void
    {
        Queue::fake();
        $id = $this->kept($this->board);
        $paper = $this->postJson("/api/revisions/$id/file")->assertStatus(202)->json('id');
        Queue::assertPushed(MakePaper::class);
        self::assertIsInt($paper);
        app()->call([new MakePaper($paper), 'handle']);
        self::assertSame('done', Paper::query()->findOrFail($paper)->state);
        $this->get("/api/papers/$paper/file")->assertOk()->assertHeader('Content-Type', 'application/pdf');
    }

    public function test_a_circuit_says_when_only_its_board_has_changed(): void
    {
        $id = $this->postJson('/api/circuits/'.$this->circuit->id.'/revisions', [
            'name' => 'as built', 'version' => $this->circuit->refresh()->version,
        ])->assertCreated()->json('id');
        $this->postJson("/api/revisions/$id/send", ['kind' => 'as_found', 'remark' => ''])->assertOk();
        /** @var list<array{key: string, wants_words: bool}> $questions */
        $questions = $this->actingAs($this->reviewer)->getJson("/api/revisions/$id/review")->json('questions');
        $this->postJson("/api/revisions/$id/issue", ['password' => 'larkrigg', 'remark' => '', 'decisions' => array_map(
            static fn (array $one): array => ['key' => $one['key'], 'taken' => true, 'why' => $one['wants_words'] ? 'Barred.' : ''],
            $questions,
        )])->assertOk();
        $draft = $this->getJson('/api/circuits/'.$this->circuit->id)->json('circuit');
        $since = fn (): string => (string) $this->postJson('/api/circuits/'.$this->circuit->id.'/sheet', [
            'paper' => 'door', 'circuit' => $draft,
        ])->assertOk()->json('since');
        self::assertSame('', $since());
        $this->actingAs($this->preparer);
        $this->fill($this->board, [...self::TYPED, 'supply' => [...self::TYPED['supply'], 'transformer_kva' => '400']],
            [$this->circuit->id]);
        self::assertSame('Only what board MCC-1 gives has changed since revision 1.', $since());
    }
}
