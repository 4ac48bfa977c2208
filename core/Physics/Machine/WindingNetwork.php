<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

/** Three windings between six terminals, some of which are joined, and what an ohmmeter reads between any two. */
final readonly class WindingNetwork
{
    /** Terminals are counted so: the starts of the three windings, then their ends. */
    private const TERMINALS = 6;

    /**
     * @param  array{float, float, float}  $ohms  of each winding; INF where it is open
     * @param  list<int>  $leads  at which terminal each of the six winding ends arrives, counted as the terminals are
     * @param  list<list<int>>  $joined  terminals that a contactor or a link joins
     */
    public function __construct(private array $ohms, private array $leads, private array $joined)
    {
    }

    /** Ω; 0 where they are joined, INF where nothing lies between them. */
    public function between(int $one, int $other): float
    {
        $node = range(0, self::TERMINALS - 1);
        foreach ($this->joined as $terminals) {
            foreach ($terminals as $terminal) {
                $node[$terminal] = $terminals[0];
            }
        }
        [$one, $other] = [$node[$one], $node[$other]];
        if ($one === $other) {
            return 0.0;
        }
        $siemens = array_fill(0, self::TERMINALS, array_fill(0, self::TERMINALS, 0.0));
        foreach ($this->ohms as $winding => $ohm) {
            $from = $node[$this->leads[$winding]];
            $to = $node[$this->leads[$winding + 3]];
            if ($from !== $to && is_finite($ohm)) {
                $siemens[$from][$to] = $siemens[$to][$from] = $siemens[$from][$to] + 1 / $ohm;
            }
        }
        foreach (array_diff(range(0, self::TERMINALS - 1), [$one, $other]) as $inner) {
            $siemens = self::without($inner, $siemens);
        }

        return $siemens[$one][$other] > 0 ? 1 / $siemens[$one][$other] : INF;
    }

    /**
     * The same between all other nodes: a star of conductances becomes a mesh.
     *
     * @param  array<int, array<int, float>>  $siemens
     * @return array<int, array<int, float>>
     */
    private static function without(int $inner, array $siemens): array
    {
        $all = array_sum($siemens[$inner]);
        $arms = $siemens[$inner];
        foreach ($arms as $i => $one) {
            foreach ($arms as $j => $other) {
                if ($i !== $j && $i !== $inner && $j !== $inner && $all > 0) {
                    $siemens[$i][$j] += $one * $other / $all;
                }
            }
        }
        foreach (array_keys($arms) as $i) {
            $siemens[$i][$inner] = $siemens[$inner][$i] = 0.0;
        }

        return $siemens;
    }
}
