<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Unit;

/** Efficiency, power factor and current over the load: a table in steps, and a line to draw. */
final readonly class PartLoadCurve implements Curve
{
    /**
     * @param  list<LoadPoint>  $rows
     * @param  list<LoadPoint>  $line
     */
    public function __construct(private string $way, private array $rows, private array $line)
    {
    }

    public function name(): string
    {
        return 'part_load';
    }

    public function toArray(): array
    {
        $most = max([0.0, ...array_map(static fn (LoadPoint $point): float => $point->current, $this->line)]);

        return [
            'way' => $this->way,
            'rows' => array_map(
                static fn (LoadPoint $at): array => [
                    'load' => Shown::of(100 * $at->share, Unit::Percent)->toArray(),
                    'efficiency' => Shown::of(100 * $at->efficiency(), Unit::Percent)->toArray(),
                    'power_factor' => Shown::of($at->powerFactor())->toArray(),
                    'current' => Shown::of($at->current, Unit::Ampere)->toArray(),
                    'input' => Shown::of($at->input, Unit::Watt)->toArray(),
                    'reactive' => Shown::of($at->reactive, Unit::Var)->toArray(),
                    'slip' => Shown::maybe($at->slip, Unit::Percent)?->toArray(),
                ],
                $this->rows,
            ),
            'line' => array_map(
                static fn (LoadPoint $at): array => [
                    // For drawing only: short numbers are quicker to write and to read.
                    'percent' => round(100 * $at->share, 3),
                    'efficiency' => round($at->efficiency(), 4), 'power_factor' => round($at->powerFactor(), 4),
                    'current' => round($at->current, 3),
                ],
                $this->line,
            ),
            'most_current' => Shown::of($most, Unit::Ampere)->toArray(),
        ];
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'way' => Shape::text(),
                'rows' => Shape::list(
                    Shape::object(
                        [
                            'load' => Shape::shown(), 'efficiency' => Shape::shown(), 'power_factor' => Shape::shown(),
                            'current' => Shape::shown(), 'input' => Shape::shown(), 'reactive' => Shape::shown(),
                            'slip' => Shape::orNull(Shape::shown()),
                        ],
                        'PartLoadRow',
                    ),
                ),
                'line' => Shape::list(
                    Shape::object(
                        [
                            'percent' => Shape::number(), 'efficiency' => Shape::number(), 'power_factor' => Shape::number(),
                            'current' => Shape::number(),
                        ],
                        'PartLoadPoint',
                    ),
                ),
                'most_current' => Shape::shown(),
            ],
            'PartLoadCurve',
        );
    }
}
