<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Person;
use Illuminate\Support\Facades\DB;

/** Who changed the draft of a circuit, and by which version last. */
final class DraftChanges
{
    /** @param  int  $version  of the draft that the change made */
    public static function note(int $circuit, int $version, Person $person): void
    {
        DB::statement(
            'INSERT INTO draft_changes (circuit_id, person_id, version) VALUES (?, ?, ?)
             ON CONFLICT (circuit_id, person_id) DO UPDATE SET version = excluded.version',
            [$circuit, $person->id, $version],
        );
    }

    /**
     * Whoever changed one of some circuits since the revision of it that was issued last was kept; all, where none was.
     *
     * @param  list<int>  $circuits
     * @return array<int, array{id: int, name: string}> by their numbers
     */
    public static function sinceIssue(array $circuits): array
    {
        if ($circuits === []) {
            return [];
        }

        return self::people(
            'SELECT DISTINCT people.id, people.name FROM draft_changes JOIN people ON people.id = draft_changes.person_id
             WHERE draft_changes.circuit_id IN ('.implode(',
                 ', array_fill(0, count($circuits), '?')).") AND draft_changes.version > coalesce((
                 SELECT max((revisions.context->>'draft_version')::integer) FROM revisions
                 JOIN revision_steps ON revision_steps.revision_id = revisions.id
                 WHERE revisions.circuit_id = draft_changes.circuit_id AND revision_steps.step = 'issued'), 0)
             ORDER BY people.id",
            $circuits,
        );
    }

    /**
     * @param  literal-string|string  $select  of id and name
     * @param  list<int>  $bound
     * @return array<int, array{id: int, name: string}> by their numbers
     */
    public static function people(string $select, array $bound): array
    {
        $people = [];
        foreach (DB::select($select, $bound) as $row) {
            $row = (array) $row;
            if (is_int($row['id'] ?? null) && is_string($row['name'] ?? null)) {
                $people[$row['id']] = ['id' => $row['id'], 'name' => $row['name']];
            }
        }

        return $people;
    }
}
