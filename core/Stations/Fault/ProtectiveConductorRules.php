<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Figure;

/** How a rule book sizes the conductor that carries an earth fault. */
interface ProtectiveConductorRules
{
    /** The protective conductor of one run, in each of its cables or raceways; null where it waits for the device. */
    public function size(ProtectiveCase $case): ?Figure;
}
