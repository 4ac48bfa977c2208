<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** Typical data of single-phase motors by judgement, for where the plate is silent. What comes from here is always marked assumed. */
final readonly class TypicalSinglePhase
{
    public function __construct(private Table $table)
    {
    }

    /** @return float|null per unit; null outside 0.06 to 11 kW */
    public function powerFactor(float $watts, bool $runCapacitor): ?float
    {
        $without = Interpolation::overLogarithm($this->table->column('rows', 'pf'), $watts / 1000);

        return $without === null || ! $runCapacitor ? $without : $this->table->must('run_capacitor', 'pf');
    }

    /** @return float|null percent; null outside 0.06 to 11 kW */
    public function efficiency(float $watts): ?float
    {
        return Interpolation::overLogarithm($this->table->column('rows', 'eff'), $watts / 1000);
    }

    /** Starting over rated current. @param  string  $type  as the plate's field has it, or `not_known` */
    public function startCurrent(string $type): TableEntry
    {
        return $this->table->entry('start', $type);
    }

    /** By how much it may be more or less, per unit. */
    public function startSpread(): float
    {
        return $this->table->must('start', 'spread');
    }

    /** Locked-rotor over full-load current of the NEC's tables. NEC Table 430.251(A). */
    public function tableTimes(): TableEntry
    {
        return $this->table->entry('start', 'nec_table_times');
    }

    /** Starting over rated torque. @param  string  $type  as the plate's field has it, or `not_known` */
    public function startTorque(string $type): float
    {
        return $this->table->must('torque', $type);
    }

    public function cited(): string
    {
        return $this->table->cited();
    }
}
