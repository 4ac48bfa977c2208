<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;

/** The current that sizes a circuit, with what is to be said of it. */
final readonly class DesignCurrent
{
    /**
     * @param  Figure|null  $figure  A, null where none is known
     * @param  list<FindingBuilder>  $findings
     * @param  string|null  $missing  why the plate's current is wanted
     * @param  Figure|null  $conductors  A, where conductors and disconnect go by another one than the protective device
     * @param  Figure|null  $overload  A, what the relay is set by while the plate gives no current; null where that waits
     */
    public function __construct(
        public ?Figure $figure,
        public array $findings = [],
        public ?string $missing = null,
        public ?Figure $conductors = null,
        public ?Figure $overload = null,
    ) {
    }
}
