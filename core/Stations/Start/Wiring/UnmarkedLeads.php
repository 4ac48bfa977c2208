<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

/**
 * Names six unmarked leads from continuity and a kick: a small dc source is switched on to one winding, a meter hangs on another. At
 * the moment of switching on, windings of a three-phase motor oppose each other: a needle that moves forward has its plus on the
 * other end than the source.
 */
final readonly class UnmarkedLeads
{
    /**
     * @param  array<int, string>  $labels  terminal by lead, 1 to 6
     * @param  string|null  $refusal  why there are none
     */
    private function __construct(public array $labels, public ?string $refusal)
    {
    }

    /**
     * @param  list<array{int, int}>  $pairs  leads with continuity, 1 to 6: the source's plus, the meter's plus come first in each
     * @param  bool|null  $secondForward  whether the needle on the second pair moves forward as the source on the first closes
     * @param  bool|null  $thirdForward  the same on the third pair
     * @param  array{string, string, string}  $starts  terminals
     * @param  array{string, string, string}  $ends  terminals of the same windings
     */
    public static function named(array $pairs, ?bool $secondForward, ?bool $thirdForward, array $starts, array $ends): self
    {
        $leads = array_merge(...$pairs === [] ? [[]] : $pairs);
        sort($leads);
        if ($leads !== [1, 2, 3, 4, 5, 6] || count($pairs) !== 3) {
            return new self([], 'Enter three pairs, with each of the six leads in one of them. A lead without continuity to any '.
                'other is open; '.'one with continuity to several is connected inside.');
        }
        $labels = [$pairs[0][0] => $starts[0], $pairs[0][1] => $ends[0]];
        foreach ([[1, $secondForward], [2, $thirdForward]] as [$winding, $forward]) {
            if ($forward === null) {
                continue;
            }
            // Forward: the meter's plus is on the other kind of end than the source's plus.
            [$start, $end] = $forward ? [$pairs[$winding][1], $pairs[$winding][0]] : $pairs[$winding];
            $labels[$start] = $starts[$winding];
            $labels[$end] = $ends[$winding];
        }
        ksort($labels);

        return new self($labels, null);
    }
}
