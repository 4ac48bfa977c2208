<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Tables\Practice\RunUpPractice;

/** A start as it was worked out, as it should be and at its worst. */
final readonly class RunUp
{
    /**
     * @param  Course  $worst  with the least torque that the motor's tolerance allows, the timer left as it is
     * @param  list<string>  $assumptions  what all of it rests on that nobody typed
     * @param  float  $ratedTorque  N·m
     */
    public function __construct(
        public Train $train,
        public Plan $plan,
        public Course $course,
        public Course $worst,
        public FeedReader $feed,
        public array $assumptions,
        private float $ratedTorque,
    ) {
    }

    /** Seconds in the first stage after which delta takes no more than a share of the current at standstill; null where it never does. */
    public function earliestChangeover(float $share): ?float
    {
        if (! $this->plan instanceof StagedPlan || $this->plan->first === null) {
            return null;
        }
        $standing = $this->train->point(0.0)->impedance();
        $before = null;
        foreach ($this->train->speeds() as $speed) {
            $part = $standing / $this->train->point($speed)->impedance();
            if ($part <= $share) {
                $speed = $before === null ? $speed : $before[0] + ($speed - $before[0]) * ($before[1] - $share) / ($before[1] - $part);

                return $this->train->sweep($this->plan->first)->leg(0.0, $speed)?->seconds();
            }
            $before = [$speed, $part];
        }

        return null;
    }

    /** The first stage held on to for a time, as when the changeover never comes; null with one stage. */
    public function held(float $seconds): ?Leg
    {
        return $this->plan instanceof StagedPlan && $this->plan->first !== null
            ? $this->train->sweep($this->plan->first)->legFor(0.0, $seconds)
            : null;
    }

    /** Least torque over that of the load while the first stage speeds up, from standstill to the speed of the largest torque. */
    public function torqueMargin(): ?float
    {
        $least = null;
        $breakdown = $this->train->breakdownSpeed();
        foreach ($this->plan->firstStage($this->train) as $node) {
            if ($node->speed <= $breakdown + 1e-6 && $node->load > 0) {
                $least = min($least ?? INF, $node->shaft / $node->load);
            }
        }

        return $least;
    }

    /** What the load asks at the final speed, over rated torque; null where it never comes there. */
    public function finalLoad(): ?float
    {
        return $this->course->runUpTime === null ? null : $this->train->load->torque($this->course->steadySpeed) / $this->ratedTorque;
    }

    /** Heat of the start in rotor and stator, J; null where no circuit says, or it does not run up. */
    public function startHeat(): ?float
    {
        $stator = $this->course->runUpTime === null || $this->plan instanceof DrivePlan ? null : $this->course->statorHeat();

        return $stator === null ? null : $stator + $this->course->rotorHeat($this->train->synchronousSpeed());
    }

    /** Largest step of the shaft's torque with its first swing, in rated torques; null where electronics raise it by and by. */
    public function torqueStep(StartingMethod $method, RunUpPractice $practice): ?float
    {
        if ($method->raisesSlowly()) {
            return null;
        }
        $steps = [$this->course->first()->flow->torque];
        $change = $this->course->changeover;
        if ($change !== null) {
            $steps[] = abs($change->after->flow->torque - $change->torqueBefore);
        }

        return $practice->torqueStepTransient() * max($steps) / $this->ratedTorque;
    }

    /** Whether it stays behind on every supply that there could be: on the typed one, or where part of it is assumed on the strongest. */
    public function stallsOnAnySupply(): bool
    {
        if ($this->feed->assumptions === [] || ! $this->plan instanceof StagedPlan) {
            return $this->feed->assumptions === [];
        }
        $stage = $this->plan->first ?? $this->plan->full;
        $feed = $stage->feed;
        $stiff = new Feed($feed->volts, null, $feed->line, $feed->lead, $feed->sixLeads);

        return $this->train->isBehind($this->train->sweep($stage->on($stiff))->equilibrium(0.0));
    }
}
