<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Wiring;

/** What a motor does with its leads joined so, and which reading shows it. */
enum CrossedOutcome: string
{
    case Runs = 'runs';
    case RunsHarshly = 'runs_harshly';
    case Coasts = 'coasts';
    case Growls = 'growls';
    /** One winding has start and end exchanged. */
    case Reversed = 'reversed';

    public function says(): string
    {
        return match ($this) {
            self::Runs => 'Right: delta takes over where star left off, with the mildest burst of current.',
            self::RunsHarshly => 'It runs, but at the changeover the windings’ voltage jumps the wrong way: '.
                'the burst of current is half as large again.',
            self::Coasts => 'Both ends of each winding lie on the same line: no voltage, and the motor coasts down as delta closes.',
            self::Growls => 'One winding is dead, the other two lie on one pair of lines: a pulsating field. '.
                'It cannot start so; turning, it growls on with the current of a motor that has lost a phase.',
            self::Reversed => 'One winding works against the other two: of the field a third turns forward and two thirds backward. '.
                'It growls, starts weakly or not at all, and overheats.',
        };
    }

    public function shownBy(): string
    {
        return match ($this) {
            self::Runs => 'All three line currents are alike, and soon after the changeover at their running value.',
            self::RunsHarshly => 'Line currents are alike as well: only the peak of the inrush, or a device that trips at the changeover, '.
                'tells it apart. Trace the leads.',
            self::Coasts => 'Isolated and dead: next to no ohms from each start to its own end behind the delta contactor. '.
                'Live: all three ammeters fall to nothing as delta closes.',
            self::Growls => 'The line currents are far apart; the voltmeter across the dead winding reads nought.',
            self::Reversed => 'Line currents are unequal and high even without load; '.
                'the kick test on the six leads tells which winding it is.',
        };
    }
}
