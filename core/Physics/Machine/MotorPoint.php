<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

/** What a motor is at one slip, at its rated volts; all of it scales with the voltage or its square. */
final readonly class MotorPoint
{
    /**
     * @param  float  $resistance  Ω per phase in star, core losses included
     * @param  float  $reactance  Ω per phase in star
     * @param  float  $torque  in the air gap, N·m
     * @param  float|null  $statorLoss  in the stator's copper, W; null where no circuit says
     */
    public function __construct(
        public float $slip,
        public float $resistance,
        public float $reactance,
        public float $torque,
        public ?float $statorLoss,
    ) {
    }

    /** Ω per phase in star. */
    public function impedance(): float
    {
        return hypot($this->resistance, $this->reactance);
    }

    /** Share of real in apparent power. */
    public function powerFactor(): float
    {
        return $this->resistance / $this->impedance();
    }
}
