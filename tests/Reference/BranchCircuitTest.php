<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;

/**
 * Whole rows of branch circuits by another road: the published tables typed a second time, apart from the data of the core, and NumPy
 * looks up in them. All values from memory: NEC 2023 Tables 430.250 (460 V), 310.16 (copper, 75 °C), 240.6(A); IEC 60364-5-52 Table
 * B.52.5 (method C, three loaded copper conductors, XLPE); IEC 60269 gG ratings.
 */
final class BranchCircuitTest extends TestCase
{
    /** Horsepower and A at 460 V. */
    private const FULL_LOAD = [
        [1, 2.1], [1.5, 3.0], [2, 3.4], [3, 4.8], [5, 7.6], [7.5, 11], [10, 14], [15, 21], [20, 27], [25, 34], [30, 40], [40, 52], [50, 65],
        [60, 77], [75, 96], [100, 124], [125, 156], [150, 180], [200, 240],
    ];

    /** Size and A. */
    private const COPPER_75 = [
        ['14 AWG', 20], ['12 AWG', 25], ['10 AWG', 35], ['8 AWG', 50], ['6 AWG', 65], ['4 AWG', 85], ['3 AWG', 100], ['2 AWG', 115],
        ['1 AWG', 130], ['1/0 AWG', 150], ['2/0 AWG', 175], ['3/0 AWG', 200], ['4/0 AWG', 230], ['250 kcmil', 255], ['300 kcmil', 285],
        ['350 kcmil', 310], ['400 kcmil', 335], ['500 kcmil', 380],
    ];

    /** The 2023 edition begins at 10 A. */
    private const RATINGS = [
        10, 15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600, 700, 800,
    ];

    /** mm² and A. */
    private const XLPE_C = [
        [1.5, 22], [2.5, 30], [4, 40], [6, 52], [10, 71], [16, 96], [25, 119], [35, 147], [50, 179], [70, 229], [95, 278], [120, 322],
    ];

    private static function number(Solution $solution, string $key): float
    {
        $figure = $solution->figure($key);
        self::assertNotNull($figure, $key);

        return $figure->number();
    }

    /** @return array<string, mixed> a motor whose run is so short that its drop decides nothing */
    private static function nec(float $horsepower, float $amperes, string $device): array
    {
        return Circuits::changed(Circuits::twentyFiveHorsepower(), [
            'plate.power' => "$horsepower hp", 'plate.current' => $amperes, 'plate.voltage' => '460 D', 'cable.length' => '3 m',
            'cable.insulation' => 'XHHW-2', 'cable.material' => 'copper', 'cable.grouped_circuits' => 1, 'supply.ambient' => 30,
            'guard.scpd' => $device,
        ]);
    }

    /** NEC 430.6(A): the table's current, not the plate's. 430.22: 125 % of it. 430.52: 175 % for a dual-element fuse, 250 % for a breaker. */
    public function test_every_standard_motor_at_460_volts(): void
    {
        $found = NumericalLibrary::compute(
            <<<'PY'
            amps = np.array([row[1] for row in given['motors']])
            carry = np.array([row[1] for row in given['copper']])
            ratings = np.array(given['ratings'], dtype=float)
            index = np.searchsorted(carry, 1.25 * amps - 1e-9)
            up = lambda share, ratings: [float(ratings[i]) for i in np.searchsorted(ratings, share * amps - 1e-9)]
            # Fuses have three ratings more below 10 A.
            fuses = np.concatenate(([1, 3, 6], ratings))
            answer = {'size': [given['copper'][i][0] for i in index], 'fuse': up(1.75, fuses), 'breaker': up(2.5, ratings)}
            PY,
            ['motors' => self::FULL_LOAD, 'copper' => self::COPPER_75, 'ratings' => self::RATINGS],
        );
        foreach (self::FULL_LOAD as $i => [$horsepower, $amperes]) {
            foreach (['fuse' => 'fuse_dual_element', 'breaker' => 'breaker_inverse_time'] as $kind => $device) {
                $solution = Bench::solve(self::nec($horsepower, $amperes, $device));
                $name = "$horsepower hp, $kind";
                self::assertSame($amperes * 1.0, self::number($solution, 'power.design_current'), $name);
                self::assertSame($found['size'][$i], $solution->figure('cable.size_by_ampacity')?->value, $name);
                self::assertEqualsWithDelta($found[$kind][$i], self::number($solution, 'guard.scpd_maximum_rating'), 1e-9, $name);
                self::assertLessThanOrEqual($found[$kind][$i], self::number($solution, 'guard.scpd_rating'), $name);
            }
        }
    }

    /** IEC 60364-4-43, 433.1: what is designed for ≤ what the conductor carries in its place; the next smaller one carries less. */
    public function test_a_ladder_of_motors_under_iec(): void
    {
        $currents = [3.4, 6.3, 11, 15.2, 22, 30, 41, 57, 66, 80, 103, 138, 165];
        $found = NumericalLibrary::compute(
            <<<'PY'
            carry = np.array([row[1] for row in given['table']], dtype=float)
            # Two circuits side by side on a wall, 35 degrees: 0.85 for grouping, 0.96 for XLPE.
            answer = {f"{factor:.2f}": [given['table'][i][0] for i in np.searchsorted(carry * factor, np.array(given['amps']) - 1e-9)]
                      for factor in given['factors']}
            PY,
            ['table' => self::XLPE_C, 'amps' => $currents, 'factors' => [1.0, 0.85, 0.96]],
        );
        foreach (['1.00' => [], '0.85' => ['cable.grouped_circuits' => 2], '0.96' => ['supply.ambient' => 35]] as $factor => $changes) {
            foreach ($currents as $i => $amperes) {
                $solution = Bench::solve(Circuits::changed(Circuits::kilnFan(), [
                    'plate.power' => round(0.55 * $amperes, 2).' kW', 'plate.voltage' => '400 D', 'plate.current' => $amperes,
                    'plate.efficiency' => null, 'plate.efficiency_class' => null, 'plate.power_factor' => null, 'cable.method' => 'C',
                    'cable.terminal_temperature' => 90, 'cable.length' => '3 m', 'supply.ambient' => 30, ...$changes,
                ]));
                $wanted = $found[$factor] ?? null;
                self::assertIsArray($wanted);
                self::assertEquals($wanted[$i], $solution->figure('cable.size_by_ampacity')?->value, "$amperes A by $factor");
                self::assertGreaterThanOrEqual(
                    self::number($solution, 'cable.required_ampacity') * (1 - 1e-6), self::number($solution, 'cable.ampacity'),
                );
            }
        }
    }
}
