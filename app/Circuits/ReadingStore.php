<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use App\Models\Person;
use App\Models\Reading;
use App\Problems\Problem;
use BraveAnvil\Measure\TimedStart;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Version;
use Illuminate\Support\Carbon;

/** Keeping readings: what was typed, and what this core made of it. */
final class ReadingStore
{
    /** How a reading by stopwatch is called. */
    public const TIMED_START = 'run_up_time';

    public function __construct(private readonly CircuitStore $store)
    {
    }

    /**
     * The measurement that stands in a circuit document.
     *
     * @throws Problem when nothing follows from it, or its time is still to come
     */
    public function keepMeasured(
        Circuit $circuit,
        CircuitDocument $document,
        string $instrument,
        string $note,
        ?string $takenAt,
        Person $person,
    ): Reading {
        $typed = $document->section('measure');
        $figures = array_values(
            array_filter(
                $this->store->solve($document, $circuit->site)->figures,
                static fn (Figure $figure): bool => str_starts_with($figure->key(), 'measured.'),
            ),
        );
        if ($figures === []) {
            throw new Problem(422, 'nothing_measured', 'Nothing is measured', 'There is no result to keep yet.', [
                ['path' => 'measure.method', 'text' => 'There is no result to keep yet.', 'accepted' => 'A method and its readings.'],
            ]);
        }
        $method = $typed['method'] ?? '';

        return $this->keep($circuit, is_string($method) ? $method : '', $typed, $figures, $instrument, $note, $takenAt, $person);
    }

    /**
     * A start that was timed at the motor, held against the computed one and the one before it.
     *
     * @param  float  $seconds  from switching on to full speed
     * @param  float|null  $changeover  s from switching on; null with one stage
     *
     * @throws Problem when its time is still to come
     */
    public function keepTimedStart(
        Circuit $circuit,
        CircuitDocument $document,
        float $seconds,
        ?float $changeover,
        string $note,
        ?string $takenAt,
        Person $person,
    ): Reading {
        $solution = $this->store->solve($document, $circuit->site);
        $before = Reading::query()->where('circuit_id', $circuit->id)->where('method', self::TIMED_START)->whereNull('withdrawn_at')
            ->orderByDesc('taken_at')->orderByDesc('id')->first();
        $values = $before === null ? [] : json_decode($before->values, true, 8, JSON_THROW_ON_ERROR);
        $last = is_array($values) && is_numeric($values['seconds'] ?? null) ? (float) $values['seconds'] : null;
        $simulated = $solution->figure('start.run_up_time_worst') === null ? null : $solution->figure('start.run_up_time');
        $figures = TimedStart::figures($seconds, $changeover, $simulated, $solution->figure('start.run_up_time_worst'), $last);
        $typed = ['seconds' => $seconds, ...$changeover === null ? [] : ['changeover' => $changeover]];

        return $this->keep($circuit, self::TIMED_START, $typed, $figures, 'stopwatch', $note, $takenAt, $person);
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<Figure>  $figures
     *
     * @throws Problem when its time is still to come
     */
    public function keep(
        Circuit $circuit,
        string $method,
        array $values,
        array $figures,
        string $instrument,
        string $note,
        ?string $takenAt,
        Person $person,
    ): Reading {
        $taken = $takenAt === null ? Carbon::now() : Carbon::parse($takenAt);
        if ($taken->isAfter(Carbon::now()->addMinutes(5))) {
            throw new Problem(422, 'invalid', 'Some fields are not right', 'See the fields.', [
                ['path' => 'taken_at', 'text' => 'This time is still to come.', 'accepted' => 'The time of the measurement.'],
            ]);
        }

        return Reading::query()
            ->create([
                'circuit_id' => $circuit->id, 'method' => $method, 'instrument' => trim($instrument), 'note' => trim($note),
                'core' => Version::CORE, 'taken_at' => $taken, 'taken_by' => $person->id,
                'values' => json_encode((object) $values, JSON_THROW_ON_ERROR),
                'figures' => json_encode(
                    array_map(static fn (Figure $figure): array => $figure->toArray(), $figures),
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                ),
            ])
            ->load('taker', 'withdrawer');
    }
}
