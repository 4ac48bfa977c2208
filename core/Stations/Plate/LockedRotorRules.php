<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;

/** Which locked-rotor current a rule book goes by. */
interface LockedRotorRules
{
    /** Locked-rotor current by its table where the plate is silent, A, or null. */
    public function lockedRotor(Circuit $circuit, Motor $motor): ?Figure;
}
