<?php

declare(strict_types=1);

namespace Tests\Core;

/** What a person with a calculator makes of a printed working: its value, and by how much the printed digits leave it open. */
final readonly class PrintedArithmetic
{
    private const PREFIXES = [
        'MW' => 1e6, 'kW' => 1e3, 'W' => 1, 'MVA' => 1e6, 'kVA/hp' => 1, 'kVA' => 1e3, 'VA' => 1, 'Mvar' => 1e6, 'kvar' => 1e3,
        'var' => 1, 'kV' => 1e3, 'V' => 1, 'kA' => 1e3, 'A' => 1, 'mm²' => 1, 'N·m' => 1, 'rpm' => 1, 'Hz' => 1, 'MΩ' => 1e6, 'kΩ' => 1e3,
        'Ω/km' => 1,
        'mΩ' => 1e-3,
        'Ω' => 1,
        'µF' => 1e-6,
        'km' => 1, 'hp' => 1, 'MWh' => 1e6, 'kWh' => 1e3, 'Wh' => 1, 's' => 1, 'h' => 1, '%' => 0.01, 'kgm' => 1, 'in²' => 1, 'mH' => 1e-3,
    ];

    private function __construct(public float $value, public float $open)
    {
    }

    /** Null where a working is words. */
    public static function of(string $working): ?self
    {
        if (preg_match('/^(.*); \d+.°C terminals: (.*?)(?: against .*)?$/u', $working, $m) === 1) {
            [$derated, $terminal] = [self::of($m[1]), self::of($m[2])];

            return $derated === null || $terminal === null || $derated->value < $terminal->value ? $derated : $terminal;
        }
        $plain = self::plain($working);
        $value = self::evaluate($plain);

        return $value === null ? null : new self($value, self::open($plain, $value));
    }

    /** Words that stand for arithmetic, as arithmetic. */
    private static function plain(string $working): string
    {
        $ohms = '([\d.]+) \+ j([\d.]+)';
        if (str_starts_with($working, 'source ') && preg_match_all("/$ohms/u", $working, $parts) > 0) {
            $apart = preg_match('/^source ([\d.]+)[ \x{202F}\x{00A0}]mΩ, added arithmetically/u', $working, $m) === 1 ? "$m[1] mΩ + " : '';

            return $apart.'√(('.implode(' + ', $parts[1]).')² + ('.implode(' + ', $parts[2]).')²) ÷ 1000';
        }

        $words = [
            '/2 × whole part of (\(.*\))$/u' => '2 × floor$1',
            '/kg·m²/u' => 'kgm',
            '/^(.*).in² and ([\d.]+).in² for the grounding conductor in ([\d.]+).in²$/u' => '($1 + $2) ÷ $3',
            '/ (?:ambient|for \d+ grouped)(?= ×|$)/u' => '',
            '/^.*?: ([\d.]+\S* \S*) of (\d\S* \S*)$/u' => '$1 ÷ $2',
            '/^([\d.]+\S*%) of (.*)$/u' => '$1 × $2',
            '/^(.*) minus ([\d.]+).%$/u' => '$1 × (1 − $2 ÷ 100)',
            '/^(.*) plus ([\d.]+).%$/u' => '$1 × (1 + $2 ÷ 100)',
            '/ per kWh$/' => ' ÷ 1000',
            '/ per year$|, leading$|(?<=\)) A(?=$| ÷)/' => '',
        ];

        return (string) preg_replace(array_keys($words), array_values($words), $working);
    }

    /** By how much the value may be off because each of its numbers was rounded when it was printed: half of its last digit. */
    private static function open(string $working, float $value): float
    {
        $open = 0.0;
        preg_match_all('/\d+(?:\.(\d+))?/', $working, $numbers, PREG_OFFSET_CAPTURE);
        foreach ($numbers[0] as $i => [$number, $at]) {
            $decimals = strlen(is_array($numbers[1][$i] ?? null) ? (string) $numbers[1][$i][0] : '');
            if ($decimals === 0 && strlen($number) < 4) {
                if (preg_match('/^[ \x{202F}\x{00A0}](?:var|A|V|W|kW|MW|kvar|Ω|mΩ|kΩ|MΩ|µF|kA|kVA|VA|Wh|kWh|MWh|N·m|rpm|s|%)(?!\w)/u',
                    substr($working, $at + strlen($number))) !== 1) {
                    continue;
                }
                // A measured quantity of four digits whose last ones are noughts.
                $decimals = 4 - strlen($number);
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
        $text = strtr($text, ['√(' => 'sqrt(', 'ln(' => 'log(', 'floor(' => 'floor(', '^2' => '**2', '^' => '**']);
        if (
            preg_match('/^[\d.()+*\/\-E]+$|^(?:[\d.()+*\/\-E]|sqrt|log|abs|floor)+$/', $text) !== 1 ||
            preg_match('/[*\/+\-]|sqrt|floor/', $text) !== 1
        ) {
            return null;
        }

        // Only digits, operators, sqrt and log can be left here.
        return (float) eval('return '.$text.';');
    }
}
