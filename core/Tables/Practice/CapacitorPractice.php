<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Circuit\Choice\CapacitorSeries;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** Standard capacitors and resistors, and what is kept between a capacitor and its motor. */
final readonly class CapacitorPractice
{
    public function __construct(private Table $table)
    {
    }

    /** @return list<float> standard steps, kvar */
    public function steps(): array
    {
        return $this->table->numbers('steps_kvar');
    }

    public function cited(): string
    {
        return $this->table->cited();
    }

    /** Share of the no-load reactive power that a capacitor at the motor may give. */
    public function noLoadShare(): TableEntry
    {
        return $this->table->entry('no_load_share');
    }

    /** Share of the largest discharge resistance to take. */
    public function resistorShare(): TableEntry
    {
        return $this->table->entry('resistor_share');
    }

    /** @return list<float> the standard values of one decade */
    public function resistorSeries(): array
    {
        return $this->table->numbers('resistor_series');
    }

    /** @return list<float> standard powers of resistors, W */
    public function resistorPowers(): array
    {
        return $this->table->numbers('resistor_w');
    }

    /** @return list<float> rated voltages of three-phase units, V */
    public function ratedVolts(): array
    {
        return $this->table->numbers('rated_v');
    }

    /** Times its rated current that a capacitor bears for ever. IEC 60831-1. */
    public function mostCurrentTimes(): float
    {
        return $this->table->must('most_current_times');
    }

    /** V that the pins of a plug may keep. */
    public function plugResidualVolts(): float
    {
        return $this->table->must('pluggable', 'residual_v');
    }

    /** s. */
    public function plugDischargeTime(): float
    {
        return $this->table->must('pluggable', 'discharge_s');
    }

    /** @return list<float> µF of capacitors for one phase */
    public function onePhaseSeries(CapacitorSeries $series): array
    {
        return $this->table->numbers('one_phase', $series->value);
    }

    /** @return list<float> µF of the second section of a dual unit */
    public function dualSections(): array
    {
        return $this->table->numbers('one_phase', 'dual');
    }

    /** Whether a capacitor, µF, is the first section of a dual unit. */
    public function isDual(float $microfarads): bool
    {
        return $microfarads >= $this->table->must('one_phase', 'dual_from') && $microfarads <= $this->table->must('one_phase', 'dual_to');
    }

    /** @return list<float> rated voltages of capacitors for one phase, V */
    public function onePhaseRatedVolts(): array
    {
        return $this->table->numbers('one_phase', 'rated_v');
    }

    /** Times a capacitor's current for its contactor under IEC practice, and in Canada. */
    public function iecContactorFactor(): float
    {
        return $this->table->must('iec', 'contactor_factor');
    }

    /** Times a capacitor's current for its contactor. NEC 460.8(C). */
    public function necContactorFactor(): float
    {
        return $this->table->must('nec', 'contactor_factor');
    }

    /** Times a capacitor's current that its conductor carries under IEC practice. */
    public function iecConductorFactor(): float
    {
        return $this->table->must('iec', 'conductor_factor');
    }

    /** Times a capacitor's current for its fuse under IEC practice. */
    public function iecFuseFactor(): float
    {
        return $this->table->must('iec', 'fuse_factor');
    }

    /** Longest leads at the motor without a fuse of their own, m. */
    public function iecBareTap(): float
    {
        return $this->table->must('iec', 'bare_tap_m');
    }

    /** V that may be left after the discharge time. IEC 60831-1. */
    public function iecResidualVolts(): float
    {
        return $this->table->must('iec', 'residual_v');
    }

    /** s. IEC 60831-1. */
    public function iecDischargeTime(): float
    {
        return $this->table->must('iec', 'discharge_s');
    }

    /** NEC 460.8(A). */
    public function necConductorFactor(): float
    {
        return $this->table->must('nec', 'conductor_factor');
    }

    /** Times a capacitor's current for its fuse under US practice. */
    public function necFuseFactor(): float
    {
        return $this->table->must('nec', 'fuse_factor');
    }

    /** V that may be left after the discharge time. NEC 460.6. */
    public function necResidualVolts(): float
    {
        return $this->table->must('nec', 'residual_v');
    }

    /** s. NEC 460.6. */
    public function necDischargeTime(): float
    {
        return $this->table->must('nec', 'discharge_s');
    }
}
