<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

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
            self::Runs => 'Correct: delta continues where star ended, with the lowest current surge.',
            self::RunsHarshly => 'It runs, but at the changeover the winding voltage jumps the wrong way: '.
            'the current surge is half as large again.',
            self::Coasts => 'Both ends of each winding are on the same line: no voltage, and the motor coasts down when delta closes.',
            self::Growls => 'One winding is dead, the other two are on one pair of lines: a pulsating field. '.
            'The motor cannot start like this; if it is turning, it growls and draws the current of a single-phasing motor.',
            self::Reversed => 'One winding opposes the other two: one third of the field turns forward and two thirds backward. '.
            'The motor growls, starts weakly or not at all, and overheats.',
        };
    }

    public function shownBy(): string
    {
        return match ($this) {
            self::Runs => 'All three line currents are equal, and soon after the changeover at their running value.',
            self::RunsHarshly => 'Line currents are equal here too: only the peak of the inrush, or a device that trips at the '.
            'changeover, '.'shows the difference. Trace the leads.',
            self::Coasts => 'Isolated and dead: almost zero ohms from each start to its own end on the load side of the delta contactor. '.
            'Live: all three ammeters drop to zero when delta closes.',
            self::Growls => 'The line currents are very unequal; a voltmeter across the dead winding reads zero.',
            self::Reversed => 'Line currents are unequal and high even at no load; '.
            'the kick test on the six leads shows which winding it is.',
        };
    }
}
