<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What the conductors bring up. */
enum CableFinding: string implements FindingCode
{
    use FindingWords;

    case TableStartsHere = 'table_starts_here';
    case NoLineRun = 'no_line_run';
    case InstalledSizeFails = 'installed_size_fails';
    case DropNotChecked = 'drop_not_checked';
    case StartingDropNotChecked = 'starting_drop_not_checked';
    case AluminiumTerminals = 'aluminium_terminals';
    case ParallelAlike = 'parallel_alike';
    case TerminalStep = 'terminal_step';
    case DutyAsContinuous = 'duty_as_continuous';
    case PhasesTogether = 'phases_together';
    case DuctBank = 'duct_bank';
    case AluminiumAsOnWall = 'aluminium_as_on_wall';
    case RacewayFillNotComputed = 'raceway_fill_not_computed';
    case SoilAssumed = 'soil_assumed';
    case SizeByDrop = 'size_by_drop';
    case LineSizeByDrop = 'line_size_by_drop';
    case DropWithFeeder = 'drop_with_feeder';
    case InsulationTooCool = 'insulation_too_cool';

    private const STATION = Station::Cable;
}
