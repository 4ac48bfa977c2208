<?php

declare(strict_types=1);

namespace App\Register;

/** All rows of a file as they are kept while somebody looks at them. */
final readonly class ReadRows
{
    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  list<array{letter: string, head: string, path: string|null}>  $columns
     */
    public function __construct(public array $rows, public array $columns, public string $note = '')
    {
    }
}
