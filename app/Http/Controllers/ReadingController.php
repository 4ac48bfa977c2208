<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\CircuitDocument;
use App\Circuits\CircuitStore;
use App\Http\Signed;
use App\Models\Circuit;
use App\Models\Reading;
use App\Problems\Problem;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Version;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Carbon;

/** Readings kept on a circuit: value, method, instrument, when and who. They are withdrawn with a reason, never changed. */
final class ReadingController
{
    public function __construct(private readonly CircuitStore $store)
    {
    }

    public function index(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);

        /** @var Collection<int, Reading> $readings */
        $readings = Reading::query()->with('taker', 'withdrawer')->where('circuit_id', $circuit->id)->orderByDesc('taken_at')->orderByDesc('id')->limit(200)->get();

        return new JsonResponse(['readings' => $readings->map(static fn (Reading $reading): array => $reading->resource())->values()]);
    }

    /** Keeps the measurement that stands in the circuit, solved here, so that what is kept is what the core says. */
    public function store(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['version' => ['required', 'integer'], 'instrument' => ['required', 'string', 'max:120'], 'note' => ['nullable', 'string', 'max:500'], 'taken_at' => ['nullable', 'date']]);
        $circuit->load('site');
        if ($circuit->version !== $request->integer('version')) {
            throw new Problem(409, 'edit_conflict', 'Somebody else saved this circuit', 'Look at its present state before you keep a reading.', [], ['current' => $circuit->load('editor')->resource()]);
        }
        $document = CircuitDocument::from(json_decode($circuit->draft, true, 32, JSON_THROW_ON_ERROR));
        $typed = $document->section('measure');
        $figures = array_values(array_filter($this->store->solve($document, $circuit->site)->figures, static fn (Figure $figure): bool => str_starts_with($figure->key, 'measured.')));
        if ($figures === []) {
            throw new Problem(422, 'nothing_measured', 'Nothing is measured', 'There is no result to keep yet.', [['path' => 'measure.method', 'text' => 'There is no result to keep yet.', 'accepted' => 'A method and its readings.']]);
        }
        $method = $typed['method'] ?? '';

        return new JsonResponse(self::kept($request, $circuit, is_string($method) ? $method : '', $typed, $figures, $person->id)->resource(), 201);
    }

    public function withdraw(Request $request, Reading $reading): JsonResponse
    {
        $person = Signed::editor($request);
        $why = $request->validate(['why' => ['required', 'string', 'max:300']])['why'];
        if ($reading->withdrawn_at !== null) {
            throw new Problem(409, 'withdrawn', 'Withdrawn already', 'Somebody withdrew this reading before you.');
        }
        $reading->forceFill(['withdrawn_at' => Carbon::now(), 'withdrawn_by' => $person->id, 'withdrawn_why' => $why])->save();

        return new JsonResponse($reading->load('taker', 'withdrawer')->resource());
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<Figure>  $figures
     */
    public static function kept(Request $request, Circuit $circuit, string $method, array $values, array $figures, int $person): Reading
    {
        $taken = $request->filled('taken_at') ? Carbon::parse($request->string('taken_at')->toString()) : Carbon::now();
        if ($taken->isAfter(Carbon::now()->addMinutes(5))) {
            throw new Problem(422, 'invalid', 'Some fields are not right', 'See the fields.', [['path' => 'taken_at', 'text' => 'This time is still to come.', 'accepted' => 'The time of the measurement.']]);
        }

        return Reading::query()->create([
            'circuit_id' => $circuit->id, 'method' => $method, 'instrument' => $request->string('instrument')->trim()->toString(), 'note' => $request->string('note')->trim()->toString(),
            'values' => json_encode((object) $values, JSON_THROW_ON_ERROR), 'figures' => json_encode(array_map(static fn (Figure $figure): array => $figure->toArray(), $figures), JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION),
            'core' => Version::CORE, 'taken_at' => $taken, 'taken_by' => $person,
        ])->load('taker', 'withdrawer');
    }
}
