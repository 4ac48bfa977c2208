<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Figure;

/** The full-load currents that conductors are sized by. */
final readonly class Demand
{
    /**
     * @param  Figure  $design  by the rule book, A
     * @param  Figure|null  $plate  as stamped, A, where the book goes by it for a duty that is not continuous
     */
    public function __construct(public Figure $design, public ?Figure $plate)
    {
    }
}
