<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;

/** Between which wires a single-phase circuit lies in a rule book's world. */
interface WireRules
{
    /** @param  float  $volts  between its two wires */
    public function wires(Circuit $circuit, float $volts): TwoWires;
}
