<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Records\Bank\BankStation;
use PHPUnit\Framework\TestCase;

/** A bank over random days by another road: NumPy has each load as a row of a matrix and each quarter of an hour as a column. */
final class BankTest extends TestCase
{
    private const LOADS = 7;

    private const INTERVALS = 24;

    /** A step acts when it is wanted by so much of itself (common practice). */
    private const ACTS_AT = 0.65;

    /** @return array{loads: list<array{float, float}>, runs: list<list<int>>, target: float} kW and kvar; which run in each interval */
    private static function day(): array
    {
        $loads = [];
        for ($i = 0; $i < self::LOADS; $i++) {
            $power = mt_rand(80, 900) / 10;
            $factor = mt_rand(60, 92) / 100;
            $loads[] = [$power, $power * sqrt(1 - $factor ** 2) / $factor];
        }
        $runs = [];
        for ($k = 0; $k < self::INTERVALS; $k++) {
            $runs[] = array_map(static fn (): int => mt_rand(0, 1), range(1, self::LOADS));
        }

        return ['loads' => $loads, 'runs' => $runs, 'target' => mt_rand(92, 98) / 100];
    }

    /**
     * @param  array{loads: list<array{float, float}>, runs: list<list<int>>, target: float}  $day
     * @return array<string, mixed>
     */
    private static function document(array $day): array
    {
        $circuits = [];
        foreach ($day['loads'] as $i => [$power, $reactive]) {
            $circuits[] = [
                'tag' => "L$i", 'subject' => 'bench_load',
                'bench' => ['power' => "$power kW", 'power_factor' => $power / hypot($power, $reactive), 'sense' => 'lagging'],
            ];
        }
        $pattern = array_map(static fn (array $running): array => [
            'minutes' => 15, 'running' => array_map(static fn (int $i): string => "L$i", array_keys(array_filter($running))),
        ], $day['runs']);

        return [
            'format' => 'brave-anvil.bank/1', 'tag' => 'BK-1', 'rule_book' => 'iec', 'supply' => ['voltage' => 400, 'frequency' => 50],
            'circuits' => $circuits, 'pattern' => $pattern, 'bank' => ['target_power_factor' => $day['target']],
        ];
    }

    public function test_random_days(): void
    {
        mt_srand(20261126);
        for ($turn = 0; $turn < 12; $turn++) {
            $day = self::day();
            $solution = BankStation::solve(self::document($day));
            $curve = $solution->curves['bank_day'] ?? null;
            self::assertNotNull($curve);
            $intervals = $curve->toArray()['intervals'];
            $step = $solution->figure('bank.step')?->number() ?? 0.0;
            $steps = (int) ($solution->figure('bank.steps')->value ?? 0);
            $on = array_column($intervals, 'on');
            $found = NumericalLibrary::compute(
                <<<'PY'
                loads = np.array(given['loads']) * 1000
                runs = np.array(given['runs'], dtype=float)
                p, q = runs @ loads[:, 0], runs @ loads[:, 1]
                tan = np.tan(np.arccos(given['target']))
                need = np.maximum(0, q - p * tan)
                on = np.array(given['on'])
                # Apparent power as a complex number, before and after.
                before, after = p + 1j * q, p + 1j * (q - on * given['step'])
                drawn = np.abs(before) > 1
                cos = lambda s: float(np.min((s.real / np.abs(s))[drawn]))
                answer = {'need': need.tolist(), 'most': float(need.max()), 'before': cos(before), 'after': cos(after),
                          'missing': ((q - on * given['step'] - p * tan) / given['step']).tolist(),
                          'switchings': int(np.abs(np.diff(np.concatenate(([0], on)))).sum())}
                PY,
                [...$day, 'on' => $on, 'step' => $step],
            );
            $same = static function (float $wanted, string $key, float $delta) use ($solution, $turn): void {
                self::assertEqualsWithDelta($wanted, $solution->figure($key)?->number(), $delta, "$key of day $turn");
            };
            $same($found['most'], 'bank.reactive_required', 1.0);
            $same($found['before'], 'bank.lowest_power_factor_before', 1e-6);
            $same($found['after'], 'bank.lowest_power_factor', 1e-6);
            $same($found['switchings'], 'bank.switchings', 0);
            self::assertSame((int) ceil($found['most'] / $step - 1e-6), $steps);
            foreach ($intervals as $k => $interval) {
                self::assertEqualsWithDelta($found['need'][$k], $interval['need']['value'], 1.0);
                // The controller rests only where no step is wanted on or off, or where none is left.
                self::assertTrue($found['missing'][$k] < self::ACTS_AT || $on[$k] === $steps, "day $turn, $k");
                self::assertTrue($found['missing'][$k] > -self::ACTS_AT || $on[$k] === 0, "day $turn, $k");
            }
        }
    }
}
