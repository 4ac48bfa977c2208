<?php

declare(strict_types=1);

namespace BraveAnvil\Register;

/** Text in a cell of a table that a spreadsheet may open: whatever it would run as a formula stays text, and reads back as it was. */
final class CellText
{
    /** As it is written. */
    public static function written(string $text): string
    {
        return preg_match("~^'*[=+\\-@\t\r]~", $text) === 1 && preg_match('~^[+-]?\d+([.,]\d+)?$~', $text) !== 1 ? "'".$text : $text;
    }

    /** As it was before it was written. */
    public static function read(string $cell): string
    {
        return preg_match("~^'+[=+\\-@\t\r]~", $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
