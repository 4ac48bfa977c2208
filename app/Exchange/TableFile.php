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
     * @param  list<string>  $sheets  of a workbook, by name; none of text
     * @param  string  $sheet  the one that was read
     */
    private function __construct(public array $rows, public string $note, public array $sheets = [], public string $sheet = '')
    {
    }

    /**
     * @param  Closure(list<list<string>>): Matched  $match  what the heads of some first rows fill
     * @param  string  $sheet  of a workbook, that a person wants; empty for the one that fits best
     */
    public static function read(string $bytes, Closure $match, string $sheet = ''): self|Refusal
    {
        $file = WorkbookReader::isWorkbook($bytes) ? WorkbookReader::read($bytes, static function (array $rows) use ($match): int {
            $known = 0;
            foreach ($match($rows)->columns as $column) {
                $known += $column->path === null ? 0 : 1;
            }

            return $known;
        }, $sheet) : CsvText::read($bytes);

        return match (true) {
            $file instanceof Refusal => $file,
            $file instanceof WorkbookReader => new self($file->rows, $file->note, $file->sheets, $file->sheet),
            default => new self($file->rows, ''),
        };
    }
}
