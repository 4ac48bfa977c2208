<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Motion;

/** What flows and stands at one speed of a start. */
final readonly class Flow
{
    /**
     * @param  float  $line  rms before the starter, A
     * @param  float  $lead  rms in each line behind the starter, A
     * @param  float  $voltage  across the windings over their rated one
     * @param  float  $terminals  between the motor's terminals, V
     * @param  float  $bus  between lines of the bus, V
     * @param  float  $torque  in the air gap, N·m
     * @param  float|null  $statorLoss  W
     */
    public function __construct(
        public float $line,
        public float $lead,
        public float $voltage,
        public float $terminals,
        public float $bus,
        public float $torque,
        public ?float $statorLoss,
    ) {
    }
}
