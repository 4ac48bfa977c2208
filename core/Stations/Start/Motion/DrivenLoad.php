<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

use BraveAnvil\Circuit\Choice\LoadKind;

/** The torque that the driven machine asks of the shaft at each speed. */
final readonly class DrivenLoad
{
    /** Share of rated speed at which a breakaway torque has gone over into the curve. */
    private const BREAKAWAY_GONE = 0.2;

    /**
     * @param  float  $rated  at rated speed, N·m; unused where points are given
     * @param  float  $ratedSpeed  of the motor, rpm
     * @param  float  $breakaway  at standstill, N·m; 0 where there is none
     * @param  list<array{float, float}>  $points  [rpm, N·m], ascending; only for a load by points
     */
    public function __construct(
        private LoadKind $kind,
        private float $rated,
        private float $ratedSpeed,
        private float $breakaway = 0.0,
        private array $points = [],
    ) {
    }

    /** N·m at a speed in rpm. */
    public function torque(float $speed): float
    {
        $curve = $this->curve($speed);
        $gone = self::BREAKAWAY_GONE * $this->ratedSpeed;
        if ($this->breakaway <= 0 || $speed >= $gone) {
            return $curve;
        }
        $end = $this->curve($gone);

        return max($curve, $this->breakaway + ($end - $this->breakaway) * $speed / $gone);
    }

    /** @return list<float> speeds at which the curve has a corner, rpm */
    public function corners(): array
    {
        $corners = array_column($this->points, 0);
        if ($this->breakaway > 0 || $this->kind === LoadKind::ConstantPower) {
            $corners[] = self::BREAKAWAY_GONE * $this->ratedSpeed;
        }

        return $corners;
    }

    private function curve(float $speed): float
    {
        $ratio = $speed / $this->ratedSpeed;

        return match ($this->kind) {
            LoadKind::Constant => $this->rated,
            LoadKind::Linear => $this->rated * $ratio,
            LoadKind::Quadratic => $this->rated * $ratio * $ratio,
            LoadKind::ConstantPower => $this->rated / max($ratio, self::BREAKAWAY_GONE),
            LoadKind::Points => $this->between($speed),
        };
    }

    private function between(float $speed): float
    {
        $before = $this->points[0];
        foreach ($this->points as $point) {
            if ($speed <= $point[0]) {
                return $point[0] - $before[0] < 1e-9
                    ? $point[1]
                    : $before[1] + ($point[1] - $before[1]) * ($speed - $before[0]) / ($point[0] - $before[0]);
            }
            $before = $point;
        }

        return $before[1];
    }
}
