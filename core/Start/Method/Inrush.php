<?php

declare(strict_types=1);

namespace BraveAnvil\Start\Method;

use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Unit;

/** What the protective device must let pass while the motor starts. */
final readonly class Inrush
{
    /**
     * @param  Figure  $current  in the line during the first stage, A
     * @param  Figure  $time  of that stage, s
     * @param  Figure  $moment  rms of the worst tenth of a second, A
     * @param  bool  $marginOnMoment  whether a margin is kept on it; none where it is a bound already
     * @param  Figure  $peak  largest peak, A
     * @param  Figure|null  $fullTime  s from the changeover to full speed, counted with the whole locked-rotor current; null where nothing follows
     */
    public function __construct(
        public Figure $current,
        public Figure $time,
        public Figure $moment,
        public bool $marginOnMoment,
        public Figure $peak,
        public ?Figure $fullTime = null,
    ) {
    }

    /** The same start with all of its currents so many times as large. */
    public function times(float $factor): self
    {
        $grown = static fn (Figure $current): Figure => Figure::step(
            $current->label,
            $factor * $current->number(),
            Unit::Ampere,
            I: $current,
        );

        return new self(
            $grown($this->current),
            $this->time,
            $grown($this->moment),
            $this->marginOnMoment,
            $grown($this->peak),
            $this->fullTime,
        );
    }

    /** Its time as a person reads it, `3 s` or `6 s, then 2 s in delta`. */
    public function shownTime(): string
    {
        return $this->time->shown().($this->fullTime === null ? '' : ', then '.$this->fullTime->shown().' in delta');
    }
}
