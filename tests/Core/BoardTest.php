<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Finding;
use BraveAnvil\Ground\FieldError;
use BraveAnvil\Records\Board\FeederSolution;
use BraveAnvil\Records\Board\FeederStation;
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
