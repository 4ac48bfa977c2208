<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

/** Whether conductors bear an earth fault, and whether it is cleared in time, with a protective device that is known. */
interface FaultJudge
{
    /** Of the run to the starter, with a fault at the starter. */
    public function line(): SizeCheck;

    /** Of the run to the motor, with a fault at the motor. */
    public function motor(?SizeCandidate $line): SizeCheck;

    /** Whether the run to the starter bears a fault at the motor too, which is smaller and lasts longer. */
    public function lineBears(SizeCandidate $line, SizeCandidate $motor): bool;
}
