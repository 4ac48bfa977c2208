<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

final class PlateTest extends CoreTestCase
{
    /** @return array<string, array{string, string, float}> stamped voltage, connection on 400 V, rated voltage */
    public static function stampedVoltages(): array
    {
        return [
            'one voltage' => ['400', 'single', 400], 'delta sign' => ['D 400', 'delta', 400],
            'delta sign behind' => ['400 V Δ', 'delta', 400], 'delta word' => ['415 delta', 'delta', 415],
            'two voltages' => ['400/690', 'delta', 400], 'star on 400' => ['230/400', 'star', 400],
            'ranges' => ['Δ/Y 380-420/660-725', 'delta', 400], 'with letters' => ['230/400 V D/Y', 'star', 400],
            'comma decimals' => ['400,0/690,0', 'delta', 400],
        ];
    }

    #[DataProvider('stampedVoltages')]
    public function test_voltages_as_stamped(string $stamped, string $connection, float $volts): void
    {
        self::assertFigures(
            ['plate.connection' => $connection, 'plate.rated_voltage' => $volts],
            Circuits::solve(Circuits::kilnFan(), [
                'plate.voltage' => $stamped,
                'plate.current' => str_contains($stamped, '/') ? '66/38' : '66',
            ]),
        );
    }

    public function test_a_range_takes_the_current_of_its_nearer_end(): void
    {
        $motor = [
            'rule_book' => 'nec', 'supply' => ['voltage' => 208],
            'plate' => [
                'power' => '7.5 hp', 'voltage' => '200-230/460', 'current' => '23-20/10', 'speed' => 1755, 'frequency' => 60,
                'efficiency' => 89.5, 'power_factor' => 0.78,
            ],
        ];
        self::assertFigures(
            ['plate.connection' => 'parallel', 'plate.rated_voltage' => 208, 'power.plate_current' => 23, 'power.table_current' => 24.2],
            Circuits::solve($motor),
        );
        self::assertFigures(['power.plate_current' => 20], Circuits::solve($motor, ['supply.voltage' => 230]));
        self::assertFigures(
            ['power.plate_current' => 10, 'plate.connection' => 'series'],
            Circuits::solve($motor, ['supply.voltage' => 460]),
        );
    }

    public function test_a_230_volt_motor_on_208_volts_is_a_caution(): void
    {
        $motor = [
            'rule_book' => 'nec', 'supply' => ['voltage' => 208],
            'plate' => [
                'power' => '5 hp', 'voltage' => '230/460', 'current' => '13/6.5', 'speed' => 1740, 'frequency' => 60, 'efficiency' => 88,
                'power_factor' => 0.81,
            ],
        ];
        $solution = Circuits::solve($motor);
        self::assertFinds('voltage_off', $solution, 'caution');
        self::assertFigures(['plate.fit' => -9.565], $solution);
    }

    public function test_no_connection_fits_stops_the_sizing(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => 500]);
        self::assertFinds('no_connection_fits', $solution, 'stop');
        self::assertFigures(['plate.connection' => 'none', 'power.input' => 39404], $solution);
        self::assertContains('guard', $solution->blocked);
    }

    public function test_frequency_is_judged_on_volts_per_hertz(): void
    {
        $right = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => 480, 'supply.frequency' => 60]);
        self::assertFigures(['plate.connection' => 'delta', 'plate.flux' => 1.0, 'plate.fit' => 0], $right);
        self::assertFinds('frequency_differs', $right, 'caution');
        self::assertFinds('flux_low', Circuits::solve(Circuits::kilnFan(), ['supply.frequency' => 60]), 'caution');
    }

    /** @return array<string, array{int, int, int}> speed, hertz, poles */
    public static function speeds(): array
    {
        return [
            'two poles' => [2950, 50, 2], 'four' => [1482, 50, 4], 'exactly synchronous' => [1500, 50, 4],
            'two poles synchronous' => [3000, 50, 2], 'six' => [980, 50, 6], 'eight' => [735, 50, 8], 'sixty hertz' => [1775, 60, 4],
            'sixteen' => [370, 50, 16],
        ];
    }

    #[DataProvider('speeds')]
    public function test_poles_from_speed(int $rpm, int $hertz, int $poles): void
    {
        self::assertFigures(
            ['plate.poles' => $poles],
            Circuits::solve(Circuits::kilnFan(), ['plate.speed' => $rpm, 'plate.frequency' => $hertz, 'supply.frequency' => $hertz]),
        );
    }

    public function test_a_speed_above_synchronous_is_not_possible(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.speed' => 1502]);
        self::assertErrorAt('plate.speed', $solution, ErrorKind::Impossible);
        self::assertStringContainsString('1500', Circuits::errors($solution)['plate.speed']);
        self::assertFigures(['power.computed_current' => 66.91, 'cable.size' => 16], $solution);
        self::assertErrorAt('plate.speed', Circuits::solve(Circuits::kilnFan(), ['plate.speed' => 3001]), ErrorKind::Impossible);
    }

    public function test_a_synchronous_speed_gives_an_assumed_slip(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.speed' => 1500]);
        self::assertFinds('synchronous_speed_stamped', $solution, 'note');
        self::assertTrue($solution->figure('plate.slip')?->assumed());
        self::assertFigures(['plate.slip' => 100 * 0.2 * (1 / 0.939 - 1)], $solution);
    }

    public function test_missing_values_come_in_their_order(): void
    {
        $derived = Circuits::solve(Circuits::kilnFan(), ['plate.efficiency' => null]);
        self::assertFigures(['plate.efficiency' => 37000 / (sqrt(3) * 400 * 66 * 0.85)], $derived);
        self::assertFalse($derived->figure('plate.efficiency')?->assumed());
        $class = Circuits::solve(Circuits::kilnFan(), ['plate.efficiency' => 'IE3', 'plate.power_factor' => null]);
        self::assertFigures(['plate.efficiency' => 0.939], $class);
        self::assertTrue($class->figure('power.input')?->assumed(), 'what rests on an assumed value is assumed');
        $typical = Circuits::solve(Circuits::kilnFan(), [
            'plate.efficiency' => null, 'plate.efficiency_class' => null, 'plate.power_factor' => null, 'plate.current' => null,
        ]);
        self::assertFigures(['plate.efficiency' => 0.939, 'plate.power_factor' => 0.85, 'power.table_current' => 66], $typical);
        self::assertTrue($typical->figure('power.design_current')?->assumed());
        self::assertErrorAt(
            'plate.efficiency',
            Circuits::solve(Circuits::kilnFan(), [
                'plate.power' => '500 W', 'plate.efficiency' => null, 'plate.efficiency_class' => null, 'plate.power_factor' => null,
                'plate.current' => null,
            ]),
            ErrorKind::Missing,
        );
    }

    public function test_the_plate_is_checked_against_itself(): void
    {
        self::assertFinds('current_disagrees', Circuits::solve(Circuits::kilnFan(), ['plate.current' => '72/42']), 'note');
        self::assertFinds('current_disagrees', Circuits::solve(Circuits::kilnFan(), ['plate.current' => '76/44']), 'caution');
        self::assertFinds('current_disagrees', Circuits::solve(Circuits::kilnFan(), ['plate.current' => '99/57']), 'stop');
        self::assertFinds('horsepower_disagrees', Circuits::solve(Circuits::kilnFan(), ['plate.power' => '37 kW/60 hp']), 'caution');
        self::assertDoesNotFind('horsepower_disagrees', Circuits::solve(Circuits::kilnFan(), ['plate.power' => '37/50']));
        self::assertFinds('code_letter_disagrees', Circuits::solve(Circuits::kilnFan(), ['plate.code_letter' => 'C']), 'caution');
        self::assertFinds('efficiency_below_class', Circuits::solve(Circuits::kilnFan(), ['plate.efficiency' => 92.5]), 'caution');
        self::assertFinds('slip_unusual', Circuits::solve(Circuits::kilnFan(), ['plate.speed' => 1320]), 'caution');
        self::assertFinds('service_factor', Circuits::solve(Circuits::kilnFan(), ['plate.service_factor' => 1.15]), 'note');
    }

    public function test_an_assumed_value_never_makes_a_stop(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'plate.efficiency' => 'IE3', 'plate.current' => '99/57', 'plate.power_factor' => 0.85,
        ]);
        self::assertFigures(['plate.efficiency' => 37000 / (sqrt(3) * 400 * 99 * 0.85)], $solution);
        self::assertDoesNotFind('current_disagrees', $solution);
    }
}
