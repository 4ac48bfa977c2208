<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

/** A motor whose start can be computed: what it is at every slip, and what its own friction takes. */
interface TurningMotor
{
    /** Rated, between lines, V. */
    public function ratedVolts(): float;

    /** rpm */
    public function synchronousSpeed(): float;

    /** Rated slip, in parts of one. */
    public function ratedSlip(): float;

    /** @param  float  $slip  above 0, 1 at standstill */
    public function point(float $slip): MotorPoint;

    /** Torque that its own bearings and fan take, N·m, at a speed in rpm. */
    public function frictionAt(float $speed): float;

    /** Slip of the largest torque. */
    public function breakdownSlip(): float;
}
