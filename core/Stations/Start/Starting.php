<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Start\Method\Inrush;
use BraveAnvil\Stations\Start\Method\StarterDrawing;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\StartCurrent;

/** How the motor is started, and what flows and turns while it is. */
final readonly class Starting
{
    /**
     * @param  MethodName|null  $name  null where it cannot be read
     * @param  StartingMethod|null  $method  null while that method is not computed
     * @param  Figure|null  $runUpTime  s
     * @param  RunUp|null  $runUp  null where it is not worked out
     * @param  Figure|null  $stageTime  of the first stage, s; the run-up time where there is only one
     * @param  Figure|null  $timed  to full speed by a stopwatch, s, beside an inertia that is typed; else null
     */
    public function __construct(
        public ?MethodName $name,
        public ?StartingMethod $method,
        public StartFigures $figures,
        public ?Figure $runUpTime = null,
        public ?Figure $stageTime = null,
        public ?RunUp $runUp = null,
        public ?Figure $timed = null,
    ) {
    }

    /**
     * The same with its times.
     *
     * @param  RunUp|null  $runUp  null where it cannot be worked out
     * @param  Figure|null  $time  to full speed, s
     * @param  Figure|null  $stageTime  of the first stage, s
     */
    public function running(?RunUp $runUp, ?Figure $time, ?Figure $stageTime): self
    {
        return new self($this->name, $this->method, $this->figures, $time, $stageTime, $runUp);
    }

    /**
     * The same where somebody timed a start. Where that is longer than it is worked out it counts: a stopwatch beats a model.
     *
     * @param  Figure  $timed  to full speed, s
     */
    public function timed(Figure $timed): self
    {
        return new self($this->name, $this->method, $this->figures, $this->runUpTime, $this->stageTime, $this->runUp, $timed);
    }

    /** Whether somebody timed it to take less than it is worked out to. */
    public function wasQuicker(): bool
    {
        return $this->timed !== null && $this->runUpTime !== null && $this->timed->number() < $this->runUpTime->number();
    }

    /** How many times as long as it is worked out the start was timed to take; 1 where it took no longer, or nobody timed it. */
    public function stretch(): float
    {
        $computed = $this->runUpTime?->number() ?? 0.0;

        return $this->timed === null || $computed <= 0 ? 1.0 : max(1.0, $this->timed->number() / $computed);
    }

    /** Nothing is started, or nothing of it is computed. */
    public static function none(): self
    {
        return new self(null, null, new StartFigures(null, null, null, null, null, null));
    }

    public function drawing(): StarterDrawing
    {
        return $this->method?->drawing() ?? StarterDrawing::Contactor;
    }

    /**
     * What the line before the starter carries at full load: the motor's current, or that of a starter with one of its own.
     *
     * @param  Figure  $current  of the motor, A
     */
    public function supplied(Figure $current): Figure
    {
        return $this->method?->ownInput() ?? $current;
    }

    /** In the line at standstill, A. */
    public function lineCurrent(): ?Figure
    {
        return $this->method === null ? $this->figures->lockedRotorCurrent : $this->method->lineCurrent($this->figures);
    }

    /** At standstill, N·m. */
    public function torque(): ?Figure
    {
        return $this->method === null ? $this->figures->lockedRotorTorque : $this->method->torque($this->figures);
    }

    /** How many times the locked-rotor current may be larger than the one that is taken; 1 where nothing allows more. */
    public function worstTimes(): float
    {
        $current = $this->figures->lockedRotorCurrent?->number();
        $highest = $this->figures->highest?->number();

        return $current === null || $highest === null ? 1.0 : max(1.0, $highest / $current);
    }

    /** What the protective device must let pass. */
    public function inrush(): ?Inrush
    {
        $factor = $this->stretch();
        $inrush = $this->method?->inrush($this->figures, $this->stage($factor), $factor > 1 ? $this->timed : $this->runUpTime);
        if ($this->runUp === null) {
            return $inrush;
        }
        $course = StartCurrent::of($this->runUp->course);

        return $inrush?->along($factor > 1 ? $course->stretched($factor) : $course);
    }

    /** Time of the first stage, s, of a start that takes so many times as long. */
    private function stage(float $factor): ?Figure
    {
        return $this->stageTime === null || $this->timed === null || $factor <= 1 ? $this->stageTime
            : Figure::step(
                $this->stageTime->label, $factor * $this->stageTime->number(), Unit::Second, t: $this->stageTime, timed: $this->timed,
            );
    }

    /** Whether it is worked out that it does not come up to speed. */
    public function staysBehind(): bool
    {
        return $this->runUp !== null && $this->runUpTime === null;
    }
}
