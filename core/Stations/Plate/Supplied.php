<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Figure;

/** How a motor is joined to this supply. */
final readonly class Supplied
{
    /**
     * @param  Figure  $ratedVoltage  plate voltage of the connection, V
     * @param  int  $pair  which of the plate's voltages it is, from 0
     * @param  Figure|null  $windingVoltage  what each winding sees, V; null where star or delta is not known
     */
    public function __construct(
        public WindingConnection $connection,
        public Figure $ratedVoltage,
        public int $pair,
        public ?Figure $windingVoltage,
    ) {
    }
}
