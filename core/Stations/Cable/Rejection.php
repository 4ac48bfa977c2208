<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

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

    /** As people say it. */
    public function words(): string
    {
        return match ($this) {
            self::Ampacity => 'current-carrying capacity',
            self::Terminals => 'terminal temperature',
            self::RunningDrop => 'running voltage drop',
            self::StartingDrop => 'starting voltage drop',
            self::Disconnection => 'disconnection time',
            self::LineWithstand => 'fault rating of the line conductor',
            self::ProtectiveWithstand => 'fault rating of the protective conductor',
        };
    }

    /**
     * @param  list<self>  $fails
     * @return string all of them
     */
    public static function list(array $fails): string
    {
        return implode(', ', array_map(static fn (self $fail): string => $fail->words(), $fails));
    }

    /** What makes a size pass, in a few words. */
    public function remedy(): string
    {
        return match ($this) {
            self::Ampacity => 'fewer circuits grouped, a cooler route or another installation method',
            self::Terminals => 'terminals with a higher temperature rating',
            self::RunningDrop => 'a shorter run, or a higher limit for the running drop',
            self::StartingDrop => 'a shorter run, a reduced-voltage start, or a higher limit for the starting drop',
            self::Disconnection => 'an earth-fault relay or RCD, or a shorter run',
            self::LineWithstand, self::ProtectiveWithstand => 'a faster protective device',
        };
    }
}
