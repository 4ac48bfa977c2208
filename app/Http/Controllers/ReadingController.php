<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\CircuitDocument;
use App\Circuits\ReadingStore;
use App\Http\Call;
use App\Http\PastTime;
use App\Http\Signed;
use App\Models\Circuit;
use App\Models\Reading;
use App\Problems\Problem;
use BraveAnvil\Stations\Prove\ReadingKind;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Readings kept on a circuit: value, method, instrument, when and who. They are withdrawn with a reason, never changed. */
final class ReadingController
{
    public function __construct(private readonly ReadingStore $store)
    {
    }

    #[Call('ReadingsAnswer')]
    public function index(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);

        $readings = ReadingStore::latest($circuit)->load('taker', 'withdrawer');

        return new JsonResponse(['readings' => $readings->map(static fn (Reading $reading): array => $reading->resource())->values()]);
    }

    /** Keeps the measurement that stands in the circuit, solved here, so that what is kept is what the core says. */
    #[Call('Reading', takes: 'MeasuredReading')]
    public function store(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'version' => ['required', 'integer', 'between:1,2000000000'], 'instrument' => ['required', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:500'], 'taken_at' => ['nullable', new PastTime],
        ]);
        $circuit->load('site');
        if ($circuit->version !== $request->integer('version')) {
            throw new Problem(
                409, 'edit_conflict', 'Someone else saved this circuit', 'Check its present version before you save a reading.', [],
                ['current' => $circuit->load('editor')->resource()],
            );
        }
        $document = CircuitDocument::of($circuit);
        $reading = $this->store->keepMeasured(
            $circuit, $document,
            $request->string('instrument')->toString(),
            $request->string('note')->toString(),
            self::taken($request), $person,
        );

        return new JsonResponse($reading->resource(), 201);
    }

    /** Keeps a reading of any kind as it was typed. */
    #[Call('Reading', takes: 'TypedReading')]
    public function storeTyped(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'kind' => ['required', Rule::enum(ReadingKind::class)], 'values' => ['present', 'array', 'max:60'],
            'load_percent' => ['nullable', 'string', 'max:20'], 'instrument' => ['required', 'string', 'max:120'],
            'note' => ['nullable', 'string', 'max:500'], 'taken_at' => ['nullable', new PastTime],
        ]);
        $values = [];
        foreach ($request->array('values') as $name => $value) {
            $values[(string) $name] = $value;
        }
        $circuit->load('site');
        $reading = $this->store->keepTyped(
            $circuit, ReadingKind::from($request->string('kind')->toString()), $values,
            $request->filled('load_percent') ? $request->string('load_percent')->toString() : null,
            $request->string('instrument')->toString(),
            $request->string('note')->toString(),
            self::taken($request), $person,
        );

        return new JsonResponse($reading->resource(), 201);
    }

    /** Keeps a start that was timed at the motor. */
    #[Call('Reading', takes: 'TimedStart')]
    public function storeStart(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'seconds' => ['required', 'numeric', 'min:0.05', 'max:600'],
            'changeover' => ['nullable', 'numeric', 'min:0.05', 'lt:seconds'],
            'note' => ['nullable', 'string', 'max:500'], 'taken_at' => ['nullable', new PastTime],
        ]);
        $circuit->load('site');
        $document = CircuitDocument::of($circuit);
        $reading = $this->store->keepTimedStart(
            $circuit, $document,
            $request->float('seconds'),
            $request->filled('changeover') ? $request->float('changeover') : null,
            $request->string('note')->toString(),
            self::taken($request), $person,
        );

        return new JsonResponse($reading->resource(), 201);
    }

    public static function taken(Request $request): ?string
    {
        return $request->filled('taken_at') ? $request->string('taken_at')->toString() : null;
    }

    #[Call('Reading', takes: 'Why')]
    public function withdraw(Request $request, Reading $reading): JsonResponse
    {
        $person = Signed::editor($request);
        $why = $request->validate(['why' => ['required', 'string', 'max:300']])['why'];

        return new JsonResponse($this->store->withdraw($reading, $why, $person)->resource());
    }
}
