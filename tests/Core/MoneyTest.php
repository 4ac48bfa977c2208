<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Bench;
use BraveAnvil\Bench\Solution;
use BraveAnvil\Ground\ErrorKind;

/** What a year costs and what correction or a better motor saves, in the three forms of tariff. */
final class MoneyTest extends CoreTestCase
{
    private const CIRCUIT = [
        'rule_book' => 'iec',
        'supply' => [
            'voltage' => 400, 'frequency' => 50, 'transformer_kva' => 630, 'transformer_impedance_percent' => 4, 'x_over_r' => 6,
        ],
        'plate' => [
            'power' => '30 kW', 'voltage' => '400 D', 'current' => 57, 'power_factor' => 0.83, 'efficiency' => 93.2, 'speed' => 1470,
        ],
        'starter' => ['method' => 'direct'],
        'cable' => ['length' => 60],
        'load' => ['machine' => 'fan', 'hours' => '75 4000; 40 1500'],
        'correction' => ['target_power_factor' => 0.95, 'place' => 'board', 'price' => 480, 'rated_kvar' => 10],
        'settings' => ['tariff' => ['energy_price' => 0.14], 'site_load' => ['power' => 400, 'reactive' => 250]],
    ];

    /** @param  array<string, mixed>  $changes */
    private static function year(array $changes = []): Solution
    {
        return Bench::solve(Circuits::changed(self::CIRCUIT, $changes));
    }

    /** @return list<array{float, float, float}> hours, W, var of both rows, by what Power draws there */
    private static function rows(): array
    {
        $at = static function (int $percent): array {
            $there = self::year(['correction.load_percent' => $percent]);

            return [self::number($there, 'correct.load_power'), self::number($there, 'correct.load_reactive')];
        };

        return [[4000.0, ...$at(75)], [1500.0, ...$at(40)]];
    }

    public function test_a_year_is_the_sum_of_its_hours(): void
    {
        $energy = array_sum(array_map(static fn (array $row): float => $row[0] * $row[1], self::rows()));
        self::assertFigures(['power.running_energy' => $energy, 'power.running_cost' => $energy / 1000 * 0.14], self::year());
        $unknown = self::year(['load.hours' => null, 'load.output_percent' => 75]);
        self::assertFigures(['power.running_energy' => 4000 * self::rows()[0][1]], $unknown);
        self::assertTrue($unknown->figure('power.running_energy')?->assumed(), '4000 h are marked as assumed');
    }

    public function test_each_form_of_tariff_pays_for_reactive_power_in_its_own_way(): void
    {
        [[$h1, $p1, $q1], [$h2, $p2, $q2]] = self::rows();
        $demand = static fn (float $qc): float => max(hypot(400e3 + $p1, 250e3 + $q1 - $qc), hypot(400e3 + $p2, 250e3 + $q2 - $qc)) / 1000;
        self::assertFigures(
            ['correct.saving_tariff' => 12 * 6.5 * ($demand(0) - $demand(10e3))],
            self::year(['settings.tariff' => ['energy_price' => 0.14, 'kva_demand' => ['price' => 6.5]]]),
        );
        $kwh = ($h1 * (400e3 + $p1) + $h2 * (400e3 + $p2)) / 1000;
        $kvarh = static fn (float $qc): float => ($h1 * (250e3 + $q1 - $qc) + $h2 * (250e3 + $q2 - $qc)) / 1000;
        $above = static fn (float $qc): float => max(0.0, $kvarh($qc) - 0.484 * $kwh);
        self::assertFigures(
            ['correct.saving_tariff' => 0.015 * ($above(0) - $above(10e3))],
            self::year(['settings.tariff' => ['energy_price' => 0.14, 'kvarh' => ['price' => 0.015]]]),
        );
        $raised = static fn (float $qc): float => max(1.0, 0.95 / ($kwh / hypot($kwh, $kvarh($qc))));
        self::assertFigures(
            ['correct.saving_tariff' => 12 * 9 * (400e3 + max($p1, $p2)) / 1000 * ($raised(0) - $raised(10e3))],
            self::year(['settings.tariff' => ['energy_price' => 0.14, 'power_factor' => ['price' => 9]]]),
        );
    }

    public function test_leading_is_never_credited(): void
    {
        $alone = [
            'settings.site_load' => null, 'settings.tariff' => ['kvarh' => ['price' => 0.015, 'free_tan' => 0]],
            'correction.rated_kvar' => 100,
        ];
        [[$h1, , $q1], [$h2, , $q2]] = self::rows();
        self::assertFigures(['correct.saving_tariff' => 0.015 * ($h1 * $q1 + $h2 * $q2) / 1000], self::year($alone));
        self::assertFinds('site_load_unknown', self::year($alone), 'note');
    }

    public function test_losses_are_those_of_transformer_and_cable_less_its_own(): void
    {
        [[, , $q1]] = self::rows();
        $ohm = 400 ** 2 * 0.04 / 630e3 / sqrt(37);
        $transformer = $ohm * ((250e3 + $q1) ** 2 - (240e3 + $q1) ** 2) / 400 ** 2;
        self::assertFigures(['correct.loss_saving' => $transformer - 0.5 * 10], self::year());
        $motor = self::number(self::year(['correction.place' => 'at_motor']), 'correct.loss_saving');
        self::assertGreaterThan($transformer, $motor, 'at the motor its cable carries less too');
        $detuned = self::year(['correction.detuning_percent' => 7, 'correction.rated_voltage' => 440]);
        $given = self::number($detuned, 'correct.reactive_chosen');
        self::assertFigures(
            ['correct.loss_saving' => $ohm * ((250e3 + $q1) ** 2 - (250e3 + $q1 - $given) ** 2) / 400 ** 2 - 5 * $given / 1000], $detuned,
        );
    }

    public function test_it_pays_after_price_over_saving_or_not_at_all(): void
    {
        $solution = self::year(['settings.tariff' => ['energy_price' => 0.14, 'kva_demand' => ['price' => 6.5]]]);
        $saved = self::number($solution, 'correct.saving_losses') + self::number($solution, 'correct.saving_tariff');
        self::assertFigures(['correct.payback' => 480 / $saved], $solution);
        $never = self::year(['settings.site_load' => null, 'supply.transformer_kva' => null, 'supply.x_over_r' => null]);
        self::assertFinds('does_not_pay', $never, 'note');
        self::assertNull($never->figure('correct.payback'));
    }

    public function test_a_better_motor_saves_its_difference_in_losses(): void
    {
        $solution = self::year(['upgrade.efficiency' => 94.5, 'upgrade.price' => 600]);
        $saved = 0.0;
        foreach ([[0.75, 4000], [0.4, 1500]] as [$x, $hours]) {
            $saved += $hours * 30000 * ((1 / 0.932 - 1) - (1 / 0.945 - 1)) * (0.4 + 0.6 * $x ** 2);
        }
        self::assertFigures(
            [
                'power.upgrade_energy' => $saved, 'power.upgrade_saving' => $saved / 1000 * 0.14,
                'power.upgrade_payback' => 600 / ($saved / 1000 * 0.14),
            ],
            $solution,
        );
        self::assertFinds('faster_motor', $solution, 'note');
        self::assertNotNull(self::year(['upgrade.efficiency_class' => 'IE3'])->figure('power.upgrade_energy'));
        self::assertErrorAt(
            'upgrade.efficiency_class', self::year(['upgrade.efficiency_class' => 'IE3', 'plate.speed' => 245, 'plate.frequency' => 50]),
            ErrorKind::Impossible,
        );
    }

    public function test_what_the_driven_machine_loses_is_drawn_through_the_motor(): void
    {
        $solution = self::year(['load.machine_efficiency' => 72]);
        $shaft = 30000 * (0.75 * 4000 + 0.4 * 1500);
        $drawn = array_sum(array_map(static fn (array $row): float => $row[0] * $row[1], self::rows()));
        self::assertFigures(
            [
                'power.machine_loss_energy' => 0.28 * $shaft,
                'power.machine_loss_cost' => 0.28 * $drawn / 1000 * 0.14,
            ],
            $solution,
        );
        self::assertNull(self::year()->figure('power.machine_loss_energy'));
        self::assertErrorAt('load.machine_efficiency', self::year(['load.machine_efficiency' => 120]), ErrorKind::Unreadable);
    }

    public function test_prices_are_numbers_without_a_currency(): void
    {
        foreach (['€0.14', '0.14 EUR', '$ 0.14', '£0,14'] as $price) {
            $solution = self::year(['settings.tariff' => ['energy_price' => $price]]);
            self::assertErrorAt('settings.tariff.energy_price', $solution, ErrorKind::Unreadable);
            self::assertNull($solution->figure('power.running_cost'), 'nothing is worked out from it');
        }
        self::assertFigures(
            ['power.running_cost' => self::number(self::year(), 'power.running_cost')],
            self::year(['settings.tariff' => ['energy_price' => '0,14']]),
        );
        $two = self::year(['settings.tariff' => ['kva_demand' => ['price' => 6], 'kvarh' => ['price' => 0.01]]]);
        self::assertErrorAt('settings.tariff.kvarh.price', $two, ErrorKind::Impossible);
        foreach (['75 9000', '75 5000; 40 5000', '75', 'often 3'] as $hours) {
            self::assertErrorAt('load.hours', self::year(['load.hours' => $hours]), ErrorKind::Unreadable);
        }
        self::assertNull(Bench::solve(['rule_book' => 'iec', 'plate' => self::CIRCUIT['plate'], 'supply' => self::CIRCUIT['supply']])
            ->figure('power.running_energy'), 'nobody asked');
    }
}
