<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Logbook;

/** What happens to a motor and is written down. */
enum EntryKind: string
{
    case Greased = 'greased';
    case Hours = 'hours';
    case Trip = 'trip';
    case Repair = 'repair';
    case Part = 'part';
    case Inspection = 'inspection';
    case Note = 'note';

    public function label(): string
    {
        return match ($this) {
            self::Greased => 'Greased',
            self::Hours => 'Hour meter read',
            self::Trip => 'Overload trip',
            self::Repair => 'Repair',
            self::Part => 'Part replaced',
            self::Inspection => 'Inspection',
            self::Note => 'Note',
        };
    }
}
