<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

/** A constraint that a conductor size may fail. */
enum Rejection: string
{
    case Ampacity = 'ampacity';
    case Terminals = 'terminals';
    case RunningDrop = 'running drop';
    case StartingDrop = 'starting drop';
    case Disconnection = 'disconnection';
    case LineWithstand = 'line withstand';
    case ProtectiveWithstand = 'protective withstand';

    /** What makes a size pass, in a few words. */
    public function remedy(): string
    {
        return match ($this) {
            self::Ampacity => 'fewer circuits together, a cooler way, or another method',
            self::Terminals => 'terminals for a higher temperature',
            self::RunningDrop => 'a shorter run, or a larger running drop allowed',
            self::StartingDrop => 'a shorter run, a gentler start, or a larger starting drop allowed',
            self::Disconnection => 'an earth-fault or residual-current device, or a shorter run',
            self::LineWithstand, self::ProtectiveWithstand => 'a device that clears the fault sooner',
        };
    }
}
