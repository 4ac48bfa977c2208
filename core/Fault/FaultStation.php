<?php

declare(strict_types=1);

namespace BraveAnvil\Fault;

use BraveAnvil\Cable\CableFigure;
use BraveAnvil\Cable\Cabling;
use BraveAnvil\Cable\Conductor;
use BraveAnvil\Guard\Protection;
use BraveAnvil\RuleBook\ProtectiveConductorRules;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Start\Starting;

/**
 * Protective conductor, once the device is chosen. Withstand and disconnection are not computed yet; on screen this
 * belongs to Cable and Guard.
 */
final readonly class FaultStation
{
    public function __construct(private ProtectiveConductorRules $rules)
    {
    }

    /** @return FaultCheck|null null while the conductors wait */
    public function solve(Starting $starting, Cabling $cabling, ?Protection $protection, Ledger $ledger): ?FaultCheck
    {
        $motor = $cabling->motor;
        if ($motor === null || $motor->byAmpacity === null) {
            return null;
        }
        $line = $cabling->line;
        // Six leads are each thinner than the circuit: the line conductor bounds it, and without a line run nothing does.
        $largest = ($starting->method?->leads() ?? 3) > 3 ? $line?->conductor : $motor->conductor;
        $rating = $protection?->rating;

        return new FaultCheck(
            $this->written(CableFigure::ProtectiveSize, $motor->conductor, $motor->byAmpacity, $largest, $rating, $ledger),
            $line === null
                ? null
                : $this->written(
                    CableFigure::LineProtectiveSize, $line->conductor,
                    $line->byAmpacity ?? $line->conductor,
                    $line->conductor, $rating, $ledger,
                ),
        );
    }

    private function written(
        CableFigure $name,
        Conductor $chosen,
        Conductor $needed,
        ?Conductor $largest,
        ?Figure $rating,
        Ledger $ledger,
    ): ?Figure {
        $figure = $this->rules->size($name, $chosen, $needed, $largest, $rating);

        return $figure === null ? null : $ledger->put($figure);
    }
}
