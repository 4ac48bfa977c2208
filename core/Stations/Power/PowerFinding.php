<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\Station;

/** What the currents and powers bring up. */
enum PowerFinding: string implements FindingCode
{
    case SlowMotorUsesPlate = 'slow_motor_uses_plate';
    case TableHasNoCurrent = 'table_has_no_current';
    case LoadGrowsWithFrequency = 'load_grows_with_frequency';
    case PlateAboveTable = 'plate_above_table';
    case PlateCurrentWanted = 'plate_current_wanted';
    case NoMachineModel = 'no_machine_model';
    case ModelFlags = 'model_flags';
    case ElementBurnsInStar = 'element_burns_in_star';
    case ElementBurnsInDelta = 'element_burns_in_delta';
    case WindingsThreeTimes = 'windings_three_times';

    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return Station::Power;
    }
}
