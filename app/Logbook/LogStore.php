<?php

declare(strict_types=1);

namespace App\Logbook;

use App\Circuits\CircuitDocument;
use App\Circuits\ReadingStore;
use App\Models\Circuit;
use App\Models\LogEntry;
use App\Models\Person;
use App\Problems\Problem;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Records\Logbook\EntryKind;
use BraveAnvil\Records\Logbook\Logbook;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** Entries of logbooks, and what follows from them today. */
final class LogStore
{
    private const MOST = 500;

    /** @return Collection<int, LogEntry> latest first */
    public function entries(Circuit $circuit): Collection
    {
        /** @var Collection<int, LogEntry> $entries */
        $entries = LogEntry::query()->where('circuit_id', $circuit->id)
            ->orderByDesc('happened_at')->orderByDesc('id')->limit(self::MOST)->get();

        return $entries;
    }

    /**
     * @param  array<string, mixed>  $values  as typed
     * @param  bool  $isMinded  whether the person was told what is unusual of it, and wants it so
     *
     * @throws Problem with each value that cannot be read at its field, when its time is still to come, or when something is to be minded first
     */
    public function keep(
        Circuit $circuit,
        EntryKind $kind,
        array $values,
        ?string $happenedAt,
        Person $person,
        bool $isMinded,
    ): LogEntry {
        $happened = $happenedAt === null ? Carbon::now() : Carbon::parse($happenedAt);
        if ($happened->isAfter(Carbon::now()->addMinutes(5))) {
            throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', [
                ['path' => 'happened_at', 'text' => 'This time is in the future.', 'accepted' => 'The time it happened.'],
            ]);
        }
        $new = ['kind' => $kind->value, 'at' => $happened->toIso8601ZuluString(), 'values' => $values];
        // The new one comes last, so that its errors are those of the last place.
        $standing = array_values($this->entries($circuit)->whereNull('withdrawn_at')->map(static fn (LogEntry $one): array => $one
            ->document())->all());
        $errors = [];
        foreach (Logbook::of([], [...$standing, $new], Carbon::now()->getTimestamp())->errors as $error) {
            $mine = 'entries['.count($standing).'].';
            // A meter that stood higher later is told at the new one too.
            if (str_starts_with($error->path, $mine) || ($kind === EntryKind::Hours && str_ends_with($error->path, '.meter'))) {
                $errors[] = [
                    'path' => str_starts_with($error->path, $mine) ? substr($error->path, strlen($mine)) : 'values.meter',
                    'text' => $error->text, 'accepted' => $error->accepted,
                ];
            }
        }
        if ($errors !== []) {
            throw new Problem(422, 'invalid', 'Some values need correcting', 'See the marked fields.', $errors);
        }
        $minded = $isMinded ? [] : Logbook::minded(CircuitDocument::of($circuit)->data, [...$standing, $new]);
        if ($minded !== []) {
            throw new Problem(422, 'to_mind', 'Not as on the nameplate', 'Correct the marked values, or add the entry as it is.', array_map(
                static fn (FieldError $one): array => ['path' => $one->path, 'text' => $one->text, 'accepted' => $one->accepted], $minded,
            ));
        }

        return LogEntry::query()->create([
            'circuit_id' => $circuit->id, 'kind' => $kind->value, 'values' => json_encode((object) $values, JSON_THROW_ON_ERROR),
            'happened_at' => $happened, 'recorded_by' => $person->id,
        ])->load('recorder', 'withdrawer');
    }

    public function state(Circuit $circuit): Logbook
    {
        $document = CircuitDocument::of($circuit)->withSettings($circuit->settings());
        $entries = array_values(
            $this->entries($circuit)->whereNull('withdrawn_at')->map(static fn (LogEntry $one): array => $one->document())->all(),
        );

        return Logbook::of([...$document, 'readings' => ReadingStore::documents($circuit)], $entries, Carbon::now()->getTimestamp());
    }
}
