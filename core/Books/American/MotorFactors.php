<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Ground\Doubt;
use BraveAnvil\Tables\Table;

/** Factors of the motor articles. NEC 430, CE Code Section 28. */
final readonly class MotorFactors
{
    public function __construct(private Table $table)
    {
    }

    /** Of full-load current, NEC 430.22, CE Code 28-106. */
    public function conductor(): float
    {
        return $this->table->must('conductor');
    }

    /** Of each of six leads, NEC 430.22(C). */
    public function starDeltaLead(): float
    {
        return $this->table->must('star_delta_lead');
    }

    /** 430.110(A) */
    public function disconnect(): float
    {
        return $this->table->must('disconnect');
    }

    /** 430.32(A)(1), for a motor with reserve. */
    public function overloadHigh(): float
    {
        return $this->table->must('overload_high');
    }

    /** 430.32(A)(1), for all other motors. */
    public function overloadLow(): float
    {
        return $this->table->must('overload_low');
    }

    /** @return array{float, float} high and low where the motor did not start, NEC 430.32(C) */
    public function overloadRaised(): array
    {
        return [$this->table->must('overload_high_raised'), $this->table->must('overload_low_raised')];
    }

    /** Why memory is not sure of the factor of six leads, or null. */
    public function leadDoubt(): ?Doubt
    {
        return $this->table->doubt('star_delta_lead');
    }

    /** A, rating that every motor may have. CE Code 28-200. */
    public function smallestDevice(): float
    {
        return $this->table->must('smallest_device_a');
    }

    /** Stamped service factor from which a motor has reserve. 430.32(A)(1). */
    public function highFromServiceFactor(): float
    {
        return $this->table->must('high_from_service_factor');
    }

    /** K */
    public function highToRise(): float
    {
        return $this->table->must('high_to_rise_k');
    }

    /** rpm of synchronous speed below which the plate's current counts, 430.6. */
    public function slowBelow(): float
    {
        return $this->table->must('slow_below_rpm');
    }

    /** °C, 110.14(C) */
    public function largestTerminal(): int
    {
        return (int) $this->table->must('largest_terminal_c');
    }

    public function smallTerminal(): int
    {
        return (int) $this->table->must('small_terminal_c');
    }

    /** A */
    public function smallTerminalTo(): float
    {
        return $this->table->must('small_terminal_to_a');
    }
}
