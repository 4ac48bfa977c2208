<?php

declare(strict_types=1);

namespace App\Exchange;

use PhpOffice\PhpSpreadsheet\Cell\Coordinate;
use PhpOffice\PhpSpreadsheet\Cell\DataType;
use PhpOffice\PhpSpreadsheet\Cell\DataValidation;
use PhpOffice\PhpSpreadsheet\Spreadsheet;
use PhpOffice\PhpSpreadsheet\Worksheet\Worksheet;
use PhpOffice\PhpSpreadsheet\Writer\Ods;
use PhpOffice\PhpSpreadsheet\Writer\Xlsx;
use RuntimeException;

/** Sheets as a workbook: text stays text, whatever it begins with; numbers are numbers; heads stand still. */
final class Workbook
{
    /** Rows of heads. */
    public const HEADS = 2;

    private const DATE = 'yyyy\-mm\-dd hh:mm:ss';

    /** Rows that widths are taken from. */
    private const SAMPLE = 60;

    private const NARROWEST = 9;

    private const WIDEST = 42;

    /** Characters that a list of choices may have in its cell. */
    private const LIST_LIMIT = 255;

    /** Rows beyond the last in which a choice is offered too. */
    private const SPARE_ROWS = 500;

    /**
     * @param  array<string, string>  $about  what the first sheet says, by its label
     * @param  list<WorkbookSheet>  $sheets
     * @return string the bytes of the file
     */
    public static function write(array $about, array $sheets, WorkbookFormat $format): string
    {
        $book = new Spreadsheet();
        self::about($book->getActiveSheet(), $about);
        foreach ($sheets as $sheet) {
            self::fill($book->createSheet(), $sheet, $format);
        }
        $book->setActiveSheetIndex(count($sheets) > 0 ? 1 : 0);
        $file = (string) tempnam(sys_get_temp_dir(), 'workbook');
        $writer = $format === WorkbookFormat::Ods ? new Ods($book) : new Xlsx($book);
        $writer->setPreCalculateFormulas(false);
        $writer->save($file);
        $bytes = file_get_contents($file);
        unlink($file);
        $book->disconnectWorksheets();

        return $bytes === false ? throw new RuntimeException('The workbook cannot be read back.') : $bytes;
    }

    /** @param  array<string, string>  $about */
    private static function about(Worksheet $page, array $about): void
    {
        $page->setTitle('About');
        $row = 1;
        foreach ($about as $label => $text) {
            $page->setCellValueExplicit([1, $row], $label, DataType::TYPE_STRING);
            $page->setCellValueExplicit([2, $row], $text, DataType::TYPE_STRING);
            $row++;
        }
        $page->getStyle('A1:A'.max(1, $row - 1))->getFont()->setBold(true);
        $page->getColumnDimension('A')->setWidth(24);
        $page->getColumnDimension('B')->setWidth(90);
        $page->getStyle('B1:B'.max(1, $row - 1))->getAlignment()->setWrapText(true);
    }

    private static function fill(Worksheet $page, WorkbookSheet $sheet, WorkbookFormat $format): void
    {
        $page->setTitle(mb_substr($sheet->title, 0, 31));
        foreach ([$sheet->heads, $sheet->names] as $i => $heads) {
            foreach ($heads as $column => $head) {
                $page->setCellValueExplicit([$column + 1, $i + 1], $head, DataType::TYPE_STRING);
            }
        }
        $dates = [];
        foreach ($sheet->rows as $i => $cells) {
            foreach ($cells as $column => $cell) {
                $at = [$column + 1, $i + self::HEADS + 1];
                if ($cell instanceof WorkbookDate) {
                    $page->setCellValueExplicit($at, $cell->serial(), DataType::TYPE_NUMERIC);
                    $dates[$column] = true;
                } elseif (is_float($cell)) {
                    $page->setCellValueExplicit($at, $cell, DataType::TYPE_NUMERIC);
                } elseif ($cell !== '') {
                    $page->setCellValueExplicit($at, $cell, DataType::TYPE_STRING);
                }
            }
        }
        $last = self::HEADS + count($sheet->rows);
        $end = Coordinate::stringFromColumnIndex(max(1, count($sheet->heads)));
        $page->getStyle("A1:{$end}1")->getFont()->setBold(true);
        $page->getStyle("A2:{$end}2")->getFont()->setSize(8);
        $page->freezePane('B3');
        $page->setAutoFilter("A2:$end$last");
        foreach (array_keys($dates) as $column) {
            $letter = Coordinate::stringFromColumnIndex($column + 1);
            $page->getStyle("{$letter}3:$letter$last")->getNumberFormat()->setFormatCode(self::DATE);
        }
        foreach ($sheet->heads as $column => $head) {
            $page->getColumnDimensionByColumn($column + 1)->setWidth(self::width($sheet, $column, $head));
        }
        // The other format's writer keeps no lists of choices.
        foreach ($format === WorkbookFormat::Xlsx ? $sheet->choices : [] as $column => $choices) {
            self::offer($page, $column, $last + self::SPARE_ROWS, $choices);
        }
    }

    private static function width(WorkbookSheet $sheet, int $column, string $head): int
    {
        $longest = min(18, mb_strlen($head));
        foreach (array_slice($sheet->rows, 0, self::SAMPLE) as $row) {
            $cell = $row[$column] ?? '';
            $longest = max($longest, $cell instanceof WorkbookDate ? 19 : mb_strlen((string) $cell));
        }

        return max(self::NARROWEST, min(self::WIDEST, $longest + 2));
    }

    /** @param  list<string>  $choices */
    private static function offer(Worksheet $page, int $column, int $last, array $choices): void
    {
        $list = implode(',', $choices);
        if ($choices === [] || mb_strlen($list) > self::LIST_LIMIT
            || array_filter($choices, static fn (string $one): bool => str_contains($one, ',') || str_contains($one, '"')) !== []) {
            return;
        }
        $letter = Coordinate::stringFromColumnIndex($column + 1);
        $offer = new DataValidation();
        $offer->setType(DataValidation::TYPE_LIST)->setFormula1('"'.$list.'"')->setAllowBlank(true)->setShowDropDown(true);
        $page->setDataValidation("{$letter}3:$letter$last", $offer);
    }
}
