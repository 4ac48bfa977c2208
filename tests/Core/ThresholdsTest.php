<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\Show;

/** Limits of the rules, each from both sides, by the rule that sets it. What has no source here is common practice. */
final class ThresholdsTest extends CoreTestCase
{
    /** Same power in both connections: currents stand to one another as the voltages; 6 % is a slip of rounding, 15 % is not. */
    public function test_currents_of_two_connections_stand_as_their_voltages(): void
    {
        // 400/690: a ratio of 1.725.
        $of = static fn (string $current): ?string => self::grade(Circuits::solve(Circuits::kilnFan(), [
            'plate.voltage' => '400/690', 'plate.current' => $current, 'supply.voltage' => '400',
        ]), 'current_ratio');
        self::assertNull($of('66/36.1'), '1.828 is 5.99 % above');
        self::assertSame('note', $of('66/36'), '1.833 is 6.3 % above');
        self::assertSame('note', $of('66/33.4'), '1.976 is 14.6 % above');
        self::assertSame('caution', $of('66/33'), '2 is 15.9 % above');
    }

    /** IEC 60034-1, 6.3: the rating holds up to 40 °C where the plate says nothing. */
    public function test_forty_degrees_take_nothing_from_the_output(): void
    {
        $at = static fn (string $ambient): ?float => Circuits::solve(Circuits::kilnFan(), ['supply.ambient' => $ambient])
            ->figure('plate.derating_ambient')?->number();
        self::assertNull($at('40'));
        self::assertLessThan(1.0, $at('42'));
    }

    /** ISO 15, ISO 355: the last two digits are the bore, 00 to 03 by list and then by five; the first tells the kind. */
    public function test_a_bearing_says_its_kind_and_its_bore(): void
    {
        $says = static fn (string $bearing): string => strtolower(
            Circuits::solve(Circuits::kilnFan(), ['plate.bearings' => $bearing])->meanings['plate.bearings']['text'] ?? '',
        );
        self::assertStringContainsString('deep-groove ball, bore 15 mm', $says('6302'));
        self::assertStringContainsString('deep-groove ball, bore 17 mm', $says('6203'));
        self::assertStringContainsString('deep-groove ball, bore 20 mm', $says('6204'));
        self::assertStringContainsString('angular-contact ball, bore 40 mm', $says('7308'));
        self::assertStringContainsString('cylindrical roller, bore 65 mm', $says('NU313'));
    }

    /** NEMA MG 1, 4.2: two digits are sixteenths of an inch to the shaft, the first two of more are quarters; 2 to 25 inches. */
    public function test_a_nema_frame_is_read_within_its_inches(): void
    {
        $says = static fn (string $frame): string => Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.frame' => $frame])
            ->meanings['plate.frame']['text'] ?? '';
        self::assertStringContainsString('shaft height 2 in', $says('32'));
        self::assertStringContainsString('shaft height 2.625 in', $says('42'));
        self::assertStringContainsString('shaft height 7 in', $says('284T'));
        self::assertStringContainsString('Not explained', $says('31'), '1.94 in');
    }

    /** A voltage below the nameplate's is called low, one above it high. */
    public function test_a_supply_below_the_plate_is_low_and_one_above_it_high(): void
    {
        $text = static function (string $volts): string {
            $solution = Circuits::solve(Circuits::kilnFan(), ['supply.voltage' => $volts]);

            return implode(' ', array_map(static fn (Finding $finding): string => $finding->title.' '.$finding->text, $solution->findings));
        };
        self::assertStringContainsString('% low', $text('352'));
        self::assertStringContainsString('% high', $text('448'));
    }

    /** Common practice: where nobody typed X/R, a source is taken with 10 of it. */
    public function test_a_source_without_its_ratio_is_taken_with_ten(): void
    {
        $at = static fn (array $changes): float => self::number(Circuits::solve(Circuits::kilnFan(), [
            'supply.transformer_kva' => '630', 'supply.transformer_impedance_percent' => '6', 'supply.fault_level_kva' => '200000',
            ...$changes,
        ]), 'guard.prospective_current');
        self::assertEqualsWithDelta($at(['supply.x_over_r' => '10']), $at(['supply.x_over_r' => null]), 1e-6);
    }

    /** Common practice: a lead of 15 % in the drop while starting, where the site sets none. */
    public function test_fifteen_percent_may_be_lost_while_starting(): void
    {
        $limit = Circuits::solve(Circuits::fanWithItsLoad(), ['starter.method' => 'direct', 'settings.direct_start_limit' => '400 kW'])
            ->toArray()['fields'];
        self::assertIsObject($limit);
        self::assertSame('15 % (usual)', str_replace("\u{00A0}", ' ', $limit->{'settings.drop_limit_starting'}['empty'] ?? ''));
    }

    /** Identical conductors in parallel: told where there are two sets, and not for one. IEC 60364-5-52, 523.7; NEC 310.10(G). */
    public function test_parallel_conductors_are_told_to_be_alike(): void
    {
        $finds = static fn (int $sets): ?string => self::grade(
            Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'direct', 'cable.sets' => $sets]), 'parallel_alike',
        );
        self::assertNull($finds(1));
        self::assertSame('note', $finds(2));
    }

    /** A step of the capacitor is refused for the motor’s own limit, or else because it would lead at the lowest load; each is named. */
    public function test_a_step_says_which_limit_refuses_it(): void
    {
        $why = static function (array $changes): array {
            $curve = Circuits::curve(Circuits::solve(Circuits::kilnFan(), [
                'correction.target_power_factor' => '0.99', ...$changes,
            ]), 'correction');

            return array_column($curve['steps'] ?? [], 'reason');
        };
        self::assertContains('above the limit at the motor', $why(['correction.place' => 'after_controller']));
        self::assertContains('leading at the lowest load', $why(['correction.place' => 'board', 'correction.lowest_load_percent' => '30']));
    }

    /** Common practice: a discharge resistor is rated for twice the heat that it makes. */
    public function test_a_discharge_resistor_is_rated_twice_its_heat(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.target_power_factor' => '0.98']);
        $heat = self::number($solution, 'correct.discharge_power');
        $rating = self::number($solution, 'correct.discharge_rating');
        self::assertGreaterThanOrEqual(2 * $heat * (1 - 1e-6), $rating);
        // E6 of the sizes that are sold: the next smaller one would not do.
        self::assertLessThan(2 * $heat * 2.6, $rating);
    }

    /** Impedances in series add as vectors: what lies before the transformer has 10 of X/R, the transformer what is typed. IEC 60909-0. */
    public function test_the_network_and_the_transformer_stand_in_series(): void
    {
        $z = self::number(Circuits::solve(Circuits::kilnFan(), [
            'supply.transformer_kva' => '630', 'supply.transformer_impedance_percent' => '4', 'supply.fault_level_kva' => '20000',
            'supply.x_over_r' => '1',
        ]), 'guard.source_impedance');
        // 400² × 4 % ÷ 630 kVA at 45°, and 400² ÷ 20 MVA at arctan 10.
        [$transformer, $network] = [400 ** 2 * 0.04 / 630e3, 400 ** 2 / 20e6];
        self::assertEqualsWithDelta(
            hypot($transformer / sqrt(2) + $network / sqrt(101), $transformer / sqrt(2) + 10 * $network / sqrt(101)), $z, 1e-9,
        );
    }

    /** Volts over hertz: more of it is more flux, and a finding says in which way and by how much. */
    public function test_flux_off_the_plate_says_its_way(): void
    {
        $text = static fn (array $changes): string => implode(' ', array_map(
            static fn (Finding $finding): string => $finding->text, Circuits::solve(Circuits::kilnFan(), $changes)->findings,
        ));
        self::assertStringContainsString('16.7 % below the nameplate ratio', $text(['supply.frequency' => '60']));
        $more = $text(['plate.frequency' => '60', 'supply.frequency' => '50']);
        self::assertMatchesRegularExpression('~% above the nameplate ratio~', $more);
    }

    /** One word for one missing value, another for two. */
    public function test_what_is_missing_is_counted(): void
    {
        $do = static fn (array $changes): string => self::finding(Circuits::solve(Circuits::kilnFan(), $changes), 'plate_value_assumed')
            ->action;
        self::assertStringStartsWith('Enter it', $do(['plate.power_factor' => null, 'plate.current' => null]));
        self::assertStringStartsWith('Enter them', $do([
            'plate.power_factor' => null, 'plate.efficiency' => null, 'plate.efficiency_class' => null,
        ]));
    }

    /** The share of its output that a motor can give in the heat is the figure, as percent. */
    public function test_a_derated_motor_says_what_it_can_give(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['supply.unbalance' => '3']);
        $factor = $solution->figure('plate.derating_unbalance');
        self::assertNotNull($factor);
        $texts = implode(' ', array_map(static fn (Finding $finding): string => $finding->text, $solution->findings));
        self::assertStringContainsString('can give about '.Show::number(100 * $factor->number(), 3), $texts);
    }

    /** Common practice: three lines of a converter carry orders 6k ± 1; one phase carries every odd one. A tenth to either side is near. */
    public function test_a_resonance_near_a_harmonic_of_a_converter_is_told(): void
    {
        $near = static function (float $order): bool {
            // The order goes with the root of fault level over capacitor: 1000 kVA at 6 % are 16.7 MVA.
            $kvar = 16_667 / $order ** 2;

            return self::grade(Circuits::solve(Circuits::kilnFan(), [
                'correction.place' => 'board', 'correction.rated_kvar' => sprintf('%.2f', $kvar), 'correction.rated_voltage' => '400',
                'correction.target_power_factor' => null,
            ]), 'resonance') !== null;
        };
        foreach ([5.0, 7.0, 11.0, 13.0] as $order) {
            self::assertTrue($near($order), "order $order");
        }
        self::assertFalse($near(9.0));
        self::assertFalse($near(16.0));
    }

    /** 1 hp is 746 W: kilowatts beside horsepower may be 3 % off by a standard series of sizes, more is worth a word. */
    public function test_kilowatts_and_horsepower_on_one_plate(): void
    {
        $grade = static fn (string $power): ?string => self::grade(Circuits::solve(Circuits::kilnFan(), [
            'plate.power' => $power, 'plate.current' => null,
        ]), 'horsepower_disagrees');
        self::assertNull($grade('37 kW / 50 hp'), '0.8 %');
        self::assertNull($grade('37 kW / 48.2 hp'), '2.8 %');
        self::assertSame('note', $grade('37 kW / 51.5 hp'), '3.8 %');
    }

    /** A plate that stamps the synchronous speed: slip by the losses, common practice. */
    public function test_a_synchronous_speed_on_the_plate_gets_a_slip(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.speed' => '1500']);
        $slip = 0.2 * (1 / 0.939 - 1);
        self::assertEqualsWithDelta(100 * $slip, self::number($solution, 'plate.slip'), 1e-9);
        self::assertEqualsWithDelta(1500 * (1 - $slip), self::number($solution, 'plate.speed'), 1e-6);
        $poor = Circuits::solve(Circuits::kilnFan(), [
            'plate.speed' => '1500', 'plate.efficiency' => '45', 'plate.efficiency_class' => null,
        ]);
        self::assertLessThanOrEqual(20.0, self::number($poor, 'plate.slip'));
    }

    /** A kilowatt typed as a watt, or the other way round, is asked for. */
    public function test_an_output_in_the_wrong_unit_is_asked_for(): void
    {
        $says = static fn (array $circuit, string $power): string => str_replace(
            ["\u{202F}", "\u{00A0}"], ' ', Circuits::errors(Circuits::solve($circuit, ['plate.power' => $power]))['plate.power'] ?? '',
        );
        self::assertStringContainsString('Is it 5.5 kW, in watts?', $says(Circuits::conveyor(), '5500 kW'));
        self::assertStringContainsString('cannot be the output', $says(Circuits::conveyor(), '370 kW'));
    }

    /** A no-load current bounds no capacitor at another frequency: 2 % is a slip of the grid, more is another machine. */
    public function test_a_capacitor_at_a_motor_for_another_frequency(): void
    {
        $at = static fn (string $hertz): ?string => self::grade(Circuits::solve(Circuits::kilnFan(), [
            'supply.frequency' => $hertz, 'correction.place' => 'at_motor', 'correction.rated_kvar' => '10',
        ]), 'capacitor_frequency');
        self::assertNull($at('50.9'));
        self::assertSame('stop', $at('51.2'));
    }

    /** Which contactors are in, and from when. Common practice. */
    public function test_contactors_come_in_their_order(): void
    {
        $order = static function (string $method): array {
            $circuit = Circuits::changed(Circuits::fanWithItsLoad(), ['starter.method' => $method, 'load.torque_percent' => 40]);
            $steps = Circuits::curve(Bench::solve($circuit, null, Extra::Wiring), 'wiring')['sequence'];

            return array_map(static fn (array $step): string => $step['name'].' '.strtok($step['shown'], '0123456789'), $steps);
        };
        self::assertSame(
            ['Main contactor closed throughout', 'Star contactor closed until ', 'Delta contactor closed from '], $order('star_delta'),
        );
        self::assertSame(
            ['Star-point contactor closed until ', 'Transformer contactor closed until ', 'Line contactor closed from '],
            $order('autotransformer'),
        );
    }
}
