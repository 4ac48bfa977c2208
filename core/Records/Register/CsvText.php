<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use BraveAnvil\Circuit\Refusal;

/** Comma-separated text (RFC 4180) in and out: with or without byte order mark, by commas, semicolons or tabs. */
final readonly class CsvText
{
    public const MOST_BYTES = 20_000_000;

    public const MOST_ROWS = 20_000;

    public const MOST_COLUMNS = 400;

    /** Rows of heads above the data, at most. */
    private const MOST_HEADS = 5;

    private const BOM = "\u{FEFF}";

    /** @param  list<list<string>>  $rows */
    private function __construct(public array $rows, public string $separator)
    {
    }

    /** @param  string  $bytes  of a file as it was sent */
    public static function read(string $bytes): self|Refusal
    {
        if (strlen($bytes) > self::MOST_BYTES) {
            return new Refusal('The file is larger than 20 MB.');
        }
        $text = self::decoded($bytes);
        if ($text === null || preg_match('~[\x00-\x08\x0E-\x1F]~', $text) === 1) {
            return new Refusal('The file is not UTF-8 or UTF-16 text. Save it as “CSV UTF-8” and send that.');
        }
        if (trim($text) === '') {
            return new Refusal('The file is empty.');
        }
        if (substr_count($text, '"') % 2 === 1) {
            return new Refusal('A quotation mark is opened but not closed.');
        }
        $separator = self::separator($text);
        $stream = fopen('php://temp', 'r+');
        if ($stream === false) {
            return new Refusal('The server has no disk space to read the file.');
        }
        fwrite($stream, $text);
        rewind($stream);
        $rows = [];
        while (($row = fgetcsv($stream, null, $separator, '"', '')) !== false) {
            $cells = array_map(static fn (?string $cell): string => trim((string) $cell), $row);
            if (count($cells) > self::MOST_COLUMNS) {
                return new Refusal('The file has more than 400 columns.');
            }
            $rows[] = $cells;
            if (count($rows) > self::MOST_ROWS + self::MOST_HEADS) {
                return new Refusal('The file has more than 20 000 rows. Split it into smaller files.');
            }
        }
        fclose($stream);

        return new self($rows, $separator);
    }

    /**
     * @param  list<list<string>>  $rows
     * @return string with byte order mark and CRLF, so that every spreadsheet reads it
     */
    public static function write(array $rows): string
    {
        $text = self::BOM;
        foreach ($rows as $row) {
            $cells = array_map(static function (string $cell): string {
                $cell = CellText::written($cell);

                return preg_match('~[",;\r\n]|^\s|\s$~', $cell) === 1 ? '"'.str_replace('"', '""', $cell).'"' : $cell;
            }, $row);
            $text .= implode(',', $cells)."\r\n";
        }

        return $text;
    }

    private static function decoded(string $bytes): ?string
    {
        if (str_starts_with($bytes, "\xFF\xFE") || str_starts_with($bytes, "\xFE\xFF")) {
            return self::fromUtf16(substr($bytes, 2), str_starts_with($bytes, "\xFF\xFE") ? 'v*' : 'n*');
        }
        $text = str_starts_with($bytes, self::BOM) ? substr($bytes, strlen(self::BOM)) : $bytes;

        return preg_match('~~u', $text) === 1 ? $text : null;
    }

    /** @param  string  $order  of bytes, as `unpack` names it */
    private static function fromUtf16(string $bytes, string $order): ?string
    {
        $units = strlen($bytes) % 2 === 0 ? unpack($order, $bytes) : false;
        if ($units === false) {
            return null;
        }
        $text = '';
        $high = null;
        foreach ($units as $unit) {
            if (! is_int($unit)) {
                return null;
            }
            if ($unit >= 0xD800 && $unit < 0xDC00) {
                $high = $unit;

                continue;
            }
            $point = $high !== null && $unit >= 0xDC00 && $unit < 0xE000 ? 0x10000 + (($high - 0xD800) << 10) + ($unit - 0xDC00) : $unit;
            $high = null;
            $text .= match (true) {
                $point < 0x80 => chr($point),
                $point < 0x800 => chr(0xC0 | $point >> 6).chr(0x80 | $point & 0x3F),
                $point < 0x10000 => chr(0xE0 | $point >> 12).chr(0x80 | $point >> 6 & 0x3F).chr(0x80 | $point & 0x3F),
                default => chr(0xF0 | $point >> 18).chr(0x80 | $point >> 12 & 0x3F).chr(0x80 | $point >> 6 & 0x3F).
                    chr(0x80 | $point & 0x3F),
            };
        }

        return preg_match('~~u', $text) === 1 ? $text : null;
    }

    /** The one of comma, semicolon and tab that parts the first lines most often. */
    private static function separator(string $text): string
    {
        $head = implode("\n", array_slice(explode("\n", $text, self::MOST_HEADS + 1), 0, self::MOST_HEADS));
        $outside = (string) preg_replace('~"[^"]*"~', '', $head);
        $counts = [',' => substr_count($outside, ','), ';' => substr_count($outside, ';'), "\t" => substr_count($outside, "\t")];
        arsort($counts);

        return array_key_first($counts);
    }
}
