<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

use BraveAnvil\Ground\FindingCode;
use BraveAnvil\Ground\FindingWords;
use BraveAnvil\Ground\Station;

/** What a bank brings up. */
enum BankFinding: string implements FindingCode
{
    use FindingWords;

    case CoarseStep = 'bank_coarse_step';
    case QuickReclosing = 'bank_quick_reclosing';
    case Resonance = 'bank_resonance';
    case TargetMissed = 'bank_target_missed';
    case LoadUnknown = 'bank_load_unknown';

    private const STATION = Station::Correct;
}
