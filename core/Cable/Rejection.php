<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

/** A constraint that a conductor size may fail. */
enum Rejection: string
{
    case Ampacity = 'ampacity';
    case Terminals = 'terminals';
    case RunningDrop = 'running drop';
    case StartingDrop = 'starting drop';
}
