<?php

declare(strict_types=1);

namespace Tests\Core;

use PHPUnit\Framework\Attributes\DataProvider;

/**
 * First peak and reclosing peak rest on the power factor at standstill of the motor itself. Values: calculated here by another
 * hand, of circuits fitted to these plates; κ of IEC 60909-0 (from memory).
 */
final class FirstPeakTest extends CoreTestCase
{
    /**
     * Plate; power factor; A at standstill, first peak, reclosing peak.
     *
     * @return iterable<string, array{list<string>, float, float, float, float|null}>
     */
    public static function motors(): iterable
    {
        yield '1.5 kW, in star' => [
            ['1.5 kW', '230/400', '5.63/3.25', '1440', '0.78', '85.3', '6.8', '2.7', '3.0'],
            0.59855, 22.1, 35.135, null,
        ];
        yield '7.5 kW' => [
            ['7.5 kW', '400/690', '14.4/8.31', '1465', '0.83', '90.4', '7.7', '2.5', '3.1'],
            0.50811, 110.88, 186.12, 322.94,
        ];
        yield '30 kW' => [
            ['30 kW', '400/690', '54.4/31.4', '1475', '0.85', '93.6', '7.2', '2.4', '2.9'],
            0.42804, 391.68, 696.09, 1207.8,
        ];
        yield '90 kW' => [
            ['90 kW', '400/690', '159/91.8', '1485', '0.86', '95.2', '7.1', '2.3', '2.8'],
            0.39439, 1128.9, 2060.2, 3574.6,
        ];
        yield '250 kW' => [
            ['250 kW', '400/690', '432/249', '1490', '0.87', '96.0', '7.1', '2.1', '2.8'],
            0.36146, 3067.2, 5753.0, 9982.0,
        ];
    }

    /** @param  list<string>  $plate */
    #[DataProvider('motors')]
    public function test_the_peaks_follow_from_the_motors_own_power_factor(
        array $plate,
        float $factor,
        float $standstill,
        float $first,
        ?float $reclosing,
    ): void {
        $stamped = array_combine(
            [
                'power', 'voltage', 'current', 'speed', 'power_factor', 'efficiency', 'start_current_ratio', 'start_torque_ratio',
                'breakdown_torque_ratio',
            ],
            $plate,
        );
        $solution = Circuits::solve([
            'tag' => 'P-1', 'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50', 'phases' => 3],
            'plate' => ['frequency' => '50', ...$stamped],
        ]);
        $wanted = ['locked_rotor_power_factor' => $factor, 'locked_rotor_current' => $standstill, 'peak_estimate' => $first];
        foreach (['reclosing_peak' => $reclosing, ...$wanted] as $name => $value) {
            $figure = $solution->figure('start.'.$name);
            self::assertSame($value === null, $figure === null, $name);
            if ($value !== null && $figure !== null) {
                self::assertEqualsWithDelta($value, $figure->number(), 2e-4 * $value, $name);
                self::assertFalse($figure->assumed(), 'all of it is stamped: '.$name);
            }
        }
    }

    public function test_without_a_machine_the_usual_power_factor_is_marked_as_assumed(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.speed' => null]);
        $factor = $solution->figure('start.locked_rotor_power_factor');
        self::assertNotNull($factor);
        self::assertSame(0.3, $factor->number());
        self::assertTrue($factor->assumed());
        self::assertTrue($solution->figure('start.peak_estimate')?->assumed());
    }

    /** A 37 kW kiln fan, 462 A at standstill: 814 A at first, 1412 A at an unlucky changeover (calculated here). */
    public function test_typical_torque_marks_the_estimate(): void
    {
        $whole = Circuits::solve(Circuits::kilnFan());
        self::assertEqualsWithDelta(814.0, $whole->figure('start.peak_estimate')?->number(), 0.5);
        self::assertEqualsWithDelta(1412.0, $whole->figure('start.reclosing_peak')?->number(), 0.8);
        self::assertFalse($whole->figure('start.peak_estimate')?->assumed());
        $without = Circuits::solve(Circuits::kilnFan(), ['plate.start_torque_ratio' => null]);
        self::assertTrue($without->figure('start.peak_estimate')?->assumed());
    }
}
