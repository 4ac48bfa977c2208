<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Circuits\CircuitDocument;
use App\Models\Circuit;
use App\Models\Drill;
use App\Problems\Problem;
use App\Record\Turns;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Records\Instruments\Assessment;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\Plant;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;
use Random\Randomizer;

/** Stand-ins on a circuit: healthy, or with a hidden fault that is to be found. */
final class SimulatedPanel
{
    /** Load at which a circuit is simulated where it does not say its own, percent. */
    private const USUAL_LOAD = 80.0;

    public function __construct(private readonly StandIn $standIn)
    {
    }

    /**
     * One reading of a healthy circuit.
     *
     * @return array<string, mixed>
     *
     * @throws NoReading
     */
    public function read(Circuit $circuit, ReadingKind $kind, ?ReadAt $where): array
    {
        $document = self::document($circuit);
        $load = self::load($document);
        $scene = Scenes::ofCircuit($circuit->id);
        Scenes::put($scene, $document, $load / 100, null);

        return $this->answer($kind, $this->standIn->read($kind, $scene, random_int(0, 65000), $where), $document, self::percent($load));
    }

    /**
     * One reading of a circuit with a hidden fault; it is noted in the drill, not among the circuit's readings.
     *
     * @return array<string, mixed>
     *
     * @throws NoReading
     */
    public function readDrill(Drill $drill, ReadingKind $kind, ?ReadAt $where): array
    {
        $document = self::document($drill->circuit);
        $scene = Scenes::ofDrill($drill->id);
        Scenes::put($scene, $document, (float) $drill->load_percent / 100, $drill->hidden());
        $taken = $drill->takenReadings();
        $read = $this->standIn->read($kind, $scene, $drill->seed + count($taken), $where);
        $this->noteReading($drill, $kind->value, $read['values']);

        return $this->answer($kind, $read, $document, $drill->load_percent);
    }

    /**
     * Others may read the same motor at the same time: each reading is noted behind those that stand there by now.
     *
     * @param  array<string, mixed>  $values
     *
     * @throws Problem when the fault was named meanwhile
     */
    public function noteReading(Drill $drill, string $kind, array $values): void
    {
        Turns::at($drill, static function (Drill $locked) use ($drill, $kind, $values): void {
            if ($locked->ended_at !== null) {
                throw new Problem(409, 'ended', 'Already named', 'This fault has been named: it is no longer hidden.');
            }
            $drill->taken = json_encode([...$locked->takenReadings(), ['kind' => $kind, 'values' => $values]], JSON_THROW_ON_ERROR);
            $drill->save();
        });
    }

    /** @throws NoReading where nothing of this circuit can be simulated */
    public function begin(Circuit $circuit, ?FaultKind $kind, int $person): Drill
    {
        $document = self::document($circuit);
        $load = self::load($document);
        if (Plant::ofDocument($document, $load / 100, null) === null) {
            throw new NoReading('This circuit cannot be simulated: complete its nameplate and supply first.');
        }
        $candidates = $this->assessment($document, $load)->candidates();
        $random = new Randomizer();
        $chosen = $kind ?? $candidates[$random->getInt(0, count($candidates) - 1)];
        if (! in_array($chosen, $candidates, true)) {
            throw new NoReading('This circuit has no capacitor that could have this fault.');
        }

        return Drill::query()->create([
            'circuit_id' => $circuit->id, 'load_percent' => self::percent($load), 'seed' => $random->getInt(0, 60000), 'taken' => '[]',
            'set_by' => $person,
            'fault' => json_encode(
                ['kind' => $chosen->value, 'size' => $chosen->usualSize(), 'place' => $random->getInt(0, 2)], JSON_THROW_ON_ERROR,
            ),
        ]);
    }

    /** @return array{told: list<string>, needless: list<string>, possible: list<string>} */
    public function assess(Drill $drill): array
    {
        return $this->assessment(self::document($drill->circuit), (float) $drill->load_percent)
            ->of($drill->hidden(), array_column($drill->takenReadings(), 'kind'));
    }

    /** @return list<FaultKind> that a circuit can have */
    public function candidates(Circuit $circuit): array
    {
        $document = self::document($circuit);

        return $this->assessment($document, self::load($document))->candidates();
    }

    /** What a drill's readings say, held against the circuit as it is solved now. */
    public function compared(Drill $drill): Solution
    {
        $readings = [];
        foreach ($drill->takenReadings() as $taken) {
            $readings[] = [
                'kind' => $taken['kind'], 'at' => '2026-01-01', 'load_percent' => $drill->load_percent, 'simulated' => true,
                'values' => $taken['values'],
            ];
        }

        return Bench::solve([...self::document($drill->circuit), 'readings' => $readings]);
    }

    /** @param  array<array-key, mixed>  $document */
    private function assessment(array $document, float $load): Assessment
    {
        $settings = is_array($document['settings'] ?? null) ? $document['settings'] : [];

        return new Assessment($document, $load / 100, SiteCorrections::read($settings['corrections'] ?? null, Tables::shipped())->tables);
    }

    /**
     * @param  array{unit: int, product: string, values: array<string, mixed>}  $read
     * @param  array<array-key, mixed>  $document
     * @return array<string, mixed>
     */
    private function answer(ReadingKind $kind, array $read, array $document, string $load): array
    {
        $solution = Bench::solve([...$document, 'readings' => [
            ['kind' => $kind->value, 'at' => '2026-01-01', 'load_percent' => $load, 'simulated' => true, 'values' => $read['values']],
        ]]);

        return [
            'kind' => $kind->value, 'load_percent' => $load, 'instrument' => $read['product'], 'values' => (object) $read['values'],
            'comparison' => ($solution->comparisons[0] ?? null)?->toArray(),
        ];
    }

    /** @return array<array-key, mixed> the draft as it is solved */
    private static function document(Circuit $circuit): array
    {
        return CircuitDocument::of($circuit)->withSettings($circuit->site->settings);
    }

    /** @param  array<array-key, mixed>  $document */
    private static function load(array $document): float
    {
        $load = is_array($document['load'] ?? null) ? $document['load']['output_percent'] ?? null : null;
        $text = is_scalar($load) ? str_replace([',', '%', ' '], ['.', '', ''], (string) $load) : '';

        return is_numeric($text) && (float) $text > 0 && (float) $text <= 150 ? (float) $text : self::USUAL_LOAD;
    }

    private static function percent(float $load): string
    {
        return rtrim(rtrim(number_format($load, 2, '.', ''), '0'), '.');
    }
}
