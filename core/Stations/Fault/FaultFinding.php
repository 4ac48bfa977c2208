<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What the fault checks bring up. */
enum FaultFinding: string implements FindingCode
{
    use FindingWords;

    case NotChecked = 'fault_not_checked';
    case DisconnectionTime = 'disconnection_time';
    case FaultWithstand = 'fault_withstand';
    case SizeByFault = 'size_by_fault';
    case ProtectiveEnlarged = 'protective_enlarged';
    case ResidualCurrentWanted = 'residual_current_wanted';
    case NearEndWithstand = 'near_end_withstand';
    case TesterLimit = 'tester_limit';
    case ShortTimeMayCount = 'short_time_may_count';
    case UnearthedSupply = 'unearthed_supply';
    case EarthFaultRelay = 'earth_fault_relay';
    case TouchVoltage = 'touch_voltage';
    case WeakGroundPath = 'weak_ground_path';
    case ByDrive = 'fault_by_drive';
    case FiltersToEarth = 'filters_to_earth';

    private const STATION = Station::Guard;
}
