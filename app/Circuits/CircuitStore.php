<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Boards\BoardChanges;
use App\Boards\BoardMarks;
use App\Models\Board;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Reading;
use App\Models\Revision;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Stored;
use App\Record\Turns;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Version;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;

/** Saving circuits: drafts under optimistic locking, and named revisions that are never changed. */
final class CircuitStore
{
    /** Columns of what was typed, which solving does not change. */
    private const TYPED = ['tag' => 0, 'area' => 0, 'drives' => 0, 'rule_book' => 0];

    /** @throws Problem when the tag is empty or taken */
    /** @param  string  $key  sent again with the same one, it is the same circuit; empty where nobody repeats it */
    public function create(Site $site, CircuitDocument $document, Person $person, string $key = ''): Circuit
    {
        $made = $key === '' ? null : Circuit::query()->where('site_id', $site->id)->where('save_key', $key)
            ->where('updated_by', $person->id)->first();
        if ($made !== null) {
            return $made->load('site', 'editor');
        }
        $circuit = new Circuit([
            'site_id' => $site->id, 'version' => 1, 'draft' => $document->toJson(), 'updated_by' => $person->id, 'save_key' => $key,
            ...$this->columns($document, $site),
        ]);
        $this->guarded(function () use ($circuit, $person): void {
            $circuit->save();
            DraftChanges::note($circuit->id, 1, $person);
        }, $document);

        return $circuit->refresh()->load('site', 'editor');
    }

    /**
     * @param  string  $key  of this save; the same one sent again is answered like the first. Empty where nobody repeats it.
     *
     * @throws Problem 409 with the present state when somebody else saved in between
     */
    public function save(Circuit $circuit, int $version, CircuitDocument $document, Person $person, string $key = ''): Circuit
    {
        $columns = $this->columns($document, $circuit->site, $circuit);
        $changed = $this->guarded(static function () use ($circuit, $version, $document, $person, $key, $columns): int {
            $changed = Circuit::query()
                ->whereKey($circuit->id)
                ->where('version', $version)
                ->whereNull('archived_at')
                ->update([
                    'version' => $version + 1, 'draft' => $document->toJson(), 'updated_by' => $person->id, 'save_key' => $key,
                    ...$columns,
                ]);
            if ($changed === 1) {
                DraftChanges::note($circuit->id, $version + 1, $person);
            }

            return $changed;
        }, $document);
        $circuit->refresh()->load('site', 'editor', 'board');
        if ($changed === 1) {
            BoardMarks::ofCircuit($circuit);
        }
        if ($changed === 0) {
            $mine = $key !== '' && $circuit->save_key === $key && $circuit->updated_by === $person->id;
            if ($mine && $circuit->draft === $document->toJson()) {
                return $circuit;
            }
            if ($circuit->archived_at !== null) {
                throw new Problem(
                    410, 'archived', 'Circuit archived', 'This circuit was archived by someone else. Your entries are still on '.
                    'your screen.',
                );
            }
            throw new Problem(
                409, 'edit_conflict', 'Someone else saved this circuit',
                ($circuit->editor->name ?? 'Someone else').' saved this circuit while you were editing. Choose which version to keep. '.
                'Nothing has been overwritten.',
                [],
                ['current' => $circuit->resource()],
            );
        }

        return $circuit;
    }

    /**
     * @return bool whether it stood in the yard until now
     *
     * @throws Problem 409 with the present state when somebody else saved since
     */
    public function archive(Circuit $circuit, int $version, Person $person): bool
    {
        $changed = Circuit::query()
            ->whereKey($circuit->id)
            ->where('version', $version)
            ->whereNull('archived_at')
            ->update(['archived_at' => now(), 'updated_by' => $person->id]);
        $circuit->refresh()->load('site', 'editor');
        if ($changed === 0 && $circuit->archived_at === null) {
            throw new Problem(
                409, 'edit_conflict', 'Someone else saved this circuit',
                ($circuit->editor->name ?? 'Someone else').' saved this circuit after you opened it. Check it before you archive it.', [],
                ['current' => $circuit->resource()],
            );
        }

        if ($changed === 1) {
            BoardMarks::ofCircuit($circuit);
        }

        return $changed === 1;
    }

    /** @throws Problem when another circuit of the site has its tag by now */
    public function restore(Circuit $circuit, Person $person): Circuit
    {
        $document = CircuitDocument::of($circuit);
        $this->guarded(
            static fn (): bool => $circuit->forceFill(['archived_at' => null, 'updated_by' => $person->id])->save(),
            $document,
        );
        BoardMarks::ofCircuit($circuit);

        return $circuit->refresh()->load('site', 'editor');
    }

    /** @throws Problem 409 when the draft is not the version that the person named */
    public function revise(Circuit $circuit, int $version, string $name, Person $person): Revision
    {
        return Turns::at($circuit, function (Circuit $locked) use ($version, $name, $person): Revision {
            $locked->load('site', 'editor');
            if ($locked->version !== $version) {
                throw new Problem(
                    409, 'edit_conflict', 'Someone else saved this circuit', 'Check the present version before you save a revision.', [],
                    ['current' => $locked->resource()],
                );
            }
            $document = CircuitDocument::of($locked);
            $solution = $this->solveForSheet($document, $locked);
            $last = $locked->revisions()->max('number');

            return Revision::query()
                ->create([
                    'circuit_id' => $locked->id,
                    'number' => (is_numeric($last) ? (int) $last : 0) + 1,
                    'name' => $name, 'draft' => $locked->draft, 'solution' => $solution->toJson(), 'core' => $solution->core,
                    'context' => json_encode([
                        ...self::context($locked), 'draft_version' => $locked->version,
                        'changed_by' => self::changedBy($locked),
                    ], JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR),
                    'created_by' => $person->id,
                ])
                ->load('author', 'steps.person');
        });
    }

    /**
     * @param  Circuit|null  $circuit  null before it is kept
     * @param  bool  $isRead  whether it has readings to be judged besides
     */
    public function solve(CircuitDocument $document, Site $site, ?Circuit $circuit = null, bool $isRead = true): Solution
    {
        $readings = $circuit === null || ! $isRead ? [] : ['readings' => ReadingStore::documents($circuit)];

        return Bench::solve([...$document->withSettings($circuit?->settings() ?? $site->settings), ...$readings]);
    }

    /** With all that a sheet shows. */
    public function solveForSheet(CircuitDocument $document, Circuit $circuit): Solution
    {
        return Bench::solve(
            [...$document->withSettings($circuit->settings()), 'readings' => ReadingStore::documents($circuit)], null,
            Extra::TimeCurrent, Extra::Sensitivity, Extra::Tables,
        );
    }

    /**
     * Whoever changed what its sheet rests on since the last one: the circuit, and the boards that feed it.
     *
     * @return list<array{id: int, name: string}>
     */
    private static function changedBy(Circuit $circuit): array
    {
        $boards = [];
        for ($id = $circuit->board_id; $id !== null && ! in_array($id, $boards, true);) {
            $boards[] = $id;
            $id = Board::query()->find($id)?->fed_by;
        }
        $people = DraftChanges::sinceIssue([$circuit->id]) + BoardChanges::sinceIssue($boards);
        ksort($people);

        return array_values($people);
    }

    /** @return array{site: string, settings: array<array-key, mixed>, readings: list<array<string,
        mixed>>} what a circuit rests on beside its draft */
    public static function context(Circuit $circuit): array
    {
        $readings = ReadingStore::latest($circuit)->load('taker', 'withdrawer');

        return [
            'site' => $circuit->site->name, 'settings' => $circuit->settings(),
            'readings' => array_values($readings->map(static fn (Reading $reading): array => $reading->resource())->all()),
        ];
    }

    /**
     * What lists and filters show of circuits, anew: their site, their readings or the core have changed. Draft, version and time of
     * the last edit are a person's, and stay; so does a circuit that somebody saved meanwhile. All are solved before any is written:
     * so nobody who saves waits for the others.
     */
    public function solveAgain(Circuit ...$circuits): void
    {
        // Most have no readings: it is asked once which have.
        $read = Reading::query()->whereIn('circuit_id', array_map(static fn (Circuit $circuit): int => $circuit->id, $circuits))
            ->distinct()->pluck('circuit_id')->flip();
        $columns = [];
        foreach ($circuits as $i => $circuit) {
            $columns[$i] = Stored::row("circuit $circuit->id", function () use ($circuit, $read): array {
                $document = CircuitDocument::of($circuit);
                $solution = $this->solve($document, $circuit->site, $circuit, $read->has($circuit->id));

                return array_diff_key(KeyFigures::of($document, $solution), self::TYPED);
            }, static fn (): array => ['core' => Version::CORE, 'worst' => 'stop', 'errors' => 1]);
        }
        DB::transaction(static function () use ($circuits, $columns): void {
            foreach ($circuits as $i => $circuit) {
                Circuit::query()->whereKey($circuit->id)->where('version', $circuit->version)->toBase()->update($columns[$i]);
            }
        });
    }

    /** @return array<model-property<Circuit>, mixed> */
    private function columns(CircuitDocument $document, Site $site, ?Circuit $circuit = null): array
    {
        if ($document->text('tag') === '') {
            throw new Problem(422, 'tag_wanted', 'Tag missing', 'Every circuit needs a tag.', [
                ['path' => 'tag', 'text' => 'Enter a tag.', 'accepted' => Fields::named('tag')->accepted()],
            ]);
        }
        // One that is longer from before may stay.
        $tag = $document->text('tag');
        if (mb_strlen($tag) > Fields::named('tag')->high && $circuit?->tag !== $tag) {
            throw new Problem(422, 'tag_too_long', 'Tag too long', 'Tags are printed on labels and lists.', [
                ['path' => 'tag', 'text' => 'This tag is too long.', 'accepted' => Fields::named('tag')->accepted()],
            ]);
        }

        return KeyFigures::of($document, $this->solve($document, $site, $circuit));
    }

    /**
     * @template T
     *
     * @param  callable(): T  $write
     * @return T
     */
    private function guarded(callable $write, CircuitDocument $document): mixed
    {
        try {
            return DB::transaction(static fn (): mixed => $write());
        } catch (UniqueConstraintViolationException) {
            throw new Problem(
                422, 'tag_taken', 'Tag already in use',
                'Another circuit at this site has the tag '.$document->text('tag').'.',
                [
                    [
                        'path' => 'tag', 'text' => 'Another circuit at this site has this tag.',
                        'accepted' => 'A tag that is unique at this site.',
                    ],
                ],
            );
        }
    }
}
