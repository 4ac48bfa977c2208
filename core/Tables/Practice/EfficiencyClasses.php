<?php

declare(strict_types=1);

namespace BraveAnvil\Tables\Practice;

use BraveAnvil\Ground\Doubt;
use BraveAnvil\Tables\Table;

/** Nominal efficiency of the IE classes. IEC 60034-30-1 has one table for 50 Hz and another for 60 Hz. */
final readonly class EfficiencyClasses
{
    /** An output this near to a row is that row: 50 hp is the one of 37 kW. */
    private const SAME = 0.01;

    public function __construct(private Table $fifty, private Table $sixty)
    {
    }

    /**
     * Percent; between tabulated outputs linear in the logarithm. Null for a class, pole number, output or frequency without a row.
     *
     * @param  string  $class  `IE3`
     * @param  float  $hertz  rated frequency
     */
    public function nominal(string $class, float $watts, int $poles, float $hertz): ?float
    {
        $table = $this->table($hertz);
        $poles = (string) $poles;
        if ($table === null || ! in_array($class, $table->keys(), true) || ! in_array($poles, $table->keys($class), true)) {
            return null;
        }

        $rows = $table->series($class, $poles);
        foreach ($rows as $kw => $percent) {
            if (abs($watts / 1000 / (float) $kw - 1) < self::SAME) {
                return $percent;
            }
        }

        return Interpolation::overLogarithm($rows, $watts / 1000);
    }

    /** @param  float  $hertz  rated frequency */
    public function cited(float $hertz): string
    {
        return ($this->table($hertz) ?? $this->fifty)->cited();
    }

    /**
     * Whether the rows that an output lies on are sure, or why not.
     *
     * @param  string  $class  `IE3`
     * @param  float  $hertz  rated frequency
     */
    public function doubt(string $class, float $watts, int $poles, float $hertz): ?Doubt
    {
        $table = $this->table($hertz);
        if ($table === null || ! in_array($class, $table->keys(), true)) {
            return null;
        }
        foreach ($table->keys($class, (string) $poles) as $kw) {
            if ((float) $kw >= $watts / 1000 * (1 - 1e-9)) {
                return $table->doubt($class, (string) $poles, $kw);
            }
        }

        return null;
    }

    private function table(float $hertz): ?Table
    {
        return match (true) {
            abs($hertz - 50) < 1 => $this->fifty,
            abs($hertz - 60) < 1 => $this->sixty,
            default => null,
        };
    }
}
