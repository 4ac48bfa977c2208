<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** The columns of a file, and where its data begin. */
final readonly class Matched
{
    /**
     * @param  list<Column>  $columns
     * @param  int  $first  row of the first data, from 0
     */
    public function __construct(public array $columns, public int $first)
    {
    }

    public function fills(string $path): bool
    {
        foreach ($this->columns as $column) {
            if ($column->path === $path) {
                return true;
            }
        }

        return false;
    }
}
