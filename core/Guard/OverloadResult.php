<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Solution\Figure;

/** The overload relay once it is set: its dial in A, and its trip class where the start is known. */
final readonly class OverloadResult
{
    /** @param  string  $where  in which conductors it sits, behind its amperes; empty in the line */
    public function __construct(public Figure $dial, public ?Figure $class, public string $where)
    {
    }
}
