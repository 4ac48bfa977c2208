<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Waveform;

use BraveAnvil\Circuit\Refusal;
use BraveAnvil\Ground\Show;

/**
 * Reads the text that oscilloscopes and loggers write: some lines of head, then rows of numbers with any separator, point
 * or comma as decimal sign. What cannot be read is told with its line.
 */
final class TraceReader
{
    public const MOST_SAMPLES = 200_000;

    private const FEWEST_SAMPLES = 20;

    private const MOST_COLUMNS = 20;

    private const HEAD_LINES = 200;

    /** Characters of one row: one that is longer is no row of so many numbers. */
    private const LONGEST_LINE = 10_000;

    public static function read(string $text): CapturedTrace|Refusal
    {
        $text = self::plain($text);
        if ($text === null) {
            return new Refusal('This is not a text file. Use a table of numbers, as oscilloscopes and loggers export it.');
        }
        // Counted before they are parted: a file of a million short lines would take more room than there is.
        $count = substr_count($text, "\n");
        if ($count > self::MOST_SAMPLES + self::HEAD_LINES) {
            return self::tooLong($count);
        }
        $lines = explode("\n", $text);
        unset($text);
        if (max(array_map(strlen(...), $lines)) > self::LONGEST_LINE) {
            return new Refusal('A row has more than '.Show::number(self::LONGEST_LINE).' characters: export fewer channels.');
        }
        while ($lines !== [] && trim($lines[count($lines) - 1]) === '') {
            array_pop($lines);
        }
        $shape = self::shape($lines);
        if ($shape === null) {
            return new Refusal('No rows of numbers found in the first '.self::HEAD_LINES.' lines.');
        }
        [$first, $separator, $comma, $numeric, $width] = $shape;
        $count = count($lines) - $first;
        if ($count > self::MOST_SAMPLES) {
            return self::tooLong($count);
        }
        if ($count < self::FEWEST_SAMPLES) {
            return new Refusal('The file has '.$count.' rows of numbers: too few for a waveform.');
        }
        $columns = self::columns($lines, $first, $separator, $comma, $numeric, $width);
        if ($columns instanceof Refusal) {
            return $columns;
        }

        $names = self::names($lines, $first, $separator, $numeric, $width);

        return new CapturedTrace($names, $columns, $first + 1, self::rate($lines, $first));
    }

    private static function tooLong(int $rows): Refusal
    {
        return new Refusal(
            'The file has '.Show::number($rows, 7).' rows; the limit is '.Show::number(self::MOST_SAMPLES, 7).'. Export a shorter record.',
        );
    }

    private static function plain(string $text): ?string
    {
        if (str_starts_with($text, "\xFF\xFE") || str_starts_with($text, "\xFE\xFF")) {
            // Two bytes a letter: numbers and separators are those whose other byte is zero.
            $text = str_replace("\0", '', substr($text, 2));
        }
        if (str_starts_with($text, "\xEF\xBB\xBF")) {
            $text = substr($text, 3);
        }
        if (str_contains($text, "\0") || trim($text) === '') {
            return null;
        }

        return str_replace(["\r\n", "\r", '"', "\u{2212}"], ["\n", "\n", '', '-'], $text);
    }

    /**
     * Where the numbers begin and how they are written.
     *
     * @param  list<string>  $lines
     * @return array{int, string, bool, list<int>, int}|null first line from 0, separator, decimal comma, columns with numbers, width
     */
    private static function shape(array $lines): ?array
    {
        $most = min(count($lines), self::HEAD_LINES);
        for ($at = 0; $at < $most; $at++) {
            $best = null;
            $ways = [["\t", true], [';', true], [';', false], ["\t", false], [',', false], ['|', false], [' ', true], [' ', false]];
            foreach ($ways as [$separator, $comma]) {
                $pattern = self::pattern($lines[$at], $separator, $comma);
                if ($pattern === null || $pattern[1] > self::MOST_COLUMNS) {
                    continue;
                }
                $same = true;
                for ($next = $at + 1; $next < min($at + 5, count($lines)) && $same; $next++) {
                    $same = self::pattern($lines[$next], $separator, $comma) === $pattern;
                }
                // The reading under which every cell is a number is the right one, then the one with more numbers.
                $score = (count($pattern[0]) === $pattern[1] ? 100 : 0) + count($pattern[0]);
                if ($same && ($best === null || $score > $best[0])) {
                    $best = [$score, [$at, $separator, $comma, $pattern[0], $pattern[1]]];
                }
            }
            if ($best !== null) {
                return $best[1];
            }
        }

        return null;
    }

    /** @return array{list<int>, int}|null columns that hold numbers and how many there are; null for a line without */
    private static function pattern(string $line, string $separator, bool $comma): ?array
    {
        $cells = self::cells($line, $separator, $comma);
        $numeric = [];
        foreach ($cells as $i => $cell) {
            if (is_numeric($cell)) {
                $numeric[] = $i;
            }
        }

        // A lone number may have another separator left inside that was taken for its decimal sign.
        return $numeric === [] || (count($cells) === 1 && $separator !== ',') ? null : [$numeric, count($cells)];
    }

    /** @return list<string> */
    private static function cells(string $line, string $separator, bool $comma): array
    {
        $line = rtrim($comma ? str_replace(',', '.', $line) : $line);
        if ($separator === ' ') {
            return self::words($line);
        }
        $cells = array_map(trim(...), $separator === '' ? [$line] : explode($separator, $line));
        if (end($cells) === '' && count($cells) > 1) {
            array_pop($cells);
        }

        return $cells;
    }

    /** @return list<string> */
    private static function words(string $line): array
    {
        return explode(' ', (string) preg_replace('/ +/', ' ', trim($line)));
    }

    /**
     * @param  list<string>  $lines
     * @param  list<int>  $numeric
     * @return list<list<float>>|Refusal
     */
    private static function columns(array $lines, int $first, string $separator, bool $comma, array $numeric, int $width): array|Refusal
    {
        $columns = array_fill(0, count($numeric), []);
        $total = count($lines);
        for ($at = $first; $at < $total; $at++) {
            $line = $comma ? str_replace(',', '.', $lines[$at]) : $lines[$at];
            $cells = $separator === ' ' || $separator === '' ? self::words($line) : explode($separator, $line);
            foreach ($numeric as $i => $column) {
                $cell = $cells[$column] ?? '';
                if (! is_numeric($cell) && ! is_numeric($cell = trim($cell))) {
                    if (trim($line) === '') {
                        return new Refusal('Line '.($at + 1).' is empty between rows of numbers.');
                    }

                    return new Refusal(
                        'Line '.($at + 1).', column '.($column + 1).': '.
                        ($cell === '' ? 'the cell is empty' : '“'.self::clipped($cell).'” is not a number').'. '.
                        Show::number($at - $first, 7).' rows before it were read.',
                    );
                }
                $value = (float) $cell;
                if (! is_finite($value)) {
                    return new Refusal('Line '.($at + 1).', column '.($column + 1).': the number is too large.');
                }
                $columns[$i][] = $value;
            }
        }

        return $columns;
    }

    private static function clipped(string $cell): string
    {
        return substr((string) preg_replace('/[^\x20-\x7E]/', '?', $cell), 0, 30);
    }

    /**
     * @param  list<string>  $lines
     * @param  list<int>  $numeric
     * @return list<string>
     */
    private static function names(array $lines, int $first, string $separator, array $numeric, int $width): array
    {
        $names = array_fill(0, count($numeric), '');
        for ($at = $first - 1; $at >= max(0, $first - 3); $at--) {
            $cells = self::cells($lines[$at], $separator, false);
            if (count($cells) !== $width) {
                continue;
            }
            foreach ($numeric as $i => $column) {
                $text =
                    preg_match('//u', $cells[$column]) === 1
                        ? $cells[$column]
                        : (string) preg_replace('/[^\x20-\x7E]/', '?', $cells[$column]);
                $names[$i] = trim(substr($text, 0, 60).' '.$names[$i]);
            }
        }

        return array_values($names);
    }

    /**
     * Samples a second as some line of the head says.
     *
     * @param  list<string>  $lines
     */
    private static function rate(array $lines, int $first): ?float
    {
        $head = implode("\n", array_slice($lines, 0, $first));
        if (preg_match('/sampl\w*[ _-]*(?:rate|freq\w*)[^\d\n]*([\d.]+(?:e[+-]?\d+)?)\s*(k|M)?/i', $head, $m) === 1 && (float) $m[1] > 0) {
            return (float) $m[1] * (['k' => 1e3, 'M' => 1e6][$m[2] ?? ''] ?? 1.0);
        }
        if (
            preg_match(
                '/(?:sampl\w*[ _-]*(?:interval|period|time)|time[ _-]*(?:step|increment|interval)|x[ '.
                '_-]?increment)[^\d\n]*([\d.]+(?:e[+-]?\d+)?)\s*(ms|us|s)?/i',
                $head, $m,
            ) === 1 &&
            (float) $m[1] > 0
        ) {
            return 1 / ((float) $m[1] * (['ms' => 1e-3, 'us' => 1e-6][strtolower($m[2] ?? '')] ?? 1.0));
        }

        return null;
    }
}
