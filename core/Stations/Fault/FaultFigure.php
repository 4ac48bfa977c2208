<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\FigureWords;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What an earth fault at the motor does, and what the conductors bear. */
enum FaultFigure: string implements FigureName
{
    use FigureWords;

    case EarthFaultCurrent = 'guard.earth_fault_current';
    case LoopImpedance = 'guard.loop_impedance';
    case LoopImpedanceLimit = 'guard.loop_impedance_limit';
    case DisconnectionTime = 'guard.disconnection_time';
    case DisconnectionLimit = 'guard.disconnection_limit';
    case LetThrough = 'guard.let_through';
    case NearLetThrough = 'guard.near_let_through';
    case Withstand = 'cable.withstand';

    private const SAYS = [
        'guard.earth_fault_current' => ['Minimum earth-fault current at the motor', Unit::Ampere],
        'guard.loop_impedance' => ['Earth-fault loop impedance at the motor', Unit::Ohm],
        'guard.loop_impedance_limit' => ['Earth-fault loop impedance, maximum', Unit::Ohm],
        'guard.disconnection_time' => ['Disconnection time', Unit::Second],
        'guard.disconnection_limit' => ['Disconnection time, maximum', Unit::Second],
        'guard.let_through' => ['Let-through energy I²t, fault at the motor', Unit::AmpereSquaredSecond],
        'guard.near_let_through' => ['Let-through energy I²t, fault at the supply end', Unit::AmpereSquaredSecond],
        'cable.withstand' => ['Withstand k²S² of the smallest conductor', Unit::AmpereSquaredSecond],
    ];

    public function station(): Station
    {
        return $this === self::Withstand ? Station::Cable : Station::Guard;
    }
}
