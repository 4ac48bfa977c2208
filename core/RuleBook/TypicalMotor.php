<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

/** Typical motor data by judgement, for where the plate is silent. What comes from here is always marked assumed. */
final class TypicalMotor
{
    /**
     * A typical value by rated output and poles, interpolated over the logarithm of the output.
     *
     * @param  string  $column  `pf`, `eff` (percent), `Ist_In`, `Tst_Tn` or `Tmax_Tn`
     * @return float|null null outside 0.75 to 315 kW
     */
    public static function value(string $column, float $watts, ?int $poles): ?float
    {
        $rows = self::column($column);
        $value = self::interpolated($rows, $watts / 1000);
        if ($value === null) {
            return null;
        }
        $rule = Table::of('practice/typical_motor');
        $row = (string) min(8, max(2, $poles ?? 4));

        return $value + match ($column) {
            'pf' => $rule->number('pole_rule', $row, 'pf_add') ?? 0.0,
            'Ist_In' => $rule->number('pole_rule', $row, 'start_ratio_add') ?? 0.0,
            default => 0.0,
        };
    }

    /**
     * Nominal efficiency of an IE class, percent; between tabulated outputs linear in the logarithm.
     */
    public static function classEfficiency(string $class, float $watts, int $poles): ?float
    {
        $table = Table::of('iec/efficiency_class_50hz');
        $poles = (string) $poles;
        if ($table->number($class, $poles, '4') === null) {
            return null;
        }
        $rows = [];
        foreach ($table->keys($class, $poles) as $kw) {
            $value = $table->number($class, $poles, $kw);
            if ($value !== null) {
                $rows[$kw] = $value;
            }
        }

        return self::interpolated($rows, $watts / 1000);
    }

    /** @return array<array-key, float> */
    private static function column(string $column): array
    {
        $table = Table::of('practice/typical_motor');
        $rows = [];
        foreach ($table->keys('rows') as $kw) {
            $value = $table->number('rows', $kw, $column);
            if ($value !== null) {
                $rows[$kw] = $value;
            }
        }

        return $rows;
    }

    /** @param  array<array-key, float>  $rows ascending by key */
    public static function interpolated(array $rows, float $at): ?float
    {
        $below = null;
        foreach ($rows as $key => $value) {
            $key = (float) $key;
            if (abs($key - $at) <= 1e-9 * $key) {
                return $value;
            }
            if ($key > $at) {
                if ($below === null) {
                    return null;
                }
                [$x, $y] = $below;

                return $y + ($value - $y) * (log($at) - log($x)) / (log($key) - log($x));
            }
            $below = [$key, $value];
        }

        return null;
    }
}
