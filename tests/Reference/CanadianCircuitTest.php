<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/**
 * Whole rows of branch circuits under the CE Code by another road: the tables typed a second time, apart from the data of the core, and
 * NumPy looks up in them. All values from memory: CE Code 2021 Tables 2 (copper, 75 °C), 16 (bonding by the device), 29, 44 (575 V),
 * standard ratings of Table 13.
 */
final class CanadianCircuitTest extends TestCase
{
    /** Horsepower and A at 575 V. */
    private const MOTORS = [
        [1, 1.4], [1.5, 2.1], [2, 2.7], [3, 3.9], [5, 6.1], [7.5, 9], [10, 11], [15, 17], [20, 22], [25, 27], [30, 32], [40, 41], [50, 52],
        [60, 62], [75, 77], [100, 99], [125, 125], [150, 144], [200, 192],
    ];

    /** Size and A. */
    private const COPPER_75 = [
        ['14 AWG', 20], ['12 AWG', 25], ['10 AWG', 35], ['8 AWG', 50], ['6 AWG', 65], ['4 AWG', 85], ['3 AWG', 100], ['2 AWG', 115],
        ['1 AWG', 130], ['1/0 AWG', 150], ['2/0 AWG', 175], ['3/0 AWG', 200], ['4/0 AWG', 230], ['250 kcmil', 255], ['300 kcmil', 285],
    ];

    private const RATINGS = [
        15, 20, 25, 30, 35, 40, 45, 50, 60, 70, 80, 90, 100, 110, 125, 150, 175, 200, 225, 250, 300, 350, 400, 450, 500, 600,
    ];

    /** Rating of the device up to which a copper bonding conductor of the size is enough. */
    private const BONDING = [
        [20, '14 AWG'], [30, '12 AWG'], [60, '10 AWG'], [100, '8 AWG'], [200, '6 AWG'], [300, '4 AWG'], [400, '3 AWG'], [500, '2 AWG'],
        [600, '1 AWG'],
    ];

    private static function number(Solution $solution, string $key): float
    {
        $figure = $solution->figure($key);
        self::assertNotNull($figure, $key);

        return $figure->number();
    }

    private static function solved(float $horsepower, float $amperes, string $device, float $serviceFactor = 1.15): Solution
    {
        return Bench::solve([
            'tag' => 'CA-1', 'rule_book' => 'cec', 'supply' => ['voltage' => 600, 'frequency' => 60, 'ambient' => 30],
            'plate' => [
                'power' => "$horsepower hp", 'voltage' => 575, 'current' => $amperes, 'power_factor' => 0.86, 'frequency' => 60,
                'service_factor' => $serviceFactor, 'start_current_ratio' => 6,
            ],
            'starter' => ['method' => 'direct'],
            'cable' => [
                'insulation' => 'RW90', 'material' => 'copper', 'raceway_material' => 'steel', 'length' => '3 m', 'grouped_circuits' => 1,
                'terminal_temperature' => 75,
            ],
            'guard' => ['scpd' => $device],
        ]);
    }

    /** @return iterable<string, array{string, float}> device, times full load (Table 29, full-voltage starting) */
    public static function devices(): iterable
    {
        yield 'time-delay fuse' => ['fuse_dual_element', 1.75];
        yield 'fuse without time delay' => ['fuse_non_time_delay', 3.0];
        yield 'inverse-time breaker' => ['breaker_inverse_time', 2.5];
    }

    /** 28-106: 125 % in the conductors. 28-200: the device at or below its share, 15 A always. 28-602: 115 % in the disconnecting means. 10-616: bonding. */
    #[DataProvider('devices')]
    public function test_every_motor_of_the_table_at_575_volts(string $device, float $share): void
    {
        $found = NumericalLibrary::compute(
            <<<'PY'
            amps = np.array([row[1] for row in given['motors']], dtype=float)
            carry = np.array([row[1] for row in given['copper']], dtype=float)
            ratings = np.array(given['ratings'], dtype=float)
            at = np.searchsorted(ratings, given['share'] * amps + 1e-9, side='right') - 1
            device = np.where(at < 0, 15.0, ratings[np.maximum(at, 0)])
            sizes = [row[0] for row in given['copper']]
            line = np.searchsorted(carry, 1.25 * amps - 1e-9)
            # Never larger than the conductors that it goes with.
            bonding = [sizes[min(sizes.index(next(size for upto, size in given['bonding'] if rating <= upto)), i)]
                       for rating, i in zip(device, line)]
            answer = {'size': [sizes[i] for i in line],
                      'device': device.tolist(), 'limit': (given['share'] * amps).tolist(), 'bonding': bonding,
                      'disconnect': (1.15 * amps).tolist()}
            PY,
            [
                'motors' => self::MOTORS, 'copper' => self::COPPER_75, 'ratings' => self::RATINGS, 'bonding' => self::BONDING,
                'share' => $share,
            ],
        );
        foreach (self::MOTORS as $i => [$horsepower, $amperes]) {
            $solution = self::solved($horsepower, $amperes, $device);
            $name = "$horsepower hp, $device";
            self::assertSame($found['size'][$i], $solution->figure('cable.size_by_ampacity')?->value, $name);
            self::assertEqualsWithDelta($found['limit'][$i], self::number($solution, 'guard.scpd_limit'), 1e-9, $name);
            self::assertEqualsWithDelta($found['device'][$i], self::number($solution, 'guard.scpd_rating'), 1e-9, $name);
            self::assertSame($found['bonding'][$i], $solution->figure('cable.protective_size')?->value, $name);
            self::assertEqualsWithDelta($found['disconnect'][$i], self::number($solution, 'guard.disconnect_rating'), 1e-9, $name);
        }
    }

    /** 28-306: 125 % of the plate's current where the service factor is 1.15 or more, else 115 %. */
    public function test_the_relay_follows_the_service_factor(): void
    {
        foreach ([[1.0, 1.15], [1.1, 1.15], [1.15, 1.25], [1.25, 1.25]] as [$serviceFactor, $share]) {
            foreach ([11, 52, 144] as $amperes) {
                $solution = self::solved(20, $amperes, 'breaker_inverse_time', $serviceFactor);
                self::assertEqualsWithDelta($share * $amperes, self::number($solution, 'guard.overload_setting'), 1e-9, "$serviceFactor");
            }
        }
    }

    /** A plate that draws more than the table's motor is taken at its word: the CE Code sizes by what is stamped. */
    public function test_the_plate_decides_and_not_the_table(): void
    {
        $usual = self::solved(50, 52, 'breaker_inverse_time');
        $hungry = self::solved(50, 58, 'breaker_inverse_time');
        self::assertSame(52.0, self::number($usual, 'power.design_current'));
        self::assertSame(58.0, self::number($hungry, 'power.design_current'));
        self::assertEqualsWithDelta(1.25 * 58, self::number($hungry, 'cable.required_ampacity'), 1e-9);
    }
}
