<?php

declare(strict_types=1);

namespace BraveAnvil\Tables;

/**
 * An entry of a table by the name under which corrections travel: `nec.t430_250.rows.25.460`. The first parts name the table as the
 * open format does, or by its own folder and file (`practice.guard.class_margin`); the last one names the column where the table has
 * names for its columns, else its place from 0.
 */
final readonly class EntryPath
{
    /** Names of the open format, with the table and the beginning of the pointer in it. */
    private const NAMED = [
        'cec.t44' => [TableName::CecMotorCurrent, ''],
        'cec.t45' => [TableName::CecMotorCurrentSinglePhase, ''],
        'cec.t2_cu_raceway.rows' => [TableName::CecAmpacity, 'copper'],
        'cec.t4_al_raceway.rows' => [TableName::CecAmpacity, 'aluminium'],
        'cec.t1_cu_free_air.rows' => [TableName::CecAmpacityFreeAir, 'copper'],
        'cec.t29' => [TableName::CecProtectionPercent, ''],
        'cec.t13_standard_overcurrent' => [TableName::CecStandardRatings, 'ratings'],
        'iec.iec60364_5_52.b52_4_pvc70_cu_3loaded' => [TableName::IecAmpacityPvcCopper, ''],
        'iec.iec60364_5_52.b52_4_pvc70_al_3loaded' => [TableName::IecAmpacityPvcAluminium, ''],
        'iec.iec60364_5_52.b52_5_xlpe90_cu_3loaded' => [TableName::IecAmpacityXlpeCopper, ''],
        'iec.iec60364_5_52.b52_5_xlpe90_al_3loaded' => [TableName::IecAmpacityXlpeAluminium, ''],
        'iec.iec60364_5_52.b52_10_pvc_cu_E_F_3loaded' => [TableName::IecAmpacityAirPvcCopper, ''],
        'iec.iec60364_5_52.b52_12_xlpe_cu_E_F_3loaded' => [TableName::IecAmpacityAirXlpeCopper, ''],
        'iec.iec60364_5_52.b52_14_ambient_air' => [TableName::IecAmbientAir, 'rows'],
        'iec.iec60364_5_52.b52_15_ground' => [TableName::IecAmbientGround, 'rows'],
        'iec.iec60364_5_52.b52_16_soil_resistivity' => [TableName::IecSoilResistivity, 'rows'],
        'iec.iec60364_5_52.b52_17_grouping' => [TableName::IecGrouping, ''],
        'iec.k_factors' => [TableName::IecFaultK, ''],
        'nec.t430_250' => [TableName::NecMotorCurrentThreePhase, ''],
        'nec.t430_248' => [TableName::NecMotorCurrentSinglePhase, ''],
        'nec.t430_251b' => [TableName::NecLockedRotorCurrent, ''],
        'nec.t430_7b' => [TableName::NecCodeLetter, ''],
        'nec.t430_52' => [TableName::NecProtectionPercent, ''],
        'nec.t310_16.cu' => [TableName::NecAmpacity, 'copper'],
        'nec.t310_16.al' => [TableName::NecAmpacity, 'aluminium'],
        'nec.t310_15c1' => [TableName::NecConductorAdjustment, ''],
        'nec.t9_8' => [TableName::NecConductorProperties, ''],
        'nec.t9_9' => [TableName::NecConductorImpedance, ''],
        'nec.t240_6a' => [TableName::NecStandardRatings, 'ratings'],
    ];

    /** Names of the open format for keys that a table calls otherwise. */
    private const KEYS = [
        'bunched_in_air_or_enclosed' => 'bunched', 'single_layer_wall' => 'wall', 'single_layer_ceiling' => 'ceiling',
        'perforated_tray' => 'perforated', 'full_voltage_resistor_reactor' => 'full_voltage',
        'autotransformer_star_delta_le30A' => 'reduced_to_30_a', 'autotransformer_star_delta_gt30A' => 'reduced_above_30_a', 'cb' => 'inv',
        'pct' => 'percent', 'squirrel_cage_other_than_design_B_ee' => 'squirrel_cage',
        'design_B_energy_efficient_and_premium' => 'design_b_energy_efficient', '0' => '1/0', '00' => '2/0', '000' => '3/0',
        '0000' => '4/0',
    ];

    /** Columns of tables that are laid out by temperature. */
    private const TEMPERATURES = ['60', '75', '90'];

    private const BY_TEMPERATURE = [TableName::NecAmpacity, TableName::CecAmpacity, TableName::CecAmpacityFreeAir];

    private function __construct(public TableName $table, public string $pointer)
    {
    }

    /** The entry that a name means, or null where there is none such. */
    public static function find(Tables $tables, string $name): ?self
    {
        $parts = explode('.', $name);
        foreach (self::NAMED as $named => [$table, $begins]) {
            if (str_starts_with($name.'.', $named.'.')) {
                $rest = array_slice($parts, count(explode('.', $named)));

                return self::within($tables->named($table), $begins === '' ? [] : [$begins], $rest);
            }
        }
        $table = TableName::tryFrom($parts[0].'/'.($parts[1] ?? ''));

        return $table === null ? null : self::within($tables->named($table), [], array_slice($parts, 2));
    }

    /** The name of an entry. */
    public static function of(Table $table, string $pointer): string
    {
        $path = Table::path($pointer);
        $last = (string) end($path);
        $columns = self::columns($table, array_slice($path, 0, -1));
        if (preg_match('~^\d+$~', $last) === 1 && isset($columns[(int) $last])) {
            $path[count($path) - 1] = $columns[(int) $last];
        }
        foreach (self::NAMED as $named => [$name, $begins]) {
            if ($name === $table->name && ($begins === '' || $path[0] === $begins)) {
                return $named.'.'.implode('.', $begins === '' ? $path : array_slice($path, 1));
            }
        }

        return str_replace('/', '.', $table->name->value).'.'.implode('.', $path);
    }

    /**
     * Where an entry stands in the printed table: its rows and its column, as a person reads them.
     *
     * @return list<string>
     */
    public static function place(Table $table, string $pointer): array
    {
        $path = Table::path($pointer);
        $last = (string) end($path);
        $columns = self::columns($table, array_slice($path, 0, -1));
        if (preg_match('~^\d+$~', $last) === 1 && isset($columns[(int) $last])) {
            $path[count($path) - 1] = 'column '.$columns[(int) $last];
        }

        return array_values(array_filter($path, static fn (string $part): bool => $part !== 'rows'));
    }

    /**
     * @param  list<string>  $at  keys that lead to where the search begins
     * @param  list<string>  $parts  what is left of the name; a key may hold points itself, as `7.5` does
     */
    private static function within(Table $table, array $at, array $parts): ?self
    {
        if ($parts === []) {
            return $table->isEntry(...$at) ? new self($table->name, Table::pointer($at)) : null;
        }
        for ($take = 1; $take <= count($parts); $take++) {
            $key = implode('.', array_slice($parts, 0, $take));
            $rest = array_slice($parts, $take);
            foreach (self::keys($table, $at, $key, $rest === []) as $candidate) {
                $found = $table->has(...[...$at, $candidate]) || ($rest === [] && $table->isEntry(...[...$at, $candidate]))
                    ? self::within($table, [...$at, $candidate], $rest) : null;
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /**
     * What a part may be called in the table.
     *
     * @param  list<string>  $at
     * @return list<string>
     */
    private static function keys(Table $table, array $at, string $key, bool $last): array
    {
        $column = $last ? array_search($key, self::columns($table, $at), true) : false;

        return $column !== false ? [(string) $column] : [$key, ...isset(self::KEYS[$key]) ? [self::KEYS[$key]] : []];
    }

    /**
     * Names of the columns of a row; empty where they have none.
     *
     * @param  list<string>  $row
     * @return list<string>
     */
    private static function columns(Table $table, array $row): array
    {
        $values = $row === [] ? null : $table->row(...$row);
        if ($values === null) {
            return [];
        }
        if ($table->has('columns')) {
            $names = array_values($table->list('columns'));

            return array_map(static fn (mixed $name): string => is_scalar($name) ? (string) $name : '', $names);
        }

        return count($values) === 3 && in_array($table->name, self::BY_TEMPERATURE, true) ? self::TEMPERATURES : [];
    }
}
