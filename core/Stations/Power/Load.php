<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Figure;

/** What the motor, or the load on the bench, draws at full load, and by which current it is sized. Null is what does not follow yet. */
final readonly class Load
{
    /**
     * @param  Figure|null  $output  at the shaft, W; null for a load that is no motor
     * @param  Figure|null  $input  W
     * @param  Figure|null  $apparent  VA
     * @param  Figure|null  $reactive  var
     * @param  Figure|null  $powerFactor  per unit
     * @param  Figure|null  $computedCurrent  A, from power, voltage and power factor
     * @param  Figure|null  $plateCurrent  A, as stamped
     * @param  Figure|null  $designCurrent  A, sizes the protective device
     * @param  Figure|null  $conductorCurrent  A, sizes conductors and disconnect
     * @param  Figure|null  $overloadCurrent  A, sets the overload relay
     * @param  Figure|null  $noLoadCurrent  A, of the machine that has this plate
     * @param  PartLoad|null  $partLoad  what it draws at another load
     */
    public function __construct(
        public ?Figure $output = null,
        public ?Figure $input = null,
        public ?Figure $apparent = null,
        public ?Figure $reactive = null,
        public ?Figure $powerFactor = null,
        public ?Figure $computedCurrent = null,
        public ?Figure $plateCurrent = null,
        public ?Figure $designCurrent = null,
        public ?Figure $conductorCurrent = null,
        public ?Figure $overloadCurrent = null,
        public ?Figure $noLoadCurrent = null,
        public ?PartLoad $partLoad = null,
    ) {
    }

    /** The motor's own full-load current, A: as stamped, else computed. */
    public function ratedCurrent(): ?Figure
    {
        return $this->plateCurrent ?? $this->computedCurrent;
    }
}
