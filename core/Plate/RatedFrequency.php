<?php

declare(strict_types=1);

namespace BraveAnvil\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Sheet;

/** Rated frequency: as stamped, else the supply's. */
final class RatedFrequency
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $supply = $circuit->number('supply.frequency');
        $stamped = $circuit->number('plate.frequency');
        if ($stamped !== null) {
            $sheet->put(new Figure('plate.frequency', 'Rated frequency', $stamped->number(), 'Hz', '', $sheet->has('plate.row') ? 'the row of the plate that fits the supply' : '', 'plate', $stamped->assumptions));
        } elseif ($supply !== null && ! $circuit->bad('plate.frequency')) {
            $sheet->put((new Figure('plate.frequency', 'Rated frequency', $supply->number(), 'Hz', '', '', 'the supply’s, the plate gives none', $supply->assumptions))->withAssumption('rated frequency as the supply'));
        }
    }
}
