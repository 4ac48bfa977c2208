<?php

declare(strict_types=1);

namespace App\Sheet\Picture;

use App\Sheet\SheetContent;

/** The six terminals of the motor with the links that its supply asks for. */
final class TerminalBox
{
    private const COLUMNS = [12.0, 26.0, 40.0];

    private const TOP = 12.0;

    private const BOTTOM = 25.0;

    /** Null where the connection is none that six terminals show. */
    public static function of(SheetContent $content): ?Drawing
    {
        $curve = $content->curve('connection');
        $connection = $curve['connection'] ?? '';
        if ($connection !== 'star' && $connection !== 'delta') {
            return null;
        }
        $starts = self::names($curve['starts'] ?? []);
        $ends = self::names($curve['ends'] ?? []);
        if (count($starts) !== 3 || count($ends) !== 3) {
            return null;
        }
        $word = $connection === 'star' ? $content->word('star') : 'delta';
        $drawing = new Drawing('terminals', 50, 32, 'Terminal box linked in '.$word);
        foreach (self::COLUMNS as $i => $x) {
            $drawing->line([[$x, 5], [$x, self::TOP]], 0.5)->text($x, 2.4, 'L'.($i + 1), 'middle', true);
            if ($connection === 'delta') {
                $drawing->line([[$x, self::TOP], [$x, self::BOTTOM]], 1.8, '#0a6a66');
            }
        }
        if ($connection === 'star') {
            $drawing->line([[self::COLUMNS[0], self::BOTTOM], [self::COLUMNS[2], self::BOTTOM]], 1.8, '#0a6a66');
        }
        foreach (self::COLUMNS as $i => $x) {
            $drawing->circle($x, self::TOP, 2.2)->circle($x, self::BOTTOM, 2.2)
                ->text($x - 3.4, self::TOP, $starts[$i], 'right', true)->text($x - 3.4, self::BOTTOM, $ends[$i], 'right', true);
        }

        return $drawing->text(26, 30.4, $word, 'middle');
    }

    /** @return list<string> */
    private static function names(mixed $names): array
    {
        return is_array($names) ? array_values(array_filter($names, is_string(...))) : [];
    }
}
