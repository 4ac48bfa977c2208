<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Source;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;

/** A generator set as the source of a circuit: what its alternator holds up, and what its engine drives. */
final readonly class Generator
{
    /**
     * @param  Figure|null  $rating  VA
     * @param  Figure|null  $engine  W
     * @param  Figure|null  $sustained  what it keeps up into a short circuit, times rated current
     * @param  Figure  $subtransient  reactance of the first cycles, % of the rating
     * @param  Figure  $transient  reactance until the regulator has acted, % of the rating
     */
    private function __construct(
        public ?Figure $rating,
        public ?Figure $engine,
        public ?Figure $sustained,
        public Figure $subtransient,
        public Figure $transient,
    ) {
    }

    /** Null where something else supplies the circuit, or a reactance cannot be read. */
    public static function of(Circuit $circuit): ?self
    {
        if ($circuit->source() !== SupplySource::Generator) {
            return null;
        }
        $subtransient = $circuit->number('supply.subtransient_percent');
        $transient = $circuit->number('supply.transient_percent');

        return $subtransient === null || $transient === null ? null : new self(
            $circuit->number('supply.generator_kva'), $circuit->number('supply.generator_kw'), $circuit->number('supply.sustained_ratio'),
            $subtransient, $transient,
        );
    }

    /** The same reactance in the first cycles of a fault, Ω; null where its rating is not known. */
    public function subtransientOhm(float $volts): ?float
    {
        return $this->rating === null ? null : $this->subtransient->number() / 100 * $volts ** 2 / $this->rating->number();
    }

    /** What a start meets, Ω; null where its rating is not known. */
    public function transientOhm(float $volts): ?float
    {
        return $this->rating === null ? null : $this->transient->number() / 100 * $volts ** 2 / $this->rating->number();
    }

    /**
     * What it keeps up into a short circuit, A; null where that is not known.
     *
     * @param  float  $phaseFactor  √3 of three phases, 1 of one
     */
    public function sustainedAmperes(float $volts, float $phaseFactor): ?float
    {
        return $this->rating === null || $this->sustained === null
            ? null : $this->sustained->number() * $this->rating->number() / ($phaseFactor * $volts);
    }
}
