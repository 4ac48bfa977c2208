<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Earthing;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** The supply as an earth fault sees it. */
final readonly class EarthSupply
{
    /**
     * @param  float  $lineVolts  between lines, V
     * @param  float  $earthVolts  from line to earth, V
     * @param  Impedance|null  $source  Ω; null where only its size is known
     * @param  float  $sourceOhm  its size, which is added to that of the conductors where the angle is not known
     * @param  bool  $ownElectrode  whether exposed parts are earthed at an electrode of their own, through earth
     * @param  float|null  $resistorOhm  between star point and earth
     * @param  float|null  $resistorAmperes  that a resistor lets flow at most
     * @param  float  $voltageFactor  of the smallest fault current. IEC 60909-0
     * @param  list<string>  $assumptions
     */
    public function __construct(
        public Earthing $earthing,
        public float $lineVolts,
        public float $earthVolts,
        public ?Impedance $source,
        public float $sourceOhm,
        public bool $ownElectrode,
        public ?float $resistorOhm,
        public ?float $resistorAmperes,
        public float $voltageFactor,
        public array $assumptions,
    ) {
    }

    /** Impedance of the loop, Ω, with the conductors of both ways. */
    public function loop(Impedance $conductors): float
    {
        return $this->source === null
            ? $this->sourceOhm + $conductors->magnitude()
            : $this->source->plus($conductors)->magnitude();
    }

    /**
     * Smallest current of a fault, A.
     *
     * @param  float  $loopOhm  what `loop` answered
     */
    public function faultCurrent(float $loopOhm): float
    {
        if ($this->earthing === Earthing::Resistance) {
            return $this->resistorAmperes ?? $this->earthVolts / (($this->resistorOhm ?? 0.0) + $loopOhm);
        }
        if ($this->earthing === Earthing::It && ! $this->ownElectrode) {
            // The second fault stands in another circuit with no longer a loop, and the full voltage drives both.
            return $this->voltageFactor * $this->lineVolts / (2 * $loopOhm);
        }

        return $this->voltageFactor * $this->earthVolts / $loopOhm;
    }

    /** Largest loop impedance, Ω, at which a current still flows. */
    public function loopLimit(float $amperes): float
    {
        return $this->earthing === Earthing::It && ! $this->ownElectrode
            ? $this->voltageFactor * $this->lineVolts / (2 * $amperes)
            : $this->voltageFactor * $this->earthVolts / $amperes;
    }

    /** Whether the protective device itself must clear an earth fault. */
    public function clearsByDevice(): bool
    {
        return ! $this->ownElectrode && $this->earthing !== Earthing::Resistance;
    }
}
