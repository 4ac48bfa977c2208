<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

use Closure;

/** Where the heads of a table stand: a title or a second row of heads may stand above them. */
final class HeadRow
{
    private const AMONG = 5;

    /**
     * @param  list<list<string>>  $rows
     * @param  Closure(string): bool  $isHead
     * @return int from 0; of two rows with as many heads the lower one, which names the paths
     */
    public static function of(array $rows, Closure $isHead): int
    {
        $best = 0;
        $most = 1;
        foreach (array_slice($rows, 0, self::AMONG) as $i => $row) {
            $hits = count(array_filter($row, $isHead));
            if ($hits >= $most) {
                [$best, $most] = [$i, $hits];
            }
        }

        return $best;
    }
}
