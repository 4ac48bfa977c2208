<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What the currents and powers bring up. */
enum PowerFinding: string implements FindingCode
{
    use FindingWords;

    case SlowMotorUsesPlate = 'slow_motor_uses_plate';
    case TableHasNoCurrent = 'table_has_no_current';
    case LoadGrowsWithFrequency = 'load_grows_with_frequency';
    case PlateAboveTable = 'plate_above_table';
    case PlateCurrentWanted = 'plate_current_wanted';
    case NoMachineModel = 'no_machine_model';
    case ModelFlags = 'model_flags';
    case ElementBurnsInStar = 'element_burns_in_star';
    case ElementBurnsInDelta = 'element_burns_in_delta';
    case GeneratorOverloaded = 'generator_overloaded';
    case GeneratorLight = 'generator_light';
    case InverterOverloaded = 'inverter_overloaded';
    case WindingsThreeTimes = 'windings_three_times';

    private const STATION = Station::Power;
}
