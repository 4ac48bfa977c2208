<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Call;
use App\Http\PastTime;
use App\Http\Signed;
use App\Logbook\DueCalendar;
use App\Logbook\DueList;
use App\Logbook\LogStore;
use App\Models\Circuit;
use App\Models\LogEntry;
use App\Models\Site;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Record\Stored;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Records\Logbook\EntryKind;
use BraveAnvil\Records\Logbook\GreasedEnd;
use BraveAnvil\Records\Logbook\Logbook;
use BraveAnvil\Records\Logbook\Trips;
use BraveAnvil\Records\Register\CsvText;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;

/** The logbook of a motor, and what is due on a site: as a list, as a file, as a calendar. */
final class LogController
{
    public function __construct(private readonly LogStore $log)
    {
    }

    #[Call('LogAnswer')]
    public function index(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse($this->answer($circuit));
    }

    #[Call('LogAnswer', takes: 'NewLogEntry')]
    public function store(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'kind' => ['required', Rule::enum(EntryKind::class)], 'values' => ['present', 'array', 'max:20'],
            'happened_at' => ['nullable', new PastTime], 'is_minded' => ['nullable', 'boolean'],
        ]);
        $values = [];
        foreach ($request->array('values') as $name => $value) {
            $values[(string) $name] = is_scalar($value) ? $value : null;
        }
        $this->log->keep(
            $circuit, EntryKind::from($request->string('kind')->toString()), $values,
            $request->filled('happened_at') ? $request->string('happened_at')->toString() : null, $person,
            $request->boolean('is_minded'),
        );

        return new JsonResponse($this->answer($circuit), 201);
    }

    #[Call('LogAnswer', takes: 'Why')]
    public function withdraw(Request $request, LogEntry $entry): JsonResponse
    {
        $person = Signed::editor($request);
        $why = $request->validate(['why' => ['required', 'string', 'max:300']])['why'];
        $withdrawn = LogEntry::query()->whereKey($entry->id)->whereNull('withdrawn_at')
            ->update(['withdrawn_at' => Carbon::now(), 'withdrawn_by' => $person->id, 'withdrawn_why' => $why]);
        if ($withdrawn === 0) {
            throw new Problem(409, 'withdrawn', 'Already withdrawn', 'Someone else has already withdrawn this entry.');
        }

        return new JsonResponse($this->answer(Circuit::query()->findOrFail($entry->circuit_id)));
    }

    #[Call('DueAnswer')]
    public function due(Request $request, Site $site, DueList $due): JsonResponse
    {
        $person = Signed::person($request);

        return new JsonResponse([
            'site' => $site->name, 'items' => $due->of($site),
            // Whoever may edit may subscribe others; the address itself is the key.
            'calendar' => $person->mayEdit() && $site->calendar_secret !== null ? '/calendar/'.$site->calendar_secret.'.ics' : null,
        ]);
    }

    /** The list as a file. Text that a spreadsheet would run as a formula stays text. */
    #[Call(Call::FILE)]
    public function dueFile(Request $request, Site $site, DueList $due): Response
    {
        Signed::person($request);
        $rows = [['Tag', 'Driven machine', 'Area', 'Work due', 'State', 'Due', 'Remark']];
        foreach ($due->of($site) as $item) {
            $rows[] = [
                $item['tag'], $item['drives'], $item['area'], $item['what'], $item['state'], substr($item['due_at'] ?? '', 0, 10),
                $item['says'],
            ];
        }

        return new Response(CsvText::write($rows), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="due.csv"',
        ]);
    }

    /** A new secret address; the old one leads nowhere from then on. */
    #[Call('CalendarAddress')]
    public function renewCalendar(Request $request, Site $site): JsonResponse
    {
        Signed::administrator($request);
        $site->forceFill(['calendar_secret' => Str::random(40)])->save();
        HouseRecord::note($request, Happening::CalendarRenewed, $site->name);

        return new JsonResponse(['calendar' => '/calendar/'.$site->calendar_secret.'.ics']);
    }

    /** For calendar programs, which cannot sign in: whoever has the address reads. */
    public function calendar(string $secret, DueCalendar $calendar): Response
    {
        $site = Site::query()->where('calendar_secret', $secret)->firstOrFail();

        return new Response($calendar->of($site), 200, ['Content-Type' => 'text/calendar; charset=utf-8',
            'Cache-Control' => 'private, max-age=300']);
    }

    /** @return array<string, mixed> */
    private function answer(Circuit $circuit): array
    {
        $circuit->load('site');
        $state = Stored::row("logbook of circuit $circuit->id", fn (): Logbook => $this->log->state($circuit), Logbook::unreadable(...));
        $entries = $this->log->entries($circuit)->load('recorder', 'withdrawer');

        return [
            'entries' => $entries->map(static fn (LogEntry $entry): array => $entry->resource())->values(),
            'state' => [
                'hours' => $state->hours, 'trips' => self::trips($state->trips), 'warranty' => $state->warranty,
                'greasing' => [
                    'state' => $state->greasing->state, 'says' => $state->greasing->says,
                    'due_at' => self::moment($state->greasing->dueAt),
                    'working' => $state->greasing->working, 'task' => $state->greasing->task, 'plate' => self::grease($state),
                ],
            ],
        ];
    }

    /** @return array<string, mixed> */
    private static function trips(Trips $trips): array
    {
        return [
            'says' => $trips->says, 'in_a_year' => $trips->inAYear, 'last_at' => self::moment($trips->lastAt),
            'dial_found' => $trips->dialFound === null ? null
                : ['value' => $trips->dialFound, 'shown' => Show::quantity($trips->dialFound, Unit::Ampere)],
        ];
    }

    /** @return array<string, mixed> what is stamped of grease, and when each end had it last */
    private static function grease(Logbook $state): array
    {
        $ends = [];
        foreach ([GreasedEnd::Drive, GreasedEnd::Other] as $end) {
            $ends[] = [
                'end' => $end->value, 'amount' => $state->plate->shownOf($end),
                'last_at' => self::moment($state->lastGreased[$end->value] ?? null),
            ];
        }

        return ['grease' => $state->plate->grease, 'grams' => $state->plate->typed(), 'ends' => $ends];
    }

    /** @param  int|null  $at  seconds since 1970 */
    private static function moment(?int $at): ?string
    {
        return $at === null ? null : Carbon::createFromTimestampUTC($at)->toIso8601ZuluString();
    }
}
