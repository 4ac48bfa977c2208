<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** A start over time, from switching on to 98 % of its final speed, or to where it stays behind. */
final readonly class Course
{
    /**
     * @param  non-empty-list<Moment>  $moments
     * @param  float|null  $runUpTime  s; null where it does not run up
     * @param  float  $steadySpeed  that the load settles at, rpm; 0 where the motor cannot carry it
     * @param  float|null  $stallSpeed  at which the first or only stage stays behind, rpm; null where it does not
     * @param  float|null  $reducedSpeed  that the first of two stages settles at, rpm
     * @param  Changeover|null  $changeover  null with one stage, and where it never comes
     */
    public function __construct(
        public array $moments,
        public ?float $runUpTime,
        public float $steadySpeed,
        public ?float $stallSpeed = null,
        public ?float $reducedSpeed = null,
        public ?Changeover $changeover = null,
    ) {
    }

    /** All of it, s. */
    public function seconds(): float
    {
        return $this->moments[count($this->moments) - 1]->time;
    }

    public function first(): Node
    {
        return $this->moments[0]->node;
    }

    /** Largest rms in the line, A. */
    public function peakLine(): float
    {
        return max(array_map(static fn (Moment $moment): float => $moment->node->flow->line, $this->moments));
    }

    /** ∫ I² dt in the line, A²s. */
    public function lineEnergy(): float
    {
        return $this->integral(static fn (Moment $at): float => $at->node->flow->line ** 2);
    }

    /** Heat in the rotor, J: the slip's part of what crosses the air gap. */
    public function rotorHeat(float $synchronousSpeed): float
    {
        return $this->integral(
            static fn (Moment $at): float => $at->node->flow->torque * 2 * M_PI * ($synchronousSpeed - $at->node->speed) / 60,
        );
    }

    /** Heat in the stator's copper, J; null where no circuit says. */
    public function statorHeat(): ?float
    {
        return $this->first()->flow->statorLoss === null
            ? null
            : $this->integral(static fn (Moment $at): float => $at->node->flow->statorLoss ?? 0.0);
    }

    /** @param  callable(Moment): float  $of */
    public function integral(callable $of): float
    {
        $sum = 0.0;
        $before = $of($this->moments[0]);
        foreach ($this->moments as $i => $moment) {
            if ($i === 0) {
                continue;
            }
            $here = $of($moment);
            $sum += ($before + $here) / 2 * ($moment->time - $this->moments[$i - 1]->time);
            $before = $here;
        }

        return $sum;
    }
}
