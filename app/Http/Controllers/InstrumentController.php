<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Circuits\ReadingStore;
use App\Http\Call;
use App\Http\Signed;
use App\Instruments\Analysers;
use App\Instruments\NoReading;
use App\Instruments\SimulatedPanel;
use App\Models\Analyser;
use App\Models\Circuit;
use App\Models\Drill;
use App\Problems\Problem;
use App\Record\Happening;
use App\Record\HouseRecord;
use App\Record\Stored;
use BraveAnvil\Ground\Show;
use BraveAnvil\Physics\Modbus\RegisterMap;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Carbon;
use Illuminate\Validation\Rule;

/** Stand-ins of instruments on a circuit, hidden faults that are found with them, and real analysers that an administrator named. */
final class InstrumentController
{
    public function __construct(
        private readonly SimulatedPanel $panel,
        private readonly ReadingStore $store,
    ) {
    }

    /** One reading by a stand-in; nothing is kept. */
    #[Call('SimulatedReading', takes: 'AskedReading')]
    public function read(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);
        [$kind, $where] = self::asked($request);

        return new JsonResponse(self::told(fn (): array => $this->panel->read($circuit->load('site'), $kind, $where)));
    }

    /** Keeps a reading that a stand-in gave; it is marked for ever. */
    #[Call('Reading', takes: 'SimulatedReading')]
    public function keep(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate([
            'kind' => ['required', Rule::enum(ReadingKind::class)], 'values' => ['required', 'array', 'max:60'],
            'load_percent' => ['required', 'string', 'max:20'], 'instrument' => ['required', 'string', 'max:120'],
        ]);
        $values = [];
        foreach ($request->array('values') as $name => $value) {
            $values[(string) $name] = $value;
        }
        $circuit->load('site');
        $reading = $this->store->keepTyped(
            $circuit, ReadingKind::from($request->string('kind')->toString()), $values, $request->string('load_percent')->toString(),
            $request->string('instrument')->toString(), '', null, $person, true,
        );

        return new JsonResponse($reading->resource(), 201);
    }

    #[Call('DrillsAnswer')]
    public function drills(Request $request, Circuit $circuit): JsonResponse
    {
        Signed::person($request);
        /** @var Collection<int, Drill> $drills */
        $drills = Drill::query()->where('circuit_id', $circuit->id)->orderByDesc('id')->limit(10)->get();
        $drills->load('setter', 'circuit.site');

        return new JsonResponse([
            'drills' => $drills->map(fn (Drill $drill): array => $this->shown($drill))->values(),
            'faults' => array_map(
                static fn (FaultKind $kind): array => ['value' => $kind->value, 'label' => $kind->label()],
                // Where the circuit itself cannot be read, none can be hidden.
                Stored::row("circuit $circuit->id", fn (): array => $this->panel->candidates($circuit->load('site')),
                    static fn (): array => []),
            ),
        ]);
    }

    /** Hides a fault: one that is named, or one by chance. */
    #[Call('Drill', takes: 'NewDrill')]
    public function begin(Request $request, Circuit $circuit): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['fault' => ['nullable', Rule::enum(FaultKind::class)]]);
        $kind = $request->filled('fault') ? FaultKind::from($request->string('fault')->toString()) : null;
        $drill = self::told(fn (): Drill => $this->panel->begin($circuit->load('site'), $kind, $person->id));

        return new JsonResponse($this->shown($drill->refresh()->load('setter', 'circuit.site')), 201);
    }

    #[Call('DrillReadAnswer', takes: 'AskedReading')]
    public function readDrill(Request $request, Drill $drill): JsonResponse
    {
        Signed::editor($request);
        [$kind, $where] = self::asked($request);
        if ($drill->ended_at !== null) {
            throw new Problem(409, 'ended', 'Already named', 'This fault has been named: it is no longer hidden.');
        }
        $drill->load('setter', 'circuit.site');

        return new JsonResponse(self::told(fn (): array => [
            'reading' => $this->panel->readDrill($drill, $kind, $where), 'drill' => $this->shown($drill),
        ]));
    }

    /** Names the fault: then it is told, with what told it apart. */
    #[Call('Drill', takes: 'NamedFault')]
    public function name(Request $request, Drill $drill): JsonResponse
    {
        $person = Signed::editor($request);
        $request->validate(['fault' => ['required', Rule::enum(FaultKind::class)]]);
        $named = Drill::query()->whereKey($drill->id)->whereNull('ended_at')->update([
            'named' => $request->string('fault')->toString(), 'named_by' => $person->id, 'ended_at' => Carbon::now(),
        ]);
        if ($named === 0) {
            throw new Problem(409, 'ended', 'Already named', 'Someone else has already named this fault: it is no longer hidden.');
        }

        return new JsonResponse($this->shown($drill->refresh()->load('setter', 'circuit.site')));
    }

    #[Call('AnalysersAnswer')]
    public function analysers(Request $request): JsonResponse
    {
        Signed::person($request);
        /** @var Collection<int, Analyser> $analysers */
        $analysers = Analyser::query()->orderBy('name')->limit(100)->get();

        return new JsonResponse(['analysers' => $analysers->map(static fn (Analyser $one): array => $one->resource())->values()]);
    }

    /** Only an administrator names an address that this machine then speaks to. */
    #[Call('Analyser', takes: 'NewAnalyser')]
    public function storeAnalyser(Request $request): JsonResponse
    {
        $person = Signed::administrator($request);
        $request->validate([
            'name' => ['required', 'string', 'max:80'], 'host' => ['required', 'string', 'max:120', 'regex:/^[A-Za-z0-9.:_-]+$/'],
            'port' => ['required', 'integer', 'between:1,65535'], 'unit' => ['required', 'integer', 'between:0,255'],
            'map' => ['required', 'string', 'max:20000'],
        ]);
        $map = RegisterMap::read(json_decode($request->string('map')->toString(), true, 6));
        if (is_string($map)) {
            throw new Problem(422, 'invalid', 'The register map cannot be used', $map, [
                ['path' => 'map', 'text' => $map, 'accepted' => 'An object of quantities with function, address, type, order and scale.'],
            ]);
        }
        $analyser = Analyser::query()->create([
            'name' => $request->string('name')->trim()->toString(), 'host' => $request->string('host')->toString(),
            'port' => $request->integer('port'), 'unit' => $request->integer('unit'), 'map' => $request->string('map')->toString(),
            'updated_by' => $person->id,
        ]);

        HouseRecord::note($request, Happening::AnalyserAdded, $analyser->name.' at '.$analyser->host);

        return new JsonResponse($analyser->resource(), 201);
    }

    #[Call]
    public function removeAnalyser(Request $request, Analyser $analyser): Response
    {
        Signed::administrator($request);
        $analyser->delete();
        HouseRecord::note($request, Happening::AnalyserRemoved, $analyser->name);

        return new Response(status: 204);
    }

    #[Call('AnalyserValues')]
    public function readAnalyser(Request $request, Analyser $analyser, Analysers $analysers): JsonResponse
    {
        Signed::person($request);

        return new JsonResponse(self::told(static fn (): array => ['values' => (object) array_map(
            static fn (float $value): string => Show::number($value, 5), $analysers->read($analyser),
        )]));
    }

    /** @return array{ReadingKind, ReadAt|null} */
    private static function asked(Request $request): array
    {
        $request->validate(['kind' => ['required', Rule::enum(ReadingKind::class)], 'where' => ['nullable', Rule::enum(ReadAt::class)]]);

        return [
            ReadingKind::from($request->string('kind')->toString()),
            $request->filled('where') ? ReadAt::from($request->string('where')->toString()) : null,
        ];
    }

    /** @return array<string, mixed> a fault that is still hidden stays out of it */
    private function shown(Drill $drill): array
    {
        $about = [
            'id' => $drill->id, 'set_by' => $drill->setter->name, 'begun_at' => $drill->created_at->toIso8601ZuluString(),
            'load_percent' => $drill->load_percent, 'ended_at' => $drill->ended_at?->toIso8601ZuluString(), 'named' => $drill->named,
        ];

        $unreadable = static fn (string $why): array => [
            ...$about, 'ended_at' => $about['ended_at'] ?? $about['begun_at'], 'taken' => [], 'fault' => ['kind' => '', 'label' => $why],
            'right' => false, 'assessment' => null,
        ];

        return Stored::row("drill $drill->id", fn (): array => [...$about, ...SimulatedPanel::state($drill)->toArray()], $unreadable);
    }

    /**
     * @template T
     *
     * @param  callable(): T  $reading
     * @return T
     *
     * @throws Problem with the sentence of why there is none
     */
    private static function told(callable $reading): mixed
    {
        try {
            return $reading();
        } catch (NoReading $why) {
            throw new Problem(502, 'no_reading', 'No reading', $why->getMessage());
        }
    }
}
