<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Installation;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\CableFinding;
use BraveAnvil\Stations\Cable\Cabling;
use BraveAnvil\Stations\Cable\SizedRun;

/** The raceways of both runs, once their conductors and grounding conductors are known. */
final readonly class RacewayStation
{
    public function __construct(private ?RacewayRules $rules)
    {
    }

    /**
     * @param  Figure|null  $motorGrounding  size of the grounding conductor to the motor
     * @param  Figure|null  $lineGrounding  to the starter
     */
    public function solve(Circuit $circuit, Cabling $cabling, ?Figure $motorGrounding, ?Figure $lineGrounding, Ledger $ledger): void
    {
        if ($circuit->chosen('cable.method', Installation::class) !== Installation::Raceway) {
            return;
        }
        $leads = $cabling->motorLadder?->run()->conductors ?? 3;
        $together = $leads === 6 && $circuit->number('cable.raceways')?->number() === 2.0 ? 3 : $leads;
        $why = null;
        if (($circuit->number('cable.grouped_circuits')?->number() ?? 1.0) > 1) {
            $why = 'Other circuits share it, and their conductors are not known here.';
        } elseif ($this->rules === null) {
            $why = 'The fill tables of this rule book are not available here.';
        } else {
            $why = $this->run(
                $circuit, CableFigure::RacewayTradeSize, CableFigure::RacewayFill, $cabling->motor, $together, $motorGrounding, $ledger,
            ) ?? $this->run(
                $circuit, CableFigure::LineRacewayTradeSize, CableFigure::LineRacewayFill, $cabling->line,
                $cabling->lineLadder?->run()->conductors ?? 3, $lineGrounding, $ledger,
            );
        }
        if ($why !== null) {
            $ledger->note(CableFinding::RacewayFillNotComputed)->title('Raceway not sized')->because($why)
                ->do('Find the trade size in the printed tables.')
                ->source(Standard::Nec->at('Chapter 9')->and(Standard::CeCode->at('Tables 6 to 10')));
        }
    }

    /** @return string|null why it is not sized; null where it is, or there is no such run */
    private function run(
        Circuit $circuit,
        CableFigure $tradeSize,
        CableFigure $fill,
        ?SizedRun $run,
        int $conductors,
        ?Figure $grounding,
        Ledger $ledger,
    ): ?string {
        if ($run === null || $grounding === null || $this->rules === null) {
            return null;
        }
        $size = (string) strtok((string) $grounding->value, ' ');
        $chosen = $this->rules->choose($circuit, $tradeSize, $fill, $run->conductor, $conductors, $size);
        if (is_string($chosen)) {
            return $chosen;
        }
        $ledger->put($chosen[0]);
        $ledger->put($chosen[1]);

        return null;
    }
}
