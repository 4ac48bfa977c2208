<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Tables\Table;

/** Typical motor data by judgement, for where the plate is silent. What comes from here is always marked assumed. */
final readonly class TypicalMotor
{
    public function __construct(private Table $table)
    {
    }

    /** @return float|null per unit; null outside 0.75 to 315 kW */
    public function powerFactor(float $watts, ?int $poles): ?float
    {
        $value = $this->value('pf', $watts);

        return $value === null ? null : $value + $this->table->must('pole_rule', self::poleRow($poles), 'pf_add');
    }

    /** @return float|null percent; null outside 0.75 to 315 kW */
    public function efficiency(float $watts): ?float
    {
        return $this->value('eff', $watts);
    }

    /** @return float|null starting over rated current; null outside 0.06 to 315 kW */
    public function startCurrent(float $watts, ?int $poles): ?float
    {
        $value = $this->value('Ist_In', $watts);

        return $value === null ? null : $value + $this->table->must('pole_rule', self::poleRow($poles), 'start_ratio_add');
    }

    /** @return float|null starting over rated torque; null outside 0.06 to 315 kW */
    public function startTorque(float $watts): ?float
    {
        return $this->value('Tst_Tn', $watts);
    }

    /** @return float|null breakdown over rated torque; null outside 0.06 to 315 kW */
    public function breakdownTorque(float $watts): ?float
    {
        return $this->value('Tmax_Tn', $watts);
    }

    public function cited(): string
    {
        return $this->table->cited();
    }

    /** A column by rated output, interpolated over the logarithm of the output. Of small motors only what they do at the start is usual. */
    private function value(string $column, float $watts): ?float
    {
        return Interpolation::overLogarithm(
            $this->table->column('small', $column) + $this->table->column('rows', $column), $watts / 1000,
        );
    }

    private static function poleRow(?int $poles): string
    {
        return (string) min(8, max(2, $poles ?? 4));
    }
}
