<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Records\Replace\Replacement;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** Another motor in the place of this one, point by point. */
final class ReplacementTest extends TestCase
{
    /** @return array<string, mixed> */
    private static function circuit(): array
    {
        $circuit = Circuits::kilnFan();
        $circuit['plate'] = [...$circuit['plate'], 'frame' => '225S', 'mounting' => 'IM B3', 'ambient' => '40'];

        return $circuit;
    }

    /**
     * @param  array<string, mixed>  $changes  of the plate
     * @param  array<string, mixed>  $around  of the circuit
     * @return array<string, string> verdict by point, and `all`
     */
    private static function verdicts(array $changes, array $around = []): array
    {
        $circuit = [...self::circuit(), ...$around];
        $check = Replacement::check($circuit, [...self::circuit()['plate'], ...$changes]);

        return [...array_column($check['points'], 'verdict', 'point'), 'all' => $check['verdict']];
    }

    public function test_the_same_plate_fits_in_every_point(): void
    {
        self::assertSame(['equal'], array_values(array_unique(self::verdicts([]))));
    }

    /** @return array<string, array{array<string, mixed>, string, string}> plate changes, point, verdict */
    public static function points(): array
    {
        return [
            'higher frame' => [['frame' => '250M'], 'Frame', 'stop'],
            'lower frame' => [['frame' => '200L'], 'Frame', 'caution'],
            'other feet' => [['frame' => '225M'], 'Frame', 'caution'],
            'inch frame' => [['frame' => '364T'], 'Frame', 'stop'],
            'no frame' => [['frame' => null], 'Frame', 'unknown'],
            'flange' => [['mounting' => 'IM B5'], 'Mounting', 'stop'],
            'same in words' => [['mounting' => 'B3'], 'Mounting', 'equal'],
            'no connection' => [['voltage' => '500'], 'Voltage and connection', 'stop'],
            'star instead of delta' => [['voltage' => '230/400', 'current' => '114/66'], 'Voltage and connection', 'caution'],
            'other frequency' => [['frequency' => '60', 'speed' => '1780'], 'Voltage and connection', 'stop'],
            'smaller' => [['power' => '30 kW', 'current' => '54/31'], 'Power', 'stop'],
            'one size up' => [['power' => '45 kW', 'current' => '80/46'], 'Power', 'better'],
            'far larger' => [['power' => '75 kW', 'current' => '134/77'], 'Power', 'caution'],
            'two poles' => [['speed' => '2960'], 'Speed', 'stop'],
            'more slip' => [['speed' => '1460'], 'Speed', 'caution'],
            'more inrush' => [['start_current_ratio' => '8.5'], 'Starting current', 'caution'],
            'less inrush' => [['start_current_ratio' => '6.0'], 'Starting current', 'better'],
            'weak start' => [['start_torque_ratio' => '1.8'], 'Starting torque', 'caution'],
            'strong start' => [['start_torque_ratio' => '3.0'], 'Starting torque', 'better'],
            'no word on it' => [['start_torque_ratio' => null], 'Starting torque', 'unknown'],
            'made to rest' => [['duty' => 'S3 40 %'], 'Duty', 'stop'],
            'more open' => [['ip' => 'IP54'], 'Degree of protection', 'caution'],
            'closer' => [['ip' => 'IP65'], 'Degree of protection', 'better'],
            'wastes more' => [['efficiency' => '92.7', 'efficiency_class' => 'IE2'], 'Efficiency', 'caution'],
            'wastes less' => [['efficiency' => '94.8'], 'Efficiency', 'better'],
            'slip rings' => [['rotor_voltage' => '250'], 'Type of motor', 'stop'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('points')]
    public function test_a_point(array $changes, string $point, string $verdict): void
    {
        $verdicts = self::verdicts($changes);
        self::assertSame($verdict, $verdicts[$point] ?? 'missing');
        if ($verdict === 'stop') {
            self::assertSame('stop', $verdicts['all']);
        }
    }

    /** A fan's power goes with the cube of speed: (1475/1482)³ is 1.4 % less, (1492/1482)³ 2 % more; never “−1.4 % power”. */
    public function test_a_fan_is_told_more_or_less_power(): void
    {
        $said = ['1475' => '0.47 % slower: a fan or pump takes 1.4 % less', '1492' => '0.67 % faster: a fan or pump takes 2 % more'];
        foreach ($said as $rpm => $words) {
            $check = Replacement::check(self::circuit(), [...self::circuit()['plate'], 'speed' => (string) $rpm]);
            self::assertStringContainsString($words.' power.', array_column($check['points'], 'text', 'point')['Speed']);
        }
    }

    public function test_a_year_is_told_where_hours_or_prices_are_typed(): void
    {
        $around = [
            'settings' => ['tariff' => ['energy_price' => 0.14]], 'load' => [...self::circuit()['load'] ?? [], 'hours' => '75 4000'],
        ];
        $plate = self::circuit()['plate'];
        $check = static fn (array $changes): array => Replacement::check([...self::circuit(), ...$around], [...$plate, ...$changes]);
        $points = array_column($check(['efficiency' => '96', 'efficiency_class' => null])['points'], null, 'point');
        self::assertSame('better', $points['Energy per year']['verdict']);
        // 37 kW at 75 %: losses of 2.40 kW less 1.54 kW, times 0.4 + 0.6 · 0.75², over 4000 h: near 2.5 MWh.
        self::assertMatchesRegularExpression('~takes [23]\.\d+.MWh less per year, [34]\d\d~u', $points['Energy per year']['text']);
        $worse = array_column($check(['efficiency' => '91', 'efficiency_class' => null])['points'], 'verdict', 'point');
        self::assertSame('caution', $worse['Energy per year']);
        self::assertArrayNotHasKey('Energy per year', self::verdicts([]), 'nobody asked');
    }

    public function test_a_hot_place_and_the_starter_speak_too(): void
    {
        self::assertSame(
            'caution',
            self::verdicts(['ambient' => '40'], ['supply' => [...Circuits::kilnFan()['supply'], 'ambient' => '50']])[
                'Ambient and altitude'
            ],
        );
        self::assertSame(
            'stop',
            self::verdicts(['voltage' => '230/400', 'current' => '114/66'], ['starter' => ['method' => 'star_delta']])['Starter'],
        );
        self::assertSame('equal', self::verdicts([], ['starter' => ['method' => 'star_delta']])['Starter']);
        self::assertSame('stop', self::verdicts(['ip' => 'IP23'], ['surroundings' => 'dust'])['Degree of protection']);
    }

    public function test_what_cannot_be_read_is_told_and_nothing_is_guessed(): void
    {
        $check = Replacement::check(self::circuit(), ['power' => 'big', 'voltage' => '400/690']);
        self::assertContains('plate.power', array_column($check['errors'], 'path'));
        self::assertSame('unknown', array_column($check['points'], 'verdict', 'point')['Power']);
        self::assertNotSame('', $check['sentence']);
    }
}
