<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Readiness;

use BraveAnvil\Ground\Canonical;
use BraveAnvil\Ground\Curve;
use BraveAnvil\Ground\Shape;
use BraveAnvil\Tables\Table;
use BraveAnvil\Tables\Tables;

/** The tables that a solution asked, each with the digest of its values: a sheet says by them which values were used. */
final readonly class TablesCurve implements Curve
{
    public function __construct(private Tables $tables)
    {
    }

    public function name(): string
    {
        return 'tables';
    }

    public function toArray(): array
    {
        return ['rows' => array_map(static fn (Table $table): array => [
            'name' => $table->name->value, 'source' => $table->source, 'edition' => $table->edition,
            'sha256' => Canonical::digest($table->data), 'corrected' => $table->isCorrected(),
        ], $this->tables->asked())];
    }

    public static function schema(): array
    {
        return Shape::object(['rows' => Shape::list(Shape::object([
            'name' => Shape::text(), 'source' => Shape::text(), 'edition' => Shape::text(), 'sha256' => Shape::text(),
            'corrected' => Shape::flag(),
        ], 'TableRow'))], 'TablesCurve', 'Only if requested.');
    }
}
