<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

/** Holds readings of one kind against the circuit as it is solved. */
interface Judge
{
    public function judge(Reading $reading, KnownCircuit $known): Judgement;
}
