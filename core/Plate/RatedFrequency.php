<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;

/** Rated frequency: of a 50/60 Hz plate the one that fits the supply. */
final class RatedFrequency
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $supply = $circuit->number('supply.frequency');
        $stamped = $circuit->plateFrequencies();
        if ($stamped === null || $stamped === []) {
            if ($supply !== null && ! $circuit->bad('plate.frequency')) {
                $sheet->put((new Figure('plate.frequency', 'Rated frequency', $supply->number(), 'Hz', '', '', 'the supply’s, the plate gives none', $supply->assumptions))->withAssumption('rated frequency as the supply'));
            }

            return;
        }
        $best = $stamped[0];
        foreach ($stamped as $hertz) {
            if ($supply !== null && abs($hertz - $supply->number()) < abs($best - $supply->number())) {
                $best = $hertz;
            }
        }
        $sheet->put(new Figure('plate.frequency', 'Rated frequency', $best, 'Hz', '', count($stamped) > 1 ? 'the block of the plate that fits the supply' : '', 'plate'));
    }

    /** Position of the rated frequency on the plate: 0, or 1 for the second block of a 50/60 Hz plate. */
    public static function block(Circuit $circuit, Sheet $sheet): int
    {
        $at = array_search($sheet->get('plate.frequency')?->number(), $circuit->plateFrequencies() ?? [], true);

        return is_int($at) ? $at : 0;
    }
}
