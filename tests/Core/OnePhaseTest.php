<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Extra;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\CircuitReader;
use BraveAnvil\Ground\ErrorKind;
use PHPUnit\Framework\Attributes\DataProvider;

/** A motor for one phase is calculated through every station, and nothing that is written for three phases holds for it. */
final class OnePhaseTest extends CoreTestCase
{
    /** NEC Table 430.248 (2023), typed a second time: volts of the column by horsepower. */
    private const TABLE_430_248 = [
        [1 / 6, 4.4, 2.5, 2.4, 2.2], [0.25, 5.8, 3.3, 3.2, 2.9], [1 / 3, 7.2, 4.1, 4.0, 3.6], [0.5, 9.8, 5.6, 5.4, 4.9],
        [0.75, 13.8, 7.9, 7.6, 6.9], [1, 16.0, 9.2, 8.8, 8.0], [1.5, 20.0, 11.5, 11.0, 10.0], [2, 24.0, 13.8, 13.2, 12.0],
        [3, 34.0, 19.6, 18.7, 17.0], [5, 56.0, 32.2, 30.8, 28.0], [7.5, 80.0, 46.0, 44.0, 40.0], [10, 100.0, 57.5, 55.0, 50.0],
    ];

    /** Supply and plate voltage of each column. */
    private const COLUMNS = [['120', '115'], ['200', '200'], ['208', '208'], ['240', '230']];

    /** CE Code Table 45 (2021), typed a second time: 115 and 230 V by horsepower; 208 V 10 % and 200 V 15 % above 230 V. */
    private const TABLE_45 = [
        [1 / 6, 4.4, 2.2], [0.25, 5.8, 2.9], [1 / 3, 7.2, 3.6], [0.5, 9.8, 4.9], [0.75, 13.8, 6.9], [1, 16.0, 8.0], [1.5, 20.0, 10.0],
        [2, 24.0, 12.0], [3, 34.0, 17.0], [5, 56.0, 28.0], [7.5, 80.0, 40.0], [10, 100.0, 50.0],
    ];

    /** @return iterable<string, array{string, string}> */
    public static function books(): iterable
    {
        yield 'NEC' => ['nec', '240'];
        yield 'CE Code' => ['cec', '240'];
        yield 'IEC' => ['iec', '230'];
    }

    /** @param  array<string, mixed>  $changes */
    private static function solve(string $book, string $volts, array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => $book, 'supply' => ['voltage' => $volts, 'phases' => 1],
            'plate' => ['power' => $book === 'iec' ? '5.5 kW' : '10 hp', 'voltage' => $volts, 'current' => '50', 'speed' => '1740',
                'power_factor' => '0.87', 'efficiency' => '72'],
            'correction' => ['place' => 'board', 'target_power_factor' => '0.95'], 'cable' => ['length' => '20 m'],
        ], $changes);
    }

    /**
     * The lathe of an invented workshop: 1.5 kW, 230 V, with a run capacitor.
     *
     * @return array<string, mixed>
     */
    private static function lathe(string $book = 'iec'): array
    {
        return [
            'rule_book' => $book, 'supply' => ['voltage' => '230', 'phases' => 1, 'frequency' => '50', 'earthing' => 'tn_s',
                'transformer_kva' => '250', 'transformer_impedance_percent' => '4', 'x_over_r' => '3'],
            'plate' => ['power' => '1.5 kW', 'voltage' => '230', 'current' => '9.6', 'phases' => '1~', 'speed' => '1420',
                'power_factor' => '0.93', 'efficiency' => '73', 'run_capacitor' => '40 µF 450 V'],
            'cable' => ['length' => '35 m', 'material' => 'copper', 'insulation' => 'pvc', 'method' => 'C', 'size' => '2.5'],
            'guard' => ['scpd' => 'breaker_d'],
        ];
    }

    private static function assertNothingIsSized(Solution $solution): void
    {
        foreach ($solution->figures as $figure) {
            self::assertDoesNotMatchRegularExpression('/^(start|cable|guard|correct)\.|table_|design_|overload_/', $figure->key());
        }
        foreach (['start', 'cable', 'guard', 'correct'] as $station) {
            self::assertContains($station, $solution->blocked);
        }
    }

    /** @return iterable<string, array{string, float, int, float, float}> book, hp, column, A, times */
    public static function tables(): iterable
    {
        foreach (self::TABLE_430_248 as [$hp, $at115, $at200, $at208, $at230]) {
            foreach ([$at115, $at200, $at208, $at230] as $column => $amperes) {
                yield "NEC, $hp hp, column $column" => ['nec', $hp, $column, $amperes, 1.0];
            }
        }
        foreach (self::TABLE_45 as [$hp, $at115, $at230]) {
            foreach ([[$at115, 1.0], [$at230, 1.15], [$at230, 1.1], [$at230, 1.0]] as $column => [$amperes, $times]) {
                yield "CE Code, $hp hp, column $column" => ['cec', $hp, $column, $amperes, $times];
            }
        }
    }

    #[DataProvider('tables')]
    public function test_the_table_of_one_phase_gives_the_current(string $book, float $hp, int $column, float $amperes, float $times): void
    {
        [$supply, $plate] = self::COLUMNS[$column];
        $power = match (true) {
            $hp < 0.2 => '1/6', $hp < 0.3 => '1/4', $hp < 0.4 => '1/3', $hp < 0.6 => '1/2', $hp < 0.8 => '3/4', default => $hp,
        }.' HP';
        $solution = Bench::solve([
            'rule_book' => $book, 'supply' => ['voltage' => $supply, 'phases' => 1],
            'plate' => ['power' => $power, 'voltage' => $plate, 'phases' => '1', 'speed' => '1725'],
        ]);
        self::assertFigures(['power.table_current' => $amperes * $times, 'power.design_current' => $amperes * $times], $solution);
        self::assertStringContainsString(
            $book === 'nec' ? 'Table 430.248' : 'Table 45', (string) $solution->figure('power.table_current')?->source,
        );
    }

    /** Nothing of three phases: 10 hp at 230 V takes 50 A by Table 430.248, and 28 A by the table of three phases. */
    #[DataProvider('books')]
    public function test_every_station_calculates_a_motor_of_one_phase(string $book, string $volts): void
    {
        $solution = self::solve($book, $volts, ['plate.phases' => 1]);
        self::assertSame([], $solution->blocked, (string) json_encode(Circuits::errors($solution)));
        foreach ($solution->figures as $figure) {
            self::assertDoesNotMatchRegularExpression(
                '/4-pole|Table 430\.250|Table 44|60947-4-1 Annex G|√3/', $figure->source.implode($figure->assumptions).$figure->formula,
                $figure->key(),
            );
        }
        self::assertFigures(['power.design_current' => 50, 'cable.conductors' => 2], $solution);
        $ends = ['start.locked_rotor_current', 'cable.size', 'guard.scpd_rating', 'guard.overload_dial', 'correct.capacitor_current'];
        foreach ($ends as $key) {
            self::assertNotNull($solution->figure($key), $key);
        }
        self::assertFinds('one_phase_relay_poles', $solution, 'note');
        self::assertDoesNotFind('phase_loss_sensitive', $solution);
    }

    /** 430.52 and Table 29 of one phase: 250 % for an inverse-time breaker; the NEC takes the next rating up, the CE Code the one below. */
    public function test_the_device_follows_the_row_of_one_phase(): void
    {
        $nec = self::solve('nec', '240', ['plate.phases' => 1, 'guard.scpd' => 'breaker_inverse_time']);
        self::assertFigures(['guard.scpd_limit' => 125, 'guard.scpd_rating' => 125], $nec);
        $fuse = self::solve('nec', '240', ['plate.phases' => 1, 'guard.scpd' => 'fuse_dual_element']);
        self::assertFigures(['guard.scpd_limit' => 87.5, 'guard.scpd_rating' => 90], $fuse);
        $cec = self::solve('cec', '240', ['plate.phases' => 1, 'guard.scpd' => 'fuse_dual_element']);
        self::assertFigures(['guard.scpd_limit' => 87.5, 'guard.scpd_rating' => 80], $cec);
    }

    /** By hand: 2 × 9.6 A × 35 m × (R cos φ + X sin φ) over 230 V, R of 2.5 mm² at 70 °C 9 Ω/km (22.5 Ω·mm²/km), X 0.08 Ω/km. */
    public function test_the_drop_goes_out_and_back(): void
    {
        $solution = Bench::solve(self::lathe());
        $ohm = (9.0 * 0.93 + 0.08 * sqrt(1 - 0.93 ** 2)) * 0.035;
        self::assertFigures(['cable.voltage_drop' => 100 * 2 * 9.6 * $ohm / 230, 'cable.conductors' => 2], $solution);
        self::assertStringContainsString('line and neutral', (string) $solution->figure('cable.conductors')?->working);
        self::assertFinds('one_phase_switch', $solution, 'note');
        $lines = self::solve('nec', '240', ['plate.phases' => 1]);
        self::assertStringContainsString('two lines', (string) $lines->figure('cable.conductors')?->working);
    }

    /**
     * Source impedance of the two wires, in V² u / S with V between them, and the volts to earth. By hand: one phase of a three-phase
     * transformer and its neutral, 3; two lines, 2; both ends of one winding, 1; half of it, 2 ÷ 1.5.
     *
     * @return iterable<string, array{string, string, string|null, float, float}>
     */
    public static function sources(): iterable
    {
        yield '230 V of 400 V' => ['iec', '230', null, 3.0, 230.0];
        yield 'two lines of 400 V' => ['iec', '400', null, 2.0, 230.0];
        yield '230 V of a transformer of one phase' => ['iec', '230', '1', 1.0, 230.0];
        yield '120 V of 120/240 V' => ['nec', '120', null, 2 / 1.5, 120.0];
        yield '240 V of 120/240 V' => ['nec', '240', null, 1.0, 120.0];
        yield '208 V of 208Y/120' => ['nec', '208', null, 2.0, 208 / sqrt(3)];
        yield '120 V of 208Y/120' => ['nec', '120', '3', 3.0, 120.0];
        yield '277 V of 480Y/277' => ['nec', '277', null, 3.0, 277.0];
        yield '347 V of 600Y/347' => ['cec', '347', null, 3.0, 347.0];
    }

    #[DataProvider('sources')]
    public function test_a_fault_meets_what_lies_between_its_two_wires(
        string $book,
        string $volts,
        ?string $phases,
        float $times,
        float $earthVolts,
    ): void {
        $solution = self::solve($book, $volts, [
            'plate.phases' => 1, 'plate.current' => '10', 'plate.power' => '1 kW', 'plate.efficiency' => null, 'plate.power_factor' => null,
            'supply.transformer_kva' => '50', 'supply.transformer_impedance_percent' => '3', 'supply.transformer_phases' => $phases,
            'supply.earthing' => 'tn_s', 'guard.scpd' => $book === 'iec' ? 'breaker_d' : 'breaker_inverse_time',
        ]);
        $ohm = $times * (float) $volts ** 2 * 0.03 / 50e3;
        self::assertFigures(
            ['guard.source_impedance' => $ohm, 'guard.prospective_current' => 1.05 * (float) $volts / $ohm], $solution,
        );
        $assumed = $solution->figure('guard.source_impedance')->assumptions ?? [];
        self::assertCount($phases === null ? 1 : 0, $assumed);
        self::assertStringContainsString(
            number_format($earthVolts, $earthVolts === floor($earthVolts) ? 0 : 1, '.', '').' V',
            (string) $solution->figure('guard.earth_fault_current')?->working,
        );
    }

    /** Common practice, no source: Ia/In by how the motor starts, ± 30 %. The NEC's table is six times the full-load table. */
    public function test_the_start_follows_how_the_motor_starts(): void
    {
        foreach (['split_phase' => 7, 'capacitor_start' => 5, 'permanent_capacitor' => 4, 'capacitor_start_run' => 5] as $type => $times) {
            $solution = self::solve('iec', '230', ['plate.phases' => 1, 'plate.single_phase_type' => $type]);
            self::assertFigures([
                'start.locked_rotor_current' => 50 * $times, 'start.locked_rotor_current_low' => 35 * $times,
                'start.locked_rotor_current_high' => 65 * $times,
            ], $solution);
            self::assertNotSame([], $solution->figure('start.locked_rotor_current')->assumptions ?? []);
            self::assertSame($type === 'permanent_capacitor' ? null : 'note', self::grade($solution, 'start_winding_time'));
        }
        $unknown = self::solve('iec', '230', ['plate.phases' => 1]);
        self::assertFigures(['start.locked_rotor_current' => 300], $unknown);
        self::assertFinds('how_it_starts_unknown', $unknown, 'note');
        self::assertFigures(['start.locked_rotor_current' => 300], self::solve('nec', '240', ['plate.phases' => 1]));
        self::assertFigures(
            ['start.locked_rotor_current' => 275], self::solve('nec', '240', ['plate.phases' => 1, 'plate.start_current_ratio' => '5.5']),
        );
    }

    /** NEC Table 430.7(B): letter G is 5.6 to 6.29 kVA per hp; of one phase that is over the volts alone. */
    public function test_a_code_letter_is_over_the_volts_of_one_phase(): void
    {
        $solution = self::solve('nec', '240', ['plate.phases' => 1, 'plate.voltage' => '230', 'plate.code_letter' => 'G']);
        self::assertFigures(['start.locked_rotor_current_high' => 6.29 * 10 * 1000 / 230], $solution);
        self::assertStringNotContainsString('√3', (string) $solution->figure('start.locked_rotor_current')?->working);
    }

    /** What is taken of the start. */
    private static function taken(Solution $solution): string
    {
        return implode(' ', $solution->figure('start.locked_rotor_current')->assumptions ?? []);
    }

    public function test_words_and_capacitors_of_the_plate_say_how_it_starts(): void
    {
        foreach ([
            'CAPACITOR START CAPACITOR RUN' => 'capacitor start, capacitor run', 'CSCR' => 'capacitor start, capacitor run',
            'PSC' => 'permanent capacitor', 'CAP START' => 'capacitor start', 'SPLIT PHASE' => 'split phase',
        ] as $stamp => $type) {
            $solution = self::solve('iec', '230', ['plate.phases' => 1, 'plate.remarks' => $stamp]);
            self::assertStringContainsString($type, self::taken($solution), $stamp);
        }
        $run = self::solve('iec', '230', ['plate.run_capacitor' => '80/5 µF 370/440 V']);
        self::assertSame('single_phase', $run->figure('plate.kind')?->value, 'a run capacitor alone says one phase');
        self::assertStringContainsString('permanent capacitor', self::taken($run));
        self::assertStringContainsString("80\u{00A0}µF and 5\u{00A0}µF", $run->meanings['plate.run_capacitor']['text']);
        self::assertStringContainsString('440', $run->meanings['plate.run_capacitor']['text']);
        self::assertFinds('run_capacitor_stays', $run, 'note');
    }

    /** @return iterable<string, array{string, string|null, string}> as stamped, as read, what is wrong with it */
    public static function capacitors(): iterable
    {
        yield 'with volts' => ['40 µF 450 V', '40 µF, 450 V', ''];
        yield 'short' => ['35uF', '35 µF', ''];
        yield 'old unit' => ['189-227 MFD 110VAC', '189–227 µF, 110 V', ''];
        yield 'two in one can' => ['80/5 MFD 370/440 VAC', '80 / 5 µF, 370/440 V', ''];
        yield 'decimal comma' => ['12,5 µF 400V 50/60Hz', '12.5 µF, 400 V', ''];
        yield 'bare number' => ['40', null, 'cannot be read as a capacitor'];
        yield 'words' => ['large', null, 'cannot be read as a capacitor'];
        yield 'turned round' => ['227-189 µF', null, 'from the smaller to the larger'];
        yield 'too large' => ['40000 µF', null, 'at most 2000 µF'];
        yield 'volts of a tester' => ['40 µF 6000 V', null, 'from 50 to 1000 V'];
    }

    #[DataProvider('capacitors')]
    public function test_capacitors_are_read_as_stamped(string $stamp, ?string $read, string $wrong): void
    {
        $circuit = CircuitReader::read(['rule_book' => 'iec', 'plate' => ['run_capacitor' => $stamp]]);
        self::assertSame($read, $circuit->read()['plate.run_capacitor'] ?? null);
        self::assertStringContainsString($wrong, $circuit->errors['plate.run_capacitor']->text ?? '');
        if ($read !== null) {
            $again = CircuitReader::read(['rule_book' => 'iec', 'plate' => ['run_capacitor' => $read]]);
            self::assertSame($read, $again->read()['plate.run_capacitor'] ?? null, 'what is read means the same when it is typed again');
        }
    }

    public function test_no_starter_lowers_the_voltage_of_a_start_winding(): void
    {
        foreach (['star_delta', 'autotransformer', 'resistor', 'reactor', 'soft_starter', 'drive'] as $method) {
            $solution = self::solve('iec', '230', ['plate.phases' => 1, 'starter.method' => $method]);
            self::assertFinds('one_phase_method_refused', $solution, 'stop');
            self::assertContains('cable', $solution->blocked, $method);
        }
        $made = self::solve('iec', '230', ['plate.phases' => 1, 'starter.method' => 'soft_starter', 'starter.for_one_phase' => true]);
        self::assertDoesNotFind('one_phase_method_refused', $made);
        self::assertNotNull($made->figure('cable.size'));
    }

    public function test_a_built_in_protector_is_asked_for_and_told(): void
    {
        $with = static fn (?string $what): Solution => self::solve('nec', '240', ['plate.phases' => 1, 'plate.thermal_protector' => $what]);
        self::assertFinds('thermal_protector_wanted', $with(null), 'note');
        self::assertFinds('thermal_protector_restarts', $with('automatic'), 'caution');
        self::assertFinds('thermal_protector', $with('manual'), 'note');
        self::assertDoesNotFind('thermal_protector_restarts', $with('manual'));
        $none = $with('none');
        self::assertDoesNotFind('thermal_protector_wanted', $none);
        self::assertDoesNotFind('thermal_protector', $none);
    }

    /** By hand: 4.2 A and 140 W without load at 230 V leave √(966² − 140²) = 955.8 var; at most 0.9 of it at the motor, 860.2 var. */
    public function test_a_capacitor_at_the_motor_stays_below_the_idle_vars(): void
    {
        $at = ['correction.place' => 'at_motor', 'correction.target_power_factor' => '1'];
        $asked = Circuits::solve(self::lathe(), $at);
        self::assertErrorAt('plate.no_load_current', $asked, ErrorKind::Missing);
        self::assertNull($asked->figure('correct.capacitor_current'), 'not offered before it is known');
        $idle = [...$at, 'plate.no_load_current' => '4.2', 'plate.no_load_power' => '140'];
        $solution = Circuits::solve(self::lathe(), $idle);
        self::assertFigures(['correct.no_load_reactive' => 955.8, 'correct.reactive_limit' => 860.2], $solution);
        self::assertLessThanOrEqual(860.2, self::number($solution, 'correct.reactive_chosen'));
        $large = Circuits::solve(self::lathe(), [...$idle, 'correction.capacitance' => '60 µF']);
        self::assertFinds('installed_capacitor_too_large', $large, 'stop');
        $more = Circuits::solve(self::lathe(), [...$idle, 'plate.no_load_power' => '1200']);
        self::assertErrorAt('plate.no_load_power', $more, ErrorKind::Impossible);
        // Less idle current than the load's own vars: the limit at the motor decides, and the target is missed.
        $less = Circuits::solve(self::lathe(), [...$idle, 'plate.no_load_current' => '2', 'plate.no_load_power' => '140']);
        self::assertFigures(['correct.reactive_ceiling' => 0.9 * sqrt(460 ** 2 - 140 ** 2)], $less);
        self::assertFinds('target_not_reached', $less, 'note');
    }

    /** Efficiency and power factor are seldom stamped: P ÷ (V I) = η cos φ holds whatever is taken for one of them. */
    public function test_what_a_plate_of_one_phase_leaves_out_is_marked(): void
    {
        $solution = self::solve('nec', '240', ['plate.phases' => 1, 'plate.power_factor' => null, 'plate.efficiency' => null]);
        self::assertEqualsWithDelta(
            7460 / (240 * 50), self::number($solution, 'plate.efficiency') * self::number($solution, 'plate.power_factor'), 1e-9,
        );
        self::assertNotSame([], $solution->figure('plate.efficiency')->assumptions ?? []);
        self::assertNotSame([], $solution->figure('cable.voltage_drop')->assumptions ?? []);
        $silent = self::solve('iec', '230', ['plate.phases' => 1, 'plate.power' => '30 kW', 'plate.current' => null,
            'plate.power_factor' => null, 'plate.efficiency' => null]);
        self::assertErrorAt('plate.efficiency', $silent, ErrorKind::Missing);
    }

    /** Typical efficiency times power factor stays within 15 % of what Table 430.248 implies for every row at 230 V. */
    public function test_typical_values_agree_with_the_table(): void
    {
        foreach (self::TABLE_430_248 as [$hp, , , , $amperes]) {
            if ($hp < 0.2) {
                continue;
            }
            $solution = Bench::solve([
                'rule_book' => 'iec', 'supply' => ['voltage' => '230', 'phases' => 1],
                'plate' => ['power' => round(746 * $hp).' W', 'voltage' => '230', 'phases' => '1', 'speed' => '1420'],
            ]);
            self::assertEqualsWithDelta($amperes, self::number($solution, 'power.computed_current'), 0.15 * $amperes, "$hp hp");
        }
    }

    #[DataProvider('books')]
    public function test_a_supply_of_one_phase_asks_for_the_stamp(string $book, string $volts): void
    {
        $solution = self::solve($book, $volts, []);
        self::assertErrorAt('plate.phases', $solution, ErrorKind::Missing);
        self::assertNothingIsSized($solution);
        self::assertNull($solution->figure('power.computed_current'), 'by one phase or by three, nobody knows');
        self::assertNull($solution->figure('plate.connection'));
    }

    public function test_a_three_phase_motor_on_one_phase_is_a_stop(): void
    {
        $solution = self::solve('iec', '230', ['plate.phases' => '3~', 'plate.voltage' => '230/400', 'plate.current' => '19/11']);
        self::assertFinds('three_phases_wanted', $solution, 'stop');
        self::assertNothingIsSized($solution);
    }

    public function test_a_motor_of_one_phase_on_three_asks_for_its_two_wires(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['plate.phases' => '1~']);
        self::assertErrorAt('supply.phases', $solution, ErrorKind::Refused);
        foreach (['start', 'cable', 'guard', 'correct'] as $station) {
            self::assertContains($station, $solution->blocked);
        }
    }

    /** @return iterable<string, array{array<string, mixed>, string, string|null}> values, verdict, grade */
    public static function measuredCapacitors(): iterable
    {
        // By hand: 2.77 A at 220 V and 50 Hz are 2.77 ÷ (2π · 50 · 220) = 40.08 µF.
        yield 'by its current' => [['which' => 'run', 'amps' => '2.77', 'volts' => '220'], 'agrees', null];
        yield 'by meter' => [['which' => 'run', 'capacitance' => '38.2'], 'agrees', null];
        yield 'worn out' => [['which' => 'run', 'capacitance' => '33'], 'differs', 'caution'];
        yield 'open' => [['which' => 'run', 'capacitance' => '0.2'], 'differs', 'stop'];
        yield 'start, in its range' => [['which' => 'start', 'capacitance' => '200'], 'agrees', null];
        yield 'start, below' => [['which' => 'start', 'capacitance' => '170'], 'differs', 'caution'];
        yield 'no second section' => [['which' => 'run_second', 'capacitance' => '5'], 'cannot_be_compared', null];
        yield 'nothing said' => [['capacitance' => '5'], 'cannot_be_compared', null];
        yield 'half typed' => [['which' => 'run', 'amps' => '2.77'], 'cannot_be_compared', null];
    }

    /** @param  array<string, mixed>  $values */
    #[DataProvider('measuredCapacitors')]
    public function test_capacitors_of_the_motor_are_tested(array $values, string $verdict, ?string $grade): void
    {
        $solution = Circuits::solve(self::lathe(), ['plate.start_capacitor' => '189-227 µF 250 V', 'readings' => [
            [
                'kind' => 'motor_capacitor', 'at' => '2026-04-20T09:00:00Z', 'load_percent' => null, 'simulated' => false,
                'values' => $values,
            ],
        ]]);
        $said = $solution->comparisons[0]->toArray();
        self::assertSame([$verdict, $grade], [$said['verdict'], $said['grade']]);
    }

    /** IEC 60034-8 names the windings U and Z, NEMA MG 1 T1–T4 and T5–T8 (both from memory). The neutral is blue, or white. */
    public function test_the_wiring_shows_what_is_before_the_start_winding(): void
    {
        $drawn = static fn (array $circuit, array $changes = []): array => Bench::solve(
            Circuits::changed($circuit, $changes), null, Extra::Wiring,
        )->curves['one_phase_wiring']->toArray();
        $lathe = $drawn(self::lathe());
        self::assertSame([['U1', 'U2'], ['Z1', 'Z2'], 'permanent_capacitor'], [$lathe['main'], $lathe['start'], $lathe['type']]);
        self::assertSame([['name' => 'L1', 'colour' => 'brown'], ['name' => 'N', 'colour' => 'blue']], $lathe['wires']);
        self::assertSame([false, false, true], [$lathe['has_switch'], $lathe['has_start_capacitor'], $lathe['has_run_capacitor']]);
        self::assertStringContainsString('swap Z1 and Z2', (string) $lathe['reversing']);
        $american = $drawn(self::lathe('nec'), ['supply.voltage' => '120', 'plate.voltage' => '115', 'plate.run_capacitor' => null,
            'plate.start_capacitor' => '189-227 MFD', 'cable' => null, 'guard' => null]);
        self::assertSame([['T1', 'T4'], ['T5', 'T8'], 'capacitor_start'], [$american['main'], $american['start'], $american['type']]);
        self::assertSame([['name' => 'L1', 'colour' => 'black'], ['name' => 'N', 'colour' => 'white']], $american['wires']);
        $lines = $drawn(self::lathe('nec'), ['supply.voltage' => '240', 'cable' => null, 'guard' => null]);
        self::assertFalse($lines['has_neutral']);
        self::assertSame(['name' => 'L2', 'colour' => 'red'], $lines['wires'][1]);
        $unknown = $drawn(self::lathe(), ['plate.run_capacitor' => null]);
        self::assertNull($unknown['type']);
        self::assertFalse($unknown['has_switch'], 'nothing is drawn that nobody knows');
    }

    /** Common practice, no source: the start winding has the higher resistance. */
    public function test_main_and_start_winding_are_told_apart(): void
    {
        $read = static function (string $main, string $start): array {
            $solution = Circuits::solve(self::lathe(), ['readings' => [[
                'kind' => 'winding_resistance', 'at' => '2026-04-20T09:00:00Z', 'load_percent' => null, 'simulated' => false,
                'values' => ['ohms_main' => $main, 'ohms_start' => $start],
            ]]]);
            $said = $solution->comparisons[0]->toArray();

            return [$said['verdict'], $said['grade']];
        };
        self::assertSame(['agrees', null], $read('1.8', '4.6'));
        self::assertSame(['differs', 'note'], $read('4.6', '1.8'));
        self::assertSame(['differs', 'stop'], $read('1.8', 'OL'));
        self::assertSame(['differs', 'stop'], $read('OL', '4.6'));
    }

    /** 120/240 V with one phase is the usual three-wire service; only with three phases does its third line stand high to earth. */
    public function test_two_voltages_of_one_phase_are_no_high_leg(): void
    {
        $read = static fn (int $phases): string => CircuitReader::read([
            'rule_book' => 'nec', 'supply' => ['voltage' => '120/240', 'phases' => $phases],
        ])->read()['supply.voltage'];
        self::assertStringNotContainsString('high leg', $read(1));
        self::assertStringContainsString('high leg 208', $read(3));
    }

    /** A kiln's heater bank of our own: three elements of 3 kW at 400 V in delta take 9 kW, in star a third; one across 230 V V²/Z. */
    public function test_heaters_on_the_bench_answer_power_too(): void
    {
        $bank = ['rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '400'],
            'windings' => ['element_power' => '3 kW', 'element_voltage' => '400', 'connected' => 'delta']];
        self::assertFigures(
            ['power.input' => 9000, 'power.computed_current' => 9000 / sqrt(3) / 400, 'power.power_factor' => 1], Bench::solve($bank),
        );
        self::assertFigures(['power.input' => 3000], Circuits::solve($bank, ['windings.connected' => 'star']));
        $open = Circuits::solve($bank, ['windings.connected' => null]);
        self::assertErrorAt('windings.connected', $open, ErrorKind::Missing);
        self::assertNull($open->figure('power.input'));
        $one = Circuits::solve($bank, [
            'supply' => ['voltage' => '230', 'phases' => 1], 'windings' => ['impedance' => '20', 'power_factor' => '0.8'],
        ]);
        self::assertFigures(
            ['power.apparent' => 230 ** 2 / 20, 'power.input' => 0.8 * 230 ** 2 / 20, 'power.computed_current' => 11.5], $one,
        );
        self::assertFigures(['power.input' => 5000], Circuits::solve($bank, ['bench' => ['power' => '5 kW', 'power_factor' => '1']]));
    }
}
