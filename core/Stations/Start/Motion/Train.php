<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Physics\Machine\MotorPoint;
use BraveAnvil\Physics\Machine\TurningMotor;

/** All that turns: motor, driven machine and their inertia. What the motor is at the speeds of the grid is worked out once. */
final class Train
{
    /** Even steps up to this share of synchronous speed, then steps that shrink with slip. */
    private const EVEN_UP_TO = 0.6;

    private const EVEN_STEPS = 16;

    private const SLIP_STEP = 0.88;

    /** Slip, in parts of the rated one, at which the grid ends. */
    private const LAST = 0.25;

    /** Slip at which a motor counts as synchronous. */
    private const NO_SLIP = 1e-6;

    /** @var list<float>|null rpm */
    private ?array $speeds = null;

    /** @var list<MotorPoint>|null what the motor is at each of them */
    private ?array $points = null;

    private ?float $breakdown = null;

    /** @var list<float>|null friction of the motor at each of them, N·m */
    private ?array $frictions = null;

    /** @var list<float>|null torque of the load at each of them, N·m */
    private ?array $loads = null;

    /** @var list<Sweep> of every stage that was asked for */
    private array $sweeps = [];

    private readonly float $synchronous;

    /** @param  float  $inertia  of all at the motor's shaft, kg·m² */
    public function __construct(
        public readonly TurningMotor $motor,
        public readonly DrivenLoad $load,
        public readonly float $inertia,
    ) {
        $this->synchronous = $motor->synchronousSpeed();
    }

    /** The same with another inertia at the motor's shaft, kg·m². */
    public function withInertia(float $inertia): self
    {
        $train = new self($this->motor, $this->load, $inertia);
        [$train->speeds, $train->points, $train->breakdown] = [$this->speeds, $this->points, $this->breakdown];
        [$train->frictions, $train->loads] = [$this->frictions, $this->loads];

        return $train;
    }

    /** rpm */
    public function synchronousSpeed(): float
    {
        return $this->synchronous;
    }

    /** Speed at which the motor has its largest torque, rpm. */
    public function breakdownSpeed(): float
    {
        return $this->breakdown ??= $this->synchronous * (1 - $this->motor->breakdownSlip());
    }

    /** Whether a motor that settles at this speed, rpm, stays behind: the load is met below the speed of the largest torque. */
    public function isBehind(float $speed): bool
    {
        return $speed <= 0.0 || $speed < $this->breakdownSpeed() - 1e-6 * $this->synchronousSpeed();
    }

    /** @return list<float> speeds at which a stage is worked out, from standstill to synchronous, rpm */
    public function speeds(): array
    {
        return $this->speeds ??= $this->grid();
    }

    /** @return list<MotorPoint> what the motor is at each of these speeds */
    public function points(): array
    {
        return $this->points ??= array_map($this->point(...), $this->speeds());
    }

    /** @return list<float> what the motor's own bearings and fan take at each of these speeds, N·m */
    public function frictions(): array
    {
        return $this->frictions ??= array_map($this->motor->frictionAt(...), $this->speeds());
    }

    /** @return list<float> what the load asks at each of these speeds, N·m */
    public function loads(): array
    {
        return $this->loads ??= array_map($this->load->torque(...), $this->speeds());
    }

    /** A stage over all speeds. Starters share stages, the one at full voltage above all: each is worked out once. */
    public function sweep(Stage $stage): Sweep
    {
        foreach ($this->sweeps as $sweep) {
            if ($sweep->stage->isLike($stage)) {
                return $sweep;
            }
        }

        return $this->sweeps[] = new Sweep($this, $stage);
    }

    /** @param  float  $speed  rpm */
    public function point(float $speed): MotorPoint
    {
        return $this->motor->point(max(self::NO_SLIP, 1 - $speed / $this->synchronous));
    }

    /** @return list<float> */
    private function grid(): array
    {
        $top = $this->synchronous;
        $speeds = [$top, $top * (1 - $this->motor->ratedSlip()), $this->breakdownSpeed(), ...$this->load->corners()];
        for ($i = 0; $i <= self::EVEN_STEPS; $i++) {
            $speeds[] = $top * self::EVEN_UP_TO * $i / self::EVEN_STEPS;
        }
        for ($slip = (1 - self::EVEN_UP_TO) * self::SLIP_STEP; $slip > self::LAST * $this->motor->ratedSlip(); $slip *= self::SLIP_STEP) {
            $speeds[] = $top * (1 - $slip);
        }
        sort($speeds);
        $grid = [];
        $before = -INF;
        foreach ($speeds as $speed) {
            if ($speed > $before + 1e-6 * $top && $speed <= $top) {
                $grid[] = $before = $speed;
            }
        }

        return $grid;
    }
}
