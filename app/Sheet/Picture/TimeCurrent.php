<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

use App\Sheet\SheetContent;

/** Device, relay, start and conductors over current and time, with the smallest and the largest fault. */
final class TimeCurrent
{
    /** How each trace is drawn: thickness, colour, dash. */
    private const LOOKS = [
        'start' => [0.7, '#c23a08', ''], 'start_at_relay' => [0.5, '#c23a08', '1.2 0.8'], 'conductor' => [0.7, '#745600', ''],
        'protective' => [0.7, '#745600', '2 1'],
    ];

    /** Null where there is nothing to draw. */
    public static function of(SheetContent $content): ?Drawing
    {
        $curve = $content->curve('time_current');
        $amperes = self::pair($curve['amperes'] ?? null);
        $seconds = self::pair($curve['seconds'] ?? null);
        if ($amperes === null || $seconds === null) {
            return null;
        }
        $drawing = new Drawing('timecurrent', 88, 64, 'Time-current curves of device, relay, start and conductors');
        $axes = new Axes($amperes, $seconds, [9, 8, 86, 56], true);
        $axes->grid($drawing, 'A in the line', 's');
        foreach (['device' => ['#1b2226', ''], 'relay' => ['#2b5c8a', '1.5 0.8'], 'feeder' => ['#5b4a7e',
            '2.4 0.6 0.5 0.6']] as $band => [$colour, $dash]) {
            $lower = self::points($curve[$band]['lower'] ?? []);
            $upper = self::points($curve[$band]['upper'] ?? []);
            if ($lower !== [] && $upper !== []) {
                $drawing->area([...$axes->points($lower), ...array_reverse($axes->points($upper))], $colour, 0.14);
            }
            $drawing->line($axes->points($lower), 0.35, $colour, $dash)->line($axes->points($upper), 0.35, $colour, $dash);
        }
        foreach (is_array($curve['traces'] ?? null) ? $curve['traces'] : [] as $trace) {
            $look = is_array($trace) && is_string($trace['kind'] ?? null) ? self::LOOKS[$trace['kind']] ?? null : null;
            if ($look !== null && is_array($trace)) {
                $drawing->line($axes->points(self::points($trace['points'] ?? [])), ...$look);
            }
        }
        foreach (['smallest' => 'minimum fault', 'largest' => 'maximum fault'] as $mark => $word) {
            $value = is_array($curve[$mark] ?? null) ? $curve[$mark]['value'] ?? null : null;
            if (is_int($value) || is_float($value)) {
                $x = $axes->x((float) $value);
                $drawing->line([[$x, 8], [$x, 56]], 0.3, '#b00020', '0.8 0.8')
                    ->text($x, $mark === 'smallest' ? 5.6 : 2.4, $word, $x > 60 ? 'right' : 'middle');
            }
        }

        return $drawing;
    }

    /** @return list<array{string, string}> colour and name of what is drawn */
    public static function legend(SheetContent $content): array
    {
        $curve = $content->curve('time_current');
        $legend = [];
        foreach (['device' => 'black band', 'relay' => 'blue dashed band', 'feeder' => 'violet dash-dot band'] as $band => $look) {
            $name = is_array($curve[$band] ?? null) ? $curve[$band]['name'] ?? '' : '';
            if (is_string($name) && $name !== '') {
                $legend[] = [$look, $name];
            }
        }
        $looks = ['start' => 'red', 'start_at_relay' => 'red dashed', 'conductor' => 'brown', 'protective' => 'brown dashed'];
        foreach (is_array($curve['traces'] ?? null) ? $curve['traces'] : [] as $trace) {
            if (is_array($trace) && is_string($trace['kind'] ?? null) && is_string($trace['name'] ?? null)) {
                $legend[] = [$looks[$trace['kind']] ?? '', $trace['name']];
            }
        }

        return $legend;
    }

    /** @return array{float, float}|null */
    private static function pair(mixed $pair): ?array
    {
        return is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null) && $pair[0] > 0 && $pair[1] > $pair[0]
            ? [(float) $pair[0], (float) $pair[1]] : null;
    }

    /** @return list<array{float, float}> */
    private static function points(mixed $points): array
    {
        $read = [];
        foreach (is_array($points) ? $points : [] as $point) {
            if (is_array($point) && is_numeric($point[0] ?? null) && is_numeric($point[1] ?? null) && $point[0] > 0 && $point[1] > 0) {
                $read[] = [(float) $point[0], (float) $point[1]];
            }
        }

        return $read;
    }
}
