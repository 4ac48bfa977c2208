<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook\Practice;

use BraveAnvil\RuleBook\Table;

/** Nominal efficiency of the IE classes at 50 Hz. IEC 60034-30-1. */
final readonly class EfficiencyClasses
{
    public function __construct(private Table $table)
    {
    }

    /**
     * Percent; between tabulated outputs linear in the logarithm. Null for a class, pole number or output without a row.
     *
     * @param  string  $class  `IE3`
     */
    public function nominal(string $class, float $watts, int $poles): ?float
    {
        $poles = (string) $poles;
        if ($this->table->number($class, $poles, '4') === null) {
            return null;
        }
        $rows = [];
        foreach ($this->table->keys($class, $poles) as $kw) {
            $value = $this->table->number($class, $poles, $kw);
            if ($value !== null) {
                $rows[$kw] = $value;
            }
        }

        return Interpolation::overLogarithm($rows, $watts / 1000);
    }

    public function cited(): string
    {
        return $this->table->cited();
    }
}
