<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use Override;

use function abs;
use function array_map;
use function count;
use function exp;
use function max;
use function min;

/** A soft starter: a voltage that grows with time, held back where the current would pass its limit. Stepped in time. */
final readonly class RampPlan implements Plan
{
    /** Steps of the ramp, and of the speed, at least. */
    private const RAMP_STEPS = 70;

    private const SPEED_STEP = 0.02;

    /** Closer than this no two speeds are told apart, in parts of synchronous speed. */
    private const NEAR = 1e-4;

    /** The same in parts of the slip. */
    private const SLIP_STEP = 0.1;

    private const LONGEST_STEP_S = 0.5;

    private const MOST_STEPS = 3000;

    /**
     * @param  float  $limit  of the line current, A
     * @param  float  $initial  voltage at switching on, over the full one
     * @param  float  $ramp  time to the full one, s
     */
    public function __construct(public Stage $full, private float $limit, private float $initial, private float $ramp)
    {
    }

    #[Override]
    public function firstStage(Train $train, float $share = 1.0): array
    {
        $nodes = $this->sweep($train, $share)->nodes();

        return array_map(fn (Node $node): Node => self::reduced($train, $node, $this->most($node), $share), $nodes);
    }

    #[Override]
    public function standstill(Train $train): Flow
    {
        return $this->firstStage($train)[0]->flow;
    }

    #[Override]
    public function run(Train $train, float $share = 1.0, ?float $firstStage = null, ?float $up = null): Course
    {
        $sweep = $this->sweep($train, $share);
        $steady = $sweep->steadySpeed();
        $up ??= StagedPlan::UP * $steady;
        $stays = $this->settles($train, $share, $steady > 0 ? $up : INF);
        if ($stays !== null) {
            return new Course($this->steps($train, $sweep, 0.999 * $stays, $share), null, $steady, $stays);
        }
        $moments = $this->steps($train, $sweep, $up, $share);

        $last = $moments[count($moments) - 1];

        // Where the steps end before it is up, it hardly moves any more.
        return $last->node->speed < $up * (1 - 1e-6)
            ? new Course($moments, null, $steady, $last->node->speed) : new Course($moments, $last->time, $steady);
    }

    /**
     * The speed at which it stays behind with all that the limit allows, rpm; null where it does not. A limit that holds the motor
     * anywhere below the speed at which it is up holds it there for good.
     */
    private function settles(Train $train, float $share, float $up): ?float
    {
        $before = null;
        foreach ($this->firstStage($train, $share) as $node) {
            if ($node->surplus <= 0) {
                $speed = $before === null
                    ? 0.0
                    : $before->speed + ($node->speed - $before->speed) * $before->surplus / ($before->surplus - $node->surplus);

                return $speed < $up ? $speed : null;
            }
            $before = $node;
        }

        return null;
    }

    /** Largest line current of a rotor that stands, A: held back by the limit, else that of the full voltage. */
    public function largestStanding(Train $train): float
    {
        return min($this->limit, $this->full->flow($train->point(0.0))->line);
    }

    /** The largest share of the full voltage at which the line current keeps its limit. */
    private function most(Node $full): float
    {
        return min(1.0, $this->limit / $full->flow->line);
    }

    /** @return non-empty-list<Moment> */
    private function steps(Train $train, Sweep $sweep, float $target, float $share): array
    {
        $pace = 1 / ($train->inertia * 2 * M_PI / 60);
        [$time, $speed, $at] = [0.0, 0.0, 0];
        $nodes = $sweep->nodes();
        $full = $sweep->at(0.0);
        $here = $this->now($train, $full, $time, $share);
        $moments = [new Moment(0.0, $here, Phase::First)];
        for ($i = 0; $i < self::MOST_STEPS && $speed < $target; $i++) {
            $rate = $pace * ($speed <= 0 ? max(0.0, $here->surplus) : $here->surplus);
            if ($rate <= 1e-6 && $time >= $this->ramp) {
                break;
            }
            $step = min(
                $time < $this->ramp ? $this->ramp / self::RAMP_STEPS : self::LONGEST_STEP_S,
                $rate > 0 ? self::speedStep($train, $speed) / $rate : INF,
            );
            while ($nodes[$at]->speed <= $speed + self::NEAR * $train->synchronousSpeed() && isset($nodes[$at + 1])) {
                $at++;
            }
            [$gained, $takes] = $this->gain($train, $full, $nodes[$at], $here->surplus, $time, $step, $target - $speed, $share);
            $speed = max(0.0, $speed + $gained);
            $time += $takes;
            $full = $gained > 0 || $gained < 0 ? $sweep->at($speed) : $full;
            $here = $this->now($train, $full, $time, $share);
            $moments[] = new Moment($time, $here, Phase::First);
        }

        return $moments;
    }

    /** How far a step goes at most, rpm: less where the slip is small and torque falls fast. */
    private static function speedStep(Train $train, float $speed): float
    {
        $slip = max($train->motor->ratedSlip(), 1 - $speed / $train->synchronousSpeed());

        return $train->synchronousSpeed() * min(self::SPEED_STEP, self::SLIP_STEP * $slip);
    }

    /**
     * Speed that a step brings, with a surplus in a straight line over speed and over time: so a motor that already follows its ramp
     * is followed without lag.
     *
     * @param  Node  $full  what full voltage would be at this speed
     * @param  Node  $next  the same at a speed a little above
     * @param  float  $here  surplus now, N·m
     * @param  float  $left  to the target, rpm
     * @return array{float, float} rpm, and the time that it takes to there or to the target, s
     */
    private function gain(
        Train $train,
        Node $full,
        Node $next,
        float $here,
        float $time,
        float $step,
        float $left,
        float $share,
    ): array {
        $later = $this->now($train, $full, $time + $step, $share)->surplus;
        if ($full->speed <= 0 && $here <= 0) {
            // It stands until the voltage has grown enough.
            return [0.0, $later > 0 ? max(1e-6, $step * $here / ($here - $later)) : $step];
        }
        $pace = 1 / ($train->inertia * 2 * M_PI / 60);
        $slope = $pace * ($this->now($train, $next, $time, $share)->surplus - $here) / ($next->speed - $full->speed);
        $grows = $pace * ($later - $here) / $step;
        $after = static fn (float $t): float => abs($slope * $t) < 1e-5
            ? $pace * $here * $t + $grows * $t * $t / 2
            : ($pace * $here + $grows / $slope) * (exp($slope * $t) - 1) / $slope - $grows / $slope * $t;
        $gained = $after($step);
        if ($gained <= $left) {
            return [$gained, $step];
        }
        [$low, $high] = [0.0, $step];
        for ($i = 0; $i < 30; $i++) {
            $middle = ($low + $high) / 2;
            $after($middle) < $left ? ($low = $middle) : ($high = $middle);
        }

        return [$left, $high];
    }

    /** @param  Node  $full  what full voltage would be at this speed */
    private function now(Train $train, Node $full, float $time, float $share): Node
    {
        $ramp = $this->ramp <= 0 ? 1.0 : min(1.0, $this->initial + (1 - $this->initial) * $time / $this->ramp);

        return self::reduced($train, $full, min($ramp, $this->most($full)), $share);
    }

    /** A node at a share of the full voltage. The bus is left out: it is judged at the largest current. */
    private static function reduced(Train $train, Node $full, float $voltage, float $share): Node
    {
        $flow = $full->flow;
        $square = $voltage * $voltage;
        $less = new Flow(
            $voltage * $flow->line, $voltage * $flow->lead, $voltage * $flow->voltage, $voltage * $flow->terminals, $flow->bus,
            $square * $flow->torque, $flow->statorLoss === null ? null : $square * $flow->statorLoss,
        );

        return new Node($full->speed, $less, $share * $less->torque - $train->motor->frictionAt($full->speed), $full->load);
    }

    /** At full voltage. */
    private function sweep(Train $train, float $share): Sweep
    {
        return $train->sweep($this->full)->with($share);
    }
}
