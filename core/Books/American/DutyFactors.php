<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Circuit\Choice\Service;
use BraveAnvil\Circuit\Parse\DutyStamp;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** What conductors carry for a duty that is not continuous, percent of plate current. NEC Table 430.22(E), CE Code Table 27. */
final readonly class DutyFactors
{
    /** Minutes of rating up to which each column but the last holds. */
    private const COLUMNS = [5.0, 15.0, 60.0];

    public function __construct(private Table $table)
    {
    }

    /** Percent of plate current, or null where the table has a dash. A duty without minutes is read in the column of continuous rating. */
    public function percent(Service $service, ?DutyStamp $duty): ?TableEntry
    {
        $column = (string) self::column($duty);

        return $this->table->number($service->value, $column) === null ? null : $this->table->entry($service->value, $column);
    }

    private static function column(?DutyStamp $duty): int
    {
        foreach (self::COLUMNS as $column => $minutes) {
            if ($duty?->minutes !== null && $duty->minutes <= $minutes) {
                return $column;
            }
        }

        return count(self::COLUMNS);
    }
}
