<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\Board;
use App\Models\Circuit;
use App\Models\Revision;
use App\Models\Site;
use App\Sheet\SheetRecord;
use BraveAnvil\Records\Board\FeederStation;
use BraveAnvil\Records\Sheet\Verification;

/** Boards of a site: what is typed is kept, their circuits are solved behind them, and nothing waits for it. */
final class BoardTest extends FeatureTestCase
{
    private const TYPED = [
        'supply' => ['transformer_kva' => '630', 'transformer_impedance_percent' => '6', 'x_over_r' => '6', 'earthing' => 'tn_s'],
        'cable' => ['length' => '70 m', 'insulation' => 'xlpe', 'method' => 'E', 'material' => 'copper', 'grouped_circuits' => '1'],
        'guard' => ['scpd' => 'fuse_gg'],
        'other_loads' => [['tag' => 'LT', 'kind' => 'lighting', 'current' => '16']],
    ];

    /** @return array{Site, Board, Circuit, Circuit} */
    private function plant(): array
    {
        $site = $this->site();
        $motors = [$this->circuit($site, 'KF-204', ['cable.length' => '40 m', 'supply' => []]),
            $this->circuit($site, 'KF-205', ['cable.length' => '30 m', 'starter.run_up_time' => '4'])];
        $this->actingAs($this->person());

        return [$site, $this->made($site, 'MCC-1'), ...$motors];
    }

    private function made(Site $site, string $tag): Board
    {
        $id = $this->postJson("/api/sites/$site->id/boards", ['tag' => $tag])->assertCreated()->json('id');

        return Board::query()->whereKey($id)->firstOrFail();
    }

    /**
     * @param  array<string, mixed>  $typed
     * @param  list<Circuit>  $circuits
     * @param  array<string, mixed>  $place
     * @return array<string, mixed>
     */
    private static function body(Board $board, array $typed, array $circuits, array $place = ['restart' => true],
        ?int $fedBy = null): array
    {
        return ['version' => $board->refresh()->version, 'tag' => $board->tag, 'fed_by' => $fedBy, 'typed' => $typed,
            'circuits' => array_map(static fn (Circuit $circuit): array => ['id' => $circuit->id, 'place' => $place], $circuits)];
    }

    public function test_a_board_is_solved_with_its_circuits_and_they_behind_it(): void
    {
        [, $board, $one, $two] = $this->plant();
        $answer = $this->putJson("/api/boards/$board->id", self::body($board, self::TYPED, [$one, $two]))->assertOk();
        self::assertSame([], $answer->json('solved.errors'));
        $shown = array_column($answer->json('solved.figures'), 'shown', 'key');
        self::assertArrayHasKey('feeder.demand', $shown);
        self::assertSame(['KF-204', 'KF-205'], array_column($answer->json('solved.circuits'), 'tag'));
        self::assertSame(['KF-204', 'KF-205'], $answer->json('solved.timetable.0.tags'));
        // What the circuit is given: its fault current is the board's, and the yard knows its dip behind it.
        $feed = $this->getJson("/api/circuits/$one->id")->assertOk()->json('site.settings.board_feed');
        self::assertSame('MCC-1', $feed['board']['tag']);
        $draft = $this->getJson("/api/circuits/$one->id")->json('circuit');
        $solved = $this->postJson('/api/solve', [...$draft, 'site_settings' => ['board_feed' => $feed]])->assertOk();
        $own = array_column($solved->json('figures'), 'value', 'key');
        self::assertEqualsWithDelta($feed['board']['fault_ampere'], $own['guard.prospective_current'], 1e-6);
        self::assertEqualsWithDelta($own['start.voltage_dip'], $one->refresh()->dip_percent, 1e-6);
        self::assertSame('MCC-1', $this->getJson("/api/circuits/$one->id")->json('board.tag'));
        // The open format holds all of it.
        $document = json_decode((string) $this->get("/api/boards/$board->id/document.json")->getContent(), true);
        self::assertIsArray($document);
        self::assertSame($shown['feeder.demand'], FeederStation::solve($document)->feeder->figure('feeder.demand')?->shown(3));
        $list = $this->getJson("/api/sites/$board->site_id/boards")->assertOk()->json('boards.0');
        self::assertSame([2, $shown['feeder.demand']], [$list['circuits'], $list['demand']]);
    }

    public function test_a_key_on_a_circuit_solves_its_board_anew(): void
    {
        [, $board, $one, $two] = $this->plant();
        $this->putJson("/api/boards/$board->id", self::body($board, self::TYPED, [$one, $two]))->assertOk();
        $before = array_column($this->getJson("/api/boards/$board->id")->json('solved.figures'), 'value', 'key');
        $fault = $this->getJson("/api/circuits/$two->id")->json('site.settings.board_feed.board.fault_ampere');
        $draft = $this->getJson("/api/circuits/$one->id")->json('circuit');
        $draft['plate'] = [...$draft['plate'], 'power' => '55 kW', 'current' => '98/57'];
        $this->putJson("/api/circuits/$one->id", ['version' => $one->refresh()->version, 'circuit' => $draft])->assertOk();
        $after = $this->getJson("/api/boards/$board->id");
        self::assertFalse($after->json('stale'));
        self::assertGreaterThan($before['feeder.demand'], array_column($after->json('solved.figures'), 'value', 'key')['feeder.demand']);
        // A larger neighbour feeds back more.
        self::assertGreaterThan($fault, $this->getJson("/api/circuits/$two->id")->json('site.settings.board_feed.board.fault_ampere'));
        // Archived, it is on the board no longer.
        $this->deleteJson("/api/circuits/$one->id", ['version' => $one->refresh()->version])->assertNoContent();
        self::assertSame(['KF-205'], array_column($this->getJson("/api/boards/$board->id")->json('solved.circuits'), 'tag'));
    }

    public function test_a_revision_freezes_what_its_board_gives(): void
    {
        [, $board, $one, $two] = $this->plant();
        $this->putJson("/api/boards/$board->id", self::body($board, self::TYPED, [$one, $two]))->assertOk();
        $first = $this->postJson("/api/circuits/$one->id/revisions", ['version' => $one->refresh()->version, 'name' => 'first'])
            ->assertCreated()->json('id');
        $record = static fn (): string => SheetRecord::of(Revision::query()->with('author', 'steps.person', 'circuit.site')
            ->whereKey($first)->firstOrFail())->toJson();
        $verification = Verification::of($before = $record());
        self::assertTrue($verification->holds, implode(' ', $verification->sentences));
        $this->putJson("/api/boards/$board->id", self::body($board, [...self::TYPED, 'cable' => [...self::TYPED['cable'],
            'length' => '20 m']], [$one, $two]))->assertOk();
        $second = $this->postJson("/api/circuits/$one->id/revisions", ['version' => $one->refresh()->version, 'name' => 'second'])
            ->assertCreated()->json('id');
        $changes = $this->getJson("/api/revisions/$second/compare/$first")->assertOk();
        self::assertStringContainsString('Fault current at the board', (string) $changes->getContent());
        self::assertSame($before, $record());
    }

    public function test_boards_below_boards(): void
    {
        [$site, $board, $one, $two] = $this->plant();
        $main = $this->made($site, 'MDB');
        $this->putJson("/api/boards/$main->id", self::body($main, self::TYPED, [$two]))->assertOk();
        $this->putJson("/api/boards/$board->id", self::body($board, ['cable' => self::TYPED['cable'], 'guard' => self::TYPED['guard']],
            [$one], fedBy: $main->id))->assertOk();
        $above = $this->getJson("/api/boards/$main->id")->assertOk();
        self::assertSame(['MCC-1'], array_column($above->json('solved.boards'), 'tag'));
        $below = $this->getJson("/api/boards/$board->id")->assertOk();
        $fault = static fn (mixed $figures): float => (float) array_column(is_array($figures) ? $figures : [], 'value',
            'key')['feeder.fault_current'];
        self::assertLessThan($fault($above->json('solved.figures')), $fault($below->json('solved.figures')));
        self::assertSame([], $below->json('solved.timetable'), 'a blackout is one for all: the board above has the timetable');
        // What is wrong on one of them stands at its place there, and the others say that they wait.
        $this->putJson("/api/boards/$board->id", self::body($board, ['cable' => ['length' => 'far']], [$one], fedBy: $main->id))
            ->assertOk();
        self::assertSame(['cable.length'], array_column($this->getJson("/api/boards/$board->id")->json('solved.errors'), 'path'));
        self::assertSame(['boards.0.cable.length'], array_column($this->getJson("/api/boards/$main->id")->json('solved.errors'), 'path'));
        $this->putJson("/api/boards/$board->id", self::body($board, ['cable' => self::TYPED['cable'], 'guard' => self::TYPED['guard']],
            [$one], fedBy: $main->id))->assertOk();
        self::assertSame([], $this->getJson("/api/boards/$main->id")->json('solved.errors'));
        // Nothing feeds itself, and what feeds something stays.
        $this->assertProblem(422, $loop = $this->putJson("/api/boards/$main->id", self::body($main, self::TYPED, [$two],
            fedBy: $board->id)));
        self::assertSame('fed_by', $loop->json('errors.0.path'));
        $this->assertProblem(422, $this->deleteJson("/api/boards/$main->id", ['version' => $main->refresh()->version]));
        // An empty list and an empty map are one in what this test sends.
        $this->broken = true;
        $this->putJson("/api/boards/$board->id", self::body($board, [], [], fedBy: $main->id))->assertOk();
        $this->broken = false;
        $this->deleteJson("/api/boards/$board->id", ['version' => $board->refresh()->version])->assertNoContent();
        self::assertNull($one->refresh()->board_id);
        self::assertNull($one->feed);
        self::assertSame([], $this->getJson("/api/boards/$main->id")->json('solved.boards'));
    }

    public function test_what_cannot_be_used_is_kept_and_told_at_its_place(): void
    {
        [, $board, $one] = $this->plant();
        $typed = ['supply' => ['transformer_kva' => 'large'], 'simultaneity' => '1.4', 'other_loads' => [['tag' => 'X']],
            'guard' => ['scpd' => 'fuse_gg', 'rating' => 'big'], 'groups' => [['name' => '', 'simultaneity' => '0.8']]];
        $answer = $this->putJson("/api/boards/$board->id", self::body($board, $typed, [$one], ['priority' => '12',
            'group' => 'saw']))->assertOk();
        $paths = array_column($answer->json('solved.errors'), 'path');
        foreach (['supply.transformer_kva', 'simultaneity', 'other_loads.0.current', 'guard.rating', 'groups.0.name',
            'circuits.0.board.priority', 'circuits.0.board.group'] as $path) {
            self::assertContains($path, $paths);
        }
        self::assertEquals($typed, $answer->json('typed'));
        // A board that cannot be solved gives nothing, and its circuits say so.
        $titles = fn (): array => array_column((array) $this->postJson('/api/solve', [
            ...$this->getJson("/api/circuits/$one->id")->json('circuit'),
            'site_settings' => $this->getJson("/api/circuits/$one->id")->json('site.settings'),
        ])->json('findings'), 'text', 'code');
        self::assertStringContainsString('the supply of the circuit is used', $titles()['board_waits']);
        $this->putJson("/api/boards/$board->id", self::body($board, self::TYPED, [$one]))->assertOk();
        self::assertArrayNotHasKey('board_waits', $titles());
        $this->putJson("/api/boards/$board->id", self::body($board, $typed, [$one]))->assertOk();
        self::assertStringContainsString('what it gave last is used', $titles()['board_waits']);
        foreach ([['tag' => ''], ['circuits' => [['id' => 999999]]], ['circuits' => [['id' => $one->id], ['id' => $one->id]]],
            ['typed' => 'x'], ['circuits' => [['id' => $one->id, 'place' => ['group' => ['a']]]]], ['fed_by' => 999999]] as $wrong) {
            $this->assertProblem(422, $this->putJson("/api/boards/$board->id", [...self::body($board, $typed, [$one]), ...$wrong]));
        }
        $this->assertProblem(422, $this->postJson("/api/sites/$board->site_id/boards", ['tag' => 'MCC-1']));
        $stale = [...self::body($board, $typed, [$one]), 'version' => 1];
        $this->assertProblem(409, $this->putJson("/api/boards/$board->id", $stale));
    }

    /** What one site writes another reads: boards below boards, and circuits that it has not. */
    public function test_boards_go_out_and_in_as_lines(): void
    {
        [$site, $board, $one, $two] = $this->plant();
        $main = $this->made($site, 'MDB');
        $this->putJson("/api/boards/$main->id", self::body($main, self::TYPED, [$two]))->assertOk();
        $this->putJson("/api/boards/$board->id", self::body($board, ['cable' => self::TYPED['cable'], 'guard' => self::TYPED['guard']],
            [$one], fedBy: $main->id))->assertOk();
        $lines = trim((string) $this->get("/api/sites/$site->id/boards.jsonl")->assertOk()->getContent());
        self::assertStringNotContainsString("\n", $lines, 'the board below lies in the one above');
        $document = json_decode($lines, true);
        $other = $this->site();
        $taken = $this->postJson("/api/sites/$other->id/boards/take", ['document' => $document])->assertCreated();
        self::assertSame('MDB', $taken->json('tag'));
        $figures = static fn (mixed $answer): array => array_map(static fn (mixed $value): mixed => is_float($value) ? round($value,
            6) : $value,
            array_column(is_array($answer) ? $answer : [], 'value', 'key'));
        self::assertEquals($figures($this->getJson("/api/boards/$main->id")->json('solved.figures')),
            $figures($this->getJson('/api/boards/'.$taken->json('id'))->json('solved.figures')));
        self::assertSame(['KF-204', 'KF-205'], Circuit::query()->where('site_id', $other->id)->orderBy('tag')->pluck('tag')->all());
        $table = (string) $this->get("/api/sites/$site->id/boards.csv")->assertOk()->getContent();
        self::assertMatchesRegularExpression('~^MCC-1,MDB,1,~m', $table);
        // A second time its tags are taken, and nothing is half done.
        $this->assertProblem(422, $this->postJson("/api/sites/$other->id/boards/take", ['document' => $document]));
        foreach ([['format' => 'brave-anvil.bank/1', 'tag' => 'X'], ['tag' => ''], ['tag' => 'Y', 'rule_book' => 'nec'],
            ['tag' => 'Y', 'circuits' => [['drives' => 'nothing']]], ['tag' => 'Y', 'circuits' => array_fill(0, 301,
                ['tag' => 'A'])]] as $wrong) {
            $this->assertProblem(422, $this->postJson("/api/sites/$other->id/boards/take", ['document' => $wrong]));
        }
        self::assertSame(2, Board::query()->where('site_id', $other->id)->count());
    }

    /** A circuit lies on one board: whoever takes it onto another takes it off the first. */
    public function test_a_circuit_moves_from_board_to_board(): void
    {
        [$site, $board, $one, $two] = $this->plant();
        $this->putJson("/api/boards/$board->id", self::body($board, self::TYPED, [$one, $two]))->assertOk();
        $other = $this->made($site, 'MCC-2');
        $this->putJson("/api/boards/$other->id", self::body($other, self::TYPED, [$two]))->assertOk();
        self::assertSame(['KF-204'], array_column($this->getJson("/api/boards/$board->id")->json('solved.circuits'), 'tag'));
        self::assertSame('MCC-2', $this->getJson("/api/circuits/$two->id")->json('site.settings.board_feed.board.tag'));
    }

    /** Five hundred circuits are too many for one board, and are refused with words. */
    public function test_too_many_circuits_are_refused(): void
    {
        [, $board] = $this->plant();
        $body = [...self::body($board, [], []), 'circuits' => array_map(static fn (int $id): array => ['id' => $id, 'place' => []],
            range(1, 500))];
        $this->assertProblem(422, $this->putJson("/api/boards/$board->id", $body));
    }
}
