<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\RuleBook\Table;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Station;

/** Prospective short-circuit current at the supply end, from fault level and transformer. Voltage factor 1.05. */
final class Prospective
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $supply = $circuit->number('supply.voltage');
        $level = $circuit->number('supply.fault_level_kva');
        $size = $circuit->number('supply.transformer_kva');
        $percent = $circuit->number('supply.transformer_impedance_percent');
        if ($supply === null || $circuit->bad('supply.fault_level_kva', 'supply.transformer_kva', 'supply.transformer_impedance_percent', 'supply.x_over_r')) {
            return;
        }
        $square = $supply->number() ** 2;
        $transformer = $size !== null && $percent !== null ? $square * $percent->number() / 100 / $size->number() : null;
        $upstream = $level === null ? null : $square / $level->number();
        if ($transformer === null && $upstream === null) {
            return;
        }
        if ($transformer !== null) {
            // Alone the fault level is at the bus; with a transformer it is on its primary, in series.
            $angle = atan($circuit->number('supply.x_over_r')?->number() ?? 10.0);
            $other = atan(10.0);
            $z = hypot($transformer * cos($angle) + ($upstream ?? 0) * cos($other), $transformer * sin($angle) + ($upstream ?? 0) * sin($other));
            $sheet->work('guard.source_impedance', 'Source impedance', $z, 'Ω', 'V² u_k / S'.($upstream === null ? '' : ' + V² / S_k'), '{V}² × {u} ÷ {S}'.($level === null ? '' : ' and {V}² ÷ {Sk} in series'), ['V' => $supply, 'u' => $percent, 'S' => $size, ...($level === null ? [] : ['Sk' => $level])]);
        } elseif ($level !== null) {
            $sheet->work('guard.source_impedance', 'Source impedance', $square / $level->number(), 'Ω', 'V² / S_k', '{V}² ÷ {Sk}', ['V' => $supply, 'Sk' => $level]);
        }
        $z = $sheet->need('guard.source_impedance');
        $c = Table::of('practice/guard')->must('voltage_factor_max');
        $sheet->work('guard.prospective_current', 'Prospective fault current', $c * $supply->number() / (sqrt(3) * $z->number()), 'A', 'c V / (√3 Z)', Show::number($c).' × {V} ÷ (√3 × {Z})', ['V' => $supply, 'Z' => $z], 'IEC 60909-0 voltage factor (from memory), at the transformer, motors left out');
    }

    /** Whether the device can break it: checked where both are known, never passed in silence. */
    public static function judge(Circuit $circuit, Sheet $sheet): void
    {
        $fault = $sheet->get('guard.prospective_current');
        $capacity = $circuit->number('guard.breaking_capacity_ka');
        if ($fault === null) {
            $sheet->find(Grade::Note, Station::Guard, 'fault_level_unknown', 'Fault level not known', 'Neither a fault level nor a transformer with its impedance is typed, so the breaking capacity is not checked.', 'Ask the supply authority, or take both from the transformer’s plate.', '', []);
        } elseif ($capacity === null) {
            $sheet->find(Grade::Note, Station::Guard, 'breaking_capacity_not_checked', 'Breaking capacity not checked', 'Device and starter must stand at least '.$fault->shown(3).'.', 'Type the device’s breaking capacity to have it checked.', 'IEC 60364-4-43, NEC 110.9 (from memory)', ['guard.prospective_current']);
        } elseif ($capacity->number() < $fault->number()) {
            $sheet->find(Grade::Stop, Station::Guard, 'breaking_capacity', 'Breaking capacity too small', 'The device breaks '.$capacity->shown().', the fault current may reach '.$fault->shown(3).'.', 'Choose a device that breaks at least '.Show::quantity($fault->number(), 'A', 3).'.', 'IEC 60364-4-43, NEC 110.9 (from memory)', ['guard.prospective_current']);
        }
    }
}
