<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;

/**
 * The two wires of a single-phase circuit: what they lie between, and what of the source a fault between them, or to earth, meets.
 * The impedance of a transformer on three phases is that of each of its phases, V² u / S with V between its lines.
 */
final readonly class TwoWires
{
    /** Half of the winding carries 1.5 times the fault current of the whole one at its terminals. Common practice, no source. */
    private const HALF_WINDING_TIMES = 1.5;

    /**
     * @param  bool  $hasNeutral  whether one of them is the neutral, else both are lines
     * @param  float|null  $earthVolts  from a line to earth, V; null where both are lines of three phases, and the book tells it
     * @param  float  $loopTimes  how often V² u / S lies in the loop of both wires, with V between them
     * @param  float  $earthTimes  the same of the loop from a line to earth
     * @param  string|null  $assumption  about the transformer, where nobody typed its phases
     */
    private function __construct(
        public bool $hasNeutral,
        public ?float $earthVolts,
        public float $loopTimes,
        public float $earthTimes,
        private ?string $assumption,
    ) {
    }

    /**
     * @param  float  $volts  between the two wires
     * @param  bool  $hasNeutral  whether one of them is the neutral, by the systems of the rule book's world
     * @param  bool  $threePhaseSource  whether their transformer usually has three phases
     * @param  bool  $centreTapped  whether a single-phase transformer of that world is earthed in the middle of its winding
     */
    public static function of(Circuit $circuit, float $volts, bool $hasNeutral, bool $threePhaseSource, bool $centreTapped): self
    {
        $typed = $circuit->number('supply.transformer_phases')?->number();
        $three = $typed === null ? $threePhaseSource : $typed === 3.0;
        $source = $circuit->source() === SupplySource::Generator ? 'generator' : 'transformer';
        $assumption = $typed !== null ? null : ($three ? 'a three-phase ' : 'a single-phase ').$source;
        // Of the whole winding, 2 V: V · 2 V u / S ÷ 1.5.
        $half = 2 / self::HALF_WINDING_TIMES;

        return match (true) {
            $three && $hasNeutral => new self(true, $volts, 3.0, 3.0, $assumption),
            $three => new self(false, null, 2.0, 1.0, $assumption),
            $hasNeutral => new self(true, $volts, $centreTapped ? $half : 1.0, $centreTapped ? $half : 1.0, $assumption),
            default => new self(false, $volts / 2, 1.0, $half / 4, $assumption),
        };
    }

    /** What its source rests on that nobody typed, where one is typed at all. */
    public function assumption(Circuit $circuit): ?string
    {
        $told = match ($circuit->source()) {
            SupplySource::Mains => $circuit->number('supply.transformer_kva') ?? $circuit->number('supply.fault_level_kva'),
            SupplySource::Generator => $circuit->number('supply.generator_kva'),
            SupplySource::Inverter => null,
        };

        return $told === null ? null : $this->assumption;
    }
}
