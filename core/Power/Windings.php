<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\FieldError;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Grade;
use BraveAnvil\Solution\Sheet;
use BraveAnvil\Solution\Station;

/** Three equal windings or heating elements in star and in delta on the same supply, and what an ohmmeter reads of them. */
final class Windings
{
    public static function solve(Circuit $circuit, Sheet $sheet): void
    {
        $impedance = self::impedance($circuit, $sheet);
        $volts = $circuit->number('supply.voltage');
        if ($impedance === null || $volts === null || $circuit->phases() !== 3) {
            return;
        }
        $factor = $circuit->number('windings.power_factor') ?? new Figure('windings.power_factor', 'Power factor of a winding', 1.0, '', '', '', 'assumed', ['windings without reactance']);
        $from = ['V' => $volts, 'Z' => $impedance];
        $each = $sheet->work('windings.star_voltage', 'Voltage of each in star', $volts->number() / sqrt(3), 'V', 'V / √3', '{V} ÷ √3', ['V' => $volts]);
        $sheet->put($volts->named('windings.delta_voltage', 'Voltage of each in delta', 'delta: each sees the line voltage'));
        $star = $sheet->work('windings.star_current', 'Star: line and winding current', $volts->number() / (sqrt(3) * $impedance->number()), 'A', 'V / (√3 Z)', '{V} ÷ (√3 × {Z})', $from);
        $delta = $sheet->work('windings.delta_winding_current', 'Delta: current of each', $volts->number() / $impedance->number(), 'A', 'V / Z', '{V} ÷ {Z}', $from);
        $line = $sheet->work('windings.delta_line_current', 'Delta: line current', sqrt(3) * $delta->number(), 'A', '√3 V / Z', '√3 × {I}', ['I' => $delta]);
        foreach (['star' => $star, 'delta' => $line] as $name => $current) {
            $with = ['V' => $volts, 'I' => $current, 'pf' => $factor];
            $sheet->work('windings.'.$name.'_power', ucfirst($name).': real power', sqrt(3) * $volts->number() * $current->number() * $factor->number(), 'W', '√3 V I cos φ', '√3 × {V} × {I} × {pf}', $with);
            $sheet->work('windings.'.$name.'_reactive', ucfirst($name).': reactive power', sqrt(3) * $volts->number() * $current->number() * sqrt(max(0.0, 1 - $factor->number() ** 2)), 'var', '√3 V I √(1 − cos² φ)', '√3 × {V} × {I} × √(1 − {pf}²)', $with);
        }
        $rated = $circuit->number('windings.element_voltage');
        foreach (['star' => $each, 'delta' => $volts] as $name => $voltage) {
            if ($rated !== null && $voltage->number() > 1.1 * $rated->number()) {
                $sheet->find(Grade::Stop, Station::Power, 'element_burns_in_'.$name, 'In '.$name.' each element would see '.$voltage->shown(), 'It is rated '.$rated->shown().': it would give '.number_format(($voltage->number() / $rated->number()) ** 2, 1).' times its power and burn.', 'Connect it '.($name === 'delta' ? 'in star.' : 'to a lower voltage.'), 'P = V² / Z', ['windings.'.$name.'_power'], ['windings.element_voltage']);
            }
        }
        $sheet->find(Grade::Note, Station::Power, 'windings_three_times', 'Delta takes three times as much', 'Current in the line and power are three times those of star: for heaters, and for a motor at the same slip, such as at standstill. A motor that turns keeps its power whichever way it is connected, and a motor’s impedance changes with speed.', 'Prove dead, and isolate before moving a link.', 'definition', ['windings.star_power', 'windings.delta_power']);
    }

    private static function impedance(Circuit $circuit, Sheet $sheet): ?Figure
    {
        $typed = $circuit->number('windings.impedance');
        $power = $circuit->number('windings.element_power');
        $volts = $circuit->number('windings.element_voltage');
        $ohms = $circuit->number('windings.terminal_resistance');
        $connected = $circuit->choice('windings.connected');
        if ($ohms !== null && $connected === null) {
            $sheet->missing('windings.connected', 'Star or delta while the ohmmeter read?');
        }
        $read = $ohms === null || $connected === null ? null : ($connected === 'star'
            ? Sheet::worked('windings.each', 'Each winding', $ohms->number() / 2, 'Ω', 'R / 2', '{R} ÷ 2', ['R' => $ohms], 'star: two in series')
            : Sheet::worked('windings.each', 'Each winding', 1.5 * $ohms->number(), 'Ω', '3 R / 2', '1.5 × {R}', ['R' => $ohms], 'delta: one beside two in series'));
        if ($power !== null && $volts === null && ! $circuit->bad('windings.element_voltage')) {
            $sheet->missing('windings.element_voltage', 'The voltage at which an element gives its power is wanted.');
        }
        $element = $power === null || $volts === null ? null : Sheet::worked('windings.each', 'Each element', $volts->number() ** 2 / $power->number(), 'Ω', 'V² / P', '{V}² ÷ {P}', ['V' => $volts, 'P' => $power], 'rating of the element');
        $each = $typed?->named('windings.each', 'Each winding', 'typed') ?? $element ?? $read;
        if ($each === null) {
            return null;
        }
        if ($typed !== null && $element !== null && abs($element->number() / $typed->number() - 1) > 0.1) {
            $sheet->error('windings.impedance', 'The rating of the element means '.$element->shown().'.', 'Leave one of the two empty.', FieldError::IMPOSSIBLE);

            return null;
        }
        $sheet->put($each);
        $sheet->work('windings.ohms_star', 'Ohmmeter between terminals in star', 2 * $each->number(), 'Ω', '2 Z', '2 × {Z}', ['Z' => $each], 'two in series; for windings its resistance, not Z');
        $sheet->work('windings.ohms_delta', 'Ohmmeter between terminals in delta', 2 * $each->number() / 3, 'Ω', '2 Z / 3', '2 × {Z} ÷ 3', ['Z' => $each], 'one beside two in series; for windings its resistance, not Z');

        return $each;
    }
}
