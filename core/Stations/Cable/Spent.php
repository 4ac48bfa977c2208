<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Figure;

/** Voltage drop that the run upstream has spent already, percent. */
final readonly class Spent
{
    public function __construct(
        public float $running = 0.0,
        public float $starting = 0.0,
        public ?Figure $runningFigure = null,
        public ?Figure $startingFigure = null,
    ) {
    }
}
