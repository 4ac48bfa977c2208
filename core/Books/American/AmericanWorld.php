<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Ground\MotorStandard;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Plate\WireRules;
use BraveAnvil\Stations\Start\Wiring\Symbols;

/** What the two American books and the motors of their world have in common. */
trait AmericanWorld
{
    /** How a supply is grounded, in the words of this world. */
    private const GROUNDING = [
        'tn_s' => 'Solidly grounded', 'it' => 'Ungrounded', 'resistance' => 'Grounded through a resistor',
    ];

    public function motorStandard(): MotorStandard
    {
        return MotorStandard::NemaMg1;
    }

    public function metricFrames(): bool
    {
        return false;
    }

    public function wires(): WireRules
    {
        return new AmericanWires;
    }

    public function terminals(): TerminalMarks
    {
        return new TerminalMarks(['T1', 'T2', 'T3'], ['T6', 'T4', 'T5'], true);
    }

    public function symbols(): Symbols
    {
        return Symbols::American;
    }

    /** %, of a branch circuit. */
    public function dropLimitRunning(): float
    {
        return 3.0;
    }
}
