<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Figure;

/** What a capacitor gives and takes. */
final readonly class UnitFigures
{
    /**
     * @param  Figure  $rating  at its rated voltage, var
     * @param  Figure  $given  at the supply's voltage, var
     * @param  Figure  $current  at the supply's voltage, A
     * @param  Figure  $ratedCurrent  at its rated voltage, A
     * @param  float  $ratedVar  at its rated voltage and frequency
     */
    public function __construct(
        public Figure $rating,
        public Figure $given,
        public Figure $current,
        public Figure $ratedCurrent,
        public Nameplate $plate,
        private float $ratedVar,
    ) {
    }

    /** Reactive power at a voltage, V: var. */
    public function givenAt(float $volts): float
    {
        return $this->ratedVar * $this->plate->scale($volts);
    }

    /** The larger of both currents, by which its leads go. */
    public function leadCurrent(): Figure
    {
        return $this->current->number() > $this->ratedCurrent->number() ? $this->current : $this->ratedCurrent;
    }
}
