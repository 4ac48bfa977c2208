<?php

declare(strict_types=1);

namespace App\Boards;

use App\Circuits\SolveAgain;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Revision;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Turns;
use App\Sheet\RevisionState;
use BraveAnvil\Ground\Version;
use BraveAnvil\Records\Board\FeederSolution;
use Illuminate\Database\UniqueConstraintViolationException;

/** Saving boards, and solving them with all that hangs on them. What is typed is kept as it is, also while it cannot be used. */
final class BoardStore
{
    /** Circuits up to which whoever saves a board waits for its figures; more are left to the workers. */
    private const AT_ONCE = 40;

    /** @throws Problem where the tag is taken */
    public function make(Site $site, string $tag, Person $person): Board
    {
        $board = self::guarded($tag, static fn (): Board => Board::query()->create([
            'site_id' => $site->id, 'tag' => $tag, 'typed' => '{}', 'version' => 1, 'updated_by' => $person->id,
        ]));
        BoardChanges::note($board->id, 1, $person);
        $this->solve($board);

        return $board->refresh();
    }

    /**
     * Keeps a board as it is now, with all that it rests on, under a name.
     *
     * @throws Problem 409 where somebody else has saved since
     */
    public function revise(Board $board, int $version, string $name, Person $person): Revision
    {
        return Turns::at($board, static function (Board $locked) use ($version, $name, $person): Revision {
            if ($locked->version !== $version) {
                throw self::conflict();
            }
            $tree = BoardTree::around($locked);
            $kept = BoardRecord::of($tree, $locked);
            $last = Revision::query()->where('board_id', $locked->id)->max('number');

            return Revision::query()->create([
                'board_id' => $locked->id, 'number' => (is_numeric($last) ? (int) $last : 0) + 1, 'name' => $name,
                'draft' => self::written($kept->document), 'solution' => self::written($kept->solution), 'core' => Version::CORE,
                'context' => self::written([
                    ...$kept->context, 'draft_version' => $locked->version, 'changed_by' => BoardChanges::under($tree, $locked),
                ]),
                'created_by' => $person->id,
            ])->load('author', 'steps.person');
        });
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @param  list<array{id: int, place: array<array-key, mixed>}>  $circuits  that it feeds, in order
     *
     * @throws Problem 409 where somebody else has saved since
     */
    public function save(Board $board, int $version, string $tag, ?int $fedBy, array $typed, array $circuits, Person $person): Board
    {
        $left = Turns::at($board->site, fn (): array => self::guarded(
            $tag, fn (): array => $this->write($board, $version, $tag, $fedBy, $typed, $circuits, $person),
        ));
        foreach ($left as $other) {
            BoardMarks::mark($other);
        }
        $this->settle($board->refresh());

        return $board->refresh();
    }

    /**
     * Hangs a circuit on the board of a tag, behind those that it has; on none with an empty tag. The workers solve what changes by it.
     *
     * @throws Problem where there is no such board any more
     */
    public function place(Circuit $circuit, string $tag, Person $person): void
    {
        $board = $tag === '' ? null : Board::query()->where('site_id', $circuit->site_id)->where('tag', $tag)->first()
            ?? throw new Problem(422, 'no_board', 'No such board', "No board at this site has the tag $tag.");
        if ($board?->id === $circuit->board_id) {
            return;
        }
        $touched = array_filter([$board, $circuit->board_id === null ? null : Board::query()->find($circuit->board_id)]);
        $last = $board?->circuits()->max('board_position');
        Circuit::query()->whereKey($circuit->id)->toBase()->update([
            'board_id' => $board?->id, 'board_position' => is_numeric($last) ? (int) $last + 1 : 0, 'board_place' => null, 'feed' => null,
        ]);
        foreach ($touched as $one) {
            // Whoever has it open sees that it is another one now.
            Board::query()->whereKey($one->id)->increment('version', 1, ['updated_by' => $person->id]);
            BoardChanges::note($one->id, $one->refresh()->version, $person);
            BoardMarks::mark($one);
        }
    }

    /** @throws Problem where it feeds something, or somebody else has saved since */
    public function remove(Board $board, int $version): void
    {
        Turns::at($board->site, static function () use ($board, $version): void {
            $board->refresh();
            if ($board->version !== $version) {
                throw self::conflict();
            }
            if ($board->circuits()->exists() || Board::query()->where('fed_by', $board->id)->exists()) {
                throw new Problem(422, 'board_in_use', 'Board in use', 'It still feeds circuits or boards. Take them off first.');
            }
            if (Revision::inState($board, RevisionState::Issued) !== null) {
                throw new Problem(422, 'sheet_in_force', 'Its sheet is in force', 'Withdraw the sheet of this board first.');
            }
            Circuit::query()->where('board_id', $board->id)->update(['board_id' => null, 'feed' => null]);
            // What was kept of it stays readable.
            if (Revision::query()->where('board_id', $board->id)->exists()) {
                $board->delete();
            } else {
                $board->forceDelete();
            }
        });
        if ($board->fed_by !== null) {
            BoardMarks::mark(Board::query()->findOrFail($board->fed_by));
        }
    }

    /** Solves it with all that stands above and below it, and gives its circuits what follows for them. */
    public function solve(Board $board): void
    {
        // Who comes second reads what the first has left: an older state never overwrites a newer one.
        $changed = Turns::named('board '.BoardTree::rootOf($board)->id, function () use ($board): array {
            $tree = BoardTree::around($board);
            $feeds = $this->keep($tree, $tree->root, $tree->solve());
            // In the order of their numbers, as everybody writes circuits.
            ksort($feeds);
            foreach ($feeds as $id => $feed) {
                Circuit::query()->whereKey($id)->toBase()->update(['feed' => $feed]);
            }

            return array_keys($feeds);
        });
        foreach (array_chunk($changed, 100) as $ids) {
            SolveAgain::dispatch($ids)->afterCommit();
        }
    }

    /** @return int how many boards that another core solved were solved now, with those below them */
    public function ofOtherCores(): int
    {
        $boards = Board::query()->whereNull('fed_by')->where('core', '!=', Version::CORE)->orderBy('id')->get()->all();
        foreach ($boards as $board) {
            $this->solve($board);
        }

        return count($boards);
    }

    /** At once where that is soon done, else by the workers. */
    private function settle(Board $board): void
    {
        $tree = BoardTree::around($board);
        $many = array_sum(array_map(static fn (Board $one): int => count($tree->circuitsOf($one)), $tree->all()));
        if ($many <= self::AT_ONCE) {
            $this->solve($board);
        } else {
            BoardMarks::mark($board);
        }
    }

    /** @return array<int, string> what circuits are given that is something else than before, by their numbers */
    private function keep(BoardTree $tree, Board $board, FeederSolution $solution): array
    {
        Board::query()->whereKey($board->id)->update([
            'solved' => self::written(BoardView::of($tree, $board, $solution)),
            'worst' => $solution->feeder->worst()->value ?? 'none', 'core' => Version::CORE,
        ]);
        $changed = [];
        foreach ($tree->circuitsOf($board) as $circuit) {
            $feed = self::written($solution->feeds[$circuit->tag] ?? $tree->waiting($board, $circuit));
            if ($feed !== $circuit->feed) {
                $changed[$circuit->id] = $feed;
            }
        }
        foreach ($tree->below($board) as $i => $one) {
            $changed += $this->keep($tree, $one, BoardTree::belowIn($solution, $i, $board));
        }

        return $changed;
    }

    /** @param  array<string, mixed>  $value */
    private static function written(array $value): string
    {
        return json_encode($value, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION);
    }

    /**
     * @param  array<array-key, mixed>  $typed
     * @param  list<array{id: int, place: array<array-key, mixed>}>  $circuits
     * @return list<Board> others that lose a circuit or the board by it
     */
    private function write(Board $board, int $version, string $tag, ?int $fedBy, array $typed, array $circuits, Person $person): array
    {
        $board->refresh();
        if ($board->version !== $version) {
            throw self::conflict();
        }
        $others = [];
        $touched = static function (?int $id) use (&$others, $board): void {
            if ($id !== null && $id !== $board->id) {
                $others[$id] = true;
            }
        };
        if ($fedBy !== null) {
            $this->checkAbove($board, $fedBy);
        }
        if ($fedBy !== $board->fed_by) {
            $touched($board->fed_by);
            $touched($fedBy);
        }
        $board->forceFill([
            'tag' => $tag, 'fed_by' => $fedBy, 'version' => $version + 1, 'updated_by' => $person->id,
            'typed' => json_encode((object) $typed, JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
        ])->save();
        BoardChanges::note($board->id, $board->version, $person);
        $here = array_column($circuits, 'id');
        $known = Circuit::query()->where('site_id', $board->site_id)->whereKey($here)->whereNull('archived_at')->get()->keyBy('id');
        foreach ($here as $i => $id) {
            if (! $known->has($id)) {
                throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', [[
                    'path' => "circuits.$i", 'text' => 'This circuit is not at this site.', 'accepted' => 'Circuits of this site.',
                ]]);
            }
        }
        Circuit::query()->where('board_id', $board->id)->whereNotIn('id', $here)->toBase()
            ->update(['board_id' => null, 'board_place' => null, 'feed' => null]);
        foreach ($circuits as $i => $one) {
            $from = $known->get($one['id'])?->board_id;
            $touched($from);
            Circuit::query()->whereKey($one['id'])->toBase()->update([
                'board_id' => $board->id, 'board_position' => $i,
                'board_place' => json_encode((object) $one['place'], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
                // What another board gave it holds no longer.
                ...$from === $board->id ? [] : ['feed' => null],
            ]);
        }

        return array_values(Board::query()->whereKey(array_keys($others))->get()->all());
    }

    private function checkAbove(Board $board, int $fedBy): void
    {
        $seen = [];
        for ($at = Board::query()->where('site_id', $board->site_id)->find($fedBy); $at !== null;
            $at = $at->fed_by === null ? null : Board::query()->find($at->fed_by)) {
            if ($at->id === $board->id || isset($seen[$at->id])) {
                throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', [[
                    'path' => 'fed_by', 'text' => 'This board would feed itself.', 'accepted' => 'A board that this one does not feed.',
                ]]);
            }
            $seen[$at->id] = true;
        }
        if ($seen === []) {
            throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', [[
                'path' => 'fed_by', 'text' => 'This board is not at this site.', 'accepted' => 'A board of this site.',
            ]]);
        }
    }

    private static function conflict(): Problem
    {
        return new Problem(409, 'conflict', 'Someone else changed this board', 'Open it again to see the present version.');
    }

    /**
     * @template T
     *
     * @param  callable(): T  $write
     * @return T
     */
    private static function guarded(string $tag, callable $write): mixed
    {
        try {
            return Turns::whole($write);
        } catch (UniqueConstraintViolationException) {
            throw new Problem(422, 'tag_taken', 'Tag already in use', "Another board at this site has the tag $tag.", [[
                'path' => 'tag', 'text' => 'Another board at this site has this tag.', 'accepted' => 'A tag that is unique at this site.',
            ]]);
        }
    }
}
