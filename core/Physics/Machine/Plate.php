<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

/** What a machine is fitted to: V between lines, W, Hz, rpm; ratios to rated current and torque. */
final readonly class Plate
{
    public function __construct(
        public float $output,
        public float $volts,
        public float $efficiency,
        public float $powerFactor,
        public float $synchronousSpeed,
        public float $slip,
        public float $startCurrent,
        public float $startTorque,
        public float $breakdownTorque,
    ) {
    }

    /** Rated line current, A. */
    public function current(): float
    {
        return $this->output / ($this->efficiency * $this->powerFactor * sqrt(3) * $this->volts);
    }

    /** Rated torque at the shaft, N·m. */
    public function torque(): float
    {
        return $this->output / (2 * M_PI * $this->synchronousSpeed * (1 - $this->slip) / 60);
    }

    /**
     * The same plate with its starting values. A stamped Ia/In is a multiple of the stamped current, not of the computed one.
     *
     * @param  float  $amperes  in the line at standstill, direct at rated volts
     * @param  float  $startTorque  over rated torque
     * @param  float  $breakdownTorque  over rated torque
     */
    public function starting(float $amperes, float $startTorque, float $breakdownTorque): self
    {
        return new self(
            $this->output, $this->volts, $this->efficiency, $this->powerFactor, $this->synchronousSpeed, $this->slip,
            $amperes / $this->current(), $startTorque, $breakdownTorque,
        );
    }

    /** Whether it starts with about all the torque that it has: then breakdown could lie at standstill as well. */
    public function isFlat(): bool
    {
        return $this->startTorque >= 0.98 * $this->breakdownTorque && $this->slip < 0.05;
    }

    /** Slip up to which its breakdown is looked for. */
    public function largestBreakdownSlip(): float
    {
        return $this->isFlat() ? 0.35 : 1.0;
    }
}
