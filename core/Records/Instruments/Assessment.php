<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Tables\Tables;

/**
 * What readings of a circuit with a hidden fault tell apart. Each fault that the circuit could have is measured alike, and held against
 * what was read: a fault that would have read the same is still possible.
 */
final class Assessment
{
    /** Kinds of reading that stand-ins give. */
    public const KINDS = [
        ReadingKind::WindingResistance, ReadingKind::InsulationResistance, ReadingKind::SupplyVoltage, ReadingKind::NoLoadCurrent,
        ReadingKind::Inrush, ReadingKind::LineCurrent, ReadingKind::Power, ReadingKind::Speed, ReadingKind::Capacitor,
        ReadingKind::Vibration, ReadingKind::Temperature,
    ];

    private const SEED = 1;

    /** @var array<string, array<string, string>> what each fault reads, by fault and kind */
    private array $signatures = [];

    /**
     * @param  array<array-key, mixed>  $document  of the circuit
     * @param  float  $load  share of rated output
     */
    public function __construct(private readonly array $document, private readonly float $load, private readonly Tables $tables)
    {
    }

    /**
     * Readings by every stand-in of one plant.
     *
     * @return array<string, array<string, mixed>> values by kind
     */
    public static function readings(Plant $plant, int $seed): array
    {
        $meters = new StandIns($plant, $seed);
        $values = [];
        foreach (self::KINDS as $kind) {
            $read = self::reading($meters, $kind, ReadAt::Motor);
            if ($read !== null) {
                $values[$kind->value] = $read;
            }
        }

        return $values;
    }

    /**
     * One reading by the stand-in that gives it.
     *
     * @return array<string, mixed>|null values as the format has them; null where no stand-in gives it, or the plant has nothing of the kind
     */
    public static function reading(StandIns $meters, ReadingKind $kind, ReadAt $at): ?array
    {
        $shown = match ($kind) {
            ReadingKind::WindingResistance => $meters->windings(),
            ReadingKind::InsulationResistance => $meters->insulation(),
            ReadingKind::NoLoadCurrent => $meters->analyser(ReadAt::Motor, false),
            ReadingKind::Inrush => $meters->inrush(),
            ReadingKind::Speed => [...$meters->analyser(ReadAt::Motor), ...$meters->testBench()],
            ReadingKind::Capacitor => $meters->capacitorClamp(),
            ReadingKind::Vibration, ReadingKind::Temperature => $meters->testBench(),
            ReadingKind::SupplyVoltage, ReadingKind::LineCurrent, ReadingKind::Power => $meters->analyser($at),
            ReadingKind::RelayTrip, ReadingKind::LoopImpedance, ReadingKind::Rotation, ReadingKind::RunUpTime,
            ReadingKind::Correction, ReadingKind::TemperatureRise, ReadingKind::MotorCapacitor, ReadingKind::PanelOhms => null,
        };
        $where = in_array($kind, [ReadingKind::LineCurrent, ReadingKind::Power], true) ? $at : null;

        return $shown === null ? null : SimulatedReading::values($kind, $shown, $where, $meters->isJoinedInDelta());
    }

    /**
     * @param  list<string>  $taken  kinds that were read
     * @return array{told: list<string>, needless: list<string>, possible: list<string>} kinds that told the fault from a healthy circuit or
     *                                                                                     from another fault, those that told nothing,
     * and faults that would have read the same
     */
    public function of(HiddenFault $fault, array $taken): array
    {
        $taken = array_values(array_unique($taken));
        $possible = $this->same($fault->kind, $taken);
        $told = [];
        $needless = [];
        foreach ($taken as $kind) {
            $without = $this->same($fault->kind, array_values(array_diff($taken, [$kind])));
            $odd = $this->signature($fault->kind, $kind) !== $this->signature(null, $kind);
            if ($odd || count($without) > count($possible)) {
                $told[] = $kind;
            } else {
                $needless[] = $kind;
            }
        }

        return ['told' => $told, 'needless' => $needless, 'possible' => $possible];
    }

    /**
     * @param  list<string>  $taken
     * @return list<string> faults, the right one among them
     */
    private function same(FaultKind $fault, array $taken): array
    {
        $same = [];
        foreach ($this->candidates() as $candidate) {
            foreach ($taken as $kind) {
                if ($this->signature($candidate, $kind) !== $this->signature($fault, $kind)) {
                    continue 2;
                }
            }
            $same[] = $candidate->value;
        }

        return $same;
    }

    /** @return list<FaultKind> that this circuit can have */
    public function candidates(): array
    {
        $plant = Plant::ofDocument($this->document, $this->load, null, $this->tables);

        return array_values(array_filter(
            FaultKind::cases(), static fn (FaultKind $kind): bool => ! $kind->wantsCapacitor() || $plant?->capacitor() !== null,
        ));
    }

    /** Verdict and pattern of a kind with a fault of its usual size, or without one. */
    private function signature(?FaultKind $fault, string $kind): string
    {
        $name = $fault->value ?? '';
        if (! isset($this->signatures[$name])) {
            $this->signatures[$name] = [];
            $plant = Plant::ofDocument($this->document, $this->load, $fault === null ? null : HiddenFault::usual($fault), $this->tables);
            $readings = [];
            foreach ($plant === null ? [] : self::readings($plant, self::SEED) as $one => $values) {
                $readings[] = ['kind' => $one, 'at' => '2026-01-01', 'load_percent' => 100 * $this->load, 'values' => $values];
            }
            foreach (Bench::solve([...$this->document, 'readings' => $readings], $this->tables)->comparisons as $comparison) {
                $said = $comparison->judgement;
                $this->signatures[$name][$comparison->kind->value ?? ''] = $said->verdict->value.' '.($said->pattern->value ?? '');
            }
        }

        return $this->signatures[$name][$kind] ?? '';
    }
}
