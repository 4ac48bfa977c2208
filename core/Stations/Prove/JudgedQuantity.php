<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Source;

/** One thing that a reading tells, beside what was to be expected. Values in the unit of its kind. */
final readonly class JudgedQuantity
{
    /**
     * @param  string  $name  one of its kind's quantities
     * @param  array<string, Figure>  $from  what went into the expected value and the band, by placeholder
     * @param  string  $how  the working of the expected value or of the band, with `{placeholder}`
     * @param  string  $source  of the band
     */
    public function __construct(
        public string $name,
        public float|string|null $measured,
        public ?float $expected = null,
        public ?float $low = null,
        public ?float $high = null,
        public array $from = [],
        public string $how = '',
        public Source|string $source = 'common practice',
    ) {
    }

    /** Whether it lies in its band; a bound counts as inside. */
    public function isInside(): bool
    {
        if (! is_float($this->measured)) {
            return true;
        }

        return ($this->low === null || $this->measured >= $this->low - 1e-6 * abs($this->low))
            && ($this->high === null || $this->measured <= $this->high + 1e-6 * abs($this->high));
    }
}
