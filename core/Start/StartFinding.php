<?php

declare(strict_types=1);

namespace BraveAnvil\Start;

use BraveAnvil\Solution\FindingCode;
use BraveAnvil\Solution\Station;

/** What the start brings up. */
enum StartFinding: string implements FindingCode
{
    case CodeLetterIsStar = 'code_letter_is_star';
    case StarDeltaRefused = 'star_delta_refused';
    case ReclosingPeak = 'reclosing_peak';
    case RunUpNotChecked = 'run_up_not_checked';
    case DirectAboveLimit = 'direct_above_limit';
    case InertiaAboveLimit = 'inertia_above_limit';

    public function code(): string
    {
        return $this->value;
    }

    public function station(): Station
    {
        return Station::Start;
    }
}
