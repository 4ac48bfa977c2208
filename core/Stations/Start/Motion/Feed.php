<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** What feeds the starter and the motor: a stiff source, its impedance, the line run, and the conductors behind the starter. */
final readonly class Feed
{
    /**
     * @param  float  $volts  of the source, between lines
     * @param  Impedance|null  $source  up to the bus; null where nobody knows it: then it is taken as stiff, and dips are not told
     * @param  Impedance  $line  of the run from the bus to the starter, each conductor
     * @param  Impedance  $lead  of the run from the starter to the motor, each conductor
     * @param  bool  $sixLeads  whether two of these lie in series with each winding
     */
    public function __construct(
        public float $volts,
        public ?Impedance $source,
        public Impedance $line,
        public Impedance $lead,
        public bool $sixLeads,
    ) {
    }

    public function source(): Impedance
    {
        return $this->source ?? Impedance::none();
    }

    public function isLike(self $other): bool
    {
        return $this->volts === $other->volts && $this->sixLeads === $other->sixLeads
            && ($this->source === null) === ($other->source === null) && $this->source()->isLike($other->source())
            && $this->line->isLike($other->line) && $this->lead->isLike($other->lead);
    }

    /** The same with this many leads behind the starter. */
    public function leads(int $leads): self
    {
        return new self($this->volts, $this->source, $this->line, $this->lead, $leads === 6);
    }
}
