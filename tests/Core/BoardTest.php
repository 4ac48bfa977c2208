<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Circuit\BoardFeed;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Records\Board\FeederSolution;
use BraveAnvil\Records\Board\FeederStation;
use BraveAnvil\Records\Board\RestartStep;
use PHPUnit\Framework\Attributes\DataProvider;

/**
 * A board and its feeder: six worked examples, calculated apart from this program by two people, and what must hold of any board.
 *
 * @phpstan-type Example array{document: array<string, mixed>, figures: array<string, float|int|string>, circuits: array<string,
 * array<string, float|int|string|null>>, timetable: list<array<string, mixed>>, coils: array<string, array<string, float>>,
     findings: list<array{string, string}>}
 */
final class BoardTest extends CoreTestCase
{
    /** @return array<string, array{Example}> */
    public static function examples(): array
    {
        /** @var array<string, Example> $all */
        $all = json_decode((string) file_get_contents(__DIR__.'/boards.json'), true, 24, JSON_THROW_ON_ERROR);

        return array_map(static fn (array $example): array => [$example], $all);
    }

    /**
     * @param  array<string, mixed>  $changes
     * @return array<string, mixed>
     */
    private static function board(string $name = 'F-IEC', array $changes = []): array
    {
        return Circuits::changed(self::examples()[$name][0]['document'], $changes);
    }

    private static function value(FeederSolution $solution, string $key): float
    {
        $figure = $solution->feeder->figure($key);
        self::assertNotNull($figure, $key.': '.json_encode(array_map(static fn (FieldError $e): string => $e->path.' '.$e->text,
            $solution->feeder->errors)));

        return $figure->number();
    }

    /** @return list<string> */
    private static function codes(FeederSolution $solution): array
    {
        return array_map(static fn (Finding $finding): string => $finding->code->code(), $solution->feeder->findings);
    }

    /** @param  Example  $example */
    #[DataProvider('examples')]
    public function test_a_board_comes_out_as_it_was_worked_by_hand(array $example): void
    {
        $solution = FeederStation::solve($example['document']);
        self::assertSame([], array_map(static fn (FieldError $error): string => $error->path.' '.$error->text,
            $solution->feeder->errors));
        foreach ($example['figures'] as $key => $value) {
            $figure = $solution->feeder->figure($key);
            self::assertNotNull($figure, $key);
            self::alike($value, $figure, $key);
        }
        foreach ($example['circuits'] as $tag => $figures) {
            $own = [];
            foreach ($solution->circuits[$tag] ?? [] as $figure) {
                $own[$figure->key()] = $figure;
            }
            foreach ($solution->behind[$tag]->figures ?? [] as $figure) {
                $own[$figure->key()] = $figure;
            }
            foreach ($figures as $key => $value) {
                if ($value !== null) {
                    self::assertArrayHasKey($key, $own, $tag);
                    self::alike($value, $own[$key], "$tag $key");
                }
            }
        }
        self::assertCount(count($example['timetable']), $solution->timetable);
        foreach ($example['timetable'] as $i => $step) {
            $own = $solution->timetable[$i]->toArray();
            self::assertSame($step['tags'], $own['tags']);
            foreach (['at', 'dip', 'current', 'run_up'] as $key) {
                self::assertIsNumeric($step[$key]);
                self::assertEqualsWithDelta((float) $step[$key], $own[$key], 2e-4 * (float) $step[$key], $key);
            }
        }
        foreach ($example['coils'] as $tag => $coil) {
            foreach ($coil as $key => $value) {
                self::assertEqualsWithDelta($value, $solution->coils[$tag][$key] ?? null, 2e-4 * $value, "$tag $key");
            }
        }
        $found = array_map(static fn (Finding $finding): array => [$finding->grade->value, $finding->code->code()],
            $solution->feeder->findings);
        sort($found);
        $wanted = $example['findings'];
        sort($wanted);
        self::assertSame($wanted, $found);
    }

    private static function alike(float|int|string $value, Figure $figure, string $what): void
    {
        if (is_string($value)) {
            self::assertSame($value, $figure->value, $what);
        } else {
            self::assertIsNumeric($figure->value, $what);
            self::assertEqualsWithDelta($value, $figure->value, 2e-4 * abs($value), $what);
        }
    }

    /**
     * NEC Annex D, example D8 (published, from memory): 25 hp cage and two 30 hp wound-rotor motors at 460 V. Conductors 124 A; with
     * non-time-delay fuses 110 A + 40 A + 40 A = 190 A, so 175 A; with inverse-time breakers 90 A + 80 A = 170 A, so 150 A.
     */
    public function test_the_feeder_of_the_published_example(): void
    {
        foreach (['fuse_non_time_delay' => [190.0, 175.0, 110.0], 'breaker_inverse_time' => [170.0, 150.0, 90.0]] as $scpd => $wanted) {
            $motor = static fn (string $tag, string $horsepower, string $amperes, array $plate): array => [
                'tag' => $tag, 'starter' => ['method' => 'direct'], 'guard' => ['scpd' => $scpd],
                'plate' => ['power' => "$horsepower hp", 'voltage' => '460', 'current' => $amperes, 'frequency' => '60', ...$plate],
            ];
            $solution = FeederStation::solve([
                'tag' => 'D8', 'rule_book' => 'nec', 'supply' => ['voltage' => '460'], 'guard' => ['scpd' => $scpd],
                'cable' => ['material' => 'copper', 'insulation' => 'thwn'],
                'circuits' => [
                    $motor('SC-1', '25', '31.6', ['service_factor' => '1.15', 'code_letter' => 'F']),
                    $motor('WR-1', '30', '36.4', ['kind' => 'wound_rotor']), $motor('WR-2', '30', '36.4', ['kind' => 'wound_rotor']),
                ],
            ]);
            self::assertEqualsWithDelta(124.0, self::value($solution, 'feeder.demand'), 1e-6);
            self::assertEqualsWithDelta($wanted, [
                self::value($solution, 'feeder.scpd_limit'), self::value($solution, 'feeder.scpd_rating'),
                $solution->behind['SC-1']->figure('guard.scpd_rating')?->number(),
            ], 1e-6);
        }
    }

    /** A circuit more never makes demand, device or fault level smaller; the order of the circuits changes nothing. */
    public function test_a_circuit_more_never_makes_the_feeder_smaller(): void
    {
        foreach (['F-NEC', 'F-CEC', 'F-IEC', 'F-DIP'] as $name) {
            $document = self::board($name);
            self::assertIsArray($document['circuits']);
            $all = FeederStation::solve($document);
            for ($i = 0; $i < count($document['circuits']); $i++) {
                $fewer = $document;
                array_splice($fewer['circuits'], $i, 1);
                $solution = FeederStation::solve($fewer);
                foreach (['feeder.running_current', 'feeder.demand', 'feeder.motor_contribution'] as $key) {
                    self::assertLessThanOrEqual(self::value($all, $key) + 1e-6, self::value($solution, $key), "$name without $i: $key");
                }
            }
            $turned = FeederStation::solve([...$document, 'circuits' => array_reverse($document['circuits'])]);
            foreach (['feeder.demand', 'feeder.fault_current', 'feeder.start_dip', 'feeder.voltage_drop',
                'feeder.two_start_dip'] as $key) {
                self::assertEqualsWithDelta(self::value($all, $key), self::value($turned, $key), 1e-6 * self::value($all, $key),
                    "$name $key");
            }
        }
    }

    /** The same of boards drawn at random: sizes, starts, groups, interlocks and other loads of every kind. */
    public function test_relations_hold_for_any_board(): void
    {
        Fuzz::start();
        for ($count = Fuzz::count(25), $n = 0; $n < $count; $n++) {
            $document = self::drawn();
            $all = FeederStation::solve($document);
            self::assertSame([], array_map(static fn (FieldError $e): string => $e->path.' '.$e->text, $all->feeder->errors));
            $which = json_encode($document, JSON_THROW_ON_ERROR);
            $fewer = FeederStation::solve([...$document, 'circuits' => array_slice($document['circuits'], 0, -1)]);
            foreach (['feeder.demand', 'feeder.running_current', 'feeder.motor_contribution', 'feeder.scpd_rating'] as $key) {
                self::assertLessThanOrEqual(self::value($all, $key) + 1e-6, $fewer->feeder->figure($key)?->number() ?? 0.0,
                    "$key $which");
            }
            $turned = FeederStation::solve([...$document, 'circuits' => array_reverse($document['circuits'])]);
            foreach (['feeder.demand', 'feeder.fault_current', 'feeder.voltage_drop', 'feeder.board_voltage'] as $key) {
                self::assertEqualsWithDelta(self::value($all, $key), self::value($turned, $key), 1e-6 * abs(self::value($all, $key)),
                    "$key $which");
            }
            $size = $all->feeder->figure('feeder.size');
            $longer = FeederStation::solve(Circuits::changed($document, ['cable.length' => '60 m', 'cable.size' => (string) $size?->value,
                'cable.sets' => (string) $all->feeder->figure('feeder.sets')?->value, 'settings.drop_limit_feeder' => 40]));
            foreach (['feeder.prospective_current', 'feeder.two_phase_fault_current'] as $key) {
                self::assertLessThan(self::value($all, $key), self::value($longer, $key), "$key $which");
            }
        }
    }

    /** @return array{circuits: list<array<string, mixed>>, ...} */
    private static function drawn(): array
    {
        $one = static fn (array $of): mixed => $of[mt_rand(0, count($of) - 1)];
        $circuits = [];
        for ($i = 0, $many = mt_rand(2, 7); $i < $many; $i++) {
            [$power, $amperes] = $one([['1.5 kW', 3.4], ['7.5 kW', 14.8], ['22 kW', 41], ['37 kW', 66], ['55 kW', 98], ['90 kW', 158]]);
            $circuits[] = [
                'tag' => "M-$i", 'plate' => ['power' => $power, 'voltage' => '400/690', 'current' => $amperes.'/'.
                    round($amperes / sqrt(3), 1),
                    'power_factor' => $one(['0.86', '0.88']), 'start_current_ratio' => $one(['5.5', '6.5', '7.5'])],
                'starter' => ['method' => $one(['direct', 'star_delta', 'direct']), 'run_up_time' => $one(['1', '3', '6'])],
                'cable' => ['length' => $one(['10 m', '35 m']), 'insulation' => 'xlpe', 'method' => 'E', 'material' => 'copper',
                    'grouped_circuits' => 1],
                'guard' => ['scpd' => 'fuse_gg'], 'board' => ['restart' => $one([true, false]), 'priority' => mt_rand(1, 9)],
            ];
        }

        return [
            'tag' => 'R', 'rule_book' => 'iec', 'circuits' => $circuits,
            'supply' => ['voltage' => '400', 'frequency' => '50', 'transformer_kva' => $one([630, 1000, 1600]),
                'transformer_impedance_percent' => 6, 'x_over_r' => $one([4, 8]), 'earthing' => 'tn_s'],
            'cable' => ['length' => '30 m', 'insulation' => 'xlpe', 'method' => 'F', 'material' => 'copper', 'grouped_circuits' => 1],
            'guard' => ['scpd' => 'fuse_gg'], 'settings' => ['drop_limit_feeder' => 10],
            'other_loads' => $one([[], [['tag' => 'L', 'kind' => 'lighting', 'current' => '20']],
                [['tag' => 'H', 'kind' => 'heater', 'power' => '30 kW'], ['tag' => 'S', 'kind' => 'socket', 'current' => '12']]]),
        ];
    }

    /** A longer feeder lowers every fault current and deepens every dip. */
    public function test_a_longer_feeder_never_raises_the_fault_level(): void
    {
        $before = null;
        foreach (['5 m', '20 m', '70 m', '160 m'] as $length) {
            $now = FeederStation::solve(self::board('F-IEC', ['cable.length' => $length, 'cable.size' => '120',
                'settings' => ['drop_limit_feeder' => 10]]));
            if ($before !== null) {
                self::assertLessThan(self::value($before, 'feeder.prospective_current'), self::value($now, 'feeder.prospective_current'));
                self::assertLessThan(self::value($before, 'feeder.two_phase_fault_current'), self::value($now,
                    'feeder.two_phase_fault_current'));
                self::assertGreaterThan(self::value($before, 'feeder.start_dip'), self::value($now, 'feeder.start_dip'));
            }
            $before = $now;
        }
    }

    /** A circuit that its board feeds is the circuit as it is solved behind the board’s source, loop and drop. */
    public function test_a_circuit_behind_its_board(): void
    {
        $document = self::board('F-IEC');
        $solution = FeederStation::solve($document);
        self::assertIsArray($document['circuits']);
        $circuit = array_diff_key((array) $document['circuits'][0], ['board' => null]);
        $behind = Bench::solve(BoardFeed::under($circuit, $solution->feeds['CV-1']));
        foreach (['guard.prospective_current', 'guard.earth_fault_current', 'cable.drop_with_feeder', 'start.voltage_dip'] as $key) {
            $figure = $behind->figure($key);
            self::assertNotNull($figure, $key);
            self::assertSame($solution->behind['CV-1']->figure($key)?->value, $figure->value, $key);
        }
        $own = array_column(array_map(static fn (Figure $f): array => [$f->key(), $f->number()], array_filter($solution->circuits['CV-1'],
            static fn (Figure $f): bool => is_float($f->value))), 1, 0);
        self::assertEqualsWithDelta($own['feeder.circuit_fault_current'], $behind->figure('guard.prospective_current')?->number(), 1e-6);
        self::assertEqualsWithDelta($own['feeder.total_drop'], $behind->figure('cable.drop_with_feeder')?->number(), 1e-9);
        $strict = FeederStation::solve(self::board('F-IEC', ['settings' => ['drop_limit_total' => 2]]));
        self::assertContains('drop_with_feeder', array_map(static fn (Finding $finding): string => $finding->code->code(),
            $strict->behind['CV-1']->findings));
        // Behind seventy metres of feeder a start dips further than at the transformer.
        $there = Bench::solve([...$circuit, 'supply' => $document['supply']]);
        self::assertGreaterThan($there->figure('start.voltage_dip')?->number(), $behind->figure('start.voltage_dip')?->number());
    }

    /** A board at the terminals of the transformer changes nothing of a circuit that stands there alone. */
    public function test_a_board_of_one_circuit_at_the_transformer_is_the_circuit(): void
    {
        $document = self::board('F-IEC', ['cable.length' => '0.1 m']);
        self::assertIsArray($document['circuits']);
        $circuit = array_diff_key((array) $document['circuits'][1], ['board' => null]);
        $alone = FeederStation::solve([...$document, 'circuits' => [$circuit], 'other_loads' => [], 'groups' => []]);
        $there = Bench::solve([...$circuit, 'supply' => $document['supply']]);
        foreach (['start.voltage_dip', 'guard.earth_fault_current', 'cable.total_drop', 'guard.scpd_rating'] as $key) {
            self::assertEqualsWithDelta(
                $there->figure($key)?->number(), $alone->behind['FN-1']->figure($key)?->number(),
                0.01 * ($there->figure($key)?->number() ?? 0.0), $key,
            );
        }
    }

    /** What a circuit types of its supply gives way to the board, and it is told where they differ. */
    public function test_a_circuit_that_types_another_supply_is_told(): void
    {
        $document = self::board('F-IEC', ['circuits.0.supply' => ['transformer_kva' => '500', 'x_over_r' => '6', 'earthing' => 'tt',
            'ambient' => '45']]);
        $solution = FeederStation::solve($document);
        self::assertSame([], $solution->feeder->errors);
        $notes = array_values(array_filter($solution->behind['CV-1']->findings,
            static fn (Finding $finding): bool => $finding->code->code() === 'board_counts'));
        self::assertCount(1, $notes);
        $text = str_replace("\u{00A0}", ' ', $notes[0]->text);
        self::assertStringContainsString('500 kVA (there 630 kVA)', $text);
        self::assertStringContainsString('TT (there TN-S)', $text);
        self::assertStringNotContainsString('X/R', $text);
        // How warm it is there is the circuit's own.
        self::assertNotSame(
            FeederStation::solve(self::board('F-IEC'))->behind['CV-1']->figure('cable.ampacity')?->value,
            $solution->behind['CV-1']->figure('cable.ampacity')?->value,
        );
    }

    /** While its board cannot be solved a circuit goes on with what it has, and says with what. */
    public function test_a_circuit_waits_for_its_board(): void
    {
        $circuit = array_diff_key((array) (self::board('F-IEC')['circuits'][0] ?? null), ['board' => null]);
        $circuit['supply'] = self::board('F-IEC')['supply'];
        $waiting = Bench::solve(BoardFeed::under($circuit, ['board' => ['tag' => 'MCC-1',
            'waits' => 'the supply of the circuit is used']]));
        self::assertContains('board_waits', array_map(static fn (Finding $finding): string => $finding->code->code(),
            $waiting->findings));
        $alone = Bench::solve($circuit);
        foreach (['guard.prospective_current', 'start.voltage_dip', 'guard.earth_fault_current'] as $key) {
            self::assertSame($alone->figure($key)?->value, $waiting->figure($key)?->value, $key);
        }
    }

    /** A board that another one feeds: its circuits count above, its fault level is lower, its loop longer, the blackout one for both. */
    public function test_a_board_below_a_board(): void
    {
        $below = array_diff_key(self::board('F-IEC'), ['supply' => null, 'restart' => null]);
        $alone = FeederStation::solve(self::board('F-IEC'));
        $document = ['tag' => 'LK-MDB', 'rule_book' => 'iec', 'supply' => self::board('F-IEC')['supply'], 'boards' => [$below],
            'cable' => ['length' => '25 m', 'material' => 'copper', 'insulation' => 'xlpe', 'method' => 'E', 'grouped_circuits' => 1],
            'guard' => ['scpd' => 'fuse_gg']];
        $top = FeederStation::solve($document);
        self::assertSame([], $top->feeder->errors);
        $board = $top->boards[0];
        self::assertEqualsWithDelta(self::value($alone, 'feeder.running_current'), self::value($top, 'feeder.running_current'), 1e-6);
        self::assertGreaterThanOrEqual(2, self::value($top, 'feeder.scpd_rating') / self::value($board, 'feeder.scpd_rating') * 1.3);
        foreach (['feeder.prospective_current', 'feeder.earth_fault_current', 'feeder.two_phase_fault_current'] as $key) {
            self::assertLessThan(self::value($alone, $key), self::value($board, $key), $key);
        }
        self::assertGreaterThan(self::value($alone, 'feeder.start_dip'), self::value($board, 'feeder.start_dip'));
        self::assertLessThan(self::value($board, 'feeder.start_dip'), self::value($top, 'feeder.start_dip'));
        self::assertNull($board->feeder->figure('feeder.transformer_loading'));
        self::assertSame([], $board->timetable);
        self::assertSame(['CV-1', 'FN-1', 'CN-1', 'CN-2'], array_merge(...array_map(
            static fn (RestartStep $step): array => $step->tags, $top->timetable)));
        self::assertArrayHasKey('CV-1', $top->allFeeds());
        // A motor of the board below knows its timer, and how its device stands to both feeders.
        $delays = array_filter($board->circuits['CV-1'], static fn (Figure $figure): bool => $figure->key() === 'feeder.restart_delay');
        self::assertSame([$top->timetable[0]->at], array_values(array_map(static fn (Figure $figure): float => $figure->number(),
            $delays)));
        self::assertArrayNotHasKey('CV-1', $top->circuits);
        self::assertSame(['LK-MCC1', 'LK-MDB'], array_column($board->matrix['CV-1'], 'feeder'));
        self::assertSame($board->matrix['CV-1'][0]->verdict->value, array_column(array_map(
            static fn (Figure $figure): array => [$figure->key(), $figure->value], $board->circuits['CV-1'],
        ), 1, 0)['feeder.selectivity']);
        // Behind a larger fuse the limit of a breaker is higher: I²t of 100, 125 … A.
        self::assertGreaterThanOrEqual((float) $board->matrix['CN-1'][0]->limit, $board->matrix['CN-1'][1]->limit ?? INF);
        self::assertSame('selective', array_column(array_map(static fn (Figure $f): array => [$f->key(), $f->value],
            $top->circuits['LK-MCC1']), 1, 0)['feeder.selectivity']);
        // Motors of the board above feed a fault on the one below.
        $motor = ['tag' => 'XX-1', 'plate' => ['power' => '90 kW', 'voltage' => '400/690', 'current' => '158/91',
            'power_factor' => '0.87',
            'start_current_ratio' => '6.8'], 'starter' => ['method' => 'direct', 'run_up_time' => '3'], 'guard' => ['scpd' => 'fuse_gg']];
        $more = FeederStation::solve([...$document, 'circuits' => [$motor]]);
        self::assertGreaterThan(self::value($board, 'feeder.fault_current') + 300, self::value($more->boards[0], 'feeder.fault_current'));
        $paths = static fn (array $changes): array => array_map(static fn (FieldError $error): string => $error->path,
            FeederStation::solve(Circuits::changed($document, $changes))->feeder->errors);
        self::assertContains('boards', $paths(['boards.0.tag' => 'LK-MDB']));
        self::assertContains('boards.0.supply.voltage', $paths(['boards.0.supply' => ['voltage' => '690']]));
        self::assertContains('boards.0.rule_book', $paths(['boards.0.rule_book' => 'nec']));
        self::assertContains('boards.0.circuits.0.board.priority', $paths(['boards.0.circuits.0.board.priority' => 12]));
    }

    /** A generator set: faults by X″d, starts by X′d, its own limit of the dip; what is taken of it is marked. */
    public function test_a_generator_before_a_board(): void
    {
        $document = self::board('F-IEC', ['supply' => ['voltage' => '400', 'frequency' => '50', 'source' => 'generator',
            'generator_kva' => '400', 'earthing' => 'tn_s', 'sustained_ratio' => '3'], 'settings' => ['dip_limit_generator' => 25]]);
        $usual = FeederStation::solve($document);
        self::assertNotSame([], $usual->feeder->figure('feeder.fault_current')->assumptions ?? []);
        $typed = FeederStation::solve(Circuits::changed($document, ['supply.subtransient_percent' => '10',
            'supply.transient_percent' => '16']));
        self::assertSame([], $typed->feeder->figure('feeder.supply_fault_current')->assumptions ?? ['none']);
        // 1.05 · 400 / (√3 · 0.10 · 400² / 400 000)
        self::assertEqualsWithDelta(1.05 * 400 / (sqrt(3) * 0.04), self::value($typed, 'feeder.supply_fault_current'), 0.1);
        self::assertNotContains('start_dip', self::codes($typed));
        self::assertContains('start_dip', self::codes(FeederStation::solve(Circuits::changed($document,
            ['settings.dip_limit_generator' => 8]))));
    }

    /** Earth fault of the feeder: cleared within 5 s, or a stop; without earthing it is said that nobody checked it. */
    public function test_an_earth_fault_on_the_feeder(): void
    {
        $long = FeederStation::solve(self::board('F-IEC', ['cable.length' => '900 m', 'cable.size' => '120',
            'settings' => ['drop_limit_feeder' => 30]]));
        self::assertContains('feeder_earth_fault', self::codes($long));
        self::assertContains('feeder_earth_fault_not_checked', self::codes(FeederStation::solve(self::board('F-IEC',
            ['supply.earthing' => null]))));
        self::assertContains('feeder_weak_ground_path', self::codes(FeederStation::solve(self::board('F-NEC', ['cable.length' => '600 m',
            'settings' => ['drop_limit_feeder' => 30]]))));
    }

    /** Above 1000 A a ground-fault relay is wanted (NEC 215.10), at no more than 1200 A; it waits for the slowest circuit. */
    public function test_a_ground_fault_relay_of_a_feeder(): void
    {
        $large = self::board('F-NEC', ['guard.rating' => '1200', 'supply.transformer_kva' => 2500]);
        self::assertContains('ground_fault_protection', self::codes(FeederStation::solve($large)));
        $set = Circuits::changed($large, ['guard.ground_fault' => 1600, 'guard.ground_fault_delay' => 0.3]);
        self::assertContains('ground_fault_setting', self::codes(FeederStation::solve($set)));
        $right = self::codes(FeederStation::solve(Circuits::changed($large, ['guard.ground_fault' => 1200,
            'guard.ground_fault_delay' => 0.5])));
        self::assertNotContains('ground_fault_setting', $right);
        self::assertNotContains('ground_fault_protection', $right);
        $grading = static fn (float $delay): array => self::codes(FeederStation::solve(self::board('F-DIP', [
            'guard.ground_fault' => 400, 'guard.ground_fault_delay' => $delay])));
        self::assertContains('ground_fault_grading', $grading(0.05));
        self::assertNotContains('ground_fault_grading', $grading(6.0));
    }

    /** Typed devices and conductors that do not fit are stops which name what does. */
    public function test_what_is_there_already_is_checked(): void
    {
        $fuse = FeederStation::solve(self::board('F-IEC', ['guard.rating' => '160']));
        self::assertContains('feeder_rating', self::codes($fuse));
        self::assertStringContainsString('250', $fuse->feeder->findings[0]->action);
        self::assertContains('feeder_rating', self::codes(FeederStation::solve(self::board('F-NEC', ['guard.rating' => '500']))));
        self::assertContains('feeder_rating_low', self::codes(FeederStation::solve(self::board('F-NEC', ['guard.rating' => '250']))));
        self::assertContains('feeder_size', self::codes(FeederStation::solve(self::board('F-NEC', ['cable.size' => '300 kcmil']))));
        self::assertContains('feeder_breaking_capacity', self::codes(FeederStation::solve(self::board('F-IEC',
            ['guard.breaking_capacity_ka' => '10']))));
        self::assertNotContains('feeder_breaking_capacity', self::codes(FeederStation::solve(self::board('F-IEC',
            ['guard.breaking_capacity_ka' => '25']))));
        // The motors' share makes 9.94 kA 11: a device for 10 kA breaks the supply's part alone.
        $branch = self::board('F-IEC');
        self::assertIsArray($branch['circuits']);
        $branch = Circuits::changed($branch, ['circuits.0.guard.breaking_capacity_ka' => '10']);
        self::assertContains('breaking_capacity_at_board', self::codes(FeederStation::solve($branch)));
    }

    public function test_limits_of_voltage_and_transformer_are_told(): void
    {
        self::assertContains('total_drop', self::codes(FeederStation::solve(self::board('F-IEC',
            ['settings' => ['drop_limit_total' => 2]]))));
        self::assertContains('start_dip', self::codes(FeederStation::solve(self::board('F-IEC',
            ['settings' => ['dip_limit_board' => 5]]))));
        $small = FeederStation::solve(self::board('F-IEC', ['supply.transformer_kva' => 80]));
        self::assertContains('transformer_overloaded', self::codes($small));
        self::assertContains('collapse', self::codes(FeederStation::solve(self::board('F-IEC', ['supply.transformer_kva' => 20]))));
        self::assertContains('motors_below_one_percent', self::codes(FeederStation::solve(self::board('F-MOT', [
            'supply.transformer_kva' => 50000, 'supply.fault_level_kva' => 5e6,
            'circuits' => array_slice((array) self::board('F-MOT')['circuits'], -1),
        ]))));
    }

    /** What the examples find, each with the circuit or coil that it is about. */
    public function test_findings_name_what_they_are_about(): void
    {
        $said = static function (string $name, string $code): string {
            foreach (FeederStation::solve(self::board($name))->feeder->findings as $finding) {
                if ($finding->code->code() === $code) {
                    return $finding->title.' '.$finding->text;
                }
            }
            self::fail("$name: $code");
        };
        self::assertStringContainsString('CH-1', $said('F-MOT', 'restart_not_said'));
        self::assertStringContainsString('HM-1', $said('F-DIP', 'not_selective'));
        self::assertStringContainsString('near 13', $said('F-DIP', 'feeder_resonance'));
        self::assertStringContainsString('M2', $said('F-CTL', 'control_pull_in'));
    }

    /** A saw that starts by itself is a stop; one start that is too deep goes alone; a fuse that restarts too often melts. */
    public function test_a_restart_is_told_what_it_must_not(): void
    {
        $saw = FeederStation::solve(self::board('F-IEC', ['circuits.1.load.machine' => 'saw']));
        self::assertContains('restart_saw', self::codes($saw));
        $weak = FeederStation::solve(self::board('F-IEC', ['settings' => ['dip_limit_board' => 4]]));
        self::assertContains('restart_dip', self::codes($weak));
        self::assertContains('restart_at_once', self::codes($weak));
        self::assertGreaterThan(2, count($weak->timetable));
        $slow = FeederStation::solve(self::board('F-IEC', ['circuits.0.starter.run_up_time' => '6.5',
            'circuits.2.starter.run_up_time' => '40',
            'circuits.3.starter.run_up_time' => '40', 'guard.rating' => '160']));
        self::assertContains('restart_fuse', self::codes($slow));
    }

    public function test_a_control_supply_is_told_what_it_cannot(): void
    {
        $coils = self::board('F-CTL');
        self::assertContains('control_transformer', self::codes(FeederStation::solve(Circuits::changed($coils,
            ['control.transformer_va' => 250]))));
        self::assertContains('control_inrush', self::codes(FeederStation::solve(Circuits::changed($coils,
            ['control.short_time_va' => 700]))));
        self::assertContains('control_drop_out', self::codes(FeederStation::solve(Circuits::changed($coils,
            ['control.coils.0.length' => '1300 m']))));
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function bad(): iterable
    {
        yield 'no circuits' => ['F-IEC', ['circuits' => []], 'circuits'];
        yield 'too many' => ['F-IEC', ['circuits' => array_fill(0, 301, ['tag' => 'A'])], 'circuits'];
        yield 'equal tags' => ['F-IEC', ['circuits.1.tag' => 'CV-1'], 'circuits.1.tag'];
        yield 'another book' => ['F-IEC', ['circuits.1.rule_book' => 'nec'], 'circuits.1.rule_book'];
        yield 'another voltage' => ['F-IEC', ['circuits.1.supply' => ['voltage' => '690']], 'circuits.1.supply.voltage'];
        yield 'an unknown group' => ['F-IEC', ['circuits.1.board.group' => 'sawmill'], 'circuits.1.board.group'];
        yield 'a priority' => ['F-IEC', ['circuits.1.board.priority' => 12], 'circuits.1.board.priority'];
        yield 'a share' => ['F-IEC', ['groups.0.simultaneity' => 1.4], 'groups.0.simultaneity'];
        yield 'a demand factor without evidence' => ['F-NEC', ['simultaneity' => 0.8], 'simultaneity'];
        yield 'groups under the code' => ['F-NEC', ['groups' => [['name' => 'a', 'simultaneity' => 0.9]]], 'groups'];
        yield 'a load of nothing' => ['F-IEC', ['other_loads' => [['tag' => 'X']]], 'other_loads.0.current'];
        yield 'watts without a power factor' => ['F-IEC', ['other_loads' => [['tag' => 'X', 'power' => '3 kW']]],
            'other_loads.0.power_factor'];
        yield 'a drive without its line current' => ['F-MOT', ['circuits.3.starter.drive_input_current' => null],
            'circuits.3.starter.drive_input_current'];
        yield 'no voltage' => ['F-IEC', ['supply.voltage' => null], 'supply.voltage'];
        yield 'no book' => ['F-IEC', ['rule_book' => 'bs'], 'rule_book'];
        yield 'another format' => ['F-IEC', ['format' => 'brave-anvil.bank/1'], 'format'];
    }

    /** @param  array<string, mixed>  $changes */
    #[DataProvider('bad')]
    public function test_what_cannot_be_read_is_told_at_its_place(string $name, array $changes, string $path): void
    {
        $errors = array_map(static fn (FieldError $error): string => $error->path, FeederStation::solve(self::board($name,
            $changes))->feeder->errors);
        self::assertContains($path, $errors);
    }

    /** Hostile documents are answered with errors and never fall over. */
    public function test_whatever_is_sent_is_answered(): void
    {
        foreach ([[], ['circuits' => 'x'], ['circuits' => [1, null, []], 'rule_book' => 'iec', 'supply' => ['voltage' => '400']],
            ['rule_book' => [], 'supply' => 'no', 'guard' => 3, 'other_loads' => ['a'], 'groups' => 'b',
                'control' => ['coils' => 7]]] as $document) {
            self::assertNotSame([], FeederStation::solve($document)->feeder->errors);
            self::assertJson(FeederStation::solve($document)->toJson());
        }
    }
}
