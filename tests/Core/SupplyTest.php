<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Circuit\Refusal;
use PHPUnit\Framework\Attributes\DataProvider;

/** How a plate is joined to a supply, and what is said where it does not fit. */
final class SupplyTest extends CoreTestCase
{
    /** @return iterable<array{string, string|list<float>}> text, watts of each row or the start of a refusal */
    public static function pairs(): iterable
    {
        yield ['11/15 kW', 'Two powers in one unit'];
        yield ['40/30 HP', 'Two powers in one unit'];
        yield ['25/20 HP', [25 * 746.0, 20 * 746.0]];
        yield ['4/4.6 kW', [4000.0, 4600.0]];
        yield ['37/50', [37000.0]];
        yield ['37 kW/50 hp', [37000.0]];
        yield ['37 kW/50', [37000.0]];
        yield ['50 hp/37', [37000.0]];
    }

    /** @param  string|list<float>  $wanted */
    #[DataProvider('pairs')]
    public function test_one_unit_behind_two_figures_covers_both(string $text, string|array $wanted): void
    {
        $read = Power::rows($text, 'kw');
        if (is_string($wanted)) {
            self::assertInstanceOf(Refusal::class, $read);
            self::assertStringContainsString($wanted, $read->text);

            return;
        }
        self::assertIsArray($read);
        self::assertSame($wanted, array_map(static fn (Power $power): float => $power->watts, $read));
    }

    /** NEMA MG 1 10.37: 122 A on 230 V and 61 A on 460 V belong together; 208 is the other end of the range. */
    public function test_a_range_pairs_with_the_end_that_fits(): void
    {
        $fits = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.voltage' => '208-230/460', 'plate.current' => '122/61']);
        self::assertDoesNotFind('current_ratio', $fits);
        $off = Circuits::solve(Circuits::fiftyHorsepower(), ['plate.voltage' => '208-230/460', 'plate.current' => '122/40']);
        self::assertFinds('current_ratio', $off, 'caution');
    }

    public function test_six_leads_with_one_voltage_run_in_delta_where_the_book_is_american(): void
    {
        $six = ['plate.voltage' => '460', 'plate.current' => 61, 'plate.leads' => 6, 'starter.method' => 'star_delta'];
        $delta = Circuits::solve(Circuits::fiftyHorsepower(), $six);
        self::assertFigures(['plate.connection' => 'delta'], $delta);
        self::assertTrue($delta->figure('plate.connection')?->assumed());
        self::assertFinds('delta_assumed', $delta, 'caution');
        self::assertDoesNotFind('star_delta_refused', $delta);
        foreach ([3, 9] as $leads) {
            self::assertFinds(
                'star_delta_refused',
                Circuits::solve(Circuits::fiftyHorsepower(), [...$six, 'plate.leads' => $leads]),
                'stop',
            );
        }
        $metric = Circuits::solve(Circuits::kilnFan(), [
            'plate.voltage' => '400',
            'plate.current' => 66,
            'plate.leads' => 6,
            'starter.method' => 'star_delta',
        ]);
        self::assertFinds('star_delta_refused', $metric, 'stop');
    }

    public function test_the_second_row_of_a_plate_keeps_the_delta_of_the_first(): void
    {
        $rows = ['plate.voltage' => '400/690; 460', 'plate.frequency' => '50/60', 'plate.current' => '66/38; 65', 'supply.frequency' => 60];
        $sixty = Circuits::solve(Circuits::kilnFan(), [...$rows, 'supply.voltage' => 460, 'starter.method' => 'star_delta']);
        self::assertFigures(['plate.connection' => 'delta'], $sixty);
        self::assertDoesNotFind('star_delta_refused', $sixty);
    }

    public function test_a_motor_that_does_not_fit_is_never_told_to_be_started_direct(): void
    {
        $none = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => 230, 'starter.method' => 'star_delta']);
        self::assertFigures(['plate.connection' => 'none'], $none);
        self::assertStringNotContainsString('direct', self::finding($none, 'star_delta_refused')->action);
        $star = Circuits::solve(Circuits::conveyor());
        self::assertStringContainsString('another starting method', self::finding($star, 'star_delta_refused')->action);
    }

    /** Volts and volts per hertz are two things; each gets its own sentence, and less is called less. */
    public function test_volts_and_volts_per_hertz_are_told_apart(): void
    {
        $sixty = Circuits::solve(Circuits::kilnFan(), ['supply.frequency' => 60]);
        $text = self::finding($sixty, 'no_connection_fits')->text;
        self::assertStringContainsString(
            "400\u{00A0}V at 60\u{00A0}Hz magnetises the motor like 333.3\u{00A0}V at the nameplate’s 50\u{00A0}Hz", $text,
        );
        self::assertStringContainsString('16.7 % low', $text);
        $slow = Circuits::solve(Circuits::fiftyHorsepower(), ['supply.frequency' => 50, 'supply.voltage' => 400, 'plate.frequency' => 60]);
        self::assertStringContainsString('16.7 % slower', self::finding($slow, 'frequency_differs')->text);
        self::assertStringNotContainsString("\u{2212}", self::finding($slow, 'frequency_differs')->text);
        $all = implode(
            ' ',
            array_map(static fn ($finding): string => $finding->title.' '.$finding->text, [...$slow->findings, ...$sixty->findings]),
        );
        self::assertStringNotContainsString('Flux is right', $all);
    }

    /** NEC Table 430.7(B): A ends at 3.15 kVA/hp and has no low end; V begins at 22.4 and has no high one. */
    public function test_the_first_and_the_last_code_letter_have_one_end_only(): void
    {
        $at = static fn (string $letter, array $more = []) => Circuits::solve(Circuits::fiftyHorsepower(), [
            'plate.code_letter' => $letter,
            'plate.design_letter' => null,
            ...$more,
        ]);
        $first = $at('A');
        self::assertNull($first->figure('start.locked_rotor_current_low'));
        $high = $first->figure('start.locked_rotor_current_high')?->number();
        self::assertNotNull($high);
        self::assertLessThanOrEqual($high, $first->figure('start.locked_rotor_current')?->number());
        self::assertTrue($first->figure('start.locked_rotor_current')?->assumed());
        $last = $at('V');
        self::assertNull($last->figure('start.locked_rotor_current_high'));
        self::assertGreaterThanOrEqual(
            $last->figure('start.locked_rotor_current_low')?->number(),
            $last->figure('start.locked_rotor_current')?->number(),
        );
        foreach (str_split('BCDEFGHJKLMNPRSTU') as $letter) {
            $solution = $at($letter);
            $nominal = $solution->figure('start.locked_rotor_current')?->number();
            self::assertGreaterThan($solution->figure('start.locked_rotor_current_low')?->number(), $nominal, $letter);
            self::assertLessThan($solution->figure('start.locked_rotor_current_high')?->number(), $nominal, $letter);
        }
        $star = ['plate.voltage' => 'D 460', 'plate.current' => 61, 'starter.method' => 'star_delta', 'plate.leads' => 6];
        self::assertFinds('code_letter_is_star', $at('A', $star), 'caution');
    }

    /** IEC 60034-30-1: 60 Hz motors have a table of their own. */
    public function test_a_sixty_hertz_motor_is_judged_by_the_sixty_hertz_class(): void
    {
        $motor = ['plate.efficiency_class' => 'IE3', 'plate.code_letter' => null];
        $below = Circuits::solve(Circuits::fiftyHorsepower(), [...$motor, 'plate.efficiency' => 94.1]);
        self::assertStringContainsString('94.5 % at 60 Hz', self::finding($below, 'efficiency_below_class')->text);
        self::assertDoesNotFind(
            'efficiency_below_class',
            Circuits::solve(Circuits::fiftyHorsepower(), [...$motor, 'plate.efficiency' => 94.5]),
        );
        $odd = ['plate.frequency' => 55, 'supply.frequency' => 55, 'plate.speed' => 1620, 'plate.efficiency' => 90];
        self::assertDoesNotFind('efficiency_below_class', Circuits::solve(Circuits::fiftyHorsepower(), [...$motor, ...$odd]));
    }

    /** @return iterable<array{array<string, mixed>, float|null}> load, percent of rated output at 60 Hz */
    public static function loads(): iterable
    {
        yield [['load.kind' => 'quadratic', 'load.torque_percent' => 95], 95 * 1.2 ** 3];
        yield [['load.kind' => 'linear', 'load.torque_percent' => 60], 60 * 1.2 ** 2];
        yield [['load.kind' => 'constant', 'load.torque_percent' => 80], 80 * 1.2];
        yield [['load.kind' => 'constant_power', 'load.torque_percent' => 100], null];
        yield [['load.kind' => 'quadratic', 'load.torque_percent' => null], null];
    }

    /**
     * Affinity laws: a fan takes the third power of its speed.
     *
     * @param  array<string, mixed>  $load
     */
    #[DataProvider('loads')]
    public function test_a_load_that_turns_faster_takes_more(array $load, ?float $percent): void
    {
        $sixty = Circuits::solve(Circuits::kilnFan(), [...$load, 'supply.frequency' => 60, 'supply.voltage' => 480]);
        self::assertEqualsWithDelta($percent, $sixty->figure('power.load_at_supply_frequency')?->number(), 1e-9);
        self::assertSame($percent !== null && $percent > 100 ? 'stop' : null, self::grade($sixty, 'load_grows_with_frequency'));
        self::assertNull(Circuits::solve(Circuits::kilnFan(), $load)->figure('power.load_at_supply_frequency'), 'nothing changes at 50 Hz');
    }

    public function test_what_is_typed_and_used_by_nothing_is_named(): void
    {
        $typed = [
            'starter.transition' => 'closed',
            'starter.gap' => '60 ms',
            'cable.cores' => 3,
            'supply.earth_loop_ohm' => '0.4',
        ];
        $solution = Circuits::solve(Circuits::kilnFan(), $typed);
        self::assertSame([], Circuits::errors($solution));
        $unused = self::finding($solution, 'unused_fields');
        foreach (array_keys($typed) as $path) {
            self::assertContains($path, $unused->fields);
        }
        self::assertNotContains('plate.power', $unused->fields);
        self::assertNotContains('cable.length', $unused->fields);
        self::assertDoesNotFind('unused_fields', Circuits::solve(Circuits::twentyFiveHorsepower()));
        $used = Circuits::solve(Circuits::kilnFan(), ['supply.frequency' => 60, 'supply.voltage' => 480]);
        foreach ($used->findings as $finding) {
            self::assertNotContains('load.torque_percent', $finding->code->code() === 'unused_fields' ? $finding->fields : []);
        }
    }

    /** @return iterable<array{string, string, string}> path, text, how it reads */
    public static function legible(): iterable
    {
        yield ['plate.power', '7 1/2 HP', '5.595 kW (746 W/hp)'];
        yield ['plate.power', '1 1/4 hp', '932.5 W (746 W/hp)'];
        yield ['plate.voltage', '230V Δ 400V Y', '230 V delta, 400 V star'];
        yield ['plate.voltage', '230 V D / 400 V Y', '230 V delta, 400 V star'];
        yield ['plate.duty', 'S1 CONT', 'S1, continuous'];
        yield ['plate.duty', 'CONT. S1', 'S1, continuous'];
        yield ['supply.voltage', '240/120', '240 V between lines, high leg 208 V to earth'];
        yield ['supply.voltage', '240D/120', '240 V between lines, high leg 208 V to earth'];
    }

    #[DataProvider('legible')]
    public function test_what_is_legible_is_read(string $path, string $text, string $echo): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), [$path => $text, 'plate.current' => null]);
        self::assertSame(
            $echo,
            str_replace("\u{00A0}", ' ', $solution->read[$path] ?? json_encode(Circuits::errors($solution), JSON_THROW_ON_ERROR)),
        );
    }

    public function test_what_the_bench_says_of_a_high_leg_is_read_back(): void
    {
        $typed = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => '240/120', 'plate.current' => null]);
        $said = $typed->read['supply.voltage'];
        $again = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => $said, 'plate.current' => null]);
        self::assertSame($said, $again->read['supply.voltage']);
        self::assertSame(
            $typed->figure('plate.connection')?->value,
            $again->figure('plate.connection')?->value,
        );
    }

    public function test_three_quarters_stay_ambiguous(): void
    {
        self::assertArrayHasKey('plate.power', Circuits::errors(Circuits::solve(Circuits::kilnFan(), ['plate.power' => '3/4 HP'])));
    }

    public function test_power_that_flows_backwards_is_told_and_keeps_its_sign(): void
    {
        $measure = ['measure.method' => 'volts_amps_watts', 'measure.volts_12' => 400, 'measure.amps_1' => 20, 'measure.watts' => -9000];
        $solution = Circuits::solve(Circuits::kilnFan(), $measure);
        self::assertFigures(['measured.power_factor' => -9000 / (sqrt(3) * 400 * 20)], $solution);
        self::assertGreaterThan(90, $solution->figure('measured.angle')?->number());
        self::assertStringContainsString('reversed', self::finding($solution, 'power_backwards')->text);
        self::assertDoesNotFind('power_backwards', Circuits::solve(Circuits::kilnFan(), [...$measure, 'measure.watts' => 9000]));
    }

    /** NEMA MG 1: a service factor is drawn from the same machine, so its amperes follow from it. */
    public function test_service_factor_amperes_follow_from_the_machine(): void
    {
        $plate = ['plate.service_factor' => '1.15', 'plate.service_factor_amps' => null];
        $solution = Circuits::solve(Circuits::kilnFan(), $plate);
        $amps = $solution->figure('plate.service_factor_amps');
        self::assertTrue($amps?->assumed());
        self::assertEqualsWithDelta(66 * 1.15, $amps->number(), 3);
        self::assertFalse(
            Circuits::solve(Circuits::kilnFan(), [...$plate, 'plate.service_factor_amps' => '76'])
                ->figure('plate.service_factor_amps')
                ?->assumed(),
        );
        self::assertNull(Circuits::solve(Circuits::kilnFan())->figure('plate.service_factor_amps'), 'no reserve is stamped');
    }

    /** The dip at switching on needs source and starting current only. 1000 kVA at 6 %, X/R 8, 462 A at cos φ as fitted. */
    public function test_a_dip_is_told_without_a_load(): void
    {
        $load = Circuits::solve(Circuits::fanWithItsLoad(), ['cable.length' => '60 m']);
        $none = Circuits::solve(Circuits::kilnFan(), ['starter.run_up_time' => null]);
        self::assertNull($none->figure('start.steady_speed'));
        foreach (['start.voltage_dip', 'start.dip_at_motor'] as $key) {
            self::assertEqualsWithDelta(self::number($load, $key), self::number($none, $key), 0.002 * self::number($load, $key), $key);
        }
        foreach (['star_delta', 'autotransformer', 'soft_starter', 'reactor', 'resistor'] as $method) {
            $with = Circuits::solve(Circuits::fanWithItsLoad(), ['starter.method' => $method]);
            $without = Circuits::solve(Circuits::kilnFan(), ['starter.method' => $method, 'starter.run_up_time' => null]);
            self::assertEqualsWithDelta(
                self::number($with, 'start.voltage_dip'), self::number($without, 'start.voltage_dip'),
                0.03 * self::number($with, 'start.voltage_dip'), $method,
            );
        }
        self::assertNull(Circuits::solve(Circuits::kilnFan(), ['supply.transformer_kva' => null, 'starter.run_up_time' => null])
            ->figure('start.voltage_dip'));
        self::assertFinds('dip_at_bus', Circuits::solve(Circuits::kilnFan(), ['supply.transformer_kva' => 160]), 'caution');
    }

    /** Above 315 kW nothing is typical, but Ia/In is stamped: 7 × 620 A at an assumed 0.3 on 2.5 MVA of 6 %. Own computation. */
    public function test_the_dip_of_a_very_large_motor_goes_by_its_stamp(): void
    {
        $solution = Circuits::solve([
            'rule_book' => 'iec', 'supply' => [
                'voltage' => 690, 'transformer_kva' => 2500, 'transformer_impedance_percent' => 6, 'x_over_r' => 8,
            ],
            'plate' => ['power' => '600 kW', 'voltage' => '690', 'current' => '620', 'speed' => 1488, 'power_factor' => 0.86,
                'efficiency' => 96.2, 'start_current_ratio' => 7],
        ]);
        $z = 690 / sqrt(3) / (7 * 620);
        $zs = 690 ** 2 * 0.06 / 2.5e6;
        [$rs, $xs] = [$zs / sqrt(65), 8 * $zs / sqrt(65)];
        $dip = 100 * (1 - $z / hypot(0.3 * $z + $rs, sqrt(1 - 0.09) * $z + $xs));
        self::assertEqualsWithDelta($dip, self::number($solution, 'start.voltage_dip'), 0.01 * $dip);
        self::assertStringContainsString('power factor', implode($solution->figure('start.voltage_dip')->assumptions ?? []));
    }
}
