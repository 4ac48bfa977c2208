<?php

declare(strict_types=1);

namespace App\Exchange;

/** One sheet of a workbook: two rows of heads, and rows of cells in their order. */
final readonly class WorkbookSheet
{
    /**
     * @param  string  $title  31 characters at most
     * @param  list<string>  $heads  as people read them
     * @param  list<string>  $names  below them: the path of the field, or its unit; empty where there is none
     * @param  list<list<string|float|WorkbookDate>>  $rows
     * @param  array<int, list<string>>  $choices  what a column may hold, by its place
     */
    public function __construct(
        public string $title,
        public array $heads,
        public array $names,
        public array $rows,
        public array $choices = [],
    ) {
    }
}
