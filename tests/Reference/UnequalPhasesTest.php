<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Stations\Prove\Comparison;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/**
 * Phases that are not alike, by another road: NumPy solves the network of three windings that a meter sees from two terminals, and
 * takes three line voltages apart into the system that drives a motor and the one that brakes it.
 */
final class UnequalPhasesTest extends TestCase
{
    private const ROUNDS = 25;

    /** @param  array<string, mixed>  $values */
    private static function read(string $kind, array $values): Comparison
    {
        $solution = Bench::solve([
            ...Circuits::kilnFan(), 'readings' => [['kind' => $kind, 'at' => '2026-11-26', 'values' => $values]],
        ]);
        $comparison = $solution->comparisons[0] ?? null;
        self::assertNotNull($comparison);

        return $comparison;
    }

    private static function quantity(Comparison $comparison, string $name): float
    {
        foreach ($comparison->toArray()['quantities'] as $quantity) {
            if ($quantity['name'] === $name) {
                return (float) $quantity['measured'];
            }
        }
        self::fail("no $name");
    }

    private static function ohms(): float
    {
        return 0.7 * mt_rand(970, 1030) / 1000;
    }

    /** What a meter sees between two terminals is turned back into the three windings behind them, in star and in delta. */
    public function test_windings_are_found_behind_their_terminals(): void
    {
        mt_srand(20261126);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $windings = [self::ohms(), self::ohms(), self::ohms()];
            $seen = NumericalLibrary::compute(
                <<<'PY'
                # Conductances as a network; one ampere in at one terminal and out at another gives the ohms between them.
                def between(branches, nodes, a, b):
                    g = np.zeros((nodes, nodes))
                    for i, j, ohm in branches:
                        g[i, i] += 1 / ohm; g[j, j] += 1 / ohm; g[i, j] -= 1 / ohm; g[j, i] -= 1 / ohm
                    keep = [n for n in range(nodes) if n != b]
                    current = np.array([1.0 if n == a else 0.0 for n in keep])
                    return float(np.linalg.solve(g[np.ix_(keep, keep)], current)[keep.index(a)])
                u, v, w = given
                delta = [(0, 1, u), (1, 2, v), (2, 0, w)]
                star = [(0, 3, u), (1, 3, v), (2, 3, w)]
                pairs = [(0, 1), (1, 2), (2, 0)]
                answer = {'delta': [between(delta, 3, a, b) for a, b in pairs], 'star': [between(star, 4, a, b) for a, b in pairs]}
                PY,
                $windings,
            );
            foreach (['delta', 'star'] as $joined) {
                self::assertIsArray($seen[$joined]);
                $comparison = self::read('winding_resistance', [
                    'joined' => $joined, 'temperature' => 20,
                    ...array_combine(['ohms_uv', 'ohms_vw', 'ohms_wu'], $seen[$joined]),
                ]);
                foreach ($windings as $i => $wanted) {
                    self::assertEqualsWithDelta(
                        $wanted, self::quantity($comparison, 'winding_'.($i + 1)), 1e-6 * $wanted, "$joined, winding $i, round $round",
                    );
                }
            }
        }
    }

    /**
     * NEMA MG 1 judges by the largest deviation from the mean, IEC 60034-26 by the ratio of the two systems. Of one set of line voltages
     * the first lies between 0.86 and 1.01 times the second, so that a limit of one is no stranger to the other.
     */
    public function test_the_largest_deviation_follows_the_braking_system(): void
    {
        mt_srand(20261126);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $share = mt_rand(5, 40) / 1000;
            $volts = NumericalLibrary::compute(
                <<<'PY'
                turn = np.exp(2j * np.pi / 3)
                forward, back = 400.0, 400.0 * given['share'] * np.exp(1j * given['angle'])
                answer = {'volts': [float(abs(forward * turn ** -k + back * turn ** k)) for k in range(3)]}
                PY,
                ['share' => $share, 'angle' => mt_rand(0, 6283) / 1000],
            )['volts'];
            self::assertIsArray($volts);
            $comparison = self::read('supply_voltage', array_combine(['volts_12', 'volts_23', 'volts_31'], $volts));
            $ratio = self::quantity($comparison, 'unbalance') / 100 / $share;
            self::assertGreaterThan(0.855, $ratio, "round $round");
            self::assertLessThan(1.01, $ratio, "round $round");
        }
    }
}
