<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Margin;

use BraveAnvil\Circuit\LocalUnits;
use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** How far each free quantity may go before other conductors are wanted. */
final readonly class MarginCurve implements Curve
{
    /** @param  list<MarginRow>  $rows */
    public function __construct(private array $rows, private LocalUnits $units)
    {
    }

    public function name(): string
    {
        return 'margins';
    }

    public function toArray(): array
    {
        return [
            'rows' => array_map(fn (MarginRow $row): array => [
                'field' => $row->path,
                'label' => $row->label,
                'now' => $this->shown($row->now, $row->unit),
                // Rounded down, though never below what there is: at the shown value the conductors are still the same.
                'until' => $row->until === null ? null : $this->shown(max($row->now, self::down($row->until)), $row->unit),
                'then' => $row->then,
            ], $this->rows),
        ];
    }

    /** @return array{value: float, shown: string} */
    private function shown(float $value, Unit $unit): array
    {
        return Shown::said($value, $unit === Unit::Metre ? $this->units->length($value) : Show::quantity($value, $unit))->toArray();
    }

    /** Three figures that matter, never more than the value. */
    private static function down(float $value): float
    {
        if ($value <= 0) {
            return floor($value);
        }
        $step = 10 ** (floor(log10($value)) - 2);

        return floor($value / $step + 1e-9) * $step;
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'rows' => Shape::list(Shape::object([
                    'field' => Shape::text(), 'label' => Shape::text(), 'now' => Shape::shown(), 'until' => Shape::orNull(Shape::shown()),
                    'then' => Shape::orNull(Shape::text()),
                ], 'MarginRow')),
            ],
            'MarginsCurve',
            'Only if requested.',
        );
    }
}
