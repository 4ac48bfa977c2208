<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use RuntimeException;

/** Sample circuits of the tests, and ways to change them. */
final class Circuits
{
    /**
     * A 37 kW kiln fan under IEC, whose start was timed. How its load goes with speed is not said, so that no run-up is worked out.
     *
     * @return array<string, mixed>
     */
    public static function kilnFan(): array
    {
        return [
            'format' => 'brave-anvil.circuit/1', 'tag' => 'KF-204', 'rule_book' => 'iec',
            'supply' => [
                'voltage' => '400', 'frequency' => '50', 'phases' => 3, 'transformer_kva' => 1000, 'transformer_impedance_percent' => 6,
                'x_over_r' => 8, 'ambient' => '30',
            ],
            'plate' => [
                'power' => '37 kW', 'voltage' => '400/690', 'current' => '66/38', 'speed' => '1482', 'frequency' => '50',
                'power_factor' => '0.85', 'efficiency' => '93.9', 'efficiency_class' => 'IE3', 'service_factor' => '1.0',
                'start_current_ratio' => '7.0', 'start_torque_ratio' => '2.4', 'breakdown_torque_ratio' => '2.9', 'inertia' => '0.36',
                'duty' => 'S1', 'insulation_class' => 'F', 'ip' => 'IP55',
            ],
            'load' => ['torque_percent' => 90, 'inertia' => '6.5', 'speed_ratio' => 1],
            'starter' => ['method' => 'direct', 'run_up_time' => '3 s'],
            'cable' => ['length' => '60 m', 'material' => 'copper', 'insulation' => 'xlpe', 'method' => 'E', 'grouped_circuits' => 1],
            'guard' => ['scpd' => 'fuse_gg'],
            'correction' => ['target_power_factor' => '0.96', 'place' => 'none', 'load_percent' => 100],
        ];
    }

    /**
     * The same fan with its load, whose run-up is worked out.
     *
     * @return array<string, mixed>
     */
    public static function fanWithItsLoad(): array
    {
        return [
            ...self::kilnFan(),
            'load' => ['kind' => 'quadratic', 'torque_percent' => 90, 'inertia' => '6.5', 'speed_ratio' => 1],
            'starter' => ['method' => 'direct'],
        ];
    }

    /**
     * A 25 hp motor under the NEC, with marked 75 °C lugs.
     *
     * @return array<string, mixed>
     */
    public static function twentyFiveHorsepower(string $book = 'nec'): array
    {
        return [
            'tag' => 'DB-25', 'rule_book' => $book,
            'supply' => ['voltage' => '480Y/277', 'frequency' => 60],
            'plate' => [
                'power' => '25 hp', 'voltage' => 460, 'current' => 32, 'speed' => 1765, 'power_factor' => 0.84, 'service_factor' => 1.15,
                'design_letter' => 'B',
            ],
            'starter' => ['method' => 'direct'],
            'cable' => ['length' => '60 m', 'terminal_temperature' => 75],
            'guard' => ['scpd' => 'breaker_inverse_time'],
        ];
    }

    /**
     * A 50 hp dual-voltage motor under the NEC.
     *
     * @return array<string, mixed>
     */
    public static function fiftyHorsepower(): array
    {
        return [
            'tag' => 'DF-50', 'rule_book' => 'nec',
            'supply' => ['voltage' => 480, 'frequency' => 60],
            'plate' => [
                'power' => '50 hp', 'voltage' => '230/460', 'current' => '122/61', 'speed' => 1775, 'frequency' => 60,
                'efficiency' => 94.5, 'power_factor' => 0.85, 'code_letter' => 'G', 'service_factor' => 1.15, 'design_letter' => 'B',
            ],
        ];
    }

    /**
     * A 5.5 kW motor for 230/400 V on 400 V.
     *
     * @return array<string, mixed>
     */
    public static function conveyor(): array
    {
        return [
            'tag' => 'CV-11', 'rule_book' => 'iec', 'supply' => ['voltage' => 400, 'frequency' => 50],
            'plate' => [
                'power' => '5.5 kW', 'voltage' => '230/400', 'current' => '19.2/11.1', 'speed' => 1455, 'efficiency' => 87.7,
                'power_factor' => 0.82, 'start_current_ratio' => 6.5,
            ],
            'starter' => ['method' => 'star_delta'],
        ];
    }

    /** @return array<string, array<string, mixed>> every circuit of the demo, or of one file of it, as it is solved, without readings and logbook, by tag */
    public static function demo(string $site = '*'): array
    {
        $circuits = [];
        foreach (glob(dirname(__DIR__, 2)."/database/demo/$site.json") ?: [] as $file) {
            /** @var array{rule_book: string, supply: array<string, mixed>, settings: array<string, mixed>, circuits: list<array<string, mixed>>} $site */
            $site = json_decode((string) file_get_contents($file), true, 16, JSON_THROW_ON_ERROR);
            foreach ($site['circuits'] as $circuit) {
                unset($circuit['readings'], $circuit['log'], $circuit['sheets']);
                $supply = is_array($circuit['supply'] ?? null) ? $circuit['supply'] : [];
                $tag = is_string($circuit['tag'] ?? null) ? $circuit['tag'] : '';
                $circuits[$tag] = [
                    'rule_book' => $site['rule_book'], ...$circuit, 'supply' => [...$site['supply'], ...$supply],
                    'settings' => $site['settings'],
                ];
            }
        }

        return $circuits;
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @param  array<string, mixed>  $changes  by dotted path
     */
    public static function solve(array $circuit, array $changes = []): Solution
    {
        return Bench::solve(self::changed($circuit, $changes));
    }

    /**
     * @param  array<string, mixed>  $circuit
     * @param  array<string, mixed>  $changes  by dotted path
     * @return array<string, mixed>
     */
    public static function changed(array $circuit, array $changes): array
    {
        foreach ($changes as $path => $value) {
            $keys = explode('.', $path);
            $last = array_pop($keys);
            $at = &$circuit;
            foreach ($keys as $key) {
                if (! isset($at[$key]) || ! is_array($at[$key])) {
                    $at[$key] = [];
                }
                $at = &$at[$key];
            }
            $at[$last] = $value;
            unset($at);
        }

        return $circuit;
    }

    /** @return array<array-key, mixed> what a picture is drawn from */
    public static function curve(Solution $solution, string $name): array
    {
        return ($solution->curves[$name] ?? throw new RuntimeException("no curve $name"))->toArray();
    }

    /** @return list<string> codes of the findings, stops first */
    public static function codes(Solution $solution): array
    {
        return array_map(static fn ($finding): string => $finding->code->code(), $solution->findings);
    }

    /** @return array<string, string> error text by path */
    public static function errors(Solution $solution): array
    {
        return array_column(array_map(static fn ($error): array => $error->toArray(), $solution->errors), 'text', 'path');
    }
}
