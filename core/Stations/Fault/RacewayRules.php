<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\Conductor;

/** How large a raceway a rule book asks for. */
interface RacewayRules
{
    /**
     * The smallest raceway for conductors of one size with their grounding conductor.
     *
     * @param  int  $conductors  in the raceway, without the grounding conductor
     * @param  string  $grounding  its size without unit
     * @return array{Figure, Figure}|string its trade size and how full it is, or why that cannot be told
     */
    public function choose(
        Circuit $circuit,
        CableFigure $tradeSize,
        CableFigure $fill,
        Conductor $conductor,
        int $conductors,
        string $grounding,
    ): array|string;
}
