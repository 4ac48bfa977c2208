<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\RunUp;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Stations\Start\Motion\Node;
use BraveAnvil\Stations\Start\Motion\RunUp;
use BraveAnvil\Stations\Start\Motion\StagedPlan;

/** Torque of motor and load and current over speed, in each stage of the start. */
final readonly class TorqueSpeedCurve implements Curve
{
    public function __construct(private RunUp $runUp, private StartingMethod $method, private Words $words)
    {
    }

    public function name(): string
    {
        return 'torque_speed';
    }

    public function toArray(): array
    {
        $plan = $this->runUp->plan;
        $first = $plan->firstStage($this->runUp->train);
        $full = $plan instanceof StagedPlan && $plan->first !== null ? $plan->fullStage($this->runUp->train) : [];
        $course = $this->runUp->course;
        $rpm = static fn (?float $speed): ?array => Shown::maybe($speed, Unit::Rpm, 4)?->toArray();

        return [
            'first' => ucfirst($this->method->stageWord($this->words)),
            'synchronous' => Shown::of($this->runUp->train->synchronousSpeed(), Unit::Rpm, 4)->toArray(),
            'points' => array_map(static fn (Node $node, int $i): array => [
                'speed' => round($node->speed, 1), 'torque' => self::short($node->shaft), 'load' => self::short($node->load),
                'line' => self::short($node->flow->line),
                'full_torque' => isset($full[$i]) ? self::short($full[$i]->shaft) : null,
                'full_line' => isset($full[$i]) ? self::short($full[$i]->flow->line) : null,
            ], $first, array_keys($first)),
            'stall' => $rpm($course->stallSpeed), 'changeover' => $rpm($course->changeover?->speed),
            'steady' => $rpm($course->steadySpeed > 0 ? $course->steadySpeed : null),
        ];
    }

    /** For drawing only: short numbers are quicker to write and to read. */
    private static function short(float $value): float
    {
        return round($value, abs($value) < 100 ? 2 : 1);
    }

    public static function schema(): array
    {
        $shown = Shape::orNull(Shape::shown());

        return Shape::object([
            'first' => Shape::text(), 'synchronous' => Shape::shown(),
            'points' => Shape::list(Shape::object([
                'speed' => Shape::number(), 'torque' => Shape::number(), 'load' => Shape::number(), 'line' => Shape::number(),
                'full_torque' => Shape::orNull(Shape::number()), 'full_line' => Shape::orNull(Shape::number()),
            ], 'TorqueSpeedPoint')),
            'stall' => $shown, 'changeover' => $shown, 'steady' => $shown,
        ], 'TorqueSpeedCurve', 'Torque and current over speed, in N·m, A and rpm.');
    }
}
