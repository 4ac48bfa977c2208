<?php

declare(strict_types=1);

namespace App\Register;

use App\Exchange\TableFile;

/** All rows of a file as they are kept while somebody looks at them. */
final readonly class ReadRows
{
    /**
     * @param  list<array<string, mixed>>  $rows
     * @param  list<array{letter: string, head: string, path: string|null, decided: bool, unit: string, examples: list<string>}>  $columns
     * @param  TableFile|null  $table  that they stand in; null where the file has one per line
     */
    public function __construct(public array $rows, public array $columns, public ?TableFile $table = null)
    {
    }
}
