<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** One row of a file, as it would be kept. */
final readonly class ReadRow
{
    /**
     * @param  array<array-key, mixed>  $document
     * @param  list<array{label: string, from: string, to: string, read: string}>  $changes  against the circuit that there is, or all of a new one; how each is read, with its unit
     * @param  list<CellProblem>  $problems
     */
    public function __construct(
        public string $tag,
        public RowAction $action,
        public array $document,
        public array $changes,
        public array $problems,
    ) {
    }
}
