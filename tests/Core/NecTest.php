<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** Choices of the NEC: the percentages and roundings are those of its articles, from memory. */
final class NecTest extends CoreTestCase
{
    /** @return array<string, array{string, float|null}> output, table current at 460 V (NEC Table 430.250, from memory) */
    public static function tableCurrents(): array
    {
        return [
            'half' => ['0.5 hp', 1.1], 'one' => ['1 hp', 2.1], 'five' => ['5 hp', 7.6], 'ten' => ['10 hp', 14],
            'twenty-five' => ['25 hp', 34], 'fifty' => ['50 hp', 65], 'hundred' => ['100 hp', 124], 'two hundred' => ['200 hp', 240],
            'five hundred' => ['500 hp', 590], 'kilowatts of a listed size' => ['37 kW', 65], 'between rows' => ['45 hp', 58.5],
            'kilowatts of no listed size' => ['33 kW', null], 'above the table' => ['600 hp', null],
        ];
    }

    #[DataProvider('tableCurrents')]
    public function test_table_current(string $output, ?float $amperes): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.power' => $output, 'plate.current' => null, 'plate.efficiency' => 94, 'plate.power_factor' => 0.85,
        ]);
        self::assertSame(
            $amperes,
            $solution->figure('power.table_current')?->value === null
                ? null
                : round((float) $solution->figure('power.table_current')->value, 3),
        );
    }

    public function test_without_a_table_entry_the_plate_current_serves_with_a_caution(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.power' => '33 kW', 'plate.current' => '108/54']);
        self::assertFigures(['power.design_current' => 54], $solution);
        self::assertFinds('table_has_no_current', $solution, 'caution');
    }

    public function test_the_larger_current_of_plate_and_supply_column_is_taken(): void
    {
        $motor = [
            'rule_book' => 'nec', 'supply' => ['voltage' => 208],
            'plate' => ['power' => '5 hp', 'voltage' => '230', 'current' => 13, 'speed' => 1740, 'efficiency' => 88, 'power_factor' => 0.8],
        ];
        self::assertFigures(['power.table_current' => 16.7], Circuits::solve($motor));
    }

    /** 10 hp at 208 V: Table 430.250 says 32.2 A in its 200 V column; what is computed is more. The smaller sets the relay, and is told. */
    public function test_without_plate_amperes_the_smaller_current_sets_the_relay_of_a_slow_motor(): void
    {
        $solution = Circuits::solve(['rule_book' => 'nec', 'supply' => ['voltage' => 208], 'plate' => [
            'power' => '10 hp', 'voltage' => 200, 'speed' => 880, 'power_factor' => 0.74, 'efficiency' => 88.2, 'service_factor' => 1.15,
        ]]);
        self::assertFigures(
            ['power.computed_current' => 32.995, 'power.overload_current' => 32.2, 'guard.overload_dial' => 32.2], $solution,
        );
        self::assertStringContainsString('32.2', self::finding($solution, 'plate_current_wanted')->text);
    }

    public function test_a_slow_motor_goes_by_its_plate(): void
    {
        $slow = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.speed' => 885]);
        self::assertFigures(['power.design_current' => 61], $slow);
        self::assertFinds('slow_motor_uses_plate', $slow, 'note');
        self::assertFigures(['power.design_current' => 65], Circuits::solve(Circuits::fiftyHorsepower(), ['plate.speed' => 1180]));
    }

    public function test_480_volts_use_the_460_volt_column(): void
    {
        self::assertFigures(
            ['power.table_current' => 65, 'plate.fit' => 4.348],
            Circuits::solve(Circuits::fiftyHorsepower(), ['plate.voltage' => '460', 'plate.current' => '61']),
        );
    }

    public function test_unmarked_terminals_are_60_degrees_up_to_100_amperes(): void
    {
        $small = Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.terminal_temperature' => null, 'cable.length' => null]);
        self::assertFigures(['cable.size' => '6 AWG', 'cable.ampacity' => 55], $small);
        self::assertTrue($small->figure('cable.size')?->assumed());
        $large = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.power' => '75 hp', 'plate.current' => '176/88']);
        self::assertFigures(['cable.required_ampacity' => 120, 'cable.size' => '1 AWG', 'cable.ampacity' => 130], $large);
    }

    public function test_terminals_are_never_taken_above_75_degrees(): void
    {
        $marked = Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.terminal_temperature' => 90]);
        self::assertFigures(['cable.ampacity' => 50], $marked);
    }

    public function test_derating_starts_from_the_conductors_own_column(): void
    {
        // 8 AWG THWN-2: 55 A × 0.91 at 40 °C × 0.8 for six conductors = 40.04 A; the terminals alone would allow 50 A.
        $hot = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'supply.ambient' => 38, 'cable.grouped_circuits' => 2, 'cable.length' => null,
        ]);
        self::assertFigures(
            ['cable.size' => '6 AWG', 'cable.derated_ampacity' => 75 * 0.91 * 0.8, 'cable.ampacity' => 75 * 0.91 * 0.8],
            $hot,
        );
        $cool = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'cable.insulation' => 'THWN', 'supply.ambient' => 38, 'cable.length' => null,
        ]);
        self::assertFigures(['cable.derated_ampacity' => 50 * 0.88], $cool);
    }

    public function test_six_leads_count_as_six_conductors(): void
    {
        // 46.8 A a lead; 8 AWG: 55 A × 0.8 = 44 A falls short, 6 AWG: 75 A × 0.8 = 60 A.
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.leads' => 12, 'starter.method' => 'star_delta', 'cable.terminal_temperature' => 75,
        ]);
        self::assertFigures(
            ['cable.required_ampacity' => 0.72 * 65, 'cable.size' => '6 AWG', 'cable.derated_ampacity' => 60.0, 'cable.conductors' => 6],
            $solution,
        );
    }

    public function test_an_ambient_beyond_the_table_is_told_at_its_field(): void
    {
        self::assertErrorAt(
            'supply.ambient',
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['supply.ambient' => 60, 'cable.insulation' => 'TW']),
            ErrorKind::Impossible,
        );
    }

    public function test_dry_insulation_is_refused_in_a_wet_place(): void
    {
        self::assertErrorAt(
            'cable.insulation',
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.insulation' => 'THHN', 'cable.wet' => true]),
            ErrorKind::Impossible,
        );
    }

    public function test_under_six_leads_the_grounding_conductor_is_bounded_by_the_line_and_not_by_a_lead(): void
    {
        $circuit = Circuits::fiftyHorsepower();
        $changes = [
            'plate.leads' => 12, 'starter.method' => 'star_delta', 'cable.terminal_temperature' => 75,
            'guard.scpd' => 'fuse_non_time_delay',
        ];
        // 200 A fuse: 6 AWG by table; the leads are 6 AWG, the line 4 AWG.
        self::assertFigures(
            ['guard.scpd_rating' => 200, 'cable.protective_size' => '6 AWG'],
            Circuits::solve($circuit, [...$changes, 'cable.line_length' => 10]),
        );
        // Small leads under a large device: bounded by the 8 AWG that a line to the starter would need.
        $small = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'plate.voltage' => 'D 460', 'plate.leads' => 6, 'starter.method' => 'star_delta', 'guard.scpd' => 'fuse_non_time_delay',
        ]);
        self::assertFigures(['cable.size' => '10 AWG', 'guard.scpd_rating' => 110, 'cable.protective_size' => '8 AWG'], $small);
        $line = Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'plate.voltage' => 'D 460', 'plate.leads' => 6, 'starter.method' => 'star_delta', 'guard.scpd' => 'fuse_non_time_delay',
            'cable.line_length' => 10,
        ]);
        self::assertFigures(['cable.line_size' => '8 AWG', 'cable.protective_size' => '8 AWG'], $line);
    }

    public function test_a_long_run_enlarges_phases_and_grounding_conductor_alike(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.length' => '200 m', 'guard.scpd' => 'fuse_dual_element']);
        // 60 A fuse: 10 AWG; phases from 8 to 4 AWG (21.15 / 8.367 = 2.53): 10 AWG × 2.53 = 13.3 mm², 6 AWG.
        self::assertFigures(['cable.size_by_ampacity' => '8 AWG', 'cable.size' => '4 AWG', 'cable.protective_size' => '6 AWG'], $solution);
        self::assertLessThanOrEqual(3.0, $solution->figure('cable.voltage_drop')?->number());
    }

    /** @return array<string, array{string, float, float}> device, limit, rating of a 50 hp motor (65 A) */
    public static function devices(): array
    {
        return [
            'inverse-time' => ['breaker_inverse_time', 162.5, 175], 'dual-element' => ['fuse_dual_element', 113.75, 125],
            'non-time-delay' => ['fuse_non_time_delay', 195, 200],
        ];
    }

    #[DataProvider('devices')]
    public function test_next_standard_size_up(string $device, float $limit, float $rating): void
    {
        self::assertFigures(
            ['guard.scpd_limit' => $limit, 'guard.scpd_rating' => $rating, 'guard.scpd_maximum_rating' => $rating],
            Circuits::solve(Circuits::fiftyHorsepower(), ['guard.scpd' => $device]),
        );
    }

    public function test_a_lower_marking_on_the_starter_governs(): void
    {
        self::assertFigures(
            ['guard.scpd_maximum_rating' => 125, 'guard.scpd_rating' => 125],
            Circuits::solve(Circuits::fiftyHorsepower(), ['guard.marked_maximum' => '130 A']),
        );
        self::assertFigures(
            ['guard.scpd_rating' => 175],
            Circuits::solve(Circuits::fiftyHorsepower(), ['guard.marked_maximum' => '300 A']),
        );
    }

    public function test_an_installed_device_is_checked_and_not_chosen(): void
    {
        self::assertFinds('installed_device_too_large', Circuits::solve(Circuits::fiftyHorsepower(), ['guard.rating' => 200]), 'stop');
        self::assertFinds('installed_device_too_small', Circuits::solve(Circuits::fiftyHorsepower(), ['guard.rating' => 60]), 'stop');
        self::assertFinds('installed_device_may_trip', Circuits::solve(Circuits::fiftyHorsepower(), ['guard.rating' => 80]), 'caution');
        self::assertFinds('installed_device_not_judged', Circuits::solve(Circuits::fiftyHorsepower(), ['guard.rating' => 77]), 'caution');
        $right = Circuits::solve(Circuits::fiftyHorsepower(), ['guard.rating' => 150]);
        self::assertFigures(['guard.scpd_rating' => 150], $right);
        self::assertSame([], preg_grep('/^installed_device/', Circuits::codes($right)));
    }

    public function test_a_fuse_that_may_not_carry_the_start_is_a_caution_with_its_ceiling(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), ['guard.scpd' => 'fuse_dual_element', 'plate.code_letter' => 'M']);
        self::assertFinds('scpd_may_trip_on_start', $solution, 'caution');
        foreach ($solution->findings as $finding) {
            if ($finding->code->code() === 'scpd_may_trip_on_start') {
                self::assertStringContainsString('225 %', $finding->text);
            }
        }
    }

    public function test_a_device_of_the_other_world_is_a_stop(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), ['guard.scpd' => 'fuse_gg']);
        self::assertFinds('not_a_branch_device', $solution, 'stop');
        self::assertNull($solution->figure('guard.scpd_rating'));
        self::assertFinds('not_a_branch_device', Circuits::solve(Circuits::kilnFan(), ['guard.scpd' => 'fuse_dual_element']), 'stop');
    }

    /** @return array<string, array{mixed, mixed, float, float}> service factor, rise, limit, dial of 61 A */
    public static function overloads(): array
    {
        return [
            'service factor 1.15' => [1.15, null, 76.25, 61], 'service factor 1.0' => [1.0, null, 70.15, 57.95],
            'not stamped' => [null, null, 70.15, 57.95], 'rise of 40' => [1.0, 40, 76.25, 61], 'rise of 80' => [1.0, 80, 70.15, 57.95],
        ];
    }

    #[DataProvider('overloads')]
    public function test_overload_limit_and_dial_are_two_figures(mixed $serviceFactor, mixed $rise, float $limit, float $dial): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.service_factor' => $serviceFactor, 'plate.temperature_rise' => $rise,
        ]);
        self::assertFigures(['guard.overload_setting' => $limit, 'guard.overload_dial' => $dial], $solution);
        self::assertFinds('dial_is_not_the_limit', $solution, 'note');
        // The relay trips near 1.2 times its dial: never above the limit.
        self::assertLessThanOrEqual($limit, 1.2 * $dial);
    }

    public function test_the_ten_ampere_rating_is_a_site_setting(): void
    {
        $small = [
            'rule_book' => 'nec', 'supply' => ['voltage' => 480],
            'plate' => [
                'power' => '1 hp', 'voltage' => 460, 'current' => 1.9, 'speed' => 1740, 'efficiency' => 82, 'power_factor' => 0.72,
                'code_letter' => 'K',
            ],
        ];
        $with = Circuits::solve($small);
        self::assertFigures(['guard.scpd_limit' => 5.25, 'guard.scpd_rating' => 10], $with);
        self::assertNotNull($with->figure('guard.scpd_rating')?->doubt);
        self::assertFigures(['guard.scpd_rating' => 15], Circuits::solve($small, ['settings.ten_ampere_rating' => false]));
    }

    public function test_locked_rotor_current_sources_in_their_order(): void
    {
        self::assertFigures(
            ['start.locked_rotor_current' => 6 * 61],
            Circuits::solve(Circuits::fiftyHorsepower(), ['plate.start_current_ratio' => 6]),
        );
        self::assertFigures(['start.locked_rotor_current' => 373.1], Circuits::solve(Circuits::fiftyHorsepower()));
        $table = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.code_letter' => null]);
        self::assertFigures(['start.locked_rotor_current' => 363], $table);
        self::assertTrue($table->figure('start.locked_rotor_current')?->assumed());
        $typical = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.code_letter' => null, 'plate.design_letter' => 'A']);
        self::assertStringContainsString('judgement', $typical->figure('start.locked_rotor_current')->source ?? '');
    }

    public function test_open_code_letters_give_only_the_end_they_have(): void
    {
        $a = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.code_letter' => 'A', 'plate.design_letter' => 'B']);
        self::assertNull($a->figure('start.locked_rotor_current_low'));
        $high = 3.14 * 50000 / (sqrt(3) * 460);
        self::assertFigures(['start.locked_rotor_current_high' => $high, 'start.locked_rotor_current' => $high], $a);
        $v = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.code_letter' => 'V', 'plate.design_letter' => 'B']);
        self::assertNull($v->figure('start.locked_rotor_current_high'));
        self::assertFigures(['start.locked_rotor_current_low' => 22.4 * 50000 / (sqrt(3) * 460)], $v);
    }

    /** @return array<string, array{string, bool, bool}> place, own fuse, own disconnect */
    public static function places(): array
    {
        return [
            'board' => ['board', true, true], 'before' => ['before_controller', true, true], 'after' => ['after_controller', true, false],
            'motor' => ['at_motor', false, false],
        ];
    }

    #[DataProvider('places')]
    public function test_the_place_of_a_capacitor_decides_its_duties(string $place, bool $fuse, bool $disconnect): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['correction.place' => $place, 'correction.rated_kvar' => 5]);
        self::assertSame($fuse, $solution->figure('correct.fuse_rating') !== null);
        self::assertSame($disconnect, $solution->figure('correct.disconnect_rating') !== null);
        self::assertFigures(
            [
                'guard.overload_setting' => $place === 'at_motor' ? 36.47 : 40.0,
                'cable.required_ampacity' => 42.5, 'guard.scpd_rating' => 90,
            ],
            $solution,
        );
        // At the board the third of the motor conductors does not bind: 135 % of 6.014 A.
        self::assertFigures(['correct.conductor_ampacity' => $place === 'board' ? 1.35 * 6.014 : 50 / 3], $solution);
    }

    public function test_an_installed_conductor_is_checked_and_not_chosen(): void
    {
        $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.size' => '10 AWG']);
        self::assertFigures(['cable.size' => '10 AWG', 'cable.ampacity' => 35], $solution);
        self::assertFinds('installed_size_fails', $solution, 'stop');
        self::assertErrorAt(
            'cable.size',
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['cable.size' => '2000']),
            ErrorKind::Impossible,
        );
    }

    public function test_when_no_single_size_passes_nothing_smaller_is_invented(): void
    {
        $solution = Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.power' => '500 hp', 'plate.current' => '1120/560', 'plate.code_letter' => 'G', 'cable.length' => '900 m',
        ]);
        self::assertErrorAt('cable.size', $solution, ErrorKind::Refused);
        self::assertNull($solution->figure('cable.size'));
        self::assertContains('cable', $solution->blocked);
        self::assertNotNull($solution->figure('guard.scpd_rating'));
    }

    /** Tables 430.248 and 430.250: a column serves its range of supplies, and no volt beyond. NEC (from memory). */
    public function test_a_column_of_the_motor_tables_serves_its_range(): void
    {
        $at = static fn (string $volts): ?float => Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'supply.voltage' => $volts, 'plate.voltage' => $volts,
        ])->figure('power.table_current')?->number();
        $columns = ['440' => 34.0, '480' => 34.0, '550' => 27.0, '600' => 27.0, '220' => 68.0, '240' => 68.0, '208' => 74.8];
        foreach ($columns as $volts => $amperes) {
            self::assertSame($amperes, $at((string) $volts), "$volts V");
        }
        self::assertNull($at('500'));
        self::assertNull($at('549'));
    }

    /** Nobody typed them: three phases (common practice), 30 °C (Table 310.16). */
    public function test_what_is_taken_where_nothing_is_typed(): void
    {
        $notes = Circuits::solve(Circuits::twentyFiveHorsepower(), ['supply.phases' => null, 'supply.ambient' => null])->fields;
        self::assertSame('Three (assumed)', $notes['supply.phases']->toArray()['empty'] ?? null);
        self::assertStringStartsWith('30', (string) ($notes['supply.ambient']->toArray()['empty'] ?? ''));
    }
}
