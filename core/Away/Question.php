<?php

declare(strict_types=1);

namespace BraveAnvil\Away;

/** What a tablet may ask of the core that it carries. */
enum Question: string
{
    /** The solution of a circuit. */
    case Solve = 'solve';
    /** What takes longer, by itself. */
    case Extra = 'extra';
    /** Whether another motor fits in the place of this one. */
    case Replacement = 'replacement';
    /** What is wrong with the values of a reading. */
    case ReadingCheck = 'reading_check';
    /** What unmarked leads are called. */
    case Leads = 'leads';
    /** What a captured waveform shows. */
    case Waveform = 'waveform';
    /** What a stand-in reads, on a healthy circuit or with a hidden fault. */
    case Simulated = 'simulated';
    /** Faults that a circuit can have. */
    case Faults = 'faults';
    /** A fault to hide. */
    case Hide = 'hide';
    /** How far a drill has come. */
    case Drill = 'drill';
}
