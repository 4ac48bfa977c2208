<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** One number of a table, with what speaks against it and who replaced it. */
final readonly class TableEntry
{
    /**
     * @param  Source|string  $source  what to print beside a figure taken from here
     * @param  Doubt|null  $doubt  why memory is not sure of it
     */
    public function __construct(
        public float $value,
        public Source|string $source,
        public ?Doubt $doubt = null,
        public ?EntryCorrection $correction = null,
    ) {
    }

    public function shown(int $digits = 4): string
    {
        return Show::number($this->value, $digits);
    }
}
