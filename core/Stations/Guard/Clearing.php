<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

/** How a protective device ends a fault. */
interface Clearing
{
    /** Within how many seconds it is sure to clear a current, A; null where it need not clear it at all. */
    public function clears(float $amperes): ?float;

    /** Energy that it lets through at most before a current is cleared, A²s; null where it need not clear it. */
    public function letsThrough(float $amperes): ?float;
}
