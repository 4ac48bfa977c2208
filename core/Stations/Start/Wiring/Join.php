<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Wiring;

/** Terminals that are joined, and the line that comes to them. */
final readonly class Join
{
    /**
     * @param  non-empty-list<string>  $terminals
     * @param  int|null  $line  0 to 2; null where no line comes to them
     */
    public function __construct(public array $terminals, public ?int $line)
    {
    }
}
