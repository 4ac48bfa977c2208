<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

use BraveAnvil\Ground\Labelled;

/** What happens to a motor and is written down. */
enum EntryKind: string
{
    use Labelled;

    case Greased = 'greased';
    case Hours = 'hours';
    case Trip = 'trip';
    case Repair = 'repair';
    case Part = 'part';
    case Inspection = 'inspection';
    case Note = 'note';

    private const LABELS = [
        'greased' => 'Greased', 'hours' => 'Hour meter read', 'trip' => 'Overload trip', 'repair' => 'Repair',
        'part' => 'Part replaced', 'inspection' => 'Inspection', 'note' => 'Note',
    ];
}
