<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use Override;

/** A motor of which nothing is known but what it takes while it stands. Asked for another speed, it answers as if it stood. */
final readonly class StandingMotor implements TurningMotor
{
    /**
     * @param  float  $volts  rated, between lines, V
     * @param  float  $amperes  in the line, direct on line at these volts, A
     */
    public function __construct(private float $volts, private float $amperes, private float $powerFactor)
    {
    }

    #[Override]
    public function ratedVolts(): float
    {
        return $this->volts;
    }

    #[Override]
    public function synchronousSpeed(): float
    {
        return 1.0;
    }

    #[Override]
    public function ratedSlip(): float
    {
        return 1.0;
    }

    #[Override]
    public function point(float $slip): MotorPoint
    {
        $impedance = $this->volts / sqrt(3) / $this->amperes;

        return new MotorPoint(
            1.0, $impedance * $this->powerFactor, $impedance * sqrt(1 - $this->powerFactor ** 2), 0.0, null,
        );
    }

    #[Override]
    public function frictionAt(float $speed): float
    {
        return 0.0;
    }

    #[Override]
    public function breakdownSlip(): float
    {
        return 1.0;
    }
}
