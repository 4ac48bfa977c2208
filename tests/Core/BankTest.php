<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Records\Bank\BankStation;

/** One bank for many circuits over a day: steps, controller, switchings, and one by one instead. */
final class BankTest extends CoreTestCase
{
    /** @return array<string, mixed> a load on the bench of so many kW and kvar */
    private static function load(string $tag, float $kilowatts, float $kilovars): array
    {
        return [
            'tag' => $tag, 'subject' => 'bench_load',
            'bench' => ['power' => "$kilowatts kW", 'power_factor' => $kilowatts / hypot($kilowatts, $kilovars), 'sense' => 'lagging'],
        ];
    }

    /** @return array<string, mixed> the worked day: 30/24, 62/47, 45/38 kW/kvar, then nothing */
    private static function day(): array
    {
        return [
            'format' => 'brave-anvil.bank/1', 'tag' => 'BK-1', 'rule_book' => 'iec', 'supply' => ['voltage' => 400, 'frequency' => 50],
            'circuits' => [self::load('A', 30, 24), self::load('B', 62, 47), self::load('C', 45, 38)],
            'pattern' => [
                ['minutes' => 15, 'running' => ['A']], ['minutes' => 15, 'running' => ['B']], ['minutes' => 15, 'running' => ['C']],
                ['minutes' => 15, 'running' => []],
            ],
            'bank' => ['target_power_factor' => 0.95, 'current_transformer' => '300/5'],
        ];
    }

    /** @param  array<string, mixed>  $changes */
    private static function solve(array $changes = []): Solution
    {
        return BankStation::solve(Circuits::changed(self::day(), $changes));
    }

    public function test_the_worked_day(): void
    {
        $solution = self::solve();
        self::assertSame([], Circuits::errors($solution));
        self::assertFigures([
            'bank.reactive_required' => 26622, 'bank.step' => 12500, 'bank.steps' => 3, 'bank.reactive_installed' => 37500,
            'bank.ck' => 0.3007, 'bank.ck_setting' => 0.1955, 'bank.switchings' => 4, 'bank.lowest_power_factor' => 0.9337,
            'bank.current' => 54.13, 'bank.conductor_ampacity' => 81.19, 'bank.fuse_rating' => 100,
        ], $solution);
        $curve = $solution->curves['bank_day'] ?? null;
        self::assertNotNull($curve);
        $day = $curve->toArray()['intervals'];
        self::assertSame([1, 2, 2, 0], array_column($day, 'on'));
        self::assertEqualsWithDelta([14139, 26622, 23209, 0], array_map(static fn ($interval) => $interval['need']['value'], $day), 1.0);
        self::assertSame(['00:00', '00:15', '00:30', '00:45'], array_column($day, 'clock'));
    }

    public function test_without_a_pattern_all_run_together_as_far_as_said(): void
    {
        $all = 24 + 47 + 38 - (30 + 62 + 45) * tan(acos(0.95));
        self::assertFigures(['bank.reactive_required' => 1000 * $all], self::solve(['pattern' => null]));
        self::assertFigures(['bank.reactive_required' => 700 * $all], self::solve(['pattern' => null, 'simultaneity' => 0.7]));
        $others = self::solve(['pattern' => null, 'other_loads' => [['power' => '40 kW', 'reactive' => 30]]]);
        self::assertFigures(['bank.reactive_required' => 1000 * ($all + 30 - 40 * tan(acos(0.95)))], $others);
    }

    public function test_one_by_one_counts_every_load_whether_it_runs_or_not(): void
    {
        // Needs of 14.1, 26.6 and 23.2 kvar: 15, 30 and 25 kvar.
        self::assertFigures(['bank.individual_units' => 3, 'bank.individual_installed' => 70000], self::solve());
    }

    public function test_a_step_gives_less_on_a_lower_voltage_and_more_behind_a_reactor(): void
    {
        $plain = self::solve(['bank.rated_voltage' => 440, 'bank.step_kvar' => 12.5]);
        self::assertFigures(['bank.steps' => ceil(26622 / (12500 * (400 / 440) ** 2))], $plain);
        $detuned = self::solve(['bank.detuning_percent' => 7, 'bank.step_kvar' => 12.5]);
        self::assertFigures(['bank.steps' => ceil(26622 / (12500 * (400 / 440) ** 2 / 0.93))], $detuned);
        self::assertTrue($detuned->figure('bank.step')?->assumed(), 'nobody said that it is rated for 440 V');
    }

    public function test_what_a_bank_should_not_do_is_told(): void
    {
        self::assertFinds('bank_coarse_step', self::solve(['bank.step_kvar' => 50]), 'caution');
        self::assertFinds('bank_target_missed', self::solve(['bank.steps' => 1]), 'note');
        $quick = self::solve(['pattern' => [
            ['minutes' => 15, 'running' => ['B']], ['minutes' => 1, 'running' => []], ['minutes' => 15, 'running' => ['B']],
        ]]);
        self::assertFinds('bank_quick_reclosing', $quick, 'caution');
        self::assertDoesNotFind('bank_quick_reclosing', self::solve());
        // 37.5 kvar on 1 MVA of short circuit: order 5.2.
        self::assertFinds('bank_resonance', self::solve(['supply.fault_level_kva' => 1000]), 'caution');
        self::assertDoesNotFind('bank_resonance', self::solve(['supply.fault_level_kva' => 1000, 'bank.detuning_percent' => 7]));
        $circuits = [...self::day()['circuits'], ['tag' => 'D', 'plate' => ['power' => '30 kW']]];
        self::assertFinds('bank_load_unknown', self::solve(['circuits' => $circuits]), 'caution');
        $onePhase = self::load('D', 3, 2) + ['supply' => ['phases' => 1, 'voltage' => 230]];
        self::assertFinds('bank_load_unknown', self::solve(['circuits' => [...self::day()['circuits'], $onePhase]]), 'caution');
    }

    public function test_bad_input_is_told_at_its_place(): void
    {
        foreach ([
            'bank.target_power_factor' => 1.2, 'bank.step_kvar' => '12 apples', 'bank.steps' => 'many', 'bank.current_transformer' => '5/0',
            'simultaneity' => 3,
        ] as $path => $value) {
            self::assertErrorAt($path, self::solve([$path => $value]), ErrorKind::Unreadable);
        }
        self::assertErrorAt('bank.target_power_factor', self::solve(['bank.target_power_factor' => null]), ErrorKind::Missing);
        self::assertErrorAt('supply.voltage', self::solve(['supply.voltage' => null]), ErrorKind::Missing);
        self::assertErrorAt('rule_book', self::solve(['rule_book' => 'other']), ErrorKind::Unreadable);
        self::assertErrorAt('format', self::solve(['format' => 'something/2']), ErrorKind::Unreadable);
        self::assertErrorAt(
            'pattern.0.running', self::solve(['pattern' => [['minutes' => 5, 'running' => ['Z']]]]), ErrorKind::Unreadable,
        );
        self::assertErrorAt('pattern.0.minutes', self::solve(['pattern' => [['minutes' => -5, 'running' => []]]]), ErrorKind::Unreadable);
        $twice = self::solve(['circuits' => [self::load('A', 3, 2), self::load('A', 3, 2)]]);
        self::assertErrorAt('circuits.1.tag', $twice, ErrorKind::Unreadable);
        self::assertErrorAt('other_loads.0.power', self::solve(['other_loads' => [['power' => 'lots']]]), ErrorKind::Unreadable);
        foreach ([[], ['circuits' => 'all'], ['pattern' => 'all day'], ['bank' => 'large'], ['supply' => 3]] as $rubbish) {
            $solution = BankStation::solve(['rule_book' => 'iec', 'supply' => ['voltage' => 400], ...$rubbish]);
            self::assertNull($solution->figure('bank.steps'), json_encode($rubbish) ?: '');
        }
    }

    public function test_motors_count_with_what_they_draw_at_their_load(): void
    {
        $fan = Circuits::changed(Circuits::kilnFan(), ['tag' => 'KF', 'load.output_percent' => 70, 'correction' => null]);
        $solution = self::solve(['circuits' => [$fan], 'pattern' => null]);
        $alone = Circuits::solve(Circuits::kilnFan(), ['load.output_percent' => 70, 'correction.load_percent' => null,
            'correction.target_power_factor' => 0.95]);
        self::assertFigures(['bank.reactive_required' => self::number($alone, 'correct.reactive_required')], $solution);
    }
}
