<?php

declare(strict_types=1);

namespace BraveAnvil\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Sheet;

/**
 * Voltages and currents of a balanced load as arrows, in star and in delta: line and phase values stand 30° apart. Angles
 * in degrees against the phase voltage of L1, positive ahead; sequence L1-L2-L3.
 */
final class Phasors
{
    public static function draw(Circuit $circuit, Sheet $sheet): void
    {
        $measured = $sheet->get('measured.angle');
        $factor = $sheet->get('plate.power_factor') ?? $sheet->get('power.power_factor');
        $volts = ($measured === null ? null : $sheet->get('measured.voltage')) ?? $circuit->number('supply.voltage');
        $current = ($measured === null ? null : $sheet->get('measured.current')) ?? $sheet->get('power.plate_current') ?? $sheet->get('power.computed_current');
        $angle = $measured?->number() ?? ($factor === null ? null : rad2deg(acos(min(1.0, $factor->number()))));
        if ($angle === null || $volts === null || $current === null || $circuit->phases() !== 3) {
            return;
        }
        $sheet->curve('phasors', [
            'from' => $measured === null ? ($sheet->has('plate.power_factor') ? 'plate, at full load' : 'typed') : 'measured', 'angle' => $angle, 'current' => $current->number(), 'volts' => $volts->number(),
            'star' => ['lagging' => self::star($volts->number(), $current->number(), abs($angle)), 'leading' => self::star($volts->number(), $current->number(), -abs($angle))],
            'delta' => ['lagging' => self::delta($volts->number(), $current->number(), abs($angle)), 'leading' => self::delta($volts->number(), $current->number(), -abs($angle))],
        ]);
    }

    /** @return list<array{name: string, of: string, size: float, angle: float}> */
    private static function star(float $volts, float $current, float $angle): array
    {
        return [...self::three(['V1N', 'V2N', 'V3N'], 'phase volts', $volts / sqrt(3), 0), ...self::three(['V12', 'V23', 'V31'], 'line volts', $volts, 30), ...self::three(['I1', 'I2', 'I3'], 'line amps', $current, -$angle)];
    }

    /** @return list<array{name: string, of: string, size: float, angle: float}> */
    private static function delta(float $volts, float $current, float $angle): array
    {
        return [...self::three(['V12', 'V23', 'V31'], 'line volts', $volts, 30), ...self::three(['I12', 'I23', 'I31'], 'winding amps', $current / sqrt(3), 30 - $angle), ...self::three(['I1', 'I2', 'I3'], 'line amps', $current, -$angle)];
    }

    /**
     * @param  array{string, string, string}  $names
     * @return list<array{name: string, of: string, size: float, angle: float}>
     */
    private static function three(array $names, string $of, float $size, float $first): array
    {
        $arrows = [];
        foreach ($names as $i => $name) {
            $angle = $first - 120 * $i;
            $arrows[] = ['name' => $name, 'of' => $of, 'size' => $size, 'angle' => $angle - 360 * round($angle / 360)];
        }

        return $arrows;
    }
}
