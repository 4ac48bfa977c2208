<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use BraveAnvil\Circuit\Refusal;

/** One JSON value a line. */
final class JsonLines
{
    /** Whether a file begins as one, not as a table. */
    public static function are(string $bytes): bool
    {
        return preg_match('~^(\xEF\xBB\xBF)?\s*\{~', $bytes) === 1;
    }

    /** @return array<int, string>|Refusal the lines that say something, by their number from 1 */
    public static function read(string $bytes): array|Refusal
    {
        if (strlen($bytes) > CsvText::MOST_BYTES) {
            return new Refusal('The file is larger than 20 MB.');
        }
        $lines = [];
        foreach (explode("\n", $bytes) as $i => $line) {
            $line = trim($line, " \t\r\u{FEFF}");
            if ($line === '') {
                continue;
            }
            if (count($lines) >= CsvText::MOST_ROWS) {
                return new Refusal('The file has more than 20 000 rows. Split it into smaller files.');
            }
            $lines[$i + 1] = $line;
        }

        return $lines;
    }
}
