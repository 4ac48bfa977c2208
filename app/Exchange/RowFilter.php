<?php

declare(strict_types=1);

namespace App\Exchange;

use PhpOffice\PhpSpreadsheet\Reader\IReadFilter;

/** Some rows of a sheet, so that a large one is never in memory as a whole. */
final readonly class RowFilter implements IReadFilter
{
    public function __construct(private int $first, private int $last)
    {
    }

    public function readCell(string $columnAddress, int $row, string $worksheetName = ''): bool
    {
        return $row >= $this->first && $row <= $this->last;
    }
}
