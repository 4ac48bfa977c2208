<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Solution\Figure;

/** The capacitor that is chosen, and what the line carries after it. */
final readonly class Correction
{
    /**
     * @param  Figure  $rating  var
     * @param  Figure  $current  in the line upstream, A
     * @param  Figure  $powerFactor  upstream
     * @param  bool  $leading  whether the line leads with it at full load
     * @param  CorrectedLoad|null  $atLoad  at the load it runs at; null where that is the full one
     */
    public function __construct(
        public CapacitorPlace $place,
        public Figure $rating,
        public Figure $current,
        public Figure $powerFactor,
        public bool $leading,
        public ?CorrectedLoad $atLoad,
    ) {
    }

    /** What it does, behind `15 kvar brings `; one load is named throughout. */
    public function sentence(): string
    {
        [$factor, $current, $leading, $at] = $this->atLoad === null
            ? [$this->powerFactor, $this->current, $this->leading, 'at full load']
            : [$this->atLoad->powerFactor, $this->atLoad->current, $this->atLoad->leading, 'at '.$this->atLoad->load->shown().' load'];

        return 'the power factor to '.$factor->shown(3).($leading ? ' leading' : '').' and the line to '.$current->shown(3).' '.$at.'.';
    }

    /** What an overload relay sees, A; null where it sits behind the capacitor and sees the whole motor. */
    public function behindRelay(): ?Figure
    {
        return $this->place === CapacitorPlace::AtMotor ? $this->current : null;
    }
}
