<?php

declare(strict_types=1);

namespace App\Circuits;

use App\Models\Circuit;
use App\Models\Person;
use App\Models\Reading;
use App\Problems\Problem;
use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\Choice\RuleBookName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Version;
use BraveAnvil\Stations\Measure\TimedStart;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\ReadingReader;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Support\Carbon;

/** Keeping readings: what was typed, and what this core made of it. */
final class ReadingStore
{
    /** How a reading by stopwatch is called. */
    public const TIMED_START = 'run_up_time';

    /** Readings of one circuit that are looked at. */
    private const MOST = 200;

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
            throw new Problem(422, 'nothing_measured', 'Nothing measured', 'There is no result to save yet.', [
                ['path' => 'measure.method', 'text' => 'There is no result to save yet.', 'accepted' => 'A method and its readings.'],
            ]);
        }
        $method = $typed['method'] ?? '';

        return $this->keep($circuit, 'power', is_string($method) ? $method : '', $typed, $figures, $instrument, $note, $takenAt, $person);
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
        /** @var Reading|null $before */
        $before = Reading::query()->where('circuit_id', $circuit->id)->where('method', self::TIMED_START)->whereNull('withdrawn_at')
            ->orderByDesc('taken_at')->orderByDesc('id')->first();
        $values = $before === null ? [] : $before->document()['values'];
        $last = is_array($values) && is_numeric($values['seconds'] ?? null) ? (float) $values['seconds'] : null;
        $simulated = $solution->figure('start.run_up_time_worst') === null ? null : $solution->figure('start.run_up_time');
        $figures = TimedStart::figures($seconds, $changeover, $simulated, $solution->figure('start.run_up_time_worst'), $last);
        $typed = ['seconds' => $seconds, ...$changeover === null ? [] : ['changeover' => $changeover]];

        return $this->keep($circuit, self::TIMED_START, self::TIMED_START, $typed, $figures, 'stopwatch', $note, $takenAt, $person);
    }

    /**
     * A reading of any kind, held against the circuit as it is solved now.
     *
     * @param  array<string, mixed>  $values  as typed
     *
     * @throws Problem with each value that cannot be read at its field, or when nothing was typed
     */
    public function keepTyped(
        Circuit $circuit,
        ReadingKind $kind,
        array $values,
        ?string $loadPercent,
        string $instrument,
        string $note,
        ?string $takenAt,
        Person $person,
        bool $simulated = false,
    ): Reading {
        $document = CircuitDocument::of($circuit);
        $reading = [
            'kind' => $kind->value, 'at' => Carbon::now()->toIso8601ZuluString(), 'load_percent' => $loadPercent, 'simulated' => $simulated,
            'values' => $values,
        ];
        // The reading itself is judged also where nothing of the circuit can be computed.
        $read = ReadingReader::read([$reading], RuleBookName::isAmerican($circuit->site->rule_book));
        $errors = array_map(static fn (string $path): array => [
            'path' => substr($path, 12), 'text' => 'This kind of reading does not have this value.',
            'accepted' => 'Enter only the values of its kind.',
        ], $read->unknown);
        $solution = Bench::solve([...$document->withSettings($circuit->settings()), 'readings' => [$reading]]);
        foreach ([...$solution->errors, ...$read->errors] as $error) {
            if (str_starts_with($error->path, 'readings[0].')) {
                $errors[$error->path] ??= ['path' => substr($error->path, 12), 'text' => $error->text, 'accepted' => $error->accepted];
            }
        }
        if ($errors !== []) {
            throw new Problem(422, 'invalid', 'Some values cannot be read', 'See the marked fields.', array_values($errors));
        }
        if (array_filter($values, static fn (mixed $value): bool => $value !== null && $value !== '' && $value !== []) === []) {
            throw new Problem(422, 'nothing_measured', 'Nothing measured', 'There is no value to save yet.', [
                ['path' => 'values', 'text' => 'There is no value to save yet.', 'accepted' => 'Enter at least one value.'],
            ]);
        }
        $figures = array_values(
            array_filter($solution->figures, static fn (Figure $figure): bool => str_starts_with($figure->key(), 'prove.')),
        );

        return $this->keep(
            $circuit, $kind->value, $kind->value, $values, $figures, $instrument, $note, $takenAt, $person, $loadPercent, $simulated,
        );
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  list<Figure>  $figures
     *
     * @throws Problem when its time is still to come
     */
    public function keep(
        Circuit $circuit,
        string $kind,
        string $method,
        array $values,
        array $figures,
        string $instrument,
        string $note,
        ?string $takenAt,
        Person $person,
        ?string $loadPercent = null,
        bool $simulated = false,
    ): Reading {
        $taken = $takenAt === null ? Carbon::now() : Carbon::parse($takenAt);
        if ($taken->isAfter(Carbon::now()->addMinutes(5))) {
            throw new Problem(422, 'invalid', 'Some fields need correcting', 'See the marked fields.', [
                ['path' => 'taken_at', 'text' => 'This time is in the future.', 'accepted' => 'The time of the measurement.'],
            ]);
        }

        $reading = Reading::query()
            ->create([
                'circuit_id' => $circuit->id, 'kind' => $kind, 'method' => $method,
                'load_percent' => $loadPercent, 'simulated' => $simulated,
                'instrument' => trim($instrument), 'note' => trim($note),
                'core' => Version::CORE, 'taken_at' => $taken, 'taken_by' => $person->id,
                'values' => json_encode((object) $values, JSON_THROW_ON_ERROR),
                'figures' => json_encode(
                    array_map(static fn (Figure $figure): array => $figure->toArray(), $figures),
                    JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION,
                ),
            ])
            ->load('taker', 'withdrawer');
        $this->store->solveAgain($circuit);

        return $reading;
    }

    /** @throws Problem where it is withdrawn already */
    public function withdraw(Reading $reading, string $why, Person $person): Reading
    {
        $withdrawn = Reading::query()->whereKey($reading->id)->whereNull('withdrawn_at')
            ->update(['withdrawn_at' => Carbon::now(), 'withdrawn_by' => $person->id, 'withdrawn_why' => $why]);
        if ($withdrawn === 0) {
            throw new Problem(409, 'withdrawn', 'Already withdrawn', 'Someone else has already withdrawn this reading.');
        }
        $reading->refresh();
        $this->store->solveAgain(Circuit::query()->with('site')->findOrFail($reading->circuit_id));

        return $reading->load('taker', 'withdrawer');
    }

    /** @return list<array<string, mixed>> the latest readings of a circuit as the format has them, latest first */
    public static function documents(Circuit $circuit): array
    {
        return array_values(self::latest($circuit)->map(static fn (Reading $reading): array => $reading->document())->all());
    }

    /** @return Collection<int, Reading> as many as are ever looked at, latest first */
    public static function latest(Circuit $circuit): Collection
    {
        /** @var Collection<int, Reading> $latest */
        $latest = Reading::query()->where('circuit_id', $circuit->id)
            ->orderByDesc('taken_at')->orderByDesc('id')->limit(self::MOST)->get();

        return $latest;
    }
}
