<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Words;

/** Where a capacitor is joined to the circuit. */
enum CapacitorPlace: string implements Choice
{
    case None = 'none';
    case Board = 'board';
    case BeforeController = 'before_controller';
    case AfterController = 'after_controller';
    case BehindRelay = 'behind_relay';
    case AtMotor = 'at_motor';

    /** Whether it sits on the motor's side of the controller. */
    public function isBehindStarter(): bool
    {
        return $this === self::AfterController || $this->isBehindRelay();
    }

    /** Whether the overload relay sees the corrected current only. */
    public function isBehindRelay(): bool
    {
        return $this === self::BehindRelay || $this === self::AtMotor;
    }

    /** Whether it stays on the supply when the controller drops out. */
    public function staysOn(): bool
    {
        return ! $this->isBehindStarter();
    }

    public function label(Words $words): string
    {
        return match ($this) {
            self::None => 'None',
            self::Board => 'At the board',
            self::BeforeController => 'Before the contactor',
            self::AfterController => 'Between contactor and relay',
            self::BehindRelay => 'After the overload relay',
            self::AtMotor => 'At the motor terminals',
        };
    }
}
