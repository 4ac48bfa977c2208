<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Figure;

/** What the line carries with the capacitor at another load than the full one. */
final readonly class CorrectedLoad
{
    /**
     * @param  string  $load  which it is, behind `at`
     * @param  Figure  $current  in the line upstream, A
     * @param  Figure  $powerFactor  upstream, its magnitude
     */
    public function __construct(public string $load, public Figure $current, public Figure $powerFactor, public bool $leading)
    {
    }
}
