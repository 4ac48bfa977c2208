<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Models\Circuit;
use App\Models\LogEntry;
use App\Models\Reading;
use App\Models\RevisionStep;
use App\Models\Site;
use App\Record\Stored;
use BraveAnvil\Records\Logbook\Greasing;
use BraveAnvil\Records\Logbook\Logbook;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Query\Builder as QueryBuilder;
use Illuminate\Support\Carbon;

/** What is to be done on the motors of a site, and by when. */
final class DueList
{
    /** Months after which insulation is read again where the site does not say otherwise. Common practice, no source. */
    private const USUAL_MONTHS = 12;

    private const MOST = 2000;

    public const REVIEW = 'Sheet in review';

    /** What is told of a motor of which something stored cannot be read. */
    public const UNREADABLE = 'Logbook';

    /** Days after which a sheet should be signed or returned. Common practice, no source. */
    private const REVIEW_DAYS = 7;

    public function __construct(private readonly LogStore $log)
    {
    }

    /** @return list<array{circuit: int|null, board: int|null, tag: string, area: string, drives: string, what: string, state: string,
        due_at: string|null, says: string}> soonest first */
    public function of(Site $site): array
    {
        // A circuit of which nothing was ever written down has nothing that is due.
        /** @var Collection<int, Circuit> $circuits */
        $circuits = Circuit::query()->where('site_id', $site->id)->whereNull('archived_at')
            ->where(static function (Builder $any): void {
                $any->whereIn('id', LogEntry::query()->select('circuit_id'))->orWhereIn('id', Reading::query()->select('circuit_id'))
                    ->orWhere('draft', 'like', '%warranty_until%');
            })
            ->orderBy('tag')->limit(self::MOST)->get();
        $read = Reading::query()->whereIn('circuit_id', $circuits->modelKeys())
            ->where('kind', 'insulation_resistance')->where('simulated', false)->whereNull('withdrawn_at')
            ->groupBy('circuit_id')->toBase()->selectRaw('circuit_id, max(taken_at) as last')->pluck('last', 'circuit_id');
        $items = [];
        foreach ($circuits as $circuit) {
            $circuit->setRelation('site', $site);
            $row = static fn (string $what, string $state, ?int $due, string $says): array => [
                'circuit' => $circuit->id, 'board' => null, 'tag' => $circuit->tag, 'area' => $circuit->area,
                'drives' => $circuit->drives, 'what' => $what,
                'state' => $state, 'due_at' => $due === null ? null : Carbon::createFromTimestampUTC($due)->toIso8601ZuluString(),
                'says' => $says,
            ];
            $state = Stored::row(
                "logbook of circuit $circuit->id", fn (): Logbook => $this->log->state($circuit), static fn (string $why): string => $why,
            );
            if (is_string($state)) {
                $items[] = $row(self::UNREADABLE, Greasing::OVERDUE, null, $state);

                continue;
            }
            if ($state->greasing->dueAt !== null) {
                $items[] = $row('Greasing', $state->greasing->state, $state->greasing->dueAt, $state->greasing->says);
            }
            if ($state->trips->says !== '') {
                $items[] = $row('Trips', Greasing::OVERDUE, null, $state->trips->says);
            }
            if ($state->warranty !== '') {
                $items[] = $row('Warranty', Greasing::IS_DUE, null, $state->warranty);
            }
            $last = $read[$circuit->id] ?? null;
            if (is_string($last)) {
                $due = Carbon::parse($last)->addMonths(self::months($site));
                $state = match (true) {
                    $due->isPast() => Greasing::OVERDUE, $due->isBefore(Carbon::now()->addDays(30)) => Greasing::IS_DUE,
                    default => Greasing::OK,
                };
                $items[] = $row(
                    'Insulation test', $state, $due->getTimestamp(),
                    'Last measured '.Carbon::parse($last)->toDateString().', interval '.self::months($site).' months.',
                );
            }
        }
        foreach (self::inReview($site) as $item) {
            $items[] = $item;
        }
        usort($items, static fn (array $a, array $b): int => [$a['due_at'] ?? '0', $a['tag']] <=> [$b['due_at'] ?? '0', $b['tag']]);

        return $items;
    }

    /**
     * Sheets that wait for a signature.
     *
     * @return list<array{circuit: int|null, board: int|null, tag: string, area: string, drives: string, what: string, state: string,
         due_at: string|null, says: string}>
     */
    private static function inReview(Site $site): array
    {
        /** @var Collection<int, RevisionStep> $steps */
        $steps = RevisionStep::query()->with('person')->join('revisions', 'revisions.id', '=', 'revision_steps.revision_id')
            ->leftJoin('circuits', 'circuits.id', '=', 'revisions.circuit_id')
            ->leftJoin('boards', 'boards.id', '=', 'revisions.board_id')
            ->whereRaw('coalesce(circuits.site_id, boards.site_id) = ?', [$site->id])
            ->whereNull('circuits.archived_at')->whereNull('boards.deleted_at')
            ->where('revision_steps.step', 'sent')
            ->whereNotExists(static function (QueryBuilder $later): void {
                $later->from('revision_steps as later')->whereColumn('later.revision_id', 'revision_steps.revision_id')
                    ->whereColumn('later.id', '>', 'revision_steps.id');
            })
            ->select('revision_steps.*', 'circuits.id as circuit', 'boards.id as board', 'circuits.area as area',
                'circuits.drives as drives')
            ->selectRaw('coalesce(circuits.tag, boards.tag) as tag')
            ->orderBy('revision_steps.id')->limit(self::MOST)->get();
        $items = [];
        foreach ($steps as $step) {
            $text = static fn (string $name): string => is_string($step->getAttribute($name)) ? $step->getAttribute($name) : '';
            $number = static fn (string $name): ?int => is_numeric($step->getAttribute($name)) ? (int) $step->getAttribute($name) : null;
            $items[] = [
                'circuit' => $number('circuit'), 'board' => $number('board'), 'tag' => $text('tag'), 'area' => $text('area'),
                'drives' => $number('board') === null ? $text('drives') : 'Board', 'what' => self::REVIEW, 'state' => Greasing::IS_DUE,
                'due_at' => $step->created_at->copy()->addDays(self::REVIEW_DAYS)->toIso8601ZuluString(),
                'says' => 'Sent by '.$step->person->name.' on '.$step->created_at->toDateString().'.',
            ];
        }

        return $items;
    }

    private static function months(Site $site): int
    {
        $typed = $site->settings['reading_months'] ?? null;

        return is_numeric($typed) && $typed >= 1 && $typed <= 120 ? (int) $typed : self::USUAL_MONTHS;
    }
}
