<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** Text in a cell of a table that a spreadsheet may open: whatever it would run as a formula stays text, and reads back as it was. */
final class CellText
{
    /**
     * What a spreadsheet may take for a formula: a sign that begins one, also in full width, also behind blanks that it leaves out.
     * A quotation mark ahead keeps it text.
     */
    private const FORMULA = "[\\s\\p{Z}\\p{Cc}\\p{Cf}]*[=+\\-@\u{FF1D}\u{FF0B}\u{FF0D}\u{FF20}]|[\t\r\n]";

    /** As it is written. */
    public static function written(string $text): string
    {
        return preg_match("~^'*(?:".self::FORMULA.')~u', $text) === 1 && preg_match('~^[+-]?\d+([.,]\d+)?$~', $text) !== 1
            ? "'".$text : $text;
    }

    /** As it was before it was written. */
    public static function read(string $cell): string
    {
        return preg_match("~^'+(?:".self::FORMULA.')~u', $cell) === 1 ? substr($cell, 1) : $cell;
    }
}
