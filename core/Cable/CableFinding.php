<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Solution\FindingCode;
use BraveAnvil\Solution\Station;

/** What the conductors bring up. */
enum CableFinding: string implements FindingCode
{
    case TableStartsHere = 'table_starts_here';
    case NoLineRun = 'no_line_run';
    case InstalledSizeFails = 'installed_size_fails';
    case DropNotChecked = 'drop_not_checked';
    case StartingDropNotChecked = 'starting_drop_not_checked';
    case FaultWithstandNotChecked = 'fault_withstand_not_checked';

    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return Station::Cable;
    }
}
