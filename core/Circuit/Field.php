<?php

declare(strict_types=1);

namespace BraveAnvil\Circuit;

/** One field of the open format: how it is read, and within which bounds. */
final readonly class Field
{
    /**
     * @param  string  $kind  how the text is read
     * @param  string  $unit  base unit of the value
     * @param  list<string>  $choices  for kind `choice`
     */
    public function __construct(
        public string $path,
        public string $kind,
        public string $label,
        public string $accepted,
        public string $unit = '',
        public float $low = 0.0,
        public float $high = 0.0,
        public array $choices = [],
    ) {
    }
}
