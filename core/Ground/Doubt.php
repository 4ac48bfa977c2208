<?php

declare(strict_types=1);

namespace BraveAnvil\Ground;

/** Why memory is not sure of an entry of a table, and which one it is. */
final readonly class Doubt
{
    /** @param  string  $path  of the entry as corrections name it, `cec.t44.rows.125.230`; empty where it is a rule in words */
    public function __construct(public string $reason, public string $path = '')
    {
    }
}
