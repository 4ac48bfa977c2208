<?php

declare(strict_types=1);

namespace BraveAnvil\Books\American;

use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Tables\Table;

/** How hot the insulation of conductors to a motor must be able to get. CE Code 28-104, Table 37. */
final readonly class MotorInsulation
{
    public function __construct(private Table $table)
    {
    }

    /**
     * °C, or null for a class that the table does not have.
     *
     * @param  string  $class  of the motor's insulation, such as `F` or `F/B`
     * @param  bool  $closed  whether the motor is totally enclosed and not ventilated
     */
    public function wanted(string $class, bool $closed): ?TableEntry
    {
        $row = $closed ? 'closed' : 'open';

        return $this->table->number($row, $class[0] ?? '') === null ? null : $this->table->entry($row, $class[0]);
    }

    /** °C by which the ampacity goes whatever the insulation; hotter conductors are wanted at the motor's end only. */
    public function basis(): float
    {
        return $this->table->must('basis_c');
    }

    /** m of the hotter conductors, at least. */
    public function length(): float
    {
        return $this->table->must('length_m');
    }

    /** m from the motor at which they may be joined, at least. */
    public function fromMotor(float $watts): float
    {
        return $this->table->must($watts >= 746 * $this->table->must('large_from_hp') ? 'from_large_motor_m' : 'from_motor_m');
    }

    public function cited(): string
    {
        return $this->table->cited();
    }
}
