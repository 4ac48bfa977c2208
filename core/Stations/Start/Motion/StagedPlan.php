<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use Override;

/** One stage at full voltage, or a reduced one before it. */
final readonly class StagedPlan implements Plan
{
    /** Share of the final speed at which a motor counts as up. */
    public const UP = 0.98;

    /** Into how many steps a gap is cut. */
    private const GAP_STEPS = 4;

    /** How much longer than its way there a stall is looked at. */
    private const STALL_SHOWN = 1.3;

    /**
     * @param  Stage|null  $first  reduced; null where there is none
     * @param  float  $gap  without a supply between the two, s
     */
    public function __construct(
        public Stage $full,
        public ?Stage $first = null,
        private float $gap = 0.0,
        private ?ChangeoverRule $rule = null,
    ) {
    }

    /** The same on another feed. */
    public function on(Feed $feed): self
    {
        return new self($this->full->on($feed), $this->first?->on($feed), $this->gap, $this->rule);
    }

    #[Override]
    public function firstStage(Train $train, float $share = 1.0): array
    {
        [$full, $first] = $this->sweeps($train, $share);

        return ($first ?? $full)->nodes();
    }

    /** @return list<Node> each speed of the grid at full voltage */
    public function fullStage(Train $train): array
    {
        return $this->sweeps($train, 1.0)[0]->nodes();
    }

    #[Override]
    public function standstill(Train $train): Flow
    {
        return ($this->first ?? $this->full)->flow($train->point(0.0));
    }

    #[Override]
    public function run(Train $train, float $share = 1.0, ?float $firstStage = null, ?float $up = null): Course
    {
        [$full, $first] = $this->sweeps($train, $share);
        if ($first === null) {
            return $this->alone($train, $full, $up);
        }
        $steady = $full->steadySpeed();
        $equilibrium = $first->equilibrium(0.0);
        $stalls = $train->isBehind($equilibrium);
        $rule = $firstStage !== null ? ChangeoverRule::after($firstStage) : ($this->rule ?? ChangeoverRule::usual());
        $leg = $stalls && $rule->seconds === null ? null : $rule->first($first, $equilibrium);
        if ($leg === null) {
            $behind = self::stalled($first, $equilibrium, Phase::First);

            return new Course($behind, null, $steady, $stalls ? $equilibrium : null, $equilibrium);
        }
        $moments = self::moments($leg, 0.0, Phase::First);
        [$gap, $afterGap] = $this->coast($train, $leg);
        $moments = [...$moments, ...$gap];
        $time = $leg->seconds() + ($gap === [] ? 0.0 : $this->gap);
        $before = $gap === [] ? $leg->nodes[count($leg->nodes) - 1]->flow->torque : 0.0;
        $changeover = new Changeover($leg->seconds(), $leg->lastSpeed(), $afterGap, $before, $full->at($afterGap));
        $up ??= self::UP * $steady;
        $last = $afterGap >= $up ? null : $full->leg($afterGap, $up);
        $isUp = $steady > 0 && ($afterGap >= $up || $last !== null);
        $stays = null;
        if ($last !== null) {
            $moments = [...$moments, ...self::moments($last, $time, Phase::Full)];
        } elseif ($isUp) {
            $moments[] = new Moment($time, $full->at($afterGap), Phase::Full);
        } else {
            $stays = $full->equilibrium($afterGap);
            $moments = [...$moments, ...self::moments($full->legFor($afterGap, self::shown($full, $afterGap, $stays)), $time, Phase::Full)];
        }

        $seconds = $isUp ? $time + ($last?->seconds() ?? 0.0) : null;

        return new Course($moments, $seconds, $steady, $stalls ? $equilibrium : $stays, $equilibrium, $changeover);
    }

    private function alone(Train $train, Sweep $full, ?float $up): Course
    {
        $steady = $full->steadySpeed();
        $equilibrium = $full->equilibrium(0.0);
        $leg = $train->isBehind($equilibrium) ? null : $full->leg(0.0, $up ?? self::UP * $steady);

        return $leg === null
            ? new Course(self::stalled($full, $equilibrium, Phase::Full), null, $steady, $equilibrium)
            : new Course(self::moments($leg, 0.0, Phase::Full), $leg->seconds(), $steady);
    }

    /** @return non-empty-list<Moment> */
    private static function stalled(Sweep $stage, float $equilibrium, Phase $phase): array
    {
        return self::moments($stage->legFor(0.0, self::shown($stage, 0.0, $equilibrium)), 0.0, $phase);
    }

    /** For how long a stage that stays behind is looked at, s. */
    private static function shown(Sweep $stage, float $from, float $equilibrium): float
    {
        $leg = $equilibrium - $from > 1e-6 ? $stage->leg($from, $from + 0.995 * ($equilibrium - $from)) : null;

        return $leg === null ? 1.0 : self::STALL_SHOWN * $leg->seconds();
    }

    /** @return non-empty-list<Moment> */
    private static function moments(Leg $leg, float $since, Phase $phase): array
    {
        $moment = static fn (Node $node, float $time): Moment => new Moment($since + $time, $node, $phase);

        return array_map($moment, $leg->nodes, $leg->times);
    }

    /**
     * Without a supply the load and the motor's own friction brake.
     *
     * @return array{list<Moment>, float} and the speed at the end, rpm
     */
    private function coast(Train $train, Leg $leg): array
    {
        $speed = $leg->lastSpeed();
        if ($this->gap <= 0) {
            return [[], $speed];
        }
        $moments = [];
        $step = $this->gap / self::GAP_STEPS;
        $nothing = new Flow(0.0, 0.0, 0.0, 0.0, $this->full->feed->volts, 0.0, 0.0);
        $node = fn (float $at): Node => new Node($at, $nothing, -$train->motor->frictionAt($at), $train->load->torque($at));
        $moments[] = new Moment($leg->seconds(), $node($speed), Phase::Gap);
        for ($i = 1; $i <= self::GAP_STEPS; $i++) {
            $slows = static fn (float $at): float => -$node(max(0.0, $at))->surplus / $train->inertia * 30 / M_PI;
            $middle = $speed - $slows($speed) * $step / 2;
            $speed = max(0.0, $speed - $slows($middle) * $step);
            $moments[] = new Moment($leg->seconds() + $i * $step, $node($speed), Phase::Gap);
        }

        return [$moments, $speed];
    }

    /** @return array{Sweep, Sweep|null} full and first stage */
    private function sweeps(Train $train, float $share): array
    {
        return [
            $train->sweep($this->full)->with($share), $this->first === null ? null : $train->sweep($this->first)->with($share),
        ];
    }
}
