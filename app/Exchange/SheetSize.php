<?php

declare(strict_types=1);

namespace App\Exchange;

/** A sheet of a workbook before it is unpacked. */
final readonly class SheetSize
{
    public function __construct(public string $name, public int $rows, public int $columns)
    {
    }
}
