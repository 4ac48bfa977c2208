<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\Comparison;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Tables\SiteCorrections;
use BraveAnvil\Tables\Tables;
use Random\Engine\Mt19937;
use Random\Randomizer;

/** A circuit under the stand-ins, at the load that it says for itself: to practise on, and to hide a fault in. */
final readonly class SimulatedCircuit
{
    public const CANNOT_BE_SIMULATED = 'This circuit cannot be simulated: complete its nameplate and supply first.';

    public const CANNOT_HAVE_FAULT = 'This circuit has no capacitor that could have this fault.';

    /** Load where a circuit does not say its own, percent. */
    private const USUAL_LOAD = 80.0;

    /** More than this nobody means, percent. */
    private const MOST_LOAD = 150.0;

    private Tables $tables;

    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is solved
     * @param  float  $loadPercent  of the rated output
     */
    private function __construct(private array $document, public float $loadPercent)
    {
        $settings = is_array($document['settings'] ?? null) ? $document['settings'] : [];
        $this->tables = SiteCorrections::read($settings['corrections'] ?? null, Tables::shipped())->tables;
    }

    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is solved
     * @param  float|null  $loadPercent  null: as the circuit says, or the usual one
     */
    public static function of(array $document, ?float $loadPercent = null): self
    {
        $load = is_array($document['load'] ?? null) ? $document['load']['output_percent'] ?? null : null;
        $text = is_scalar($load) ? str_replace([',', '%', ' '], ['.', '', ''], (string) $load) : '';
        $typed = is_numeric($text) && (float) $text > 0 && (float) $text <= self::MOST_LOAD ? (float) $text : self::USUAL_LOAD;

        return new self($document, $loadPercent ?? $typed);
    }

    /** As a reading has it. */
    public function loadText(): string
    {
        return rtrim(rtrim(number_format($this->loadPercent, 2, '.', ''), '0'), '.');
    }

    public function canBeSimulated(): bool
    {
        return $this->plant(null) !== null;
    }

    /** @return list<FaultKind> that this circuit can have */
    public function candidates(): array
    {
        return $this->assessment()->candidates();
    }

    /** A fault of the usual size: one of a kind, or one by chance; in which phase, chance says. Null where the circuit cannot have it. */
    public function hide(?FaultKind $kind, int $seed): ?HiddenFault
    {
        $random = new Randomizer(new Mt19937($seed));
        $candidates = $this->candidates();
        $chosen = $kind ?? $candidates[$random->getInt(0, count($candidates) - 1)];

        return in_array($chosen, $candidates, true) ? HiddenFault::usual($chosen, $random->getInt(0, 2)) : null;
    }

    /**
     * What the stand-in of a kind reads.
     *
     * @return array<string, mixed>|null values as the format has them; null where no stand-in reads it here
     */
    public function read(ReadingKind $kind, ?ReadAt $where, int $seed, ?HiddenFault $fault): ?array
    {
        $plant = $this->plant($fault);

        return $plant === null ? null : Assessment::reading(new StandIns($plant, $seed), $kind, $where ?? ReadAt::Motor);
    }

    /**
     * A reading as a page is given it, with what it says.
     *
     * @param  array<string, mixed>  $values  as the format has them
     * @return array{kind: string, load_percent: string, instrument: string, values: object, comparison: array<string, mixed>|null}
     */
    public function shown(ReadingKind $kind, string $instrument, array $values): array
    {
        $comparison = $this->compared([['kind' => $kind->value, 'values' => $values]])[0] ?? null;

        return [
            'kind' => $kind->value, 'load_percent' => $this->loadText(), 'instrument' => $instrument, 'values' => (object) $values,
            'comparison' => $comparison?->toArray(),
        ];
    }

    /**
     * What readings say, held against the circuit as it is solved.
     *
     * @param  list<array{kind: string, values: array<string, mixed>}>  $taken
     * @return list<Comparison>
     */
    public function compared(array $taken): array
    {
        $about = ['at' => '2026-01-01', 'load_percent' => $this->loadText(), 'simulated' => true];
        $readings = array_map(static fn (array $one): array => ['kind' => $one['kind'], ...$about, 'values' => $one['values']], $taken);

        return Bench::solve([...$this->document, 'readings' => $readings])->comparisons;
    }

    /**
     * @param  list<string>  $kinds  that were read
     * @return array{told: list<string>, needless: list<string>, possible: list<string>}
     */
    public function assess(HiddenFault $fault, array $kinds): array
    {
        return $this->assessment()->of($fault, $kinds);
    }

    private function assessment(): Assessment
    {
        return new Assessment($this->document, $this->loadPercent / 100, $this->tables);
    }

    private function plant(?HiddenFault $fault): ?Plant
    {
        return Plant::ofDocument($this->document, $this->loadPercent / 100, $fault, $this->tables);
    }
}
