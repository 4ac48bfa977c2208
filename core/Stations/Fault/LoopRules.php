<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Cable\Conductor;

/** What a rule book says in numbers of an earth fault. */
interface LoopRules
{
    /** Voltage of a line to earth, V, of a supply with this voltage between lines. */
    public function earthVoltage(float $lineVolts): float;

    /**
     * Longest time that a fault may last, s.
     *
     * @param  float  $rating  of the protective device, A
     * @param  bool  $ownElectrode  whether exposed parts are earthed at an electrode of their own
     */
    public function timeLimit(float $earthVolts, float $rating, bool $ownElectrode): TableEntry;

    /** Factor k of the adiabatic equation, A·√s/mm², of a line conductor. */
    public function lineFactor(Circuit $circuit, Conductor $conductor): TableEntry;

    /** The same of a protective conductor. */
    public function protectiveFactor(Circuit $circuit, Metal $metal, float $areaMm2): TableEntry;

    /**
     * Sizes that the protective conductor of a line conductor may have, mm², the usual one first, up to the line's.
     *
     * @return non-empty-list<string>
     */
    public function protectiveSizes(Circuit $circuit, Conductor $line, Metal $metal): array;

    /** At operating temperature, Ω mm²/m. */
    public function resistivity(Metal $metal): float;

    /** Ω/km */
    public function reactance(): float;

    public function source(): Source;
}
