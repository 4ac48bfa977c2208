<?php

declare(strict_types=1);

namespace App\Rounds;

use App\Circuits\CircuitDocument;
use App\Circuits\ReadingStore;
use App\Models\Circuit;
use App\Models\Person;
use App\Models\Round;
use App\Models\RoundCheck;
use App\Problems\Problem;
use App\Record\Turns;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Records\Round\Found;
use BraveAnvil\Records\Round\RoundItem;
use Illuminate\Database\Eloquent\Collection;

/** Rounds: what should be there, what was found, and what follows from it. */
final class RoundStore
{
    /** @return Collection<int, Circuit> the motors of a round in the order of their tags */
    public static function circuits(Round $round): Collection
    {
        $query = Circuit::query()->where('site_id', $round->site_id)->whereNull('archived_at');
        if ($round->area !== '') {
            $query->where('area', $round->area);
        }
        /** @var Collection<int, Circuit> $circuits */
        $circuits = $query->orderBy('tag')->orderBy('id')->get(['id', 'tag', 'drives', 'area']);

        return $circuits;
    }

    /**
     * What is looked at on one motor, each with what should be there.
     *
     * @return list<array{item: string, label: string, expected: string}>
     */
    public function items(Circuit $circuit): array
    {
        $solution = Bench::solve($this->document($circuit));
        $items = [];
        foreach (RoundItem::cases() as $item) {
            $expected = $item->expected($solution);
            if ($expected !== null) {
                $items[] = ['item' => $item->value, 'label' => $item->label(), 'expected' => $expected];
            }
        }

        return $items;
    }

    /**
     * @param  bool  $seen  whether the person has seen what stands there already
     *
     * @throws Problem when the round is over, there is nothing of the kind to look at, what was found cannot be read, or somebody else was there
     */
    public function check(
        Round $round, Circuit $circuit, RoundItem $item, bool $same, string $found, Person $person, bool $seen = false,
    ): RoundCheck {
        if ($round->ended_at !== null) {
            throw new Problem(409, 'ended', 'Round ended', 'Start a new one.');
        }
        if ($circuit->site_id !== $round->site_id || ($round->area !== '' && $circuit->area !== $round->area)) {
            throw new Problem(422, 'elsewhere', 'Not on this round', 'This motor is not in the area of the round.');
        }
        $document = $this->document($circuit);
        $expected = $item->expected(Bench::solve($document));
        if ($expected === null) {
            throw new Problem(422, 'nothing_there', 'Nothing to check', 'Nothing of this kind is calculated for this motor.');
        }
        $judged = $same ? null : Found::judge($document, $item, $found);
        if ($judged?->error !== null) {
            throw new Problem(422, 'invalid', 'This entry cannot be read', 'See the marked field.', [
                ['path' => 'found', 'text' => $judged->error->text, 'accepted' => $judged->error->accepted],
            ]);
        }

        return Turns::at($round, static function () use (
            $round, $circuit, $item, $expected, $same, $judged, $found, $person, $seen,
        ): RoundCheck {
            $place = ['round_id' => $round->id, 'circuit_id' => $circuit->id, 'item' => $item->value];
            $standing = RoundCheck::query()->where($place)->first();
            if ($standing !== null && ! $seen && $standing->checked_by !== $person->id) {
                throw new Problem(409, 'edit_conflict', 'Already checked',
                    'Someone else has already checked this on this round. Look at the result, then enter yours again.');
            }

            return RoundCheck::query()->updateOrCreate($place, [
                'expected' => $expected, 'same' => $same || $judged?->grade === null, 'found' => $same ? '' : $found,
                'grade' => $judged->grade->value ?? '', 'says' => $judged->says ?? '', 'checked_by' => $person->id,
            ]);
        });
    }

    /**
     * What is not as it should be, the gravest first.
     *
     * @return list<array{circuit: int, tag: string, drives: string, check: RoundCheck}>
     */
    public static function defects(Round $round): array
    {
        $order = ['stop' => 0, 'caution' => 1, 'note' => 2];
        /** @var Collection<int, RoundCheck> $checks */
        $checks = RoundCheck::query()->with('circuit')->where('round_id', $round->id)->where('same', false)->get();
        $defects = [];
        foreach ($checks as $check) {
            $defects[] = [
                'circuit' => $check->circuit_id, 'tag' => $check->circuit->tag, 'drives' => $check->circuit->drives, 'check' => $check,
            ];
        }
        $rank = static fn (array $defect): array => [$order[$defect['check']->grade] ?? 3, $defect['tag']];
        usort($defects, static fn (array $a, array $b): int => $rank($a) <=> $rank($b));

        return $defects;
    }

    /** @return array<array-key, mixed> */
    private function document(Circuit $circuit): array
    {
        $document = CircuitDocument::of($circuit);

        return [...$document->withSettings($circuit->settings()), 'readings' => ReadingStore::documents($circuit)];
    }
}
