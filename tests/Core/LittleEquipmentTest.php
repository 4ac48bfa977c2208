<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Stations\Measure\Doubt;
use PHPUnit\Framework\Attributes\DataProvider;

/** Readings with little equipment: a clamp and a known capacitor, a screen read by eye, two currents. */
final class LittleEquipmentTest extends CoreTestCase
{
    private const FILING_ROOM = [
        'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '230', 'phases' => 1, 'frequency' => '50'],
        'measure' => ['method' => 'clamp_capacitor', 'volts_12' => '230', 'amps_before' => '4.2', 'amps_after' => '2.6',
            'capacitor_amps' => '3.1'],
    ];

    /** @param  array<string, mixed>  $changes */
    private static function read(array $changes = []): Solution
    {
        return Bench::solve(Circuits::changed(self::FILING_ROOM, $changes));
    }

    /** By hand: (4.2² − 2.6² + 3.1²) ÷ (2 × 3.1) = 3.305 A; √(1 − (3.305 ÷ 4.2)²) = 0.617; 230 × 4.2 × 0.617 = 596 W. */
    public function test_a_clamp_and_a_known_capacitor_tell_the_power_factor(): void
    {
        $solution = self::read();
        self::assertFigures([
            'measured.reactive_current' => 3.3048, 'measured.power_factor' => 0.6171, 'measured.real' => 596.1, 'measured.apparent' => 966,
            'measured.reactive' => 760.1, 'measured.capacitor_current' => 3.1,
        ], $solution);
        self::assertFinds('sine_and_steady', $solution, 'note');
        self::assertSame([], $solution->errors);
    }

    /** The triangle of any load: from P and Q and a capacitor the three currents, and back. */
    public function test_the_triangle_of_currents_goes_both_ways(): void
    {
        foreach ([[900.0, 700.0, 500.0], [2000.0, 300.0, 900.0], [150.0, 640.0, 300.0], [500.0, -200.0, 300.0]] as [$p, $q, $c]) {
            $solution = self::read(['measure.amps_before' => hypot($p, $q) / 230, 'measure.amps_after' => hypot($p, $q - $c) / 230,
                'measure.capacitor_amps' => $c / 230]);
            self::assertFigures(['measured.real' => $p, 'measured.reactive' => $q], $solution);
            self::assertSame($q < 0 ? 'caution' : null, self::grade($solution, 'current_leads'));
        }
    }

    /** Three phases: the line current of three elements in delta is √3 · 2π f C V. */
    public function test_three_elements_in_delta_count_by_their_line_current(): void
    {
        $solution = self::read(['supply' => ['voltage' => '400', 'frequency' => '50'], 'measure.volts_12' => '400',
            'measure.capacitor_amps' => null, 'measure.capacitor_uf' => '16']);
        $own = sqrt(3) * 100 * M_PI * 16e-6 * 400;
        self::assertFigures(['measured.capacitor_current' => $own], $solution);
        $part = (4.2 ** 2 - 2.6 ** 2 + $own ** 2) / (2 * $own);
        self::assertFigures(['measured.real' => sqrt(3) * 400 * sqrt(4.2 ** 2 - $part ** 2)], $solution);
    }

    /** Every reading 1 % and one digit either way: the band holds what any of them would give, and the value lies within. */
    public function test_the_band_holds_every_end_of_every_reading(): void
    {
        $solution = self::read();
        $found = [];
        foreach ([-1, 1] as $a) {
            foreach ([-1, 1] as $b) {
                foreach ([-1, 1] as $c) {
                    $i0 = 4.2 + $a * 0.142;
                    $i1 = 2.6 + $b * 0.091;
                    $ic = 3.1 + $c * 0.1085;
                    $found[] = sqrt(1 - (($i0 ** 2 - $i1 ** 2 + $ic ** 2) / (2 * $ic) / $i0) ** 2);
                }
            }
        }
        self::assertEqualsWithDelta(min($found), self::number($solution, 'measured.power_factor_low'), 1e-3);
        self::assertEqualsWithDelta(max($found), self::number($solution, 'measured.power_factor_high'), 1e-3);
        self::assertLessThan(596, self::number($solution, 'measured.real_low'));
        self::assertGreaterThan(596, self::number($solution, 'measured.real_high'));
        // 1 % and a tenth of an ampere, at most 2.5 %; 1 % and a hundredth.
        self::assertEqualsWithDelta(0.142, Doubt::ofMeter(4.2), 1e-9);
        self::assertEqualsWithDelta(0.0525, Doubt::ofMeter(4.25), 1e-9);
        self::assertEqualsWithDelta(0.14, Doubt::ofMeter(4.0), 1e-9);
    }

    public function test_a_capacitor_that_changes_nothing_tells_nothing(): void
    {
        $small = self::read(['measure.capacitor_amps' => '0.5']);
        self::assertErrorAt('measure.capacitor_amps', $small, ErrorKind::Impossible);
        self::assertNull($small->figure('measured.power_factor'));
        $open = self::read(['measure.amps_after' => '9']);
        self::assertErrorAt('measure.amps_after', $open, ErrorKind::Impossible);
        self::assertNull($open->figure('measured.real'));
        self::assertErrorAt('measure.capacitor_amps', self::read(['measure.capacitor_amps' => null]), ErrorKind::Missing);
        self::assertErrorAt('measure.amps_before', self::read(['measure.amps_before' => null]), ErrorKind::Missing);
    }

    private const SCREEN = [
        'measure' => [
            'method' => 'scope_screen', 'scope_sine' => true, 'scope_height' => 'peak', 'scope_volts_per_division' => '50',
            'scope_volts_divisions' => '6.5', 'scope_amps_volts_per_division' => '20 mV', 'scope_amps_divisions' => '3',
            'scope_millivolts_per_ampere' => '10', 'scope_time_per_division' => '2 ms', 'scope_delay_divisions' => '1.5',
            'sense' => 'lagging',
        ],
    ];

    /** By hand: 325 V ÷ √2 = 229.8 V; 60 mV ÷ 10 mV/A ÷ √2 = 4.243 A; 360 · 50 · 3 ms = 54°; 229.8 × 4.243 × cos 54° = 573.1 W. */
    public function test_a_screen_read_by_eye_gives_volts_amperes_and_angle(): void
    {
        $solution = self::read(self::SCREEN);
        self::assertFigures([
            'measured.voltage' => 325 / M_SQRT2, 'measured.current' => 6 / M_SQRT2, 'measured.angle' => 54,
            'measured.apparent' => 975, 'measured.real' => 975 * cos(deg2rad(54)), 'measured.reactive' => 975 * sin(deg2rad(54)),
        ], $solution);
        self::assertLessThan(self::number($solution, 'measured.real'), self::number($solution, 'measured.real_low'));
        // A fifth of a division is 7.2° here.
        self::assertEqualsWithDelta(cos(deg2rad(61.2)), self::number($solution, 'measured.power_factor_low'), 1e-9);
        self::assertEqualsWithDelta(cos(deg2rad(46.8)), self::number($solution, 'measured.power_factor_high'), 1e-9);
    }

    public function test_peak_to_peak_is_two_peaks_and_a_shunt_is_its_ohms(): void
    {
        $solution = self::read([
            ...self::SCREEN, 'measure.scope_height' => 'peak_to_peak', 'measure.scope_volts_divisions' => '6.5',
            'measure.scope_volts_probe' => '2', 'measure.scope_millivolts_per_ampere' => null, 'measure.shunt_ohm' => '5 mΩ',
            'measure.sense' => 'leading',
        ]);
        self::assertFigures([
            'measured.voltage' => 650 / 2 / M_SQRT2, 'measured.current' => 0.06 / 2 / M_SQRT2 / 0.005, 'measured.angle' => -54,
        ], $solution);
        self::assertLessThan(0, self::number($solution, 'measured.reactive'));
    }

    public function test_a_shape_that_is_no_sine_is_not_calculated(): void
    {
        $other = self::read([...self::SCREEN, 'measure.scope_sine' => false]);
        self::assertFinds('not_a_sine', $other, 'note');
        self::assertNull($other->figure('measured.voltage'));
        self::assertErrorAt('measure.scope_sine', self::read([...self::SCREEN, 'measure.scope_sine' => null]), ErrorKind::Missing);
        $late = self::read([...self::SCREEN, 'measure.scope_delay_divisions' => '6']);
        self::assertErrorAt('measure.scope_delay_divisions', $late, ErrorKind::Impossible);
        self::assertNull($late->figure('measured.real'));
    }

    /** Three phases: three times what one line does against the neutral, marked. */
    public function test_three_alike_lines_are_three_times_one(): void
    {
        $solution = self::read([...self::SCREEN, 'supply' => ['voltage' => '400', 'frequency' => '50']]);
        self::assertFigures(['measured.apparent' => 3 * 975], $solution);
        self::assertNotSame([], $solution->figure('measured.apparent')->assumptions ?? []);
    }

    /** @return iterable<string, array{array<string, mixed>, array<string, float>}> */
    public static function twoCurrents(): iterable
    {
        // By hand: 10 A at 0.7 carry 7 A of real current; at 8 A that is 0.875. 1 − 0.8² = 36 % less heat.
        yield 'known before' => [['measure.power_factor' => '0.7'],
            ['measured.power_factor_after' => 0.875, 'measured.loss_drop' => 36, 'measured.real' => 1610]];
        yield 'known after' => [['measure.power_factor_after' => '0.95'],
            ['measured.power_factor' => 0.76, 'measured.loss_drop' => 36, 'measured.real' => 0.76 * 2300]];
        yield 'neither known' => [[], ['measured.loss_drop' => 36]];
    }

    /**
     * @param  array<string, mixed>  $changes
     * @param  array<string, float>  $figures
     */
    #[DataProvider('twoCurrents')]
    public function test_two_currents_and_one_power_factor_give_the_other(array $changes, array $figures): void
    {
        $two = ['measure' => ['method' => 'before_after', 'volts_12' => '230', 'amps_before' => '10', 'amps_after' => '8']];
        $solution = self::read([...$two, ...$changes]);
        self::assertFigures($figures, $solution);
        self::assertSame($changes === [] ? 'note' : null, self::grade($solution, 'only_heat'));
        if ($changes === []) {
            self::assertNull($solution->figure('measured.real'));
        }
    }

    public function test_currents_that_would_need_more_than_unity_are_refused(): void
    {
        $two = ['measure' => ['method' => 'before_after', 'volts_12' => '230', 'amps_before' => '10', 'amps_after' => '8']];
        self::assertErrorAt('measure.power_factor', self::read([...$two, 'measure.power_factor' => '0.9']), ErrorKind::Impossible);
        $risen = ['measure' => ['method' => 'before_after', 'volts_12' => '230', 'amps_before' => '8', 'amps_after' => '10']];
        $after = self::read([...$risen, 'measure.power_factor_after' => '0.9']);
        self::assertErrorAt('measure.power_factor_after', $after, ErrorKind::Impossible);
    }

    /** @return iterable<string, array{string, float, string}> */
    public static function targets(): iterable
    {
        // By hand: tan φ 0.4 is cos φ 1 ÷ √1.16.
        yield 'tan' => ['tan 0.4', 1 / sqrt(1.16), 'tan φ 0.4, cos φ 0.92848'];
        yield 'tan phi' => ['tan φ = 0,3', 1 / sqrt(1.09), 'tan φ 0.3, cos φ 0.95783'];
        yield 'told back' => ['tan φ 0.4, cos φ 0.92848', 1 / sqrt(1.16), 'tan φ 0.4, cos φ 0.92848'];
        yield 'unity' => ['Unity', 1.0, '1'];
        yield 'theta' => ['cos θ 0.82', 0.82, '0.82'];
        yield 'lag' => ['0.82 lag', 0.82, '0.82'];
    }

    #[DataProvider('targets')]
    public function test_targets_are_read_as_tariffs_name_them(string $typed, float $value, string $told): void
    {
        $circuit = CircuitReader::read(['rule_book' => 'iec', 'correction' => ['target_power_factor' => $typed]]);
        self::assertEqualsWithDelta($value, $circuit->number('correction.target_power_factor')?->number(), 1e-9);
        self::assertSame($told, $circuit->read()['correction.target_power_factor']);
    }

    /** Which way goes with a clamp, a voltmeter and a capacitor on the shelf. */
    public function test_the_ways_are_offered_for_what_is_at_hand(): void
    {
        $ways = static function (array $hand): array {
            $solution = self::read(['measure.instruments' => $hand]);
            $found = [];
            foreach (Circuits::curve($solution, 'measuring')['ways'] ?? [] as $way) {
                self::assertIsArray($way);
                if ($way['lacks'] === '') {
                    $found[] = $way['way'];
                }
            }

            return $found;
        };
        self::assertContains('clamp_capacitor', $ways(['clamp', 'voltmeter', 'known_capacitor']));
        self::assertNotContains('clamp_capacitor', $ways(['clamp', 'voltmeter']));
        self::assertContains('before_after', $ways(['clamp']));
        self::assertContains('scope_screen', $ways(['scope']));
    }

    private const THREE_WIRES = [
        'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '400', 'frequency' => '50'],
        'measure' => [
            'method' => 'phase_angles', 'phase_volts_1' => '230', 'phase_volts_2' => '229', 'phase_volts_3' => '231', 'amps_1' => '10',
            'amps_2' => '8', 'amps_3' => '12', 'angle_1' => '30', 'angle_2' => '45', 'angle_3' => '-10',
        ],
    ];

    /** By hand: 2300 cos 30° + 1832 cos 45° + 2772 cos 10° = 6017 W; 2300 sin 30° + 1832 sin 45° − 2772 sin 10° = 1964 var. */
    public function test_three_angles_to_the_neutral_tell_real_and_reactive_power(): void
    {
        $solution = Bench::solve(self::THREE_WIRES);
        self::assertFigures([
            'measured.real' => 6017.2, 'measured.reactive' => 1964.1, 'measured.power_factor' => 0.9507,
            'measured.power_factor_3' => 0.9848,
        ], $solution);
        // All three reversed: power flows back, which a clamp that hangs the wrong way round shows too.
        $back = Bench::solve(Circuits::changed(self::THREE_WIRES, ['measure.angle_1' => '150', 'measure.angle_2' => '135',
            'measure.angle_3' => '-170']));
        self::assertLessThan(0, self::number($back, 'measured.real'));
        self::assertErrorAt('measure.angle_2', Bench::solve(Circuits::changed(self::THREE_WIRES, ['measure.angle_2' => null])),
            ErrorKind::Missing);
        self::assertErrorAt('measure.angle_2', Bench::solve(Circuits::changed(self::THREE_WIRES, ['measure.angle_2' => '181'])),
            ErrorKind::Unreadable);
    }

    /** 10 A at 53.13° and 6.59 A at 24.49°: 6 A are real in both, and the capacitor takes 8 − 2.73 = 5.27 A. */
    public function test_two_angles_tell_the_current_of_the_capacitor(): void
    {
        $two = ['measure.method' => 'before_after', 'measure.amps_before' => '10', 'measure.amps_after' => '6.59',
            'measure.capacitor_amps' => null,
            'measure.angle' => '53.13', 'measure.angle_after' => '24.49'];
        $solution = self::read($two);
        self::assertFigures(['measured.power_factor' => 0.6, 'measured.capacitor_current' => 5.268], $solution);
        self::assertDoesNotFind('load_changed', $solution);
        // The same angles with 9 A: half as much again is real, so the load was another one.
        self::assertFinds('load_changed', self::read([...$two, 'measure.amps_before' => '7']), 'caution');
    }

    /** 0.4 kvar for each kW is tan φ1 − tan φ2: of 596.1 W it is 238.4 var, whatever the power factor is. */
    public function test_kvar_for_each_kilowatt_is_a_target(): void
    {
        $solution = self::read(['correction.target_power_factor' => '0.4 kvar/kW']);
        self::assertFigures(['correct.reactive_required' => 0.4 * 596.13], $solution);
    }

    /** A load that leads has negative reactive power, and gets no capacitor. */
    public function test_a_leading_load_gets_no_capacitor(): void
    {
        $load = ['measure' => null, 'bench.power' => '500', 'bench.power_factor' => '0.8', 'bench.sense' => 'leading'];
        $solution = self::read($load);
        self::assertFigures(['power.reactive' => -375.0], $solution);
        self::assertFinds('already_leading', $solution);
        self::assertNull($solution->figure('correct.capacitor_rating'));
    }

    private const HELD = [
        'measure.locked_rotor_amps' => '90', 'measure.locked_rotor_volts' => '100',
    ];

    /** 90 A at 100 V are 360 A at 400; teeth saturate, so up to 1 + 0.3 × ¾ times as much (common practice, no source). */
    public function test_a_rotor_that_was_held_tells_its_current(): void
    {
        $fan = Circuits::changed(Circuits::kilnFan(), ['plate.start_current_ratio' => null]);
        $solution = Circuits::solve($fan, self::HELD);
        self::assertFigures([
            'start.locked_rotor_current' => 360, 'start.locked_rotor_current_low' => 360, 'start.locked_rotor_current_high' => 441,
        ], $solution);
        self::assertFinds('locked_rotor_scaled', $solution, 'note');
        self::assertStringContainsString('measured at 100', implode(' ',
            $solution->figure('start.locked_rotor_current')->assumptions ?? []));
        // At rated voltage it stands as it was read: 277 kVA ÷ (√3 × 400 V) = 400 A.
        $full = Circuits::solve($fan, ['measure.locked_rotor_kva' => '277.13']);
        self::assertFigures(['start.locked_rotor_current' => 400, 'start.locked_rotor_current_high' => 400], $full);
        self::assertDoesNotFind('locked_rotor_scaled', $full);
        self::assertSame([], $full->figure('start.locked_rotor_current')?->assumptions);
    }

    /** Stamped 7 × 66 A = 462 A; IEC 60034-1 allows 20 %: 360 A is not this motor, or not a held rotor. */
    public function test_a_reading_that_is_not_the_stamp_is_cautioned(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), self::HELD);
        self::assertFinds('locked_rotor_differs', $solution, 'caution');
        self::assertFigures(['start.locked_rotor_current' => 360], $solution);
        self::assertDoesNotFind('locked_rotor_differs', Circuits::solve(Circuits::kilnFan(), ['measure.locked_rotor_amps' => '440']));
    }
}
