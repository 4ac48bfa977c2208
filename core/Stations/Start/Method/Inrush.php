<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Start\Motion\StartCurrent;
use BraveAnvil\Stations\Start\StartFigures;

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
     * @param  StartCurrent|null  $course  what flows from moment to moment; null where it is not worked out
     */
    public function __construct(
        public Figure $current,
        public Figure $time,
        public Figure $moment,
        public bool $marginOnMoment,
        public Figure $peak,
        public ?Figure $fullTime = null,
        public ?StartCurrent $course = null,
    ) {
    }

    /** The same with what flows from moment to moment. */
    public function along(StartCurrent $course): self
    {
        return new self($this->current, $this->time, $this->moment, $this->marginOnMoment, $this->peak, $this->fullTime, $course);
    }

    /**
     * A reduced first stage, then at worst the whole locked-rotor current for a moment; the direct peak bounds the first one.
     *
     * @param  Figure|null  $first  line current of the first stage, A
     * @return self|null null where something of it does not follow yet
     */
    public static function inTwoStages(?Figure $first, StartFigures $figures, ?Figure $stageTime, ?Figure $runUpTime): ?self
    {
        $moment = $figures->lockedRotorCurrent;

        return $first === null || $moment === null || $figures->peak === null || $stageTime === null
            ? null
            : new self($first, $stageTime, $moment, false, $figures->peak, self::rest($stageTime, $runUpTime));
    }

    /** What is left to full speed after the changeover, s; null where that is nothing, or nobody knows. */
    private static function rest(Figure $stageTime, ?Figure $runUpTime): ?Figure
    {
        $left = $runUpTime === null || $runUpTime->assumed() ? 0.0 : $runUpTime->number() - $stageTime->number();

        return $runUpTime === null || $left <= 1e-9
            ? null
            : Figure::step('Time from changeover to full speed', $left, Unit::Second, run: $runUpTime, stage: $stageTime);
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
            $this->fullTime, $this->course?->times($factor),
        );
    }

    /** Its time as a person reads it, `3 s` or `6 s, then 2 s in delta`. */
    public function shownTime(): string
    {
        return $this->time->shown().($this->fullTime === null ? '' : ', then '.$this->fullTime->shown(2).' in delta');
    }
}
