<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;

/** Coils of one kind on a control supply, and the wire to each. */
final readonly class ControlCoil
{
    private const HOLDING_FACTOR = 0.3;

    private const INRUSH_FACTOR = 0.6;

    /** µF per km of an open pair. Common practice. */
    private const CAPACITANCE = 0.3;

    /**
     * @param  int  $together  that pull in at one moment
     * @param  float  $holding  of each, VA
     * @param  float  $inrush  of each, VA
     * @param  string  $size  of its wire, as typed
     * @param  float|null  $length  m; null where nobody typed it
     * @param  float  $farad  per metre of an open pair
     */
    private function __construct(
        public string $tag,
        public int $count,
        public int $together,
        public float $holding,
        public float $holdingFactor,
        public float $inrush,
        public float $inrushFactor,
        public string $size,
        public ?float $length,
        public bool $threeWire,
        public float $farad,
    ) {
    }

    /**
     * @param  array<array-key, mixed>  $control  as typed
     * @return list<self>
     */
    public static function all(array $control, FeederDocument $document): array
    {
        $typed = $control['coils'] ?? [];
        $coils = [];
        foreach (is_array($typed) ? array_values($typed) : [] as $i => $one) {
            $one = is_array($one) ? $one : [];
            $at = "control.coils.$i";
            $number = static fn (string $key, FieldKind $kind, float $low, float $high,
                Unit $unit = Unit::None): ?float => $document->number(
                    "$at.$key", $one[$key] ?? null, $kind, $low, $high, $unit,
                );
            $holding = $number('holding_va', FieldKind::VoltAmperes, 0.5, 5000, Unit::VoltAmpere);
            $inrush = $number('inrush_va', FieldKind::VoltAmperes, 1, 50000, Unit::VoltAmpere);
            foreach (['holding_va' => $holding, 'inrush_va' => $inrush] as $key => $value) {
                if ($value === null) {
                    $document->fail("$at.$key", 'Enter the volt-amperes of the coil.', 'They are on its data sheet.', ErrorKind::Missing);
                }
            }
            if ($holding === null || $inrush === null) {
                continue;
            }
            $coils[] = new self(
                is_string($one['tag'] ?? null) ? $one['tag'] : (string) ($i + 1),
                (int) ($number('count', FieldKind::Count, 1, 500) ?? 1), (int) ($number('together', FieldKind::Count, 1, 500) ?? 1),
                $holding, $number('holding_power_factor', FieldKind::Fraction, 0.05, 1) ?? self::HOLDING_FACTOR,
                $inrush, $number('inrush_power_factor', FieldKind::Fraction, 0.05, 1) ?? self::INRUSH_FACTOR,
                is_string($one['size'] ?? null) ? $one['size'] : '', $number('length', FieldKind::Metres, 0.1, 20000, Unit::Metre),
                ($one['control'] ?? '') === 'three_wire',
                ($number('capacitance_uf_per_km', FieldKind::Number, 0.01, 5) ?? self::CAPACITANCE) * 1e-9,
            );
        }

        return $coils;
    }

    /** Of one that is held, VA. */
    public function held(): Phasor
    {
        return Phasor::lagging($this->holding, $this->holdingFactor);
    }

    /** Of one that pulls in, VA. */
    public function pulled(): Phasor
    {
        return Phasor::lagging($this->inrush, $this->inrushFactor);
    }

    /** @param  list<self>  $coils  all held, VA */
    public static function sum(array $coils): Phasor
    {
        $sum = Phasor::zero();
        foreach ($coils as $coil) {
            $sum = $sum->plus($coil->held()->scaled($coil->count));
        }

        return $sum;
    }
}
