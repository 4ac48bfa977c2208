<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use Override;

/**
 * A motor that no equivalent circuit fits: torque through the stamped points by the formula of Kloss, straight from breakdown to
 * standstill, and a current that falls with it, all at one power factor. Torque is that at the shaft, without friction. Cruder than a
 * fit, and marked where it is used.
 */
final readonly class StampedCurve implements TurningMotor
{
    private float $breakdown;

    /**
     * @param  Plate  $plate  whose Ia/In is a multiple of its own current
     * @param  float  $noLoadCurrent  A
     * @param  float  $powerFactor  at every speed
     */
    public function __construct(private Plate $plate, private float $noLoadCurrent, private float $powerFactor)
    {
        $ratio = max(1.0, $plate->breakdownTorque);
        $this->breakdown = min(1.0, $plate->slip * ($ratio + sqrt($ratio * $ratio - 1)));
    }

    #[Override]
    public function ratedVolts(): float
    {
        return $this->plate->volts;
    }

    #[Override]
    public function synchronousSpeed(): float
    {
        return $this->plate->synchronousSpeed;
    }

    /** Rated slip, in parts of one. */
    #[Override]
    public function ratedSlip(): float
    {
        return $this->plate->slip;
    }

    #[Override]
    public function point(float $slip): MotorPoint
    {
        $ratio = $slip / $this->breakdown;
        $largest = $this->plate->breakdownTorque;
        $torque = $ratio <= 1
            ? 2 * $largest / ($ratio + 1 / $ratio)
            : $largest + ($this->plate->startTorque - $largest) * ($slip - $this->breakdown) / (1 - $this->breakdown);
        $square = $this->breakdown ** 2;
        $grows = $slip * $slip * (1 + $square) / ($slip * $slip + $square);
        $idle = $this->noLoadCurrent ** 2;
        $standing = ($this->plate->startCurrent * $this->plate->current()) ** 2;
        $impedance = $this->plate->volts / sqrt(3) / sqrt($idle + ($standing - $idle) * $grows);

        return new MotorPoint(
            $slip, $impedance * $this->powerFactor, $impedance * sqrt(1 - $this->powerFactor ** 2), $torque * $this->plate->torque(), null,
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
        return $this->breakdown;
    }
}
