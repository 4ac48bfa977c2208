<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Stations\Prove\Method\Shunt;
use PHPUnit\Framework\Attributes\DataProvider;

/** Rules at the edge where they begin or end: on this side so, on that side otherwise. */
final class LimitsTest extends CoreTestCase
{
    /** @return iterable<string, array{string, string, string|null, float|null}> book, plate volts, supply volts, times the current at 230 V */
    public static function voltages(): iterable
    {
        // CE Code Table 44 names 200, 208 and 230 V; by common practice a supply of some volts beside them is that one.
        yield 'CE Code, just below 200 V' => ['cec', '195', null, 1.15];
        yield 'CE Code, below that' => ['cec', '194', null, null];
        yield 'CE Code, 204 V is 208 V' => ['cec', '204', null, 1.1];
        yield 'CE Code, 203 V is 200 V' => ['cec', '203', null, 1.15];
        yield 'CE Code, 240 V is 230 V' => ['cec', '240', null, 1.0];
        yield 'CE Code, 241 V is none' => ['cec', '241', null, null];
        // NEC 430.250: the columns serve system voltages of 110 to 120, 220 to 240, 440 to 480 and 550 to 600 V.
        yield 'NEC, 212 V is 208 V' => ['nec', '212', '230', 30.8 / 28];
        yield 'NEC, 213 V is none' => ['nec', '213', '214', null];
        yield 'NEC, 240 V is 230 V' => ['nec', '240', '240', 1.0];
    }

    #[DataProvider('voltages')]
    public function test_a_table_column_serves_its_voltages(string $book, string $plate, ?string $supply, ?float $times): void
    {
        $solution = Bench::solve([
            'rule_book' => $book, 'supply' => ['voltage' => $supply ?? $plate],
            'plate' => ['power' => '10 hp', 'voltage' => $plate, 'speed' => '1745'],
        ]);
        self::assertEqualsWithDelta($times === null ? null : 28 * $times, $solution->figure('power.table_current')?->number(), 0.02);
    }

    /** NEC 430.52(C)(1) exception 2: an inverse-time breaker to 400 % up to 100 A of full-load current, above it to 300 %. */
    public function test_the_exception_of_a_breaker_changes_above_100_amperes(): void
    {
        $ceiling = static function (string $amps): float {
            $solution = Circuits::solve(Circuits::twentyFiveHorsepower('cec'), [
                'plate.power' => '75 hp', 'plate.current' => $amps, 'guard.scpd' => 'breaker_inverse_time',
            ]);

            return self::number($solution, 'guard.scpd_exception_limit') / (float) $amps;
        };
        self::assertEqualsWithDelta(4.0, $ceiling('100'), 1e-9);
        self::assertEqualsWithDelta(3.0, $ceiling('100.1'), 1e-9);
    }

    /** The percentage that is allowed after a failed start is told as it is calculated. NEC 430.32(C): 140 %, or 130 %. */
    public function test_a_raised_overload_setting_names_its_percentage(): void
    {
        $raised = static fn (?string $factor): string => implode(' ', array_map(
            static fn (Finding $one): string => $one->code->code() === 'exception_used' ? $one->text : '',
            Circuits::solve(Circuits::twentyFiveHorsepower(), [
                'plate.service_factor' => $factor, 'guard.start_exception.overload' => true,
                'guard.start_exception.evidence' => 'tripped twice',
            ])->findings,
        ));
        self::assertStringContainsString('up to 140 % of', $raised('1.15'));
        self::assertStringContainsString('up to 130 % of', $raised(null));
    }

    /** A duct bank begins with the second circuit. Common practice. */
    public function test_one_duct_is_no_duct_bank(): void
    {
        $buried = static fn (int $circuits): Solution => Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'cable.soil_temperature' => '20', 'cable.grouped_circuits' => $circuits, 'cable.wet' => true,
        ]);
        self::assertDoesNotFind('duct_bank', $buried(1));
        self::assertFinds('duct_bank', $buried(2), 'caution');
    }

    /** A breaker below half the motor's current, or above twice what is needed, is not worth a rung. Common practice. */
    public function test_the_ladder_of_breakers_shows_the_near_ones(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.power' => '2.2 kW', 'plate.current' => '4.8/2.8', 'plate.speed' => '1440',
            'guard.scpd' => 'breaker_c', 'plate.start_current_ratio' => '6', 'plate.inertia' => null]);
        /** @var list<array{rating: array{value: float}}> $rungs by the curve's shape */
        $rungs = Circuits::curve($solution, 'ratings')['rows'];
        $ratings = array_map(static fn (array $rung): float => (float) $rung['rating']['value'], $rungs);
        self::assertFigures(['guard.scpd_rating' => 13], $solution);
        // From half of 4.8 A to twice 13 A, of the ratings that such breakers have.
        self::assertSame([6.0, 8.0, 10.0, 13.0, 16.0, 20.0, 25.0], $ratings);
    }

    /** Soil at 20 °C is doubted where the air is above 30 °C, and only where the cable lies in it. */
    public function test_warm_air_over_soil_that_nobody_measured(): void
    {
        $in = static fn (string $method, ?string $air): Solution => Circuits::solve(Circuits::kilnFan(), [
            'cable.method' => $method, 'supply.ambient' => $air,
        ]);
        self::assertFinds('soil_assumed', $in('D1', '35'), 'caution');
        self::assertDoesNotFind('soil_assumed', $in('D1', '30'));
        self::assertDoesNotFind('soil_assumed', $in('E', '35'));
    }

    /** IEC 60364-4-41 Table 41.1 (from memory): 0.2 s up to 400 V to earth, 0.1 s above. 690 V between lines is 398 V to earth. */
    public function test_the_time_to_clear_follows_the_volts_to_earth(): void
    {
        $limit = static fn (string $volts): float => self::number(Circuits::solve(Circuits::kilnFan(), [
            'supply.voltage' => $volts, 'plate.voltage' => $volts.' D', 'plate.power' => '7.5 kW', 'plate.current' => '9', 'plate.speed' => '1460',
            'supply.earthing' => 'tn_s', 'guard.scpd' => 'fuse_gg', 'cable.length' => '20 m', 'plate.inertia' => null,
        ]), 'guard.disconnection_limit');
        self::assertEqualsWithDelta(0.2, $limit('690'), 1e-9);
        self::assertEqualsWithDelta(0.1, $limit('695'), 1e-9);
    }

    /** 50 V of touch over the earth that the fault returns through: common practice after IEC 60364-4-41. */
    public function test_the_residual_current_device_keeps_fifty_volts(): void
    {
        $asks = static fn (string $ohm): string => self::finding(Circuits::solve(Circuits::kilnFan(), [
            'supply.earthing' => 'tt', 'supply.earth_loop_ohm' => $ohm,
        ]), 'residual_current_wanted')->action;
        self::assertStringContainsString("RCD of 0.3\u{00A0}A", $asks('105'));
        self::assertStringContainsString("RCD of 0.5\u{00A0}A", $asks('100'));
        self::assertStringContainsString("RCD of 10\u{00A0}A", $asks('5'));
    }

    /** Five times the device: common practice. The caution comes with the length at which the current falls below it. */
    public function test_a_ground_path_is_weak_below_five_times_the_device(): void
    {
        $edge = 0;
        for ($feet = 100; $feet <= 1500; $feet += 40) {
            $solution = Circuits::solve(Circuits::twentyFiveHorsepower(), [
                'cable.length' => "$feet ft", 'supply.transformer_kva' => '500', 'supply.transformer_impedance_percent' => '5',
                'settings.drop_limit_running' => '20', 'settings.drop_limit_starting' => '40', 'cable.size' => '8',
            ]);
            $times = self::number($solution, 'guard.earth_fault_current') / self::number($solution, 'guard.scpd_rating');
            self::assertSame($times < 5 ? 'caution' : null, self::grade($solution, 'weak_ground_path'), "$feet ft, $times");
            $edge += $times >= 5 && $times < 5.5 ? 1 : 0;
        }
        self::assertGreaterThan(0, $edge, 'no length came near five times');
    }

    /** By hand: 37 kW ÷ (√3 · 400 V · 66 A · 0.939) = 0.8617. */
    public function test_a_power_factor_that_is_not_stamped_follows_from_the_rest(): void
    {
        self::assertFigures(
            ['plate.power_factor' => 37000 / (sqrt(3) * 400 * 66 * 0.939)],
            Circuits::solve(Circuits::kilnFan(), ['plate.power_factor' => null]),
        );
        $off = Circuits::solve(Circuits::kilnFan(), [
            'plate.efficiency' => null, 'plate.efficiency_class' => null, 'plate.current' => '50/29',
        ]);
        self::assertErrorAt('plate.efficiency', $off, ErrorKind::Impossible);
        $text = implode(' ', Circuits::errors($off));
        self::assertStringContainsString('efficiency of 126 %', $text, '37 kW ÷ (√3 · 400 V · 50 A · 0.85) is 125.7 %');
    }

    /** IEC 60529: a digit that is not stated is an X. */
    public function test_an_ip_code_without_its_second_digit(): void
    {
        $says = static fn (string $code): string => Circuits::solve(
            Circuits::kilnFan(), ['plate.ip' => $code],
        )->meanings['plate.ip']['text'];
        self::assertStringContainsString('X: protection against water not stated', $says('IP5X'));
        self::assertStringNotContainsString('not stated', $says('IP55'));
        self::assertStringContainsString('X:', $says('IPX5'));
    }

    /** What is assumed is named, one or two, and the words follow. */
    public function test_what_a_plate_leaves_out_is_named(): void
    {
        $one = self::finding(Circuits::solve(Circuits::kilnFan(), [
            'plate.efficiency' => null, 'plate.current' => null,
        ]), 'plate_value_assumed');
        self::assertStringContainsString('Results that use it ', $one->text);
        $both = self::finding(Circuits::solve(Circuits::kilnFan(), [
            'plate.efficiency' => null, 'plate.power_factor' => null, 'plate.current' => null,
        ]), 'plate_value_assumed');
        self::assertStringContainsString('Results that use them ', $both->text);
    }

    /** At altitude and on unequal volts the finding tells the share that the figure has. */
    public function test_a_derating_is_told_as_it_is_calculated(): void
    {
        foreach (['supply.altitude' => ['2500', 'altitude_above_rating', 'plate.derating_altitude'],
            'supply.unbalance' => ['3', 'unbalance', 'plate.derating_unbalance']] as $path => [$value, $finding, $figure]) {
            $solution = Circuits::solve(Circuits::kilnFan(), [$path => $value]);
            $percent = rtrim(rtrim(number_format(100 * self::number($solution, $figure), 1, '.', ''), '0'), '.');
            self::assertStringContainsString("about $percent %", self::finding($solution, $finding)->text);
        }
    }

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, mixed>  $changes
     */
    private static function read(string $kind, array $values, array $changes = [], int|string|null $load = null): Solution
    {
        return Circuits::solve(Circuits::fanWithItsLoad(), [...$changes, 'readings' => [
            ['kind' => $kind, 'at' => '2026-04-20T09:00:00Z', 'load_percent' => $load, 'simulated' => false, 'values' => $values],
        ]]);
    }

    /** A load to 200 % of rated output, a vibration to 100 mm/s and a test current from the setting itself are taken; no more, no less. */
    public function test_readings_are_taken_to_their_last_value(): void
    {
        $errors = static fn (Solution $solution): array => array_filter(
            array_keys(Circuits::errors($solution)), static fn (string $path): bool => str_starts_with($path, 'readings'),
        );
        self::assertSame([], $errors(self::read('speed', ['rpm' => '1482'], load: 200)));
        self::assertNotSame([], $errors(self::read('speed', ['rpm' => '1482'], load: 201)));
        self::assertSame([], $errors(self::read('vibration', ['de' => '100', 'nde' => '1'])));
        self::assertNotSame([], $errors(self::read('vibration', ['de' => '100.5', 'nde' => '1'])));
        self::assertSame([], $errors(self::read('relay_trip', ['multiple' => '1', 'seconds' => '30'])));
        self::assertNotSame([], $errors(self::read('relay_trip', ['multiple' => '0.9', 'seconds' => '30'])));
    }

    /** IEEE 43 (from memory): 100 MΩ at 40 °C for form-wound windings, 5 MΩ for random-wound ones below 1 kV. */
    public function test_a_form_wound_winding_wants_a_hundred_megohms(): void
    {
        $verdict = static fn (string $megohms, string $winding): mixed => self::read('insulation_resistance', [
            'disconnected' => ['drive', 'soft_starter', 'capacitor', 'arrester', 'sensors'], 'test_volts' => '500', 'megohms' => $megohms,
            'temperature' => '40', 'winding' => $winding,
        ])->comparisons[0]->toArray()['verdict'];
        self::assertSame('agrees', $verdict('104', 'form'));
        self::assertSame('differs', $verdict('96', 'form'));
        self::assertSame('agrees', $verdict('6', 'random'));
    }

    /** NEMA MG 1 (from memory): class F 105 K, with a service factor of 1.15 10 K more. */
    public function test_a_service_factor_allows_ten_kelvin_more(): void
    {
        $limit = static fn (?string $factor): float => self::number(Circuits::solve(Circuits::twentyFiveHorsepower(), [
            'plate.insulation_class' => 'F', 'plate.service_factor' => $factor, 'plate.temperature_rise' => null, 'readings' => [[
                'kind' => 'temperature_rise', 'at' => '2026-04-20T09:00:00Z', 'load_percent' => null, 'simulated' => false,
                'values' => ['cold_ohms' => '1', 'cold_temperature' => '20', 'hot_ohms' => '1.3', 'ambient' => '25'],
            ]],
        ]), 'prove.temperature_rise.limit');
        self::assertEqualsWithDelta(10.0, $limit('1.15') - $limit('1.0'), 1e-9);
    }

    /** I² R: 20 A through 5 mΩ are 2 W. */
    public function test_a_shunt_warms_by_the_square_of_its_current(): void
    {
        self::assertEqualsWithDelta(2.0, Shunt::of(0.005, 5.0, 20.0)->warmth(), 1e-9);
    }

    /** On one phase a wattmeter with volts and amperes does what a power analyser does. */
    public function test_a_wattmeter_stands_in_for_an_analyser_on_one_phase(): void
    {
        $lacks = static function (array $hand, int $phases): string {
            $solution = Bench::solve(['rule_book' => 'iec', 'subject' => 'bench_load',
                'supply' => ['voltage' => $phases === 1 ? '230' : '400', 'phases' => $phases], 'measure' => ['instruments' => $hand]]);
            /** @var list<array{way: string, lacks: string}> $ways by the curve's shape */
            $ways = Circuits::curve($solution, 'measuring')['ways'];
            foreach ($ways as $way) {
                if ($way['way'] === 'volts_amps_watts') {
                    return $way['lacks'];
                }
            }
            self::fail('the way is not there');
        };
        self::assertSame('', $lacks(['wattmeter', 'voltmeter', 'clamp'], 1));
        self::assertSame('', $lacks(['power_analyser'], 1));
        self::assertStringContainsString('wattmeter', $lacks(['voltmeter', 'clamp'], 1));
        self::assertStringContainsString('power analyser', $lacks(['wattmeter', 'voltmeter', 'clamp'], 3));
    }

    /** A capacitor is judged by volts that were read, or by those of the supply; without either it waits for them and says so. */
    public function test_a_capacitor_without_volts_waits_for_them(): void
    {
        $wanted = static fn (array $changes): array => self::read('capacitor', ['amps_1' => '10', 'amps_2' => '10', 'amps_3' => '10'], [
            'correction.place' => 'board', 'correction.rated_kvar' => '15', 'correction.rated_voltage' => '400', ...$changes,
        ])->comparisons[0]->judgement->wanted;
        self::assertSame([], $wanted([]));
        self::assertContains('volts', $wanted(['supply.voltage' => null]));
    }

    /** Harmonics of a single-phase load reach the thirteenth. A resonance within 10 % of one of them is a caution. Common practice. */
    public function test_a_single_phase_capacitor_near_the_thirteenth_harmonic(): void
    {
        $near = null;
        foreach (range(20, 100, 5) as $microfarads) {
            foreach ([5, 10, 16, 25] as $kva) {
                $solution = Bench::solve([
                    'rule_book' => 'iec', 'subject' => 'bench_load', 'bench' => ['power' => '1 kW', 'power_factor' => '0.5'],
                    'supply' => ['voltage' => '230', 'phases' => 1, 'frequency' => '50', 'transformer_kva' => $kva,
                        'transformer_impedance_percent' => '4', 'transformer_phases' => '1'],
                    'correction' => ['capacitance' => "$microfarads µF", 'rated_voltage' => '400'],
                ]);
                $order = $solution->figure('correct.resonance_order')?->number();
                if ($order !== null && $order > 13 * 0.901 && $order < 13 * 1.02) {
                    $near ??= $solution;
                    self::assertFinds('resonance', $solution, 'caution');
                }
                if ($order !== null && $order > 15.5) {
                    self::assertDoesNotFind('resonance', $solution);
                }
            }
        }
        self::assertNotNull($near, 'none of them came near');
    }

    /** The picture over the load leads exactly where the capacitor gives more than the motor takes. */
    public function test_the_current_over_the_load_is_that_of_both_parts(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.rated_kvar' => '15',
            'correction.rated_voltage' => '400', 'correction.load_percent' => '100']);
        /** @var list<array{after: array{value: float}, before: array{value: float}, leads: bool}> $points by the curve's shape */
        $points = Circuits::curve($solution, 'correction')['over_load'];
        foreach ($points as $point) {
            // A capacitor that leaves the current lagging lowers it; one that leads may raise it again.
            if (! $point['leads']) {
                self::assertLessThan($point['before']['value'], $point['after']['value']);
            }
        }
        self::assertNotSame([], $points);
    }

    /** A size that no table has is refused with the sizes that there are. */
    public function test_a_size_that_no_table_has_names_the_smallest_and_largest(): void
    {
        $text = Circuits::solve(Circuits::kilnFan(), ['settings.largest_single_size' => '17'])->errors;
        $accepted = implode(' ', array_map(static fn ($error): string => $error->accepted, $text));
        self::assertStringContainsString("from 1.5\u{00A0}mm² to", $accepted);
    }
}
