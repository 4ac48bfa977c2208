<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

use LogicException;

/** A fault of the program, never of what a person typed: those are values. One family, one name for each fault. */
final class Defect extends LogicException
{
    public static function notFinite(string $figure): self
    {
        return new self("$figure is not a finite number");
    }

    public static function isText(string $figure): self
    {
        return new self("$figure is text, not a number");
    }

    public static function writtenTwice(string $figure): self
    {
        return new self("$figure is computed twice");
    }

    public static function noLedger(string $figure): self
    {
        return new self("$figure is worked out beside any ledger: make it, do not write it");
    }

    public static function noTitle(string $code): self
    {
        return new self("The finding $code has no title");
    }

    public static function placeholder(string $figure, string $working): self
    {
        return new self("$figure has a working with a placeholder that nothing was put into: $working");
    }

    public static function unknownField(string $path): self
    {
        return new self("$path is not a field of a circuit");
    }

    public static function notATable(string $name): self
    {
        return new self("$name is not a table");
    }

    public static function noEntry(string $table, string $path): self
    {
        return new self("$table has no entry at $path");
    }

    public static function noCandidate(string $run, int $place): self
    {
        return new self("There is no conductor at place $place of the sizes from $run");
    }

    public static function notFromHere(): self
    {
        return new self('Only a fork of a ledger can be adopted by it');
    }
}
