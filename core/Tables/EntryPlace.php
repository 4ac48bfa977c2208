<?php

declare(strict_types=1);

namespace BraveAnvil\Tables;

use function explode;
use function implode;
use function in_array;
use function preg_match;
use function str_contains;
use function str_replace;

/** Where an entry stands in the printed table, as a person looks it up there: “copper, 3 AWG, 90 °C column”. */
final class EntryPlace
{
    /** What a number in a row's head counts, by table. */
    private const ROWS = [
        'nec/motor_current_three_phase' => 'hp', 'nec/motor_current_single_phase' => 'hp', 'nec/locked_rotor_current' => 'hp',
        'cec/motor_current' => 'hp', 'iec/motor_current' => 'kW', 'nec/equipment_grounding' => 'A', 'cec/bonding' => 'A',
        'iec/ambient_air' => '°C', 'iec/ambient_ground' => '°C', 'nec/ambient_correction' => '°C', 'cec/ambient_correction' => '°C',
        'iec/soil_resistivity' => 'K·m/W', 'nec/unbalance_derating' => '% unbalance', 'iec/efficiency_class_50hz' => 'kW',
        'iec/efficiency_class_60hz' => 'kW', 'nec/premium_efficiency_4pole_60hz' => 'hp', 'nec/premium_efficiency_4pole_60hz_open' => 'hp',
        'iec/ampacity_air_pvc_copper' => 'mm²', 'iec/ampacity_air_xlpe_copper' => 'mm²', 'iec/ampacity_pvc_aluminium' => 'mm²',
        'iec/ampacity_pvc_copper' => 'mm²', 'iec/ampacity_xlpe_aluminium' => 'mm²', 'iec/ampacity_xlpe_copper' => 'mm²',
        'iec/voltage_drop' => 'mm²', 'iec/voltage_drop_bs' => 'mm²', 'iec/loop_impedance' => 'A', 'iec/overload_class' => 'class',
    ];

    /** What a number in a column's head counts, by table. */
    private const COLUMNS = [
        'nec/motor_current_three_phase' => 'V', 'nec/motor_current_single_phase' => 'V', 'nec/locked_rotor_current' => 'V',
        'cec/motor_current' => 'V', 'iec/motor_current' => 'V', 'nec/ampacity' => '°C', 'cec/ampacity' => '°C',
        'cec/ampacity_free_air' => '°C',
    ];

    /** Tables whose rows are conductor sizes by gauge or kcmil. */
    private const GAUGES = [
        'nec/ampacity', 'cec/ampacity', 'cec/ampacity_free_air', 'nec/conductor_impedance', 'nec/conductor_properties',
        'nec/small_conductor_limit', 'nec/raceway_fill',
    ];

    /** Keys that need more than blanks between their words. */
    private const WORDS = [
        'aluminium' => 'aluminum', 'steel' => 'rigid steel conduit', 'emt' => 'EMT', 'xlpe' => 'XLPE', 'pvc' => 'PVC',
        'star_delta_lead' => 'lead of a wye-delta motor', 'of_full_load' => '% of full-load current',
        'of_locked_rotor' => '% of locked-rotor current', 'r_cu_al' => 'copper in aluminum conduit', 'r_cu_steel' => 'copper in steel conduit',
        'r_cu_pvc' => 'copper in PVC conduit', 'r_al_al' => 'aluminum in aluminum conduit', 'r_al_steel' => 'aluminum in steel conduit',
        'r_al_pvc' => 'aluminum in PVC conduit', 'xl_pvc_al' => 'reactance in PVC or aluminum conduit',
        'xl_steel' => 'reactance in steel conduit', 'coefficient' => 'coefficient of the external inertia', 'inertia' => 'inertia limit',
        'al12' => 'aluminum, 12 AWG', 'al10' => 'aluminum, 10 AWG', 'worst_torque_share' => 'lowest share of the torque', 'inv' => 'inverse-time breaker', 'td' => 'time-delay fuse',
        'ntd' => 'non-time-delay fuse', 'inst' => 'instantaneous-trip breaker', 'dual' => 'dual-element fuse',
    ];

    /** Parts of a key, as they are said. */
    private const TOKENS = [
        'cu' => 'copper,', 'al' => 'aluminium,', 'pvc70' => 'PVC 70 °C', 'pvc90' => 'PVC 90 °C', 'xlpe90' => 'XLPE 90 °C',
        'rubber60' => 'rubber 60 °C', 'le300' => 'up to 300 mm²', 'gt300' => 'above 300 mm²', 'kw' => 'kW', 'kva' => 'kVA', 'ka' => 'kA',
        'ir' => 'insulation resistance', 'percent' => '%', 'temp' => 'temperature',
    ];

    public static function of(Table $table, string $pointer): string
    {
        $parts = EntryPath::place($table, $pointer);
        // Conductors and raceways stand in one file, and a “1” is a gauge in the one and inches in the other.
        $name = $table->name->value.(($parts[0] ?? '') === 'raceways' ? ' raceways' : '');
        $said = [];
        foreach ($parts as $at => $part) {
            if (in_array($part, ['raceways', 'conductors', 'ratings'], true)) {
                continue;
            }
            $said[] = self::said($name, $part, $at, $parts[$at - 1] ?? '');
        }

        return implode(', ', $said === [] ? $parts : $said);
    }

    private static function said(string $table, string $part, int $at, string $before): string
    {
        if (preg_match('~^column (.+)$~', $part, $m) === 1) {
            return (isset(self::COLUMNS[$table]) && preg_match('~^[\d.]+$~', $m[1]) === 1
                ? $m[1].' '.self::COLUMNS[$table]
                : self::WORDS[$m[1]] ?? str_replace('_', ' ', $m[1])).' column';
        }
        if ($before === 'ratings') {
            return 'rating '.((int) $part + 1);
        }
        if ($table === 'nec/raceway_fill raceways' && preg_match('~^[\d¼½¾]+$~u', $part) === 1) {
            return 'trade size '.$part;
        }
        if (preg_match('~^(\d[\d./]*|[1-4]/0)$~', $part) === 1) {
            if (in_array($table, self::GAUGES, true)) {
                return $part.(str_contains($part, '/') || (float) $part < 250 ? ' AWG' : ' kcmil');
            }
            if (str_contains($table, 'efficiency_class') && $at === 1) {
                return $part.' poles';
            }

            return match (self::ROWS[$table] ?? '') {
                '' => $part,
                'class' => 'class '.$part,
                default => $part.' '.self::ROWS[$table],
            };
        }

        return self::WORDS[$part]
            ?? implode(' ', array_map(static fn (string $word): string => self::TOKENS[$word] ?? $word, explode('_', $part)));
    }
}
