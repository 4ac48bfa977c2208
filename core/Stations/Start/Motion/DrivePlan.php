<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use Override;

/** A frequency drive: it turns the motor along a ramp with the torque that this takes, up to what it can give for a minute. */
final readonly class DrivePlan implements Plan
{
    private const STEPS = 40;

    /**
     * @param  float  $input  line current at rated output, A
     * @param  float  $ratedTorque  N·m
     * @param  float  $mostTorque  that it gives, N·m
     * @param  float  $ramp  from standstill to synchronous speed, s
     * @param  float  $motorCurrent  rated, A
     * @param  float  $ratedSpeed  rpm
     */
    public function __construct(
        private Stage $full,
        private float $input,
        private float $ratedTorque,
        private float $mostTorque,
        private float $ramp,
        private float $motorCurrent,
        private float $ratedSpeed,
    ) {
    }

    #[Override]
    public function firstStage(Train $train, float $share = 1.0): array
    {
        return array_map(fn (float $speed): Node => $this->node($train, $speed, $this->mostTorque), $train->speeds());
    }

    #[Override]
    public function standstill(Train $train): Flow
    {
        return $this->node($train, 0.0, $this->torque($train, 0.0))->flow;
    }

    #[Override]
    public function run(Train $train, float $share = 1.0, ?float $firstStage = null, ?float $up = null): Course
    {
        // The torque is the drive's to give, so that the motor's tolerance does not lengthen the start.
        $steady = $train->sweep($this->full)->steadySpeed();
        $to = StagedPlan::UP * ($steady > 0 ? $steady : $this->ratedSpeed);
        $time = 0.0;
        $step = $to / self::STEPS;
        $before = $this->node($train, 0.0, $this->torque($train, 0.0));
        $moments = [new Moment(0.0, $before, Phase::Full)];
        if ($before->surplus <= 0) {
            return new Course($moments, null, $steady, 0.0);
        }
        for ($i = 1; $i <= self::STEPS; $i++) {
            $speed = $i * $step;
            $torque = $this->torque($train, $speed);
            $node = $this->node($train, $speed, $torque);
            if ($node->surplus <= 0) {
                $moments[] = new Moment($time, $node, Phase::Full);

                return new Course($moments, null, $steady, $speed);
            }
            $time += $train->inertia * 2 * M_PI / 60 * $step / (($node->surplus + $before->surplus) / 2);
            $moments[] = new Moment($time, $node, Phase::Full);
            $before = $node;
        }

        return new Course($moments, $time, $steady);
    }

    /** What the ramp takes at a speed, or the most that there is, N·m. */
    private function torque(Train $train, float $speed): float
    {
        $speedsUp = $this->ramp <= 0 ? INF : $train->inertia * 2 * M_PI / 60 * $train->synchronousSpeed() / $this->ramp;

        return min($this->mostTorque, $train->load->torque($speed) + $train->motor->frictionAt($speed) + $speedsUp);
    }

    /** Its line current goes by the power that it takes, its motor current by the torque. */
    private function node(Train $train, float $speed, float $torque): Node
    {
        $volts = $this->full->feed->volts;
        $turn = min(1.0, $speed / $this->ratedSpeed);
        $power = $torque / $this->ratedTorque * $turn;
        $flow = new Flow(
            $this->input * $power, $this->motorCurrent * $torque / $this->ratedTorque, $turn, $volts * $turn, $volts, $torque, null,
        );

        return new Node($speed, $flow, $torque - $train->motor->frictionAt($speed), $train->load->torque($speed));
    }
}
