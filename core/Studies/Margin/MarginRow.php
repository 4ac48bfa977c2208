<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Margin;

use BraveAnvil\Circuit\Fields;
use BraveAnvil\Ground\Unit;

/**
 * How far one quantity may go.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class MarginRow
{
    /**
     * @param  FieldPath  $path  its field
     * @param  float  $now  as it is, in its unit
     * @param  float|null  $until  largest at which the conductors stay the same; null where nothing changes up to the end of the field
     * @param  string|null  $then  what is wanted beyond it; null where no size passes any more
     */
    public function __construct(
        public string $path,
        public string $label,
        public float $now,
        public ?float $until,
        public Unit $unit,
        public ?string $then,
    ) {
    }
}
