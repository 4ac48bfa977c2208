<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Figure;

/** The capacitor that is chosen, and what the line carries after it. */
final readonly class Correction
{
    /**
     * @param  Figure  $before  line current at full load without it, A
     * @param  Figure  $current  in the line upstream, at full load, A
     * @param  Figure  $powerFactor  upstream
     * @param  bool  $leading  whether the line leads with it at full load
     * @param  CorrectedLoad  $atLoad  at the load it runs at
     */
    public function __construct(
        public CapacitorPlace $place,
        public LoadToCorrect $load,
        public UnitFigures $unit,
        public Figure $before,
        public Figure $current,
        public Figure $powerFactor,
        public bool $leading,
        public CorrectedLoad $atLoad,
    ) {
    }

    /** What it does, behind `15 kvar brings `; one load is named throughout. */
    public function sentence(): string
    {
        return 'power factor '.$this->atLoad->powerFactor->shown(3).($this->atLoad->leading ? ' leading' : '').', line current '.
            $this->atLoad->current->shown(3).' at '.$this->atLoad->load.'.';
    }

    /** What an overload relay sees, A; null where it sits behind the capacitor and sees the whole motor. */
    public function behindRelay(): ?Figure
    {
        return $this->place->isBehindRelay() ? $this->current : null;
    }
}
