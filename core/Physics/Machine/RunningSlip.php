<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use function max;

/** Looks for the slips at which a running machine gives one output after another. */
final readonly class RunningSlip
{
    /** Where it begins: next to synchronous. */
    private const LEAST = 1e-9;

    /** Up to here a motor is looked for that gives more than its rated output. */
    private const MOST = 0.6;

    private const STEP = 1.4;

    private float $idle;

    private float $rated;

    public function __construct(private Machine $machine)
    {
        $this->idle = $machine->outputAt(self::LEAST);
        $this->rated = $machine->outputAt($machine->ratedSlip);
    }

    /** The slip at which the shaft gives an output, W; null above what the motor can give while running. */
    public function at(float $output): ?float
    {
        [$high, $fHigh] = [$this->machine->ratedSlip, $this->rated - $output];
        while ($fHigh < 0) {
            $high *= self::STEP;
            if ($high > self::MOST) {
                return null;
            }
            $fHigh = $this->machine->outputAt($high) - $output;
        }

        return Crossing::of(
            fn (float $slip): float => $this->machine->outputAt($slip) - $output, self::LEAST, $this->idle - $output, $high, $fHigh,
            1e-9 * max($output, $this->machine->friction, 1.0),
        );
    }
}
