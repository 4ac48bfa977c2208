<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** The version of the rules and computation; a revision keeps the one that solved it. */
final class Version
{
    public const CORE = '0.16.0';
}
