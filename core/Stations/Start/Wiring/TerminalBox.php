<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

use BraveAnvil\Stations\Plate\TerminalMarks;

/** One way in which the links of a terminal box stand. IEC 60034-8 and NEMA MG 1, both from memory. */
final readonly class TerminalBox
{
    /** Terminals by number, each winding's halves 1–4 and 7–10, 2–5 and 8–11, 3–6 and 9–12: what is joined, and the line to it. */
    private const BOXES = [
        ['star_6', 6, 'star', null, [[[4, 5, 6], null], [[1], 0], [[2], 1], [[3], 2]]],
        ['delta_6', 6, 'delta', null, [[[1, 6], 0], [[2, 4], 1], [[3, 5], 2]]],
        ['star_9_high', 9, 'star', 'series', [[[4, 7], null], [[5, 8], null], [[6, 9], null], [[1], 0], [[2], 1], [[3], 2]]],
        ['star_9_low', 9, 'star', 'parallel', [[[4, 5, 6], null], [[1, 7], 0], [[2, 8], 1], [[3, 9], 2]]],
        ['delta_9_high', 9, 'delta', 'series', [[[4, 7], null], [[5, 8], null], [[6, 9], null], [[1], 0], [[2], 1], [[3], 2]]],
        ['delta_9_low', 9, 'delta', 'parallel', [[[1, 6, 7], 0], [[2, 4, 8], 1], [[3, 5, 9], 2]]],
        [
            'star_12_high', 12, 'star', 'series',
            [[[4, 7], null], [[5, 8], null], [[6, 9], null], [[10, 11, 12], null], [[1], 0], [[2], 1], [[3], 2]],
        ],
        [
            'star_12_low', 12, 'star', 'parallel',
            [[[4, 5, 6], null], [[10, 11, 12], null], [[1, 7], 0], [[2, 8], 1], [[3, 9], 2]],
        ],
        [
            'delta_12_high', 12, 'delta', 'series',
            [[[4, 7], null], [[5, 8], null], [[6, 9], null], [[1, 12], 0], [[2, 10], 1], [[3, 11], 2]],
        ],
        ['delta_12_low', 12, 'delta', 'parallel', [[[1, 6, 7, 12], 0], [[2, 4, 8, 10], 1], [[3, 5, 9, 11], 2]]],
    ];

    /** Rows of the box as it is drawn: the first at the lines. */
    private const ROWS = [
        6 => [[1, 2, 3], [6, 4, 5]], 9 => [[1, 2, 3], [4, 5, 6], [7, 8, 9]],
        12 => [[1, 2, 3], [4, 5, 6], [7, 8, 9], [10, 11, 12]],
    ];

    /**
     * @param  string  $joined  `star` or `delta`
     * @param  string|null  $halves  `series` for the higher, `parallel` for the lower voltage; null where no winding has halves
     * @param  list<list<string>>  $rows
     * @param  list<Join>  $joins
     */
    private function __construct(
        public string $key,
        public int $leads,
        public string $joined,
        public ?string $halves,
        public array $rows,
        public array $joins,
    ) {
    }

    /** @return list<self> */
    public static function all(TerminalMarks $marks): array
    {
        return array_map(static function (array $box) use ($marks): self {
            [$key, $leads, $joined, $halves, $joins] = $box;
            $rows = [];
            foreach (self::ROWS[$leads] as $row) {
                $rows[] = array_map($marks->terminal(...), $row);
            }
            $made = [];
            foreach ($joins as [$numbers, $line]) {
                $made[] = new Join(array_map($marks->terminal(...), $numbers), $line);
            }

            return new self($key, $leads, $joined, $halves, $rows, $made);
        }, self::BOXES);
    }
}
