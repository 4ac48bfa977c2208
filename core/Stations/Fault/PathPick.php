<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Cable\Rejection;

/** The protective conductor that goes with a line conductor, or why none does. */
final readonly class PathPick
{
    /** @param  FaultPath  $path  with the protective conductor that passes, or with the largest where none does */
    public function __construct(public FaultPath $path, public EarthFault $fault, public ?Rejection $rejection)
    {
    }
}
