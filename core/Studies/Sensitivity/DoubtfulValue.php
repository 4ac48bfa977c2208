<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\Sensitivity;

use BackedEnum;

/** One value that nobody typed or measured, or that memory is not sure of, with what it may well be instead. */
final readonly class DoubtfulValue
{
    /**
     * @param  string  $at  path of the field, or the doubted entry as corrections name it
     * @param  string  $taken  what stands in for it, as a person reads it
     * @param  list<array{float|bool|BackedEnum, string}>  $tried  in base units, and as a person reads it
     */
    public function __construct(
        public Doubted $kind,
        public string $at,
        public string $label,
        public string $taken,
        public array $tried,
    ) {
    }
}
