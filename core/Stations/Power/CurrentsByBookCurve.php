<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Shown;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;

/** The same motor under every rule book. */
final readonly class CurrentsByBookCurve implements Curve
{
    /** @param  list<CurrentByBook>  $rows */
    public function __construct(private array $rows)
    {
    }

    public function name(): string
    {
        return 'schools';
    }

    public function toArray(): array
    {
        return array_map(
            static fn (CurrentByBook $row): array => [
                'name' => $row->name, 'used' => $row->used,
                'table' => Shown::figure($row->table)?->toArray(),
                'table_from' => $row->table?->working,
                'design' => Shown::figure($row->design)?->toArray(),
                'design_from' => $row->design === null ? 'enter the nameplate current' : $row->design->source,
            ],
            $this->rows,
        );
    }

    public static function schema(): array
    {
        return Shape::list(Shape::object([
            'name' => Shape::text(), 'used' => Shape::flag(),
            'table' => Shape::orNull(Shape::shown()), 'table_from' => Shape::orNull(Shape::text()),
            'design' => Shape::orNull(Shape::shown()), 'design_from' => Shape::text(),
        ], 'School'));
    }
}
