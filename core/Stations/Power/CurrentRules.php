<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Plate\LockedRotorRules;
use BraveAnvil\Stations\Plate\Motor;

/** Which current a rule book goes by. */
interface CurrentRules extends LockedRotorRules
{
    /** Full-load current by its table for this motor, A, or null where the table has none. */
    public function table(Circuit $circuit, Motor $motor): ?Figure;

    /**
     * The current that sizes conductors and protective device, A.
     *
     * @param  Figure|null  $table  A, what `table` answered
     * @param  Figure|null  $plate  A, as stamped
     * @param  Figure|null  $computed  A, from power, voltage and power factor
     */
    public function design(Circuit $circuit, Motor $motor, ?Figure $table, ?Figure $plate, ?Figure $computed): DesignCurrent;
}
