<?php

declare(strict_types=1);

namespace BraveAnvil\Away;

use BraveAnvil\Records\Instruments\DrillState;
use BraveAnvil\Records\Instruments\FaultKind;
use BraveAnvil\Records\Instruments\HiddenFault;
use BraveAnvil\Records\Instruments\SimulatedCircuit;
use BraveAnvil\Records\Instruments\SimulatedReading;
use BraveAnvil\Records\Instruments\UnitMap;
use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\ReadingKind;

/** Stand-ins and drills on a device by itself: what the service keeps of a drill, the page keeps and sends along. */
final class Practice
{
    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is solved
     * @param  array<array-key, mixed>  $hidden  as `hide` gave it; empty: the circuit is healthy
     * @param  string  $where  a current is read; empty: at the motor
     * @return array<string, mixed>|array{refusal: string}
     */
    public static function reading(array $document, array $hidden, string $kind, string $where, int $seed): array
    {
        $circuit = self::circuit($document, $hidden);
        $of = ReadingKind::tryFrom($kind);
        if (! $circuit->canBeSimulated()) {
            return ['refusal' => SimulatedCircuit::CANNOT_BE_SIMULATED];
        }
        $values = $of === null ? null : $circuit->read($of, ReadAt::tryFrom($where), $seed, self::hidden($hidden));
        if ($of === null || $values === null) {
            return ['refusal' => $of === ReadingKind::Capacitor ? SimulatedReading::NO_CAPACITOR : SimulatedReading::NO_INSTRUMENT];
        }

        return $circuit->shown($of, UnitMap::product(UnitMap::unitOf($of)), $values);
    }

    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is solved
     * @return list<array{value: string, label: string}>
     */
    public static function faults(array $document): array
    {
        return array_map(
            static fn (FaultKind $kind): array => ['value' => $kind->value, 'label' => $kind->label()],
            SimulatedCircuit::of($document)->candidates(),
        );
    }

    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is solved
     * @param  string  $fault  its kind; empty: one by chance
     * @return array{kind: string, size: float, place: int, load_percent: string}|array{refusal: string}
     */
    public static function hide(array $document, string $fault, int $seed): array
    {
        $circuit = SimulatedCircuit::of($document);
        if (! $circuit->canBeSimulated()) {
            return ['refusal' => SimulatedCircuit::CANNOT_BE_SIMULATED];
        }
        $hidden = $circuit->hide(FaultKind::tryFrom($fault), $seed);

        return $hidden === null ? ['refusal' => SimulatedCircuit::CANNOT_HAVE_FAULT] : [
            'kind' => $hidden->kind->value, 'size' => $hidden->size, 'place' => $hidden->place, 'load_percent' => $circuit->loadText(),
        ];
    }

    /**
     * @param  array<array-key, mixed>  $document  the circuit as it is solved
     * @param  array<array-key, mixed>  $hidden  as `hide` gave it
     * @param  array<array-key, mixed>  $taken  readings, oldest first
     * @param  string  $named  the fault that was named; empty while it is hidden
     * @return array<string, mixed>|null null where nothing is hidden
     */
    public static function drill(array $document, array $hidden, array $taken, string $named): ?array
    {
        $readings = [];
        foreach ($taken as $one) {
            if (is_array($one) && is_string($one['kind'] ?? null) && is_array($one['values'] ?? null)) {
                /** @var array<string, mixed> $values */
                $values = $one['values'];
                $readings[] = ['kind' => $one['kind'], 'values' => $values];
            }
        }
        $fault = self::hidden($hidden);
        $circuit = self::circuit($document, $hidden);

        return $fault === null ? null : (new DrillState($circuit, $fault, $readings, $named === '' ? null : $named))->toArray();
    }

    /**
     * @param  array<array-key, mixed>  $document
     * @param  array<array-key, mixed>  $hidden
     */
    private static function circuit(array $document, array $hidden): SimulatedCircuit
    {
        $load = $hidden['load_percent'] ?? null;

        return SimulatedCircuit::of($document, is_numeric($load) ? (float) $load : null);
    }

    /** @param  array<array-key, mixed>  $hidden */
    private static function hidden(array $hidden): ?HiddenFault
    {
        $kind = is_string($hidden['kind'] ?? null) ? FaultKind::tryFrom($hidden['kind']) : null;
        [$size, $place] = [$hidden['size'] ?? null, $hidden['place'] ?? null];

        return $kind === null || ! is_numeric($size) || ! is_numeric($place) ? null : new HiddenFault($kind, (float) $size, (int) $place);
    }
}
