<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Plates for two frequencies, plates of other kinds of motor, and what the place does to a motor. */
final class PlateRowsTest extends CoreTestCase
{
    private const SECOND = [
        'plate.second.frequency' => '60', 'plate.second.voltage' => '460', 'plate.second.power' => '43 kW',
        'plate.second.current' => '66', 'plate.second.speed' => '1780', 'plate.second.power_factor' => '0.86',
        'plate.second.efficiency' => '94.1',
    ];

    public function test_the_row_of_the_supply_is_used_and_named(): void
    {
        $fifty = Circuits::solve(Circuits::kilnFan(), self::SECOND);
        self::assertFigures(
            ['plate.row' => 1, 'plate.frequency' => 50, 'plate.connection' => 'delta', 'power.plate_current' => 66, 'plate.slip' => 1.2],
            $fifty,
        );
        $sixty = Circuits::solve(Circuits::kilnFan(), [...self::SECOND, 'supply.voltage' => '460', 'supply.frequency' => '60']);
        self::assertFigures(
            [
                'plate.row' => 2, 'plate.frequency' => 60, 'plate.connection' => 'delta', 'plate.synchronous_speed' => 1800,
                'plate.output' => 43000, 'plate.power_factor' => 0.86,
            ],
            $sixty,
        );
        self::assertFinds('row_in_use', $sixty, 'note');
        self::assertDoesNotFind('frequency_differs', $sixty);
        self::assertArrayHasKey('plate.second.voltage', $sixty->meanings, 'the row in use is the one that is explained');
    }

    public function test_pairs_with_a_slash_are_the_same_two_rows(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'plate.frequency' => '50/60', 'plate.voltage' => '400/690; 460', 'plate.power' => '37/43 kW', 'plate.current' => '66/38; 66',
            'plate.speed' => '1482/1780', 'plate.power_factor' => '0.85/0.86', 'plate.efficiency' => '93.9/94.1',
            'supply.voltage' => '460', 'supply.frequency' => 60,
        ]);
        self::assertFigures(
            ['plate.row' => 2, 'plate.output' => 43000, 'plate.current' => 66, 'plate.speed' => 1780, 'plate.efficiency' => 0.941],
            $solution,
        );
    }

    public function test_what_the_second_row_leaves_out_is_taken_from_the_first_and_marked(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'plate.second.frequency' => '60', 'plate.second.voltage' => '460', 'plate.second.current' => '66',
            'plate.second.power' => '43 kW', 'supply.voltage' => '460', 'supply.frequency' => 60,
        ]);
        $speed = $solution->figure('plate.speed');
        self::assertEqualsWithDelta(1482 * 1.2, $speed?->value, 1e-6);
        self::assertTrue($speed?->assumed());
        self::assertTrue($solution->figure('plate.power_factor')?->assumed());
    }

    public function test_what_is_stamped_once_on_a_plate_for_two_frequencies_holds_for_both(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.frequency' => '50/60', 'supply.frequency' => '60']);
        self::assertFalse($solution->figure('plate.power_factor')?->assumed());
        self::assertTrue($solution->figure('plate.speed')?->assumed(), 'one speed cannot hold for both');
    }

    public function test_two_currents_on_one_voltage_belong_to_two_frequencies(): void
    {
        $changes = ['plate.frequency' => '50/60', 'plate.voltage' => 'D 400', 'plate.current' => '66/57', 'plate.speed' => '1482/1785'];
        self::assertFigures(['plate.current' => 66], Circuits::solve(Circuits::kilnFan(), $changes));
        self::assertFigures(
            ['plate.current' => 57],
            Circuits::solve(Circuits::kilnFan(), [...$changes, 'supply.frequency' => 60, 'plate.start_current_ratio' => null]),
        );
    }

    public function test_an_error_of_the_row_in_use_stands_at_its_own_field(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            ...self::SECOND, 'plate.second.speed' => 'fast', 'supply.voltage' => '460', 'supply.frequency' => '60',
        ]);
        self::assertErrorAt('plate.second.speed', $solution, ErrorKind::Unreadable);
        self::assertNull($solution->figure('plate.slip'), 'no speed of the other row in its place');
        $impossible = Circuits::solve(Circuits::kilnFan(), [
            ...self::SECOND, 'plate.second.speed' => '2000', 'supply.voltage' => '460', 'supply.frequency' => '60',
        ]);
        self::assertErrorAt('plate.second.speed', $impossible, ErrorKind::Impossible);
    }

    public function test_an_error_of_the_other_row_is_told_and_blocks_nothing(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [...self::SECOND, 'plate.second.speed' => 'fast']);
        self::assertErrorAt('plate.second.speed', $solution, ErrorKind::Unreadable);
        self::assertFigures(['plate.slip' => 1.2, 'guard.scpd_rating' => 125], $solution);
    }

    public function test_two_values_and_one_frequency_do_not_go_together(): void
    {
        self::assertErrorAt('plate.speed', Circuits::solve(Circuits::kilnFan(), ['plate.speed' => '1450/1750']), ErrorKind::Unreadable);
    }

    /** @return array<string, array{array<string, mixed>, string}> */
    public static function kinds(): array
    {
        return [
            'rotor volts' => [['plate.rotor_voltage' => '250', 'plate.rotor_current' => '95'], 'wound_rotor'],
            'slip rings' => [['plate.remarks' => 'slip ring motor'], 'wound_rotor'],
            'two speeds' => [['plate.speed' => '1450/2900'], 'two_speed'],
            'two outputs' => [['plate.power' => '15/30 kW'], 'two_speed'],
            'words' => [['plate.remarks' => '2 speed'], 'two_speed'],
            'part winding' => [['plate.remarks' => 'PWS'], 'part_winding'],
            'chosen' => [['plate.kind' => 'part_winding'], 'part_winding'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('kinds')]
    public function test_other_kinds_of_motor_are_recognised_and_not_sized(array $changes, string $kind): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [...$changes, 'starter.method' => 'star_delta']);
        self::assertSame($kind, $solution->figure('plate.kind')?->value);
        self::assertFinds('kind_not_computed', $solution, 'caution');
        self::assertErrorAt('starter.method', $solution, ErrorKind::Refused);
        foreach (['start', 'cable', 'guard', 'correct'] as $station) {
            self::assertContains($station, $solution->blocked);
        }
        self::assertNull($solution->figure('cable.size'));
        self::assertNull($solution->figure('guard.scpd_rating'));
        self::assertNull($solution->figure('start.locked_rotor_current'));
    }

    public function test_a_single_phase_motor_waits_for_a_single_phase_supply(): void
    {
        $plate = [
            'plate.phases' => '1~', 'plate.voltage' => '230', 'plate.current' => '7.2', 'plate.power' => '1.1 kW',
            'plate.power_factor' => '0.95', 'plate.efficiency' => '72', 'plate.efficiency_class' => null, 'plate.speed' => '1420',
        ];
        self::assertErrorAt('supply.phases', Circuits::solve(Circuits::kilnFan(), $plate), ErrorKind::Refused);
        self::assertFigures(
            ['plate.connection' => 'single', 'power.computed_current' => 6.9922],
            Circuits::solve(Circuits::kilnFan(), [...$plate, 'supply.phases' => 1, 'supply.voltage' => '230']),
        );
    }

    public function test_heat_height_and_unbalance_take_from_the_output_and_cold_adds_nothing(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [
            'supply.ambient' => '50', 'supply.altitude' => '2000', 'supply.unbalance' => '2',
        ]);
        self::assertFigures(
            [
                'plate.derating_ambient' => 0.92, 'plate.derating_altitude' => 0.94, 'plate.derating_unbalance' => 0.95,
                'plate.usable_output' => 37000 * 0.92 * 0.94 * 0.95,
            ],
            $solution,
        );
        self::assertTrue($solution->figure('plate.usable_output')?->assumed());
        foreach (['-10', '20', '40'] as $cool) {
            self::assertNull(Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => $cool])->figure('plate.usable_output'));
        }
    }

    public function test_a_motor_for_sixty_degrees_is_not_derated_at_fifty(): void
    {
        self::assertDoesNotFind(
            'ambient_above_rating',
            Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => '50', 'plate.ambient' => '60 °C']),
        );
    }

    /** 400, 404 and 390 V: handbook of the house, calculated here. */
    public function test_unbalance_is_computed_from_three_voltages(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.unbalance' => '400/404/390']);
        self::assertStringStartsWith('2.01', $solution->read['supply.unbalance'] ?? '');
        self::assertFinds('unbalance', $solution, 'caution');
        self::assertFinds('unbalance_too_large', Circuits::solve(Circuits::kilnFan(), ['supply.unbalance' => '6 %']), 'stop');
        self::assertDoesNotFind('unbalance', Circuits::solve(Circuits::kilnFan(), ['supply.unbalance' => '0.9']));
    }

    /** @return array<string, array{string, string|null, string|null}> surroundings, code, finding */
    public static function places(): array
    {
        return [
            'saw dust on IP23' => ['dust', 'IP23', 'protection_too_low'], 'saw dust on IP55' => ['dust', 'IP55', null],
            'hose on IP54' => ['wash_down', 'IP54', 'protection_too_low'], 'hose on IP65' => ['wash_down', 'IP65', null],
            'rain on IP44' => ['outdoor', 'IP44', null], 'rain, digit not stated' => ['outdoor', 'IP4X', 'protection_too_low'],
            'nothing stamped' => ['dust', null, 'protection_unknown'],
            'dust that burns' => ['combustible_dust', 'IP65', 'combustible_dust'],
        ];
    }

    #[DataProvider('places')]
    public function test_protection_is_held_against_the_place(string $place, ?string $code, ?string $finding): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['surroundings' => $place, 'plate.ip' => $code]);
        $finding === null ? self::assertDoesNotFind('protection_too_low', $solution) : self::assertFinds($finding, $solution);
    }

    public function test_service_factor_amperes_lie_between_rated_current_and_its_multiple(): void
    {
        self::assertFinds(
            'service_factor_amps',
            Circuits::solve(Circuits::fiftyHorsepower(), ['plate.service_factor_amps' => '140']),
            'caution',
        );
        self::assertDoesNotFind('service_factor_amps', Circuits::solve(Circuits::fiftyHorsepower(), ['plate.service_factor_amps' => '69']));
        self::assertFigures(
            ['plate.service_factor_amps' => 69],
            Circuits::solve(Circuits::fiftyHorsepower(), ['plate.service_factor_amps' => '138/69']),
        );
    }

    public function test_low_flux_stops_where_too_little_breakdown_torque_is_left(): void
    {
        self::assertFinds(
            'flux_low',
            Circuits::solve(Circuits::kilnFan(), [
                'supply.frequency' => '60', 'plate.breakdown_torque_ratio' => '2.0', 'settings.voltage_tolerance' => '15',
            ]),
            'stop',
        );
        self::assertFinds(
            'flux_low',
            Circuits::solve(Circuits::kilnFan(), ['supply.frequency' => '60', 'plate.breakdown_torque_ratio' => '2.9']),
            'caution',
        );
    }

    public function test_a_rise_above_the_insulation_is_told(): void
    {
        self::assertFinds(
            'rise_above_class',
            Circuits::solve(Circuits::kilnFan(), ['plate.insulation_class' => 'B', 'plate.temperature_rise' => '105 K']),
            'caution',
        );
    }

    public function test_findings_name_the_fields_that_light_up(): void
    {
        $changes = ['supply.voltage' => '430', 'surroundings' => 'dust', 'plate.ip' => 'IP23'];
        $findings = Circuits::solve(Circuits::kilnFan(), $changes)->findings;
        foreach ($findings as $finding) {
            if (in_array($finding->code->code(), ['voltage_off', 'protection_too_low'], true)) {
                self::assertNotSame([], $finding->fields, $finding->code->code());
            }
        }
    }
}
