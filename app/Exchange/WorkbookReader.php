<?php

declare(strict_types=1);

namespace App\Exchange;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Records\Register\CsvText;
use Closure;
use PhpOffice\PhpSpreadsheet\Cell\Cell;
use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Reader\IReader;
use PhpOffice\PhpSpreadsheet\Reader\Ods;
use PhpOffice\PhpSpreadsheet\Reader\Xlsx;
use PhpOffice\PhpSpreadsheet\RichText\RichText;
use PhpOffice\PhpSpreadsheet\Shared\Date;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use Throwable;
use ZipArchive;

/** Rows of a workbook that somebody sent, as text: the sheet that fits best, whatever else lies in the file. */
final readonly class WorkbookReader
{
    private const ZIP = "PK\x03\x04";

    /** How an old or a locked workbook begins. */
    private const COMPOUND = "\xD0\xCF\x11\xE0\xA1\xB1\x1A\xE1";

    private const MOST_PARTS = 2_000;

    /** Unpacked, of all parts together, and how many times a part may grow. */
    private const MOST_UNPACKED = 250_000_000;

    private const MOST_TIMES = 400;

    private const SMALL_PART = 2_000_000;

    private const MOST_SHEETS = 20;

    /** Beyond that reading takes longer than a worker may: a table of text is read in a moment. */
    private const MOST_CELLS_XLSX = 420_000;

    private const MOST_CELLS_ODS = 240_000;

    /** Rows of which the best sheet is told. */
    private const LOOK = 12;

    /** Cells that are unpacked at a time: each time the whole file is gone through, so as many as memory holds. */
    private const PIECE = 120_000;

    /**
     * @param  list<list<string>>  $rows
     * @param  string  $note  what the person should know of how it was read
     * @param  list<string>  $sheets  names of all that may be read
     * @param  string  $sheet  name of the one that was read
     */
    private function __construct(public array $rows, public string $note, public array $sheets, public string $sheet)
    {
    }

    public static function isWorkbook(string $bytes): bool
    {
        return str_starts_with($bytes, self::ZIP) || str_starts_with($bytes, self::COMPOUND);
    }

    /**
     * @param  Closure(list<list<string>>): int  $fits  how many heads of some first rows are known
     * @param  string  $chosen  name of the sheet that a person wants; empty for the one that fits best
     */
    public static function read(string $bytes, Closure $fits, string $chosen = ''): self|Refusal
    {
        if (str_starts_with($bytes, self::COMPOUND)) {
            return new Refusal('This workbook is locked with a password, or has the old format. Save it as XLSX or ODS without one.');
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'sent');
        file_put_contents($file, $bytes);
        try {
            $reader = self::reader($file);

            return $reader instanceof Refusal ? $reader : self::best($reader, $file, $fits, $chosen);
        } catch (Throwable) {
            return new Refusal('This workbook is damaged. Open it in a spreadsheet, save it again and send that.');
        } finally {
            unlink($file);
        }
    }

    /** Looks at what is in it before anything is unpacked. */
    private static function reader(string $file): IReader|Refusal
    {
        $archive = new ZipArchive();
        if ($archive->open($file, ZipArchive::RDONLY) !== true) {
            return new Refusal('This workbook is damaged. Open it in a spreadsheet, save it again and send that.');
        }
        $names = [];
        $unpacked = 0;
        for ($i = 0; $i < $archive->numFiles && $i <= self::MOST_PARTS; $i++) {
            $part = $archive->statIndex($i);
            if ($part === false) {
                continue;
            }
            $names[$part['name']] = true;
            $unpacked += $part['size'];
            if ($part['size'] > self::SMALL_PART && $part['size'] > self::MOST_TIMES * max(1, $part['comp_size'])) {
                $unpacked = INF;
            }
        }
        $locked = str_contains((string) $archive->getFromName('META-INF/manifest.xml', 200_000), 'encryption-data');
        $archive->close();
        $starts = static fn (string $with): bool => array_filter(array_keys($names),
            static fn (int|string $name): bool => str_starts_with((string) $name, $with)) !== [];

        return match (true) {
            count($names) > self::MOST_PARTS || $unpacked > self::MOST_UNPACKED => new Refusal(
                'This workbook is too large once it is unpacked. Send the table as CSV.'),
            $locked => new Refusal('This workbook is locked with a password. Save it without one.'),
            isset($names['xl/vbaProject.bin']) || $starts('Basic/') || $starts('Scripts/') => new Refusal(
                'This workbook has macros. Save it as XLSX or ODS without them.'),
            $starts('xl/externalLinks/') => new Refusal(
                'This workbook takes values from other files. Paste them as values, and save it again.'),
            isset($names['xl/workbook.xml']) => new Xlsx(),
            isset($names['content.xml']) => new Ods(),
            default => new Refusal('This file is no workbook. Send XLSX, ODS or CSV.'),
        };
    }

    /** @param  Closure(list<list<string>>): int  $fits */
    private static function best(IReader $reader, string $file, Closure $fits, string $chosen): self|Refusal
    {
        $sheets = array_slice(self::sheets($reader, $file), 0, self::MOST_SHEETS);
        [$best, $most] = [null, 0];
        foreach ($sheets as $sheet) {
            $best = $chosen !== '' && $sheet->name === $chosen ? $sheet : $best;
        }
        $first = $best === null && count($sheets) > 1 ? self::firstRows($reader, $file, $sheets) : [];
        foreach ($first === [] ? [] : $sheets as $sheet) {
            $found = $fits($first[$sheet->name] ?? []);
            if ($found > $most) {
                [$best, $most] = [$sheet, $found];
            }
        }
        $best ??= $sheets[0] ?? null;
        if ($best === null) {
            return new Refusal('This workbook has no sheet.');
        }
        if ($best->rows > CsvText::MOST_ROWS || $best->columns > CsvText::MOST_COLUMNS
            || $best->rows * $best->columns > ($reader instanceof Xlsx ? self::MOST_CELLS_XLSX : self::MOST_CELLS_ODS)) {
            return new Refusal('This sheet is too large for a workbook. Save it as CSV and send that.');
        }
        $all = [];
        $notes = count($sheets) > 1 ? ["Sheet “{$best->name}” is read."] : [];
        [$hidden, $formulas] = [0, 0];
        $step = max(1, intdiv(self::PIECE, max(1, $best->columns)));
        for ($first = 1; $first <= $best->rows; $first += $step) {
            [$rows, $hiddenHere, $formulasHere] = self::piece($reader, $file, $best, $first, min($best->rows, $first + $step - 1));
            $all = [...$all, ...$rows];
            $hidden += $hiddenHere;
            $formulas += $formulasHere;
        }
        if ($hidden > 0) {
            $notes[] = $hidden === 1 ? 'One hidden row is read too.' : "$hidden hidden rows are read too.";
        }
        if ($formulas > 0) {
            $notes[] = 'Of formulas the value they had last is read.';
        }

        return new self($all, implode(' ', $notes), array_column($sheets, 'name'), $best->name);
    }

    /** @return list<SheetSize> */
    private static function sheets(IReader $reader, string $file): array
    {
        $sheets = [];
        /** @var list<array{worksheetName: string, totalRows: int|string, totalColumns: int|string}> $told */
        $told = $reader instanceof Xlsx || $reader instanceof Ods ? $reader->listWorksheetInfo($file) : [];
        foreach ($told as $one) {
            $sheets[] = new SheetSize($one['worksheetName'], (int) $one['totalRows'], (int) $one['totalColumns']);
        }

        return $sheets;
    }

    /**
     * @param  list<SheetSize>  $sheets
     * @return array<string, list<list<string>>> by the name of the sheet; the file is gone through once for all
     */
    private static function firstRows(IReader $reader, string $file, array $sheets): array
    {
        $reader->setLoadSheetsOnly(array_column($sheets, 'name'));
        $reader->setReadFilter(new RowFilter(1, self::LOOK));
        $book = $reader->load($file);
        $first = [];
        foreach ($book->getWorksheetIterator() as $page) {
            [$first[$page->getTitle()]] = self::rows($page, 1, self::LOOK);
        }
        $book->disconnectWorksheets();

        return $first;
    }

    /** @return array{list<list<string>>, int, int} rows, how many of them are hidden, and how many cells are formulas */
    private static function piece(IReader $reader, string $file, SheetSize $sheet, int $first, int $last): array
    {
        $reader->setLoadSheetsOnly([$sheet->name]);
        $reader->setReadFilter(new RowFilter($first, $last));
        $book = $reader->load($file);
        $read = self::rows($book->getSheetByName($sheet->name) ?? $book->getActiveSheet(), $first, $last);
        $book->disconnectWorksheets();

        return $read;
    }

    /** @return array{list<list<string>>, int, int} */
    private static function rows(Worksheet $page, int $first, int $last): array
    {
        $rows = [];
        [$hidden, $formulas] = [0, 0];
        $columns = min(CsvText::MOST_COLUMNS, Coordinate::columnIndexFromString($page->getHighestDataColumn()));
        $last = min($last, $page->getHighestDataRow());
        for ($row = $first; $row <= $last; $row++) {
            $cells = [];
            for ($column = 1; $column <= $columns; $column++) {
                $cell = $page->cellExists([$column, $row]) ? $page->getCell([$column, $row]) : null;
                $formulas += $cell?->getDataType() === DataType::TYPE_FORMULA ? 1 : 0;
                $cells[] = $cell === null ? '' : self::text($cell);
            }
            $hidden += array_filter($cells) !== [] && self::isHidden($page, $row) ? 1 : 0;
            $rows[] = $cells;
        }

        return [$rows, $hidden, $formulas];
    }

    private static function isHidden(Worksheet $page, int $row): bool
    {
        return $page->rowDimensionExists($row) && ! $page->getRowDimension($row)->getVisible();
    }

    /** As a person sees it, with all its digits: a date as one, a share in percent. */
    private static function text(Cell $cell): string
    {
        $value = $cell->getDataType() === DataType::TYPE_FORMULA ? $cell->getOldCalculatedValue() : $cell->getValue();
        if ($value instanceof RichText) {
            $value = $value->getPlainText();
        }
        if (is_bool($value)) {
            return $value ? 'true' : 'false';
        }
        if (! is_int($value) && ! is_float($value)) {
            return is_scalar($value) ? trim((string) $value) : '';
        }
        // Asked of the book and not of the cell, which would look for it from the beginning.
        $format = (string) $cell->getWorksheet()->getParentOrThrow()->getCellXfByIndex($cell->getXfIndex())->getNumberFormat()
            ->getFormatCode();

        return match (true) {
            Date::isDateTimeFormatCode($format) => WorkbookDate::ofSerial((float) $value)->text(),
            str_contains($format, '%') => self::number(100 * $value).' %',
            default => self::number($value),
        };
    }

    /** Without the last digits that only binary numbers have. */
    private static function number(int|float $value): string
    {
        $text = sprintf('%.15G', $value);

        return str_contains($text, 'E') ? rtrim(rtrim(sprintf('%.10F', $value), '0'), '.') : $text;
    }
}
