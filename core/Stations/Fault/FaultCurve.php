<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;

/** Every fault check in its order: none reads as passed that was not made. */
final readonly class FaultCurve implements Curve
{
    /** @param  list<FaultRow>  $rows */
    public function __construct(private string $title, private array $rows)
    {
    }

    public function name(): string
    {
        return 'faults';
    }

    public function toArray(): array
    {
        return [
            'title' => $this->title,
            'rows' => array_map(static fn (FaultRow $row): array => [
                'label' => $row->label, 'value' => $row->value?->key(), 'limit' => $row->limit?->key(), 'verdict' => $row->verdict->value,
                'why' => $row->why,
            ], $this->rows),
        ];
    }

    public static function schema(): array
    {
        return Shape::object(
            [
                'title' => Shape::text(),
                'rows' => Shape::list(Shape::object([
                    'label' => Shape::text(),
                    'value' => Shape::orNull(['$ref' => '#/$defs/FigureKey']),
                    'limit' => Shape::orNull(['$ref' => '#/$defs/FigureKey']),
                    'verdict' => Shape::oneOf(array_column(FaultVerdict::cases(), 'value')),
                    'why' => Shape::text(),
                ], 'FaultRow')),
            ],
            'FaultsCurve',
        );
    }
}
