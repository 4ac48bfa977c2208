<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Solution\Figure;

/** The inspector's doubt: the numbers printed in a working, put through the printed arithmetic, give the figure. */
final class WorkingTest extends CoreTestCase
{
    private const PREFIXES = ['MW' => 1e6, 'kW' => 1e3, 'W' => 1, 'MVA' => 1e6, 'kVA/hp' => 1, 'kVA' => 1e3, 'VA' => 1, 'Mvar' => 1e6, 'kvar' => 1e3, 'var' => 1, 'kV' => 1e3, 'V' => 1, 'kA' => 1e3, 'A' => 1, 'mm²' => 1,
        'N·m' => 1, 'rpm' => 1, 'Hz' => 1, 'MΩ' => 1e6, 'kΩ' => 1e3, 'Ω/km' => 1, 'mΩ' => 1e-3, 'Ω' => 1, 'µF' => 1e-6, 'km' => 1, 'hp' => 1, 's' => 1, '%' => 0.01];

    public function test_every_arithmetic_working_gives_its_figure(): void
    {
        $checked = [];
        foreach ([
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'cable.line_length' => 20]),
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta', 'plate.efficiency' => null, 'cable.line_length' => 20]),
            Circuits::solve(Circuits::fiftyHorsepower(), ['correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95, 'cable.length' => 50]),
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.power_factor' => null, 'plate.efficiency' => 90]),
        ] as $solution) {
            foreach ($solution->figures as $figure) {
                $value = self::evaluate($figure);
                if ($value === null) {
                    continue;
                }
                self::assertIsNotString($figure->value, $figure->key);
                // Percent figures print their ratio; 0.1 % of slack is what six printed digits leave.
                $expected = $figure->unit === '%' ? $figure->value / 100 : $figure->value;
                self::assertEqualsWithDelta($expected, $value, max(1e-9, abs($expected) * 1e-3), "$figure->key: $figure->working");
                $checked[$figure->key] = true;
            }
        }
        self::assertGreaterThan(40, count($checked));
        foreach (['power.input', 'power.reactive', 'power.computed_current', 'plate.rated_torque', 'cable.required_ampacity', 'cable.voltage_drop', 'guard.scpd_limit', 'guard.prospective_current', 'correct.capacitor_current', 'correct.corrected_current', 'correct.discharge_resistance'] as $key) {
            self::assertArrayHasKey($key, $checked);
        }
    }

    /** The value of a working written in plain arithmetic, or null when it is words. */
    private static function evaluate(Figure $figure): ?float
    {
        [$working] = explode('; terminals', $figure->working);
        $cos = preg_match('/; cos φ ([\d.]+)$/u', $working, $m) === 1 ? (float) $m[1] : 1.0;
        $working = (string) preg_replace('/; cos φ [\d.]+$/u', '', $working);
        if (preg_match('/, cos φ2 ([\d.]+)$/u', $working, $m) === 1) {
            $working = str_replace([$m[0], 'tan φ2'], ['', (string) tan(acos((float) $m[1]))], $working);
        }
        $text = strtr($working, ["\u{202F}" => '~', "\u{00A0}" => '~', 'cos φ' => (string) $cos, 'sin φ' => (string) sqrt(1 - $cos ** 2), '×' => '*', '÷' => '/', '−' => '-', '²' => '^2', 'π' => '*'.M_PI, '2√3' => '2*√3']);
        $text = (string) preg_replace('/(?<=\d)~(?=\d)/', '', $text);
        $units = array_keys(self::PREFIXES);
        usort($units, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($units as $unit) {
            $text = (string) preg_replace_callback('/([\d.]+)[~ ]'.preg_quote($unit, '/').'(?![\w²·\/])/u', static fn (array $m): string => '('.((float) $m[1] * self::PREFIXES[$unit]).')', $text);
        }
        $text = str_replace([' ', '~×', '~*', '~'], '', $text);
        $text = (string) preg_replace('/√(\d+(\.\d+)?)/u', 'sqrt($1)', $text);
        $text = strtr($text, ['√(' => 'sqrt(', 'ln(' => 'log(', '^2' => '**2', '^' => '**']);
        if (preg_match('/^[\d.()+*\/\-E]+$|^(?:[\d.()+*\/\-E]|sqrt|log)+$/', $text) !== 1 || preg_match('/[*\/+\-]|sqrt/', $text) !== 1) {
            return null;
        }

        // Only digits, operators, sqrt and log can be left here.
        return (float) eval('return '.$text.';');
    }
}
