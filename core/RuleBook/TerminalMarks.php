<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

/** The terminals of a motor with six leads, as they lie in the box: a link between one of each row makes delta. */
final readonly class TerminalMarks
{
    /**
     * @param  array{string, string, string}  $starts  the row that the lines are joined to
     * @param  array{string, string, string}  $ends  the row above it
     * @param  bool  $sixRunInDelta  whether six leads with one stamped voltage are taken to run in delta on it
     */
    public function __construct(public array $starts, public array $ends, public bool $sixRunInDelta)
    {
    }

    /** Which lines the contactor that closes delta joins to the far ends so that the windings follow on: `U2–L3, V2–L1, W2–L2`. */
    public function favourableDelta(): string
    {
        [$w, $u, $v] = $this->ends;

        return $u.'–L3, '.$v.'–L1, '.$w.'–L2';
    }
}
