<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Stations\Prove\Comparison;
use BraveAnvil\Stations\Prove\ReadingFields;
use BraveAnvil\Stations\Prove\ReadingKind;
use BraveAnvil\Stations\Prove\ReadingReader;
use PHPUnit\Framework\Attributes\DataProvider;

/** Readings held against the circuit: what agrees, what differs, what cannot be compared, and what each shape of values is called. */
final class ReadingsTest extends CoreTestCase
{
    private const AT = '2026-04-20T09:00:00Z';

    /**
     * @param  array<string, mixed>  $values
     * @param  array<string, mixed>  $changes  of the circuit
     */
    private static function read(string $kind, array $values, array $changes = [], ?int $load = null, bool $simulated = false): Solution
    {
        return Circuits::solve(Circuits::fanWithItsLoad(), [
            ...$changes,
            'readings' => [['kind' => $kind, 'at' => self::AT, 'load_percent' => $load, 'simulated' => $simulated, 'values' => $values]],
        ]);
    }

    /** @return array{string, string|null, string|null} verdict, grade and pattern */
    private static function said(Solution $solution, int $index = 0): array
    {
        $comparison = $solution->comparisons[$index]->toArray();
        self::assertIsString($comparison['verdict']);
        [$grade, $pattern] = [$comparison['grade'], $comparison['pattern']];
        self::assertTrue(($grade === null || is_string($grade)) && ($pattern === null || is_string($pattern)));

        return [$comparison['verdict'], $grade, $pattern];
    }

    /** @return list<string> */
    private static function wanted(Solution $solution): array
    {
        return $solution->comparisons[0]->judgement->wanted;
    }

    private const WITH_CAPACITOR = [
        'correction.place' => 'board', 'correction.rated_kvar' => '15', 'correction.rated_voltage' => '400',
    ];

    /** @return iterable<string, array{string, array<string, mixed>, int|null, array<string, mixed>, array{string, string|null, string|null}, array<string, float|string>}> kind, values, load, changes, what is said, figures */
    public static function examples(): iterable
    {
        yield 'winding in delta' => [
            'winding_resistance',
            ['joined' => 'delta', 'ohms_uv' => '0.512', 'ohms_vw' => '0.498', 'ohms_wu' => '0.505', 'temperature' => '22'], null, [],
            ['agrees', null, null], [
                'prove.winding_resistance.measured' => 0.505, 'prove.winding_resistance.unbalance' => 1.386,
                'prove.winding_resistance.winding_1' => 0.7789, 'prove.winding_resistance.winding_2' => 0.7369,
                'prove.winding_resistance.winding_3' => 0.7573, 'prove.winding_resistance.at_reference' => 0.505 * 255 / 257,
            ],
        ];
        yield 'winding in star with a bad joint' => [
            'winding_resistance',
            ['joined' => 'star', 'ohms_uv' => '0.8420', 'ohms_vw' => '0.8435', 'ohms_wu' => '806 mΩ', 'temperature' => '27'], null, [],
            ['differs', 'note', 'high_winding'], [
                'prove.winding_resistance.unbalance' => 2.95, 'prove.winding_resistance.winding_1' => 0.4023,
                'prove.winding_resistance.winding_2' => 0.4398, 'prove.winding_resistance.winding_3' => 0.4038,
                'prove.winding_resistance.at_reference' => 0.8083, 'prove.winding_resistance.pattern' => 'high_winding',
            ],
        ];
        yield 'insulation' => [
            'insulation_resistance', ['test_volts' => '500', 'megohms' => '60', 'megohms_10' => '156', 'temperature' => '25'], null, [],
            ['agrees', null, null], [
                'prove.insulation_resistance.measured' => 21.2132e6, 'prove.insulation_resistance.low' => 5e6,
                'prove.insulation_resistance.polarization_index' => 2.6,
            ],
        ];
        yield 'insulation of a thermosetting winding' => [
            'insulation_resistance', ['test_volts' => '500', 'megohms' => '60', 'temperature' => '25', 'system' => 'thermosetting'], null,
            [],
            ['agrees', null, null], ['prove.insulation_resistance.measured' => 49.113e6],
        ];
        yield 'temperature rise' => [
            'temperature_rise', ['cold_ohms' => '0.512', 'cold_temperature' => '21', 'hot_ohms' => '0.676', 'ambient' => '24'], null,
            ['plate.insulation_class' => 'F/B'], ['agrees', null, null],
            ['prove.temperature_rise.measured' => 79.0, 'prove.temperature_rise.high' => 80.0],
        ];
        yield 'currents that the supply explains' => [
            'line_current', [
                'amps_1' => 50, 'amps_2' => 56, 'amps_3' => 53.6, 'volts_12' => 388, 'volts_23' => 396, 'volts_31' => 392,
                'where' => 'motor',
            ], 75, [], ['agrees', null, null], [
                'prove.line_current.measured' => 53.2, 'prove.line_current.expected' => 53.198, 'prove.line_current.low' => 47.21,
                'prove.line_current.high' => 59.18, 'prove.line_current.unbalance' => 6.015, 'prove.line_current.unbalance_high' => 13.23,
            ],
        ];
        yield 'volts a little unequal' => [
            'supply_voltage', ['volts_12' => 388, 'volts_23' => 396, 'volts_31' => 392], null, [], ['agrees', 'note', null],
            ['prove.supply_voltage.unbalance' => 1.0204, 'prove.supply_voltage.measured' => 388.0, 'prove.supply_voltage.low' => 360.0],
        ];
        yield 'slip' => [
            'speed', ['rpm' => 1486, 'volts' => 392], 75, [], ['agrees', null, null], [
                'prove.speed.measured' => 0.9333, 'prove.speed.expected' => 0.9371, 'prove.speed.low' => 0.7497,
                'prove.speed.load_implied' => 74.70,
            ],
        ];
        yield 'relay' => [
            'relay_trip', ['multiple' => 6, 'seconds' => 9, 'class' => '10'], null, [], ['agrees', null, null],
            ['prove.relay_trip.low' => 5.788, 'prove.relay_trip.high' => 14.49],
        ];
        yield 'a capacitor that works' => [
            'correction', [
                'before' => ['watts' => '26.5 kW', 'amps' => 52, 'volts' => 402],
                'after' => ['watts' => 26600, 'amps' => 40.9, 'volts' => 403],
            ], null, self::WITH_CAPACITOR, ['agrees', null, null], [
                'prove.correction.expected' => 40.44, 'prove.correction.low' => 38.57, 'prove.correction.high' => 42.04,
                'prove.correction.share' => 0.9395, 'prove.correction.power_factor' => 0.9317,
            ],
        ];
        yield 'a capacitor with a dead element' => [
            'correction', [
                'before' => ['watts' => 26500, 'amps' => 52, 'volts' => 402],
                'after' => ['watts' => 26500, 'amps' => 43.4, 'volts' => 402.5],
            ], null, self::WITH_CAPACITOR, ['differs', 'caution', 'one_element_dead'], ['prove.correction.share' => 0.6630],
        ];
        yield 'a dead element at the capacitor' => [
            'capacitor', ['amps_1' => 21.9, 'amps_2' => 12.4, 'amps_3' => 12.7, 'volts' => 402.5], null, self::WITH_CAPACITOR,
            ['differs', 'caution', 'one_element_dead'], ['prove.capacitor.expected' => 21.786],
        ];
        yield 'a blown fuse at the capacitor' => [
            'capacitor', ['amps_1' => 18.75, 'amps_2' => 0, 'amps_3' => 18.75, 'volts' => 400], null, self::WITH_CAPACITOR,
            ['differs', 'caution', 'blown_fuse'], ['prove.capacitor.expected' => 21.651],
        ];
    }

    /**
     * Own computation, by hand and for the capacitor with a circuit simulator.
     *
     * @param  array<string, mixed>  $values
     * @param  array<string, mixed>  $changes
     * @param  array{string, string|null, string|null}  $said
     * @param  array<string, float|string>  $figures
     */
    #[DataProvider('examples')]
    public function test_worked_examples(string $kind, array $values, ?int $load, array $changes, array $said, array $figures): void
    {
        $solution = self::read($kind, $values, $changes, $load);

        self::assertSame([], Circuits::errors($solution));
        self::assertSame($said, self::said($solution));
        self::assertFigures(['prove.'.$kind.'.verdict' => $said[0], ...$figures], $solution);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string, string}> kind, values, grade and code of the finding */
    public static function disagreements(): iterable
    {
        yield 'a winding that is open' => [
            'winding_resistance', ['joined' => 'star', 'ohms_uv' => 'OL', 'ohms_vw' => '0.84', 'ohms_wu' => 'OL'], 'stop',
            'winding_resistance',
        ];
        yield 'a delta with an open winding' => [
            'winding_resistance', ['joined' => 'delta', 'ohms_uv' => '1.0', 'ohms_vw' => '0.5', 'ohms_wu' => '0.5'], 'stop',
            'winding_resistance',
        ];
        yield 'wet windings' => [
            'insulation_resistance', ['test_volts' => 500, 'megohms' => 2, 'temperature' => 30], 'stop', 'insulation_resistance',
        ];
        yield 'a loose protective conductor' => ['loop_impedance', ['ohms' => '0.9'], 'stop', 'loop_impedance'];
        yield 'a relay that is too slow' => ['relay_trip', ['multiple' => 6, 'seconds' => 30, 'class' => '10'], 'caution', 'relay_trip'];
        yield 'a supply that is no longer one' => [
            'supply_voltage', ['volts_12' => 400, 'volts_23' => 360, 'volts_31' => 380], 'stop', 'supply_voltage',
        ];
        yield 'the wrong way round' => ['rotation', ['seen' => 'wrong'], 'stop', 'rotation'];
        yield 'twice the current at no load' => [
            'no_load_current', ['amps_1' => 52, 'amps_2' => 53, 'amps_3' => 52], 'caution', 'no_load_current',
        ];
        yield 'an inrush of another motor' => ['inrush', ['amps' => 700, 'as' => 'rms'], 'caution', 'inrush'];
        yield 'a start that takes too long' => ['run_up_time', ['seconds' => 20], 'caution', 'run_up_time'];
        yield 'a line without current' => ['line_current', ['amps_1' => 0, 'amps_2' => 80, 'amps_3' => 81], 'stop', 'line_current'];
        yield 'more power than the motor is for' => [
            'power', ['method' => 'volts_amps_watts', 'volts_12' => 400, 'amps_1' => 85, 'watts' => '50 kW'], 'caution', 'power',
        ];
        yield 'a speed that is too low' => ['speed', ['rpm' => 1455], 'caution', 'speed'];
        yield 'a machine that shakes' => ['vibration', ['de' => 9], 'stop', 'vibration'];
        yield 'a hot bearing' => ['temperature', ['bearing_de' => 101], 'caution', 'temperature'];
        yield 'a winding too warm' => [
            'temperature_rise', ['cold_ohms' => 0.5, 'cold_temperature' => 20, 'hot_ohms' => 0.8, 'ambient' => 20], 'caution',
            'temperature_rise',
        ];
    }

    /** @param  array<string, mixed>  $values */
    #[DataProvider('disagreements')]
    public function test_what_differs_is_said_with_what_to_look_at_next(string $kind, array $values, string $grade, string $code): void
    {
        $solution = self::read($kind, $values, ['supply.earthing' => 'tn_s'], 100);

        self::assertSame('differs', self::said($solution)[0], json_encode($solution->comparisons[0]->toArray(), JSON_THROW_ON_ERROR));
        self::assertFinds($code, $solution, $grade);
        self::assertNotSame('', self::finding($solution, $code)->action);
        self::assertNotSame([], $solution->comparisons[0]->judgement->pointsTo);
    }

    public function test_nothing_stops_for_what_a_stand_in_shows(): void
    {
        $solution = self::read('vibration', ['de' => 9], simulated: true);

        self::assertFinds('vibration', $solution, 'caution');
        self::assertStringContainsString('Simulated', self::finding($solution, 'vibration')->title);
        self::assertTrue($solution->figure('prove.vibration.measured')?->assumed());
    }

    public function test_the_latest_of_an_instrument_counts_and_what_is_withdrawn_does_not(): void
    {
        $one = static fn (string $at, float $de, bool $simulated = false, ?string $withdrawn = null): array => [
            'kind' => 'vibration', 'at' => $at, 'values' => ['de' => $de], 'simulated' => $simulated, 'withdrawn' => $withdrawn,
        ];
        $solution = Circuits::solve(Circuits::fanWithItsLoad(), ['readings' => [
            $one('2026-04-22', 2.0), $one('2026-04-20', 9.0), $one('2026-04-23', 8.0, withdrawn: 'sensor loose'),
            $one('2026-04-24', 7.0, true),
        ]]);

        self::assertFigures(['prove.vibration.measured' => 2.0, 'prove.vibration.zone' => 'B'], $solution);
        self::assertSame([0, 1, 2, 3], array_map(static fn (Comparison $c): int => $c->index, $solution->comparisons));
        self::assertSame('Readings of 1 kind: 1 as expected.', $solution->sentences['prove'] ?? '');
    }

    public function test_what_is_only_simulated_is_said_in_the_first_sentence(): void
    {
        $solution = self::read('vibration', ['de' => 1], simulated: true);

        self::assertSame('Readings of 1 kind: 1 as expected; all simulated only.', $solution->sentences['prove'] ?? '');
    }

    public function test_a_winding_is_held_against_its_first_reading(): void
    {
        $one = static fn (string $at, float $ohms, int $celsius): array => [
            'kind' => 'winding_resistance', 'at' => $at,
            'values' => ['joined' => 'star', 'ohms_uv' => $ohms, 'ohms_vw' => $ohms, 'ohms_wu' => $ohms, 'temperature' => $celsius],
        ];
        // The same winding, warmer: (235 + 60) / (235 + 20) of its resistance.
        $same = Circuits::solve(Circuits::fanWithItsLoad(), ['readings' => [
            $one('2026-05-01', 0.8 * 295 / 255, 60), $one('2026-04-01', 0.8, 20),
        ]]);
        $other = Circuits::solve(Circuits::fanWithItsLoad(), ['readings' => [$one('2026-05-01', 0.8, 60), $one('2026-04-01', 0.8, 20)]]);

        self::assertEqualsWithDelta(0.0, self::number($same, 'prove.winding_resistance.change'), 1e-6);
        self::assertSame('agrees', self::said($same)[0]);
        self::assertSame(['differs', 'note', null], self::said($other));
    }

    public function test_three_windings_are_told_from_their_terminals(): void
    {
        [$uv, $vw, $wu] = [1.00, 1.10, 0.95];
        $p = $uv + $vw + $wu;
        $across = static fn (float $own): float => $own * ($p - $own) / $p;
        $solution = self::read('winding_resistance', [
            'joined' => 'delta', 'ohms_uv' => $across($uv), 'ohms_vw' => $across($vw), 'ohms_wu' => $across($wu),
        ]);

        foreach ([$uv, $vw, $wu] as $i => $winding) {
            self::assertEqualsWithDelta($winding, self::number($solution, 'prove.winding_resistance.winding_'.($i + 1)), 1e-9);
        }
    }

    public function test_test_volts_near_a_drive_are_judged_only_when_it_was_off(): void
    {
        $values = ['test_volts' => 500, 'megohms' => 60, 'temperature' => 25];
        $drive = ['starter.method' => 'drive', 'starter.drive_input_current' => 60];
        $solution = self::read('insulation_resistance', $values, $drive);

        self::assertSame(['cannot_be_compared', null, null], self::said($solution));
        self::assertSame(['disconnected'], self::wanted($solution));
        self::assertFinds('insulation_resistance', $solution, 'note');
        self::assertSame('agrees', self::said(self::read('insulation_resistance', [...$values, 'disconnected' => ['drive']], $drive))[0]);
        $capacitor = ['correction.place' => 'at_motor', 'correction.rated_kvar' => 5];
        self::assertSame(['disconnected'], self::wanted(self::read('insulation_resistance', $values, $capacitor)));
    }

    public function test_where_a_current_was_read_matters_once_there_is_a_capacitor(): void
    {
        $amps = ['amps_1' => 67, 'amps_2' => 67, 'amps_3' => 67];

        self::assertSame(['where'], self::wanted(self::read('line_current', $amps, self::WITH_CAPACITOR, 100)));
        self::assertSame('agrees', self::said(self::read('line_current', [...$amps, 'where' => 'motor'], self::WITH_CAPACITOR, 100))[0]);
        $line = self::read('line_current', [...$amps, 'where' => 'line'], self::WITH_CAPACITOR, 100);
        self::assertLessThan(self::number(self::read('line_current', $amps, [], 100), 'prove.line_current.expected'),
            self::number($line, 'prove.line_current.expected'));
    }

    public function test_in_a_lead_of_a_delta_flows_a_part(): void
    {
        $whole = self::read('line_current', ['amps_1' => 67, 'amps_2' => 67, 'amps_3' => 67], [], 100);
        $line = self::number($whole, 'prove.line_current.expected');
        $lead = self::read('line_current', ['amps_1' => 38.7, 'amps_2' => 38.6, 'amps_3' => 38.6, 'where' => 'lead'], [], 100);

        self::assertEqualsWithDelta($line / sqrt(3), self::number($lead, 'prove.line_current.expected'), 1e-9);
        self::assertSame('agrees', self::said($lead)[0]);
    }

    public function test_without_a_load_a_current_lies_between_idling_and_the_plate(): void
    {
        $solution = self::read('line_current', ['amps_1' => 40, 'amps_2' => 40, 'amps_3' => 40]);

        self::assertSame('agrees', self::said($solution)[0]);
        self::assertNull($solution->figure('prove.line_current.expected'));
        $idle = self::number($solution, 'power.no_load_current');
        self::assertEqualsWithDelta(0.7 * $idle, self::number($solution, 'prove.line_current.low'), 1e-9);
        self::assertEqualsWithDelta(1.03 * 66, self::number($solution, 'prove.line_current.high'), 1e-9);
    }

    /** @return iterable<string, array{mixed, string}> readings as typed, path of the error */
    public static function bad(): iterable
    {
        $good = ['kind' => 'vibration', 'at' => '2026-04-20', 'values' => ['de' => 1]];
        yield 'no list' => ['many', 'readings'];
        yield 'no reading' => [['many'], 'readings[0]'];
        yield 'no such kind' => [[[...$good, 'kind' => 'wobble']], 'readings[0].kind'];
        yield 'no time' => [[['kind' => 'vibration', 'values' => ['de' => 1]]], 'readings[0].at'];
        yield 'no such time' => [[$good, [...$good, 'at' => '2026-02-31T25:00']], 'readings[1].at'];
        yield 'no date' => [[[...$good, 'at' => 'yesterday']], 'readings[0].at'];
        yield 'a load beyond sense' => [[[...$good, 'load_percent' => 900]], 'readings[0].load_percent'];
        yield 'no number' => [[[...$good, 'values' => ['de' => 'lots']]], 'readings[0].values.de'];
        yield 'no values' => [[[...$good, 'values' => 7]], 'readings[0].values'];
    }

    #[DataProvider('bad')]
    public function test_what_cannot_be_read_is_told_at_its_place(mixed $readings, string $path): void
    {
        $solution = Circuits::solve(Circuits::fanWithItsLoad(), ['readings' => $readings]);

        self::assertSame([$path], array_keys(Circuits::errors($solution)));
        self::assertFigures(['power.plate_current' => 66], $solution);
    }

    public function test_a_part_that_is_not_known_is_named(): void
    {
        $solution = self::read('vibration', ['de' => 1, 'up' => 2]);

        self::assertStringContainsString('readings[0].values.up', self::finding($solution, 'unknown_fields')->text);
    }

    public function test_every_kind_takes_anything_without_a_wrong_answer(): void
    {
        mt_srand($seed = (int) (getenv('FUZZ_SEED') ?: random_int(0, 1 << 30)));
        $texts = ['', '0', '-1', '1e9', 'OL', '0,5', '12 kV', '∞', 'NaN', '{I}', 'star', 'motor', '75 %', '37', null, true, [], ['x' => 1]];
        $circuits = [Circuits::fanWithItsLoad(), Circuits::conveyor(), Circuits::twentyFiveHorsepower(), ['rule_book' => 'iec'], [
            'rule_book' => 'nec', 'subject' => 'bench_load', 'supply' => ['voltage' => 240, 'frequency' => 60, 'phases' => 1],
            'bench' => ['power' => 400, 'current' => 3],
        ]];
        foreach ($circuits as $circuit) {
            $readings = [];
            foreach (ReadingKind::cases() as $kind) {
                for ($i = 0; $i < 12; $i++) {
                    $values = [];
                    foreach (ReadingFields::of($kind) as $name => $field) {
                        $cases = $field->cases();
                        $values[$name] = mt_rand(0, 3) === 0 ? $texts[array_rand($texts)]
                            : ($cases !== [] ? $cases[array_rand($cases)]->value : (string) (mt_rand(1, 9000) / 10));
                    }
                    $readings[] = ['kind' => $kind->value, 'at' => self::AT, 'load_percent' => mt_rand(0, 160), 'values' => $values];
                }
            }
            $solution = Bench::solve([...$circuit, 'readings' => $readings]);
            self::assertCount(count($readings), $solution->comparisons, "seed $seed");
            json_encode($solution->toArray(), JSON_THROW_ON_ERROR);
        }
    }

    /** @return iterable<string, array{string, float|null}> */
    public static function megohms(): iterable
    {
        yield 'a bare number' => ['220', 220e6];
        yield 'the prefix alone' => ['220 M', 220e6];
        yield 'without a blank' => ['2.2G', 2.2e9];
        yield 'in full' => ['220 MΩ', 220e6];
        yield 'kilohms' => ['900 k', 900e3];
        yield 'a small m says nothing here' => ['220 m', null];
        yield 'volts' => ['220 V', null];
    }

    #[DataProvider('megohms')]
    public function test_megohms_as_people_write_them(string $typed, ?float $ohms): void
    {
        $read = ReadingReader::read([['kind' => 'insulation_resistance', 'at' => '2026-01-01', 'values' => ['megohms' => $typed]]], false);
        self::assertSame($ohms, $read->byTime[0]->number('megohms')?->number());
        self::assertSame($ohms === null ? ['readings[0].values.megohms'] : [], array_map(
            static fn (FieldError $one): string => $one->path, $read->errors,
        ));
    }

    /**
     * Zones of a machine's vibration by its output and foundation, mm/s. ISO 20816-3, table A.1 and A.2, and for small machines ISO 20816-1,
     * table C.1 (both from memory).
     */
    public function test_vibration_has_its_zone_on_each_side_of_a_limit(): void
    {
        $zones = [
            ['11 kW', 'rigid', [0.71, 1.8, 4.5]], ['37 kW', 'rigid', [1.4, 2.8, 4.5]], ['37 kW', 'flexible', [2.3, 4.5, 7.1]],
            ['355 kW', 'rigid', [2.3, 4.5, 7.1]], ['355 kW', 'flexible', [3.5, 7.1, 11.0]],
        ];
        foreach ($zones as [$power, $foundation, $limits]) {
            foreach ($limits as $i => $limit) {
                foreach ([0 => 0.99, 1 => 1.01] as $after => $share) {
                    $solution = self::read('vibration', ['de' => (string) ($limit * $share), 'foundation' => $foundation], [
                        'plate.power' => $power, 'plate.current' => null,
                    ]);
                    self::assertSame('ABCD'[$i + $after], $solution->figure('prove.vibration.zone')?->value, "$power $foundation $limit");
                }
            }
        }
    }

    /** Cold conductors may read 80 % of the limit for warm ones; above 1.2 times the computed one it is told. Common practice. */
    public function test_a_loop_is_judged_cold(): void
    {
        $earthed = ['supply.earthing' => 'tn_s'];
        $limit = self::number(Circuits::solve(Circuits::fanWithItsLoad(), $earthed), 'guard.loop_impedance_limit');
        $at = static fn (float $share): Solution => self::read('loop_impedance', ['ohms' => sprintf('%.4f', $share * $limit)], $earthed);
        self::assertSame('agrees', self::said($at(0.79))[0]);
        self::assertSame(['differs', 'caution'], array_slice(self::said($at(0.81)), 0, 2));
        self::assertSame(['differs', 'stop'], array_slice(self::said($at(1.01)), 0, 2));
        self::assertEqualsWithDelta(0.8 * $limit, self::number($at(0.5), 'prove.loop_impedance.limit_cold'), 1e-9);
        $computed = self::number(Circuits::solve(Circuits::fanWithItsLoad(), $earthed), 'guard.loop_impedance');
        $times = static fn (float $times): string => self::read(
            'loop_impedance', ['ohms' => sprintf('%.4f', $times * $computed)], $earthed,
        )->comparisons[0]->judgement->says;
        self::assertStringNotContainsString('1.2 times', $times(1.19));
        self::assertStringContainsString('1.2 times', $times(1.21));
    }

    /** A delta of capacitors: with one element dead its lines carry 1/√3, 1/√3 and 1; with a blown fuse √3/2 in two of them. Definition. */
    public function test_the_lines_of_a_capacitor_show_what_is_dead(): void
    {
        $whole = 15000 / (sqrt(3) * 400);
        $lines = static fn (float ...$shares): array => self::said(self::read('capacitor', [
            'amps_1' => sprintf('%.3f', $shares[0] * $whole), 'amps_2' => sprintf('%.3f', $shares[1] * $whole),
            'amps_3' => sprintf('%.3f', $shares[2] * $whole), 'volts' => '400',
        ], self::WITH_CAPACITOR));
        self::assertSame('agrees', $lines(0.86, 1.0, 1.14)[0], 'IEC 60831-1 and a clamp: −15 to +15 %');
        self::assertSame('differs', $lines(0.84, 1.0, 1.0)[0]);
        self::assertSame('differs', $lines(1.0, 1.0, 1.16)[0]);
        self::assertSame('one_element_dead', $lines(1.0, 0.577, 0.577)[2]);
        self::assertSame('one_element_dead', $lines(0.93, 0.5, 0.65)[2]);
        self::assertSame('blown_fuse', $lines(0.0, 0.866, 0.866)[2]);
        self::assertSame('two_elements_dead', $lines(0.577, 0.04, 0.577)[2]);
    }

    /** A winding that is off says in which way. */
    public function test_a_winding_that_is_off_says_its_way(): void
    {
        $says = static fn (string $ohms): string => self::read('winding_resistance', [
            'joined' => 'star', 'ohms_uv' => '0.842', 'ohms_vw' => '0.842', 'ohms_wu' => $ohms, 'temperature' => '27',
        ])->comparisons[0]->judgement->says;
        self::assertStringContainsString('% less than the others', $says('0.9'));
        self::assertStringContainsString('% more than the others', $says('0.78'));
    }

    /** A year before 1900 is a slip of the pen; the day it begins is the first that counts. */
    public function test_no_reading_is_older_than_the_trade(): void
    {
        self::assertTrue(ReadingReader::isTime('1900-01-01'));
        self::assertFalse(ReadingReader::isTime('1899-12-31'));
    }

    /** Rise by resistance that a class allows, K, at 40 °C: IEC 60034-1, table 8 (from memory). */
    public function test_a_rise_is_held_against_its_class(): void
    {
        foreach (['A' => 60, 'E' => 75, 'B' => 80, 'F' => 105, 'H' => 125] as $class => $most) {
            // θ2 − θa with cold and hot readings at one ambient: R2 / R1 (235 + 20) − 235 − 20.
            $at = static fn (float $rise): array => self::said(self::read('temperature_rise', [
                'cold_ohms' => '0.5', 'cold_temperature' => '20', 'ambient' => '20',
                'hot_ohms' => sprintf('%.4f', 0.5 * (255 + $rise) / 255),
            ], ['plate.insulation_class' => (string) $class, 'plate.temperature_rise' => null]));
            self::assertSame('agrees', $at($most - 1.0)[0], "class $class");
            self::assertSame('differs', $at($most + 1.0)[0], "class $class");
        }
    }

    /** A power that is a tenth off what the load draws is another load, or a meter joined wrongly. Own estimate. */
    public function test_a_power_may_be_a_tenth_off(): void
    {
        $expected = self::number(Circuits::solve(Circuits::fanWithItsLoad()), 'power.input');
        $at = static fn (float $times): string => self::said(self::read('power', [
            'method' => 'volts_amps_watts', 'volts_12' => '400', 'amps_1' => sprintf('%.2f', $times * 66.9),
            'watts' => sprintf('%.0f', $times * $expected),
        ], load: 100))[0];
        self::assertSame('agrees', $at(1.0));
        self::assertSame('agrees', $at(0.92));
        self::assertSame('differs', $at(0.88));
    }

    /** What is planned goes with what is known: no turning field on one phase. */
    public function test_a_plan_asks_for_what_can_be_read(): void
    {
        $kinds = static fn (array $changes): string => json_encode(
            Circuits::curve(Circuits::solve(Circuits::fanWithItsLoad(), $changes), 'plan'), JSON_THROW_ON_ERROR,
        );
        self::assertStringContainsString('"rotation"', $kinds([]));
        self::assertStringContainsString('"winding_resistance"', $kinds([]));
    }
}
