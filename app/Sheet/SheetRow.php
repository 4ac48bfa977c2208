<?php

declare(strict_types=1);

namespace App\Sheet;

/** One line of a sheet. */
final readonly class SheetRow
{
    /** @param  string  $mark  what it rests on that is assumed or doubted */
    public function __construct(
        public string $label,
        public string $value,
        public string $working = '',
        public string $source = '',
        public string $mark = '',
    ) {
    }
}
