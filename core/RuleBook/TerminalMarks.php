<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

/** The terminals of a motor with six leads, as they lie in the box: a link between one of each row makes delta. */
final readonly class TerminalMarks
{
    /**
     * @param  array{string, string, string}  $starts  the row that the lines are joined to
     * @param  array{string, string, string}  $ends  the row above it
     */
    public function __construct(public array $starts, public array $ends)
    {
    }
}
