<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit\Choice;

use BraveAnvil\Ground\Labelled;

/** Where a capacitor is joined to the circuit. */
enum CapacitorPlace: string implements Choice
{
    use Labelled;

    case None = 'none';
    case Board = 'board';
    case BeforeController = 'before_controller';
    case AfterController = 'after_controller';
    case BehindRelay = 'behind_relay';
    case AtMotor = 'at_motor';

    private const LABELS = [
        'none' => 'None', 'board' => 'At the board', 'before_controller' => 'Before the contactor',
        'after_controller' => 'Between contactor and relay', 'behind_relay' => 'After the overload relay',
        'at_motor' => 'At the motor terminals',
    ];

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
}
