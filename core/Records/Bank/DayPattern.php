<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Bank;

/** A day as a person writes it: one line for each change, `06:00 KF-201 KF-202`, with what runs from then on. */
final class DayPattern
{
    private const DAY = 1440;

    private const MOST_LINES = 400;

    /**
     * Intervals of the bank format; a text says what is wrong with which line. What runs before the first line is what runs
     * at the end of the day.
     *
     * @return list<array{minutes: int, running: list<string>}>|string
     */
    public static function parse(string $text): array|string
    {
        $lines = array_values(array_filter(array_map(trim(...), explode("\n", $text)), static fn (string $line): bool => $line !== ''));
        if (count($lines) > self::MOST_LINES) {
            return 'At most '.self::MOST_LINES.' lines.';
        }
        $changes = [];
        foreach ($lines as $i => $line) {
            if (preg_match('~^(\d{1,2})[:.](\d{2})\s*[-–:]?\s*(.*)$~u', $line, $m) !== 1 || (int) $m[1] > 24 || (int) $m[2] > 59) {
                return 'Line '.($i + 1).': begin with a time such as 06:00.';
            }
            $at = 60 * (int) $m[1] + (int) $m[2];
            if ($at >= self::DAY || ($changes !== [] && $at <= $changes[count($changes) - 1][0])) {
                return 'Line '.($i + 1).': the time must be later than in the line before.';
            }
            $tags = preg_split('~[\s,;]+~u', $m[3]);
            $changes[] = [$at, array_values(array_filter($tags === false ? [] : $tags, static fn (string $tag): bool => $tag !== ''))];
        }
        if ($changes === []) {
            return [];
        }
        if ($changes[0][0] > 0) {
            array_unshift($changes, [0, $changes[count($changes) - 1][1]]);
        }
        $pattern = [];
        foreach ($changes as $i => [$at, $tags]) {
            $pattern[] = ['minutes' => ($changes[$i + 1][0] ?? self::DAY) - $at, 'running' => $tags];
        }

        return $pattern;
    }
}
