<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Nec;

use BraveAnvil\RuleBook\Table;

/** Factors of the motor articles. NEC 430. */
final readonly class NecFactors
{
    public function __construct(private Table $table)
    {
    }

    /** Of full-load current, 430.22. */
    public function conductor(): float
    {
        return $this->table->must('conductor');
    }

    /** Of each of six leads, 430.22(C). */
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
