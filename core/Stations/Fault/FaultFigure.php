<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Ground\FigureName;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/** What an earth fault at the motor does, and what the conductors bear. */
enum FaultFigure: string implements FigureName
{
    case EarthFaultCurrent = 'guard.earth_fault_current';
    case LoopImpedance = 'guard.loop_impedance';
    case LoopImpedanceLimit = 'guard.loop_impedance_limit';
    case DisconnectionTime = 'guard.disconnection_time';
    case DisconnectionLimit = 'guard.disconnection_limit';
    case LetThrough = 'guard.let_through';
    case NearLetThrough = 'guard.near_let_through';
    case Withstand = 'cable.withstand';

    public function key(): string
    {
        return $this->value;
    }

    public function label(): string
    {
        return match ($this) {
            self::EarthFaultCurrent => 'Minimum earth-fault current at the motor',
            self::LoopImpedance => 'Earth-fault loop impedance at the motor',
            self::LoopImpedanceLimit => 'Earth-fault loop impedance, maximum',
            self::DisconnectionTime => 'Disconnection time',
            self::DisconnectionLimit => 'Disconnection time, maximum',
            self::LetThrough => 'Let-through energy I²t, fault at the motor',
            self::NearLetThrough => 'Let-through energy I²t, fault at the supply end',
            self::Withstand => 'Withstand k²S² of the smallest conductor',
        };
    }

    public function unit(): Unit
    {
        return match ($this) {
            self::EarthFaultCurrent => Unit::Ampere,
            self::LoopImpedance, self::LoopImpedanceLimit => Unit::Ohm,
            self::DisconnectionTime, self::DisconnectionLimit => Unit::Second,
            self::LetThrough, self::NearLetThrough, self::Withstand => Unit::AmpereSquaredSecond,
        };
    }

    public function station(): Station
    {
        return $this === self::Withstand ? Station::Cable : Station::Guard;
    }
}
