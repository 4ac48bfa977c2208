<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

/** What one load takes of a quantity of the board. */
final readonly class BoardShare
{
    /**
     * @param  string  $tag  of the circuit or load; `supply` where it is the supply's
     * @param  float  $value  in the unit of the quantity
     * @param  float  $percent  of the whole
     */
    public function __construct(public string $tag, public float $value, public float $percent)
    {
    }

    /**
     * The largest of some, each with its part of the whole.
     *
     * @param  array<array-key, float>  $values  by tag
     * @param  int  $most  that are named
     * @return list<self> the largest first; none of nothing
     */
    public static function of(array $values, int $most): array
    {
        $whole = array_sum($values);
        arsort($values);
        $shares = [];
        foreach ($whole <= 0 ? [] : array_slice($values, 0, $most, true) as $tag => $value) {
            $shares[] = new self((string) $tag, $value, 100 * $value / $whole);
        }

        return $shares;
    }
}
