<?php

declare(strict_types=1);

namespace App\Instruments;

use App\Circuits\CircuitDocument;
use App\Models\Circuit;
use App\Models\Drill;
use App\Problems\Problem;
use App\Record\Turns;
use BraveAnvil\Records\Instruments\DrillState;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\SimulatedCircuit;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;

/** Stand-ins on a circuit: healthy, or with a hidden fault that is to be found. */
final class SimulatedPanel
{
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
        $simulated = SimulatedCircuit::of($document);
        $scene = Scenes::ofCircuit($circuit->id);
        Scenes::put($scene, $document, $simulated->loadPercent / 100, null);

        $read = $this->standIn->read($kind, $scene, random_int(0, 65000), $where);

        return $simulated->shown($kind, $read['product'], $read['values']);
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

        return self::simulated($drill)->shown($kind, $read['product'], $read['values']);
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
        $simulated = SimulatedCircuit::of(self::document($circuit));
        $seed = random_int(0, 60000);
        $fault = $simulated->canBeSimulated() ? $simulated->hide($kind, $seed)
            : throw new NoReading(SimulatedCircuit::CANNOT_BE_SIMULATED);
        if ($fault === null) {
            throw new NoReading(SimulatedCircuit::CANNOT_HAVE_FAULT);
        }

        return Drill::query()->create([
            'circuit_id' => $circuit->id, 'load_percent' => $simulated->loadText(), 'seed' => $seed, 'taken' => '[]', 'set_by' => $person,
            'fault' => json_encode(['kind' => $fault->kind->value, 'size' => $fault->size, 'place' => $fault->place], JSON_THROW_ON_ERROR),
        ]);
    }

    /** @return list<FaultKind> that a circuit can have */
    public function candidates(Circuit $circuit): array
    {
        return SimulatedCircuit::of(self::document($circuit))->candidates();
    }

    /** How far a drill has come, held against the circuit as it is solved now. */
    public static function state(Drill $drill): DrillState
    {
        return new DrillState(
            self::simulated($drill), $drill->hidden(), $drill->takenReadings(), $drill->ended_at === null ? null : (string) $drill->named,
        );
    }

    /** The circuit of a drill, at the load at which the fault was hidden. */
    private static function simulated(Drill $drill): SimulatedCircuit
    {
        return SimulatedCircuit::of(self::document($drill->circuit), (float) $drill->load_percent);
    }

    /** @return array<array-key, mixed> the draft as it is solved */
    private static function document(Circuit $circuit): array
    {
        return CircuitDocument::of($circuit)->withSettings($circuit->settings());
    }
}
