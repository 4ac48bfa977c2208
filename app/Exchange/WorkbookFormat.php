<?php

declare(strict_types=1);

namespace App\Exchange;

/** Of a workbook's file. */
enum WorkbookFormat: string
{
    case Xlsx = 'xlsx';
    case Ods = 'ods';

    public function mediaType(): string
    {
        return match ($this) {
            self::Xlsx => 'application/vnd.openxmlformats-officedocument.spreadsheetml.sheet',
            self::Ods => 'application/vnd.oasis.opendocument.spreadsheet',
        };
    }
}
