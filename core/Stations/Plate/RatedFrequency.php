<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;

/** Rated frequency: as stamped, else the supply's. */
final class RatedFrequency
{
    public static function solve(Circuit $circuit, Ledger $ledger): ?Figure
    {
        $supply = $circuit->number('supply.frequency');
        $stamped = $circuit->number('plate.frequency');
        if ($stamped !== null) {
            return $ledger->work(PlateFigure::Frequency)->from(f: $stamped)->equals($stamped->number())
                ->saying($circuit->rowChosen ? 'the nameplate row that suits the supply' : '')->source(HowKnown::Nameplate)->write();
        }
        if ($supply === null || $circuit->bad('plate.frequency')) {
            return null;
        }

        return $ledger->work(PlateFigure::Frequency)->from(f: $supply)->equals($supply->number())
            ->source('supply frequency, because the nameplate gives none')->assuming('rated frequency as the supply frequency')->write();
    }
}
