<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

/** The one machine of a solution: fitted to the plate once, and what was not stamped for it. */
final readonly class FittedMachine
{
    /**
     * @param  list<string>  $flags  what does not quite fit
     * @param  string|null  $refusal  why there is no machine although all was there to fit one
     * @param  Plate|null  $plate  that it was fitted to; null where starting values are not known at all
     * @param  list<string>  $typical  starting values that were not stamped, so that typical ones stand in
     */
    public function __construct(
        public ?Machine $machine,
        public array $flags,
        public ?string $refusal,
        public array $typical,
        public ?Plate $plate = null,
    ) {
    }

    /**
     * What a start can be computed with: the machine, else the curve through its stamps.
     *
     * @param  float  $powerFactor  of a stamped curve, at every speed
     * @return TurningMotor|null null where the stamps are not known
     */
    public function turning(float $powerFactor): ?TurningMotor
    {
        if ($this->machine !== null || $this->plate === null || $this->plate->slip <= 0 || $this->plate->slip >= 0.5) {
            return $this->machine;
        }
        // The usual estimate of the no-load current: twice (1 − cos φ) of the rated one, never more than its reactive part.
        $cos = $this->plate->powerFactor;

        return new StampedCurve($this->plate, min(2 * (1 - $cos), sqrt(1 - $cos * $cos)) * $this->plate->current(), $powerFactor);
    }

    /** ' with a typical starting current, …', or nothing. */
    public function typicalWords(): string
    {
        $last = array_slice($this->typical, -1);
        $others = implode(', ', array_slice($this->typical, 0, -1));

        return $last === [] ? '' : 'a typical '.($others === '' ? '' : $others.' and ').$last[0];
    }
}
