<?php

declare(strict_types=1);

namespace App\Exchange;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Records\Register\CsvText;
use BraveAnvil\Records\Register\Matched;
use Closure;

/** Rows of a table that somebody sent, as text or as a workbook. */
final readonly class TableFile
{
    /**
     * @param  list<list<string>>  $rows
     * @param  string  $note  what the person should know of how it was read; empty where there is nothing
     */
    private function __construct(public array $rows, public string $note)
    {
    }

    /** @param  Closure(list<list<string>>): Matched  $match  what the heads of some first rows fill */
    public static function read(string $bytes, Closure $match): self|Refusal
    {
        $file = WorkbookReader::isWorkbook($bytes) ? WorkbookReader::read($bytes, static function (array $rows) use ($match): int {
            $known = 0;
            foreach ($match($rows)->columns as $column) {
                $known += $column->path === null ? 0 : 1;
            }

            return $known;
        }) : CsvText::read($bytes);

        return match (true) {
            $file instanceof Refusal => $file,
            $file instanceof WorkbookReader => new self($file->rows, $file->note),
            default => new self($file->rows, ''),
        };
    }
}
