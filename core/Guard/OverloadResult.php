<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Solution\Figure;

/** The overload relay once it is set: its dial in A, and its trip class where the start is known. */
final readonly class OverloadResult
{
    public function __construct(public Figure $dial, public ?Figure $class)
    {
    }
}
