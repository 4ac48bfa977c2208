<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Stations\Measure\Wattmeters;
use PHPUnit\Framework\Attributes\DataProvider;

/** Power from instruments, with its sign; load from power, slip and current; unbalance and lost phases. */
final class MeasureTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $readings  under `measure` */
    private static function measured(array $readings, int $phases = 3): Solution
    {
        $changes = ['supply.phases' => $phases];
        foreach ($readings as $name => $value) {
            $changes['measure.'.$name] = $value;
        }

        return Circuits::solve(Circuits::kilnFan(), $changes);
    }

    /** W3 = +5820, W1 = −1240, common L2, sequence 123, 400 V: calculated here. */
    public function test_two_wattmeters_give_power_and_the_sense_of_the_current(): void
    {
        $solution = self::measured([
            'method' => 'two_wattmeters', 'watts_1' => '-1240', 'watts_3' => '5820', 'sequence' => '123', 'balanced' => 'balanced',
            'swapped' => 'none', 'volts_12' => '400',
        ]);
        self::assertFigures(
            [
                'measured.real' => 4580, 'measured.reactive' => 12228, 'measured.power_factor' => 0.3507, 'measured.angle' => 69.47,
                'measured.current' => 18.85,
            ],
            $solution,
        );
        self::assertFinds('low_meter_negative', $solution, 'note');
        $swapped = self::measured([
            'method' => 'two_wattmeters', 'watts_1' => '1240', 'watts_3' => '5820', 'sequence' => '123', 'balanced' => 'balanced',
            'swapped' => '1', 'volts_12' => '400',
        ]);
        self::assertFigures(['measured.real' => 4580, 'measured.reactive' => 12228], $swapped);
        $reversed = self::measured([
            'method' => 'two_wattmeters', 'watts_1' => '-1240', 'watts_3' => '5820', 'sequence' => '132', 'balanced' => 'balanced',
            'swapped' => 'none', 'volts_12' => '400',
        ]);
        self::assertFigures(['measured.reactive' => -12228, 'measured.angle' => -69.47], $reversed);
    }

    public function test_without_the_sequence_the_sense_is_asked_and_reactive_power_is_marked(): void
    {
        $solution = self::measured([
            'method' => 'two_wattmeters', 'watts_1' => '-1240', 'watts_3' => '5820', 'balanced' => 'balanced', 'swapped' => 'none',
        ]);
        self::assertErrorAt('measure.sequence', $solution, ErrorKind::Missing);
        self::assertTrue($solution->figure('measured.reactive')?->assumed());
        self::assertFigures(
            ['measured.reactive' => -12228],
            self::measured([
                'method' => 'two_wattmeters', 'watts_1' => '-1240', 'watts_3' => '5820', 'balanced' => 'balanced', 'swapped' => 'none',
                'sense' => 'leading',
            ]),
        );
    }

    public function test_unbalanced_two_wattmeters_give_real_power_only(): void
    {
        $solution = self::measured([
            'method' => 'two_wattmeters', 'watts_1' => '3000', 'watts_3' => '5820', 'sequence' => '123', 'balanced' => 'unbalanced',
            'swapped' => 'none',
        ]);
        self::assertFigures(['measured.real' => 8820], $solution);
        self::assertNull($solution->figure('measured.reactive'));
        $effective = self::measured([
            'method' => 'two_wattmeters', 'watts_1' => '3000', 'watts_3' => '5820', 'balanced' => 'unbalanced', 'swapped' => 'none',
            'volts_12' => 400, 'volts_23' => 400, 'volts_31' => 400, 'amps_1' => 10, 'amps_2' => 20, 'amps_3' => 15,
        ]);
        self::assertFigures(['measured.apparent' => sqrt(3) * 400 * sqrt((100 + 400 + 225) / 3)], $effective);
    }

    /** @return list<array{string, string, string, float}> pair, line, sequence, degrees ahead of the phase voltage */
    public static function offsets(): array
    {
        return [
            ['12', '1', '123', 30], ['13', '1', '123', -30], ['23', '1', '123', -90], ['32', '1', '123', 90], ['12', '1', '132', -30],
            ['13', '1', '132', 30], ['23', '1', '132', 90], ['32', '3', '123', -30], ['31', '2', '123', -90], ['12', '3', '123', -90],
            ['21', '1', '123', -150],
        ];
    }

    #[DataProvider('offsets')]
    public function test_a_line_voltage_stands_off_its_phase(string $pair, string $line, string $sequence, float $degrees): void
    {
        self::assertEqualsWithDelta($degrees, Wattmeters::ahead($pair, $line, $sequence), 1e-6);
    }

    /** The handbook of the house: V12 with I1 takes 30° off, V13 adds them, V23 is 90° − φ. All three see φ = 36.87°. */
    public function test_the_angle_of_every_pair_gives_the_same_power_factor(): void
    {
        $phi = rad2deg(acos(0.8));
        foreach ([['12', 30 + $phi], ['13', $phi - 30], ['23', $phi - 90]] as [$pair, $angle]) {
            $solution = self::measured([
                'method' => 'line_angle', 'volts_12' => '400', 'amps_1' => '60',
                'angle' => (string) round($angle, 4),
                'pair' => $pair, 'line' => '1', 'sequence' => '123',
            ]);
            self::assertFigures(
                [
                    'measured.power_factor' => 0.8,
                    'measured.real' => sqrt(3) * 400 * 60 * 0.8,
                    'measured.reactive' => sqrt(3) * 400 * 60 * 0.6,
                ],
                $solution,
            );
        }
        self::assertErrorAt(
            'measure.angle',
            self::measured([
                'method' => 'line_angle', 'volts_12' => '400', 'amps_1' => '60', 'angle' => '-150', 'pair' => '12', 'line' => '1',
                'sequence' => '123',
            ]),
            ErrorKind::Impossible,
        );
    }

    public function test_one_wattmeter_to_neutral_counts_three_times(): void
    {
        $solution = self::measured([
            'method' => 'one_wattmeter', 'wattmeter' => 'neutral', 'watts' => '8000', 'volts_12' => '400', 'amps_1' => '43.3',
            'sense' => 'lagging',
        ]);
        self::assertFigures(['measured.real' => 24000, 'measured.power_factor' => 24000 / (sqrt(3) * 400 * 43.3)], $solution);
    }

    public function test_one_wattmeter_across_the_other_lines_shows_reactive_power(): void
    {
        $solution = self::measured([
            'method' => 'one_wattmeter', 'wattmeter' => 'other_lines', 'line' => '1', 'sequence' => '123', 'watts' => '6000',
            'volts_12' => '400', 'amps_1' => '25',
        ]);
        $s = sqrt(3) * 400 * 25;
        self::assertFigures(['measured.reactive' => sqrt(3) * 6000, 'measured.real' => sqrt($s ** 2 - 3 * 6000 ** 2)], $solution);
        self::assertFigures(
            ['measured.reactive' => -sqrt(3) * 6000],
            self::measured([
                'method' => 'one_wattmeter', 'wattmeter' => 'other_lines', 'line' => '1', 'sequence' => '132', 'watts' => '6000',
                'volts_12' => '400', 'amps_1' => '25',
            ]),
        );
    }

    public function test_one_wattmeter_on_a_pair_finds_the_angle_or_asks(): void
    {
        $w = 400 * 60 * cos(deg2rad(30 + 60));
        $solution = self::measured([
            'method' => 'one_wattmeter', 'wattmeter' => 'pair', 'pair' => '12', 'line' => '1', 'sequence' => '123',
            'watts' => (string) (round($w, 3) + 0.0),
            'volts_12' => '400', 'amps_1' => '60', 'sense' => 'lagging',
        ]);
        self::assertFigures(['measured.power_factor' => 0.5], $solution);
        $asked = self::measured([
            'method' => 'one_wattmeter', 'wattmeter' => 'pair', 'pair' => '12', 'line' => '1', 'sequence' => '123',
            'watts' => (string) round(400 * 60 * cos(deg2rad(50)), 3),
            'volts_12' => '400', 'amps_1' => '60',
        ]);
        self::assertErrorAt('measure.sense', $asked, ErrorKind::Missing);
        self::assertFigures(
            ['measured.angle' => 20],
            self::measured([
                'method' => 'one_wattmeter', 'wattmeter' => 'pair', 'pair' => '12', 'line' => '1', 'sequence' => '123',
                'watts' => (string) round(400 * 60 * cos(deg2rad(50)), 3),
                'volts_12' => '400', 'amps_1' => '60', 'sense' => 'lagging',
            ]),
        );
    }

    public function test_three_wattmeters_add_up_and_each_has_its_own_factor(): void
    {
        $solution = self::measured([
            'method' => 'three_wattmeters', 'watts_1' => '1000', 'watts_2' => '2000', 'watts_3' => '1500', 'phase_volts_1' => 230,
            'phase_volts_2' => 231, 'phase_volts_3' => 229, 'amps_1' => 5, 'amps_2' => 10, 'amps_3' => 8, 'sense' => 'lagging',
        ]);
        self::assertFigures(
            ['measured.real' => 4500, 'measured.power_factor_1' => 1000 / 1150, 'measured.apparent' => 1150 + 2310 + 1832],
            $solution,
        );
    }

    public function test_a_meter_gives_watts_from_turns_or_pulses(): void
    {
        self::assertFigures(
            ['measured.real' => 288000],
            self::measured([
                'method' => 'meter_disc', 'revolutions' => '10', 'disc_constant' => '7.2', 'seconds' => '36', 'current_ratio' => '200/5',
            ]),
        );
        self::assertFigures(
            ['measured.real' => 5000],
            self::measured(['method' => 'meter_pulses', 'pulses' => '50', 'pulses_per_kwh' => '1000', 'seconds' => '36']),
        );
        self::assertFinds(
            'few_counts',
            self::measured(['method' => 'meter_disc', 'revolutions' => '2', 'disc_constant' => '7.2', 'seconds' => '36']),
            'note',
        );
    }

    public function test_a_brake_test_gives_efficiency_and_refuses_more_than_all(): void
    {
        $readings = [
            'method' => 'brake', 'torque' => '238.4', 'speed' => '1482', 'watts' => '39404', 'volts_12' => '400', 'amps_1' => '66.91',
            'sense' => 'lagging',
        ];
        self::assertFigures(
            ['measured.shaft' => 36998, 'measured.efficiency' => 93.89, 'measured.load_by_power' => 100],
            self::measured($readings),
        );
        self::assertErrorAt('measure.torque', self::measured([...$readings, 'torque' => '260']), ErrorKind::Impossible);
    }

    /** 230 V, 8.2 A, 1150 W on one phase: calculated here. */
    public function test_volts_amps_and_watts_of_a_single_phase_bench_load(): void
    {
        $bench = [
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '230', 'frequency' => 50, 'phases' => 1],
            'bench' => ['current' => '8.2', 'power' => '1150 W'],
        ];
        self::assertFigures(
            ['power.apparent' => 1886, 'power.power_factor' => 0.6098, 'power.reactive' => 1495, 'power.computed_current' => 8.2],
            Circuits::solve($bench),
        );
        $measured = Circuits::solve([
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '230', 'frequency' => 50, 'phases' => 1],
            'measure' => ['method' => 'volts_amps_watts', 'volts_12' => 230, 'amps_1' => 8.2, 'watts' => 1150, 'sense' => 'lagging'],
        ]);
        self::assertFigures(['measured.power_factor' => 0.6098, 'measured.reactive' => 1495], $measured);
    }

    public function test_a_bench_load_takes_any_two_of_three(): void
    {
        $solve = static fn (array $bench, int $phases = 3): Solution => Circuits::solve([
            'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '400', 'frequency' => 50, 'phases' => $phases],
            'bench' => $bench,
        ]);
        self::assertFigures(
            ['power.computed_current' => 5000 / 0.8 / (sqrt(3) * 400), 'power.reactive' => 3750],
            $solve(['power' => '5 kW', 'power_factor' => '0.8']),
        );
        self::assertFigures(['power.input' => sqrt(3) * 400 * 10 * 0.8], $solve(['current' => '10', 'power_factor' => '0.8']));
        self::assertErrorAt('bench.power', $solve(['current' => '10', 'power' => '9 kW']), ErrorKind::Impossible);
        self::assertErrorAt(
            'bench.power_factor',
            $solve(['current' => '10', 'power' => '5 kW', 'power_factor' => '0.9']),
            ErrorKind::Impossible,
        );
        self::assertErrorAt('bench.power_factor', $solve(['power' => '5 kW']), ErrorKind::Missing);
        self::assertContains('cable', $solve(['power' => '5 kW', 'power_factor' => 1])->blocked);
    }

    public function test_more_watts_than_volts_times_amperes_are_refused(): void
    {
        self::assertErrorAt(
            'measure.watts',
            self::measured(['method' => 'volts_amps_watts', 'volts_12' => 400, 'amps_1' => 10, 'watts' => '8 kW']),
            ErrorKind::Impossible,
        );
    }

    public function test_load_by_slip_power_and_current_have_their_bands(): void
    {
        $solution = self::measured([
            'method' => 'volts_amps_watts', 'volts_12' => 400, 'amps_1' => 46, 'watts' => '24.5 kW', 'sense' => 'lagging',
            'speed' => '1490',
        ]);
        self::assertFigures(['measured.load_by_slip' => (100 * 10) / 18, 'measured.load_by_slip_low' => (80 * 10) / 18], $solution);
        $byPower = $solution->figure('measured.load_by_power')?->number() ?? 0;
        self::assertEqualsWithDelta(62, $byPower, 2);
        self::assertGreaterThan($byPower, $solution->figure('measured.load_by_power_high')?->number());
        self::assertNotNull($solution->figure('measured.load_by_current'));
        $idle = self::measured(['method' => 'volts_amps', 'volts_12' => 400, 'amps_1' => 28]);
        self::assertNull($idle->figure('measured.load_by_current'));
        self::assertFinds('load_not_by_current', $idle, 'note');
        self::assertErrorAt(
            'measure.speed',
            self::measured(['method' => 'volts_amps', 'volts_12' => 400, 'amps_1' => 28, 'speed' => '1510']),
            ErrorKind::Impossible,
        );
    }

    /** 400, 404 and 390 V: 2.01 % and 2.09 %, calculated here. */
    public function test_unbalance_by_deviation_and_by_sequences(): void
    {
        $solution = self::measured([
            'method' => 'volts_amps', 'volts_12' => 400, 'volts_23' => 404, 'volts_31' => 390, 'amps_1' => 60, 'amps_2' => 66,
            'amps_3' => 58,
        ]);
        self::assertFigures(
            [
                'measured.voltage_unbalance' => 2.01, 'measured.negative_sequence' => 2.085,
                'measured.current_unbalance_expected' => 7 * 2.0853,
            ],
            $solution,
        );
        self::assertFinds('voltage_unbalance', $solution, 'caution');
        self::assertFinds(
            'voltages_no_triangle',
            self::measured(['method' => 'volts_amps', 'volts_12' => 400, 'volts_23' => 100, 'volts_31' => 250]),
            'caution',
        );
        self::assertFinds(
            'current_unbalance',
            self::measured([
                'method' => 'volts_amps', 'volts_12' => 400, 'volts_23' => 400, 'volts_31' => 400, 'amps_1' => 60, 'amps_2' => 80,
                'amps_3' => 58,
            ]),
            'caution',
        );
    }

    public function test_a_lost_phase_stops_everything_else(): void
    {
        $solution = self::measured(['method' => 'volts_amps', 'volts_12' => 400, 'amps_1' => 0, 'amps_2' => 110, 'amps_3' => 112]);
        self::assertFinds('single_phasing', $solution, 'stop');
        self::assertNull($solution->figure('measured.apparent'));
        self::assertNull($solution->figure('measured.load_by_current'));
    }

    public function test_part_load_comes_from_the_machine_and_ends_in_the_rated_point(): void
    {
        self::assertFigures(
            [
                'power.load_current' => 66.91, 'power.load_power_factor' => 0.85, 'power.load_efficiency' => 0.939,
                'power.no_load_current' => 26.73,
            ],
            Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => 100]),
        );
        $half = Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => 50]);
        self::assertSame('motor model', $half->figure('power.part_load_way')?->value);
        self::assertEqualsWithDelta(0.72, $half->figure('power.load_power_factor')?->number(), 0.02);
        self::assertTrue($half->figure('power.load_current')?->assumed());
        self::assertFigures(['power.load_output' => 0], Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => 0]));
        $rough = Circuits::solve(Circuits::kilnFan(), [
            'load.output_percent' => 50, 'plate.speed' => '1300', 'plate.start_current_ratio' => '4',
        ]);
        self::assertSame('approximation', $rough->figure('power.part_load_way')?->value);
        self::assertFinds('no_machine_model', $rough, 'note');
        self::assertNull(Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => '130'])->figure('power.load_current'));
    }

    public function test_three_windings_take_three_times_as_much_in_delta(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['windings.impedance' => '12', 'windings.power_factor' => '0.8']);
        self::assertFigures(
            [
                'windings.star_current' => 19.245, 'windings.delta_winding_current' => 33.333, 'windings.delta_line_current' => 57.735,
                'windings.star_power' => 10666.7, 'windings.delta_power' => 32000, 'windings.ohms_star' => 24, 'windings.ohms_delta' => 8,
            ],
            $solution,
        );
        self::assertFigures(
            ['windings.each' => 26.45, 'windings.star_power' => 6049],
            Circuits::solve(Circuits::kilnFan(), ['windings.element_power' => '2 kW', 'windings.element_voltage' => '230']),
        );
        self::assertFinds(
            'element_burns_in_delta',
            Circuits::solve(Circuits::kilnFan(), ['windings.element_power' => '2 kW', 'windings.element_voltage' => '230']),
            'stop',
        );
        self::assertFigures(
            ['windings.each' => 12],
            Circuits::solve(Circuits::kilnFan(), ['windings.terminal_resistance' => '24', 'windings.connected' => 'star']),
        );
        self::assertFigures(
            ['windings.each' => 12],
            Circuits::solve(Circuits::kilnFan(), ['windings.terminal_resistance' => '8', 'windings.connected' => 'delta']),
        );
        self::assertErrorAt(
            'windings.connected',
            Circuits::solve(Circuits::kilnFan(), ['windings.terminal_resistance' => '8']),
            ErrorKind::Missing,
        );
    }

    public function test_line_and_phase_values_stand_thirty_degrees_apart(): void
    {
        $phasors = Circuits::curve(Circuits::solve(Circuits::kilnFan()), 'phasors');
        $angle = static fn (array $set, string $name): float => array_column($set, 'angle', 'name')[$name];
        self::assertEqualsWithDelta(30, $angle($phasors['star']['lagging'], 'V12') - $angle($phasors['star']['lagging'], 'V1N'), 1e-4);
        self::assertEqualsWithDelta(30, $angle($phasors['delta']['lagging'], 'I12') - $angle($phasors['delta']['lagging'], 'I1'), 1e-4);
        self::assertEqualsWithDelta(-rad2deg(acos(0.85)), $angle($phasors['star']['lagging'], 'I1'), 1e-4);
        foreach ([...$phasors['star']['lagging'], ...$phasors['delta']['lagging']] as $arrow) {
            self::assertStringContainsString(str_starts_with($arrow['name'], 'V') ? "\u{00A0}V at" : "\u{00A0}A at", $arrow['shown']);
        }
        self::assertEqualsWithDelta(rad2deg(acos(0.85)), $angle($phasors['star']['leading'], 'I1'), 1e-4);
    }

    /** CE Code Table 44, from memory: 50 hp at 460 V 65 A, at 208 V 143 A by its note. */
    public function test_every_rule_book_answers_for_the_same_motor(): void
    {
        $schools = array_column(Circuits::curve(Circuits::solve(Circuits::fiftyHorsepower()), 'schools'), null, 'name');
        self::assertEqualsWithDelta(65, $schools['NEC']['design']['value'] ?? 0, 1e-9);
        self::assertEqualsWithDelta(61, $schools['CE Code']['design']['value'] ?? 0, 1e-9, 'the CE Code goes by the plate');
        self::assertEqualsWithDelta(65, $schools['CE Code']['table']['value'] ?? 0, 1e-9);
        $bare = Circuits::solve(Circuits::fiftyHorsepower(), [
            'rule_book' => 'cec', 'plate.current' => null, 'plate.voltage' => '208', 'supply.voltage' => '208',
        ]);
        self::assertFigures(['power.design_current' => 143], $bare);
        self::assertErrorAt(
            'plate.current',
            Circuits::solve(Circuits::fiftyHorsepower(), ['rule_book' => 'cec', 'plate.current' => null, 'plate.power' => '250 hp']),
            ErrorKind::Missing,
        );
    }
}
