<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\Unit;

/** The inspector's doubt: the numbers printed in a working, put through the printed arithmetic, give the figure. */
final class WorkingTest extends CoreTestCase
{
    private const PREFIXES = [
        'MW' => 1e6, 'kW' => 1e3, 'W' => 1, 'MVA' => 1e6, 'kVA/hp' => 1, 'kVA' => 1e3, 'VA' => 1, 'Mvar' => 1e6, 'kvar' => 1e3,
        'var' => 1, 'kV' => 1e3, 'V' => 1, 'kA' => 1e3, 'A' => 1, 'mm²' => 1, 'N·m' => 1, 'rpm' => 1, 'Hz' => 1, 'MΩ' => 1e6, 'kΩ' => 1e3,
        'Ω/km' => 1,
        'mΩ' => 1e-3,
        'Ω' => 1,
        'µF' => 1e-6,
        'km' => 1, 'hp' => 1, 'Wh' => 1, 's' => 1, '%' => 0.01,
    ];

    public function test_every_arithmetic_working_gives_its_figure(): void
    {
        $checked = [];
        foreach (
            [
                Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'cable.line_length' => 20]),
                Circuits::solve(Circuits::kilnFan(), [
                    'starter.method' => 'star_delta', 'plate.efficiency' => null, 'cable.line_length' => 20,
                ]),
                Circuits::solve(Circuits::fiftyHorsepower(), [
                    'correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95, 'cable.length' => 50,
                ]),
                Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.power_factor' => null, 'plate.efficiency' => 90]),
                Circuits::solve(Circuits::kilnFan(), [
                    'load.output_percent' => 60, 'supply.ambient' => '50', 'supply.unbalance' => '2', 'windings.impedance' => '12',
                    'windings.power_factor' => '0.8', 'measure.method' => 'two_wattmeters', 'measure.volts_12' => '400',
                    'measure.watts_1' => '-1240', 'measure.watts_3' => '5820', 'measure.sequence' => '123',
                    'measure.balanced' => 'balanced', 'measure.swapped' => 'none', 'measure.speed' => '1490',
                ]),
                Circuits::solve(Circuits::kilnFan(), [
                    'measure.method' => 'line_angle', 'measure.volts_12' => '400', 'measure.volts_23' => '404',
                    'measure.volts_31' => '390', 'measure.amps_1' => '60', 'measure.amps_2' => '62', 'measure.amps_3' => '58',
                    'measure.angle' => '62', 'measure.pair' => '12', 'measure.line' => '1', 'measure.sequence' => '123',
                ]),
                Circuits::solve(Circuits::kilnFan(), [
                    'measure.method' => 'brake', 'measure.volts_12' => '400', 'measure.amps_1' => '66', 'measure.watts' => '39.4 kW',
                    'measure.torque' => '238', 'measure.speed' => '1482', 'measure.sense' => 'lagging',
                ]),
                Circuits::solve(Circuits::kilnFan(), [
                    'measure.method' => 'meter_disc', 'measure.revolutions' => '10', 'measure.disc_constant' => '7.2',
                    'measure.seconds' => '36', 'measure.current_ratio' => '200/5',
                ]),
                Circuits::solve([
                    'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '230', 'frequency' => 50, 'phases' => 1],
                    'bench' => ['current' => '8.2', 'power' => '1150 W'],
                ]),
            ] as $solution
        ) {
            foreach ($solution->figures as $figure) {
                $value = self::evaluate($figure->working);
                if ($value === null) {
                    continue;
                }
                self::assertIsNotString($figure->value, $figure->key());
                // Percent figures print their ratio. What four printed digits leave open is allowed, and nothing else.
                $expected = $figure->unit === Unit::Percent ? $figure->value / 100 : $figure->value;
                self::assertEqualsWithDelta(
                    $expected, $value, max(1e-9, abs($expected) * 1e-5) + self::leftOpen($figure->working, $value),
                    "{$figure->key()}: $figure->working",
                );
                $checked[$figure->key()] = true;
            }
        }
        self::assertGreaterThan(40, count($checked));
        foreach (
            [
                'power.input', 'power.reactive', 'power.computed_current', 'plate.rated_torque', 'cable.required_ampacity',
                'cable.voltage_drop', 'guard.scpd_limit', 'guard.prospective_current', 'correct.capacitor_current',
                'correct.corrected_current', 'correct.discharge_resistance', 'power.load_current', 'plate.usable_output',
                'windings.delta_power', 'measured.reactive', 'measured.angle', 'measured.real', 'measured.load_by_slip',
                'measured.efficiency', 'measured.current_unbalance',
            ] as $key
        ) {
            self::assertArrayHasKey($key, $checked);
        }
    }

    /** Four digits are enough for a person, and more say what nobody knows: `26.75 A`, not `26.7453 A`. */
    public function test_a_working_shows_four_digits_at_most(): void
    {
        foreach (Circuits::demo() as $tag => $circuit) {
            foreach (Circuits::solve($circuit)->figures as $figure) {
                preg_match_all('/(?<![\d.])\d+\.\d+(?![\d.])/', str_replace("\u{202F}", '', $figure->working), $numbers);
                foreach ($numbers[0] as $number) {
                    $digits = strlen(ltrim(str_replace('.', '', $number), '0'));
                    self::assertLessThanOrEqual(4, $digits, "$tag {$figure->key()}: $figure->working");
                }
            }
        }
    }

    /** By how much the value may be off because each of its numbers was rounded when it was printed: half of its last digit. */
    private static function leftOpen(string $working, float $value): float
    {
        $open = 0.0;
        preg_match_all('/\d+(?:\.(\d+))?/', $working, $numbers, PREG_OFFSET_CAPTURE);
        foreach ($numbers[0] as $i => [$number, $at]) {
            $decimals = strlen(is_array($numbers[1][$i] ?? null) ? (string) $numbers[1][$i][0] : '');
            if ($decimals === 0 && strlen($number) < 4) {
                continue;
            }
            $more = number_format((float) $number + 0.51 * 10 ** -$decimals, $decimals + 2, '.', '');
            $other = self::evaluate(substr_replace($working, $more, $at, strlen($number)));
            $open += $other === null ? 0.0 : abs($other - $value);
        }

        return $open;
    }

    /** The value of a working written in plain arithmetic, or null when it is words. */
    private static function evaluate(string $printed): ?float
    {
        [$working] = explode('; terminals', $printed);
        $cos = preg_match('/; cos φ ([\d.]+)$/u', $working, $m) === 1 ? (float) $m[1] : 1.0;
        $working = (string) preg_replace('/; cos φ [\d.]+$/u', '', $working);
        if (preg_match('/, cos φ2 ([\d.]+)$/u', $working, $m) === 1) {
            $working = str_replace([$m[0], 'tan φ2'], ['', (string) tan(acos((float) $m[1]))], $working);
        }
        $text = strtr($working, [
            "\u{202F}" => '~',
            "\u{00A0}" => '~',
            'cos φ' => (string) $cos,
            'sin φ' => (string) sqrt(1 - $cos ** 2),
            '×' => '*', '÷' => '/', '− −' => '+ ', '−' => '-', '²' => '^2',
            'π' => '*'.M_PI,
            '2√3' => '2*√3',
        ]);
        $text = (string) preg_replace('/(?<=\d)~(?=\d)/', '', $text);
        $text = (string) preg_replace_callback(
            '/(arccos|cos|sin) (-?[\d.]+)(~°)?/u',
            static fn (array $m): string => (string) match ($m[1]) {
                'arccos' => rad2deg(acos((float) $m[2])),
                'cos' => cos(deg2rad((float) $m[2])),
                default => sin(deg2rad((float) $m[2])),
            }.'+0',
            $text,
        );
        $text = (string) preg_replace(['/\|([^|]+)\|/u', '/([\d.]+)~?°/u'], ['abs($1)', '$1'], $text);
        $units = array_keys(self::PREFIXES);
        usort($units, static fn (string $a, string $b): int => strlen($b) <=> strlen($a));
        foreach ($units as $unit) {
            $text = (string) preg_replace_callback(
                '/([\d.]+)[~ ]'.preg_quote($unit, '/').'(?![\w²·\/])/u',
                static fn (array $m): string => '('.(float) $m[1] * self::PREFIXES[$unit].')',
                $text,
            );
        }
        $text = str_replace([' ', '~×', '~*', '~'], '', $text);
        $text = (string) preg_replace('/√(\d+(\.\d+)?)/u', 'sqrt($1)', $text);
        $text = strtr($text, ['√(' => 'sqrt(', 'ln(' => 'log(', '^2' => '**2', '^' => '**']);
        if (
            preg_match('/^[\d.()+*\/\-E]+$|^(?:[\d.()+*\/\-E]|sqrt|log|abs)+$/', $text) !== 1 ||
            preg_match('/[*\/+\-]|sqrt/', $text) !== 1
        ) {
            return null;
        }

        // Only digits, operators, sqrt and log can be left here.
        return (float) eval('return '.$text.';');
    }
}
