<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Register;

/** What is wrong with one cell. */
final readonly class CellProblem
{
    /** @param  string  $column  letter with head, empty where it is of the row */
    public function __construct(public string $column, public string $cell, public string $text, public string $accepted)
    {
    }

    /** @return array{column: string, cell: string, text: string, accepted: string} */
    public function toArray(): array
    {
        return ['column' => $this->column, 'cell' => $this->cell, 'text' => $this->text, 'accepted' => $this->accepted];
    }
}
