<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

use App\Sheet\SheetContent;

/** The start over time: speed, and the current in the line, with the worst case. */
final class RunUp
{
    /** Null where no start was worked out. */
    public static function of(SheetContent $content): ?Drawing
    {
        $curve = $content->curve('start_course');
        $speed = self::series($curve['points'] ?? [], 'speed');
        $line = self::series($curve['points'] ?? [], 'line');
        $worst = self::series($curve['worst'] ?? [], 'speed');
        if (count($speed) < 2 || count($line) < 2) {
            return null;
        }
        $seconds = max(array_column([...$speed, ...$worst], 0)) * 1.02;
        $fastest = max(array_column([...$speed, ...$worst], 1)) * 1.08;
        $largest = max(array_column($line, 1)) * 1.08;
        if ($seconds <= 0 || $fastest <= 0 || $largest <= 0) {
            return null;
        }
        $drawing = new Drawing('runup', 88, 64, 'Speed and current during the start');
        $upper = new Axes([0, $seconds], [0, $fastest], [11, 6, 86, 28], false);
        $lower = new Axes([0, $seconds], [0, $largest], [11, 36, 86, 56], false);
        $upper->grid($drawing, '', 'rpm');
        $lower->grid($drawing, 's', 'A');
        $drawing->line($upper->points($worst), 0.4, '#4e5957', '1.2 0.8')->line($upper->points($speed), 0.7, '#0a6a66')
            ->line($lower->points($line), 0.7, '#c23a08');

        return $drawing;
    }

    /** @return list<array{float, float}> time with a quantity */
    private static function series(mixed $points, string $quantity): array
    {
        $series = [];
        foreach (is_array($points) ? $points : [] as $point) {
            $time = self::value(is_array($point) ? $point['time'] ?? null : null);
            $value = self::value(is_array($point) ? $point[$quantity] ?? null : null);
            if ($time !== null && $value !== null) {
                $series[] = [$time, $value];
            }
        }

        return $series;
    }

    private static function value(mixed $of): ?float
    {
        $value = is_array($of) ? $of['value'] ?? null : $of;

        return is_int($value) || is_float($value) ? (float) $value : null;
    }
}
