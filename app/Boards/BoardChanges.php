<?php

declare(strict_types=1);

namespace App\Boards;

use App\Circuits\DraftChanges;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Who changed a board, and by which version last. */
final class BoardChanges
{
    /** @param  int  $version  of the board that the change made */
    public static function note(int $board, int $version, Person $person): void
    {
        DB::statement(
            'INSERT INTO board_changes (board_id, person_id, version) VALUES (?, ?, ?)
             ON CONFLICT (board_id, person_id) DO UPDATE SET version = excluded.version',
            [$board, $person->id, $version],
        );
    }

    /**
     * Whoever changed one of some boards since its sheet that was issued last was kept; all, where none was.
     *
     * @param  list<int>  $boards
     * @return array<int, array{id: int, name: string}> by their numbers
     */
    public static function sinceIssue(array $boards): array
    {
        if ($boards === []) {
            return [];
        }

        return DraftChanges::people(
            'SELECT DISTINCT people.id, people.name FROM board_changes JOIN people ON people.id = board_changes.person_id
             WHERE board_changes.board_id IN ('.implode(',
                 ', array_fill(0, count($boards), '?')).") AND board_changes.version > coalesce((
                 SELECT max((revisions.context->>'draft_version')::integer) FROM revisions
                 JOIN revision_steps ON revision_steps.revision_id = revisions.id
                 WHERE revisions.board_id = board_changes.board_id AND revision_steps.step = 'issued'), 0)
             ORDER BY people.id",
            $boards,
        );
    }

    /**
     * Whoever changed since then what the sheet of a board rests on: it, those above and below it, and the circuits on them.
     *
     * @return list<array{id: int, name: string}>
     */
    public static function under(BoardTree $tree, Board $board): array
    {
        $below = $tree->all($board);
        $boards = array_map(static fn (Board $one): int => $one->id, [...$tree->above($board), ...$below]);
        $circuits = [];
        foreach ($below as $one) {
            $circuits = [...$circuits, ...array_map(static fn (Circuit $circuit): int => $circuit->id, $tree->circuitsOf($one))];
        }
        $people = self::sinceIssue($boards) + DraftChanges::sinceIssue($circuits);
        ksort($people);

        return array_values($people);
    }
}
