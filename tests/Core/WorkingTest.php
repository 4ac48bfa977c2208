<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\Unit;

/** The inspector's doubt: the numbers printed in a working, put through the printed arithmetic, give the figure. */
final class WorkingTest extends CoreTestCase
{
    public function test_every_arithmetic_working_gives_its_figure(): void
    {
        $checked = [];
        foreach ([...self::samples(), ...self::earthed(), ...self::demo()] as $solution) {
            foreach ($solution->figures as $figure) {
                if (self::isItsWorking($figure)) {
                    $checked[$figure->key()] = true;
                }
            }
        }
        self::assertGreaterThan(110, count($checked));
        foreach (
            [
                'power.input', 'power.reactive', 'power.computed_current', 'plate.rated_torque', 'cable.required_ampacity',
                'cable.voltage_drop', 'guard.scpd_limit', 'guard.prospective_current', 'correct.capacitor_current',
                'correct.corrected_current', 'correct.discharge_resistance', 'power.load_current', 'plate.usable_output',
                'windings.delta_power', 'measured.reactive', 'measured.angle', 'measured.real', 'measured.load_by_slip',
                'measured.efficiency', 'measured.current_unbalance', 'cable.ampacity', 'cable.raceway_fill', 'guard.earth_fault_current',
                'guard.loop_impedance', 'plate.poles', 'start.inertia',
            ] as $key
        ) {
            self::assertArrayHasKey($key, $checked);
        }
    }

    /** Over random plates, starters, cables and earthings of all books too. */
    public function test_every_arithmetic_working_of_random_circuits_gives_its_figure(): void
    {
        Fuzz::start();
        $checked = 0;
        for ($i = 0; $i < Fuzz::count(25); $i++) {
            foreach (Circuits::solve(RandomConductorsTest::circuit())->figures as $figure) {
                $checked += self::isItsWorking($figure) ? 1 : 0;
            }
        }
        self::assertGreaterThan(20 * Fuzz::count(25), $checked);
    }

    /** `next standard rating`, `largest standard rating up to`: what was looked for, and no more than twice as far. */
    public function test_a_standard_value_stands_next_to_what_was_worked_out(): void
    {
        $checked = [];
        foreach ([...self::samples(), ...self::demo()] as $solution) {
            foreach ($solution->figures as $figure) {
                if (preg_match('/^(.*), (?:next )?standard (?:rating|value)( below| at or below)?$/', $figure->working, $m) === 1) {
                    [$text, $below] = [$m[1], isset($m[2])];
                } elseif (preg_match('/^(?:next switch rating from|largest standard rating (up to)) (.*)$/', $figure->working, $m) === 1) {
                    [$text, $below] = [$m[2], $m[1] !== ''];
                } else {
                    continue;
                }
                $sought = PrintedArithmetic::of($text.' × 1');
                self::assertNotNull($sought, $text);
                // The least switch of a list may be far larger than a small motor needs, and so may the least resistor.
                $least = $sought->value < (['guard.disconnect_size' => 10, 'correct.discharge_rating' => 0.1][$figure->key()] ?? 0);
                $ratio = $figure->number() / $sought->value;
                self::assertTrue(
                    $below ? $ratio > 0.5 && $ratio <= 1 + 1e-4 : $ratio >= 1 - 1e-4 && ($least || $ratio < 2),
                    "{$figure->key()}: $figure->working",
                );
                $checked[$figure->key()] = true;
            }
        }
        self::assertGreaterThanOrEqual(5, count($checked));
    }

    /** Four digits are enough for a person, and more say what nobody knows: `26.75 A`, not `26.7453 A`. */
    public function test_a_working_shows_four_digits_at_most(): void
    {
        foreach (Circuits::demo() as $tag => $circuit) {
            foreach (Circuits::solve($circuit)->figures as $figure) {
                preg_match_all('/(?<![\d.])\d+\.\d+(?![\d.])/', str_replace("\u{202F}", '', $figure->working), $numbers);
                foreach ($numbers[0] as $number) {
                    $digits = strlen(ltrim(str_replace('.', '', $number), '0'));
                    self::assertLessThanOrEqual(4, $digits, "$tag {$figure->key()}: $figure->working");
                }
            }
        }
    }

    /** Whether its working is arithmetic; what four printed digits leave open is allowed, and nothing else. */
    private static function isItsWorking(Figure $figure): bool
    {
        $derated = str_ends_with($figure->key(), 'derated_ampacity');
        $printed = PrintedArithmetic::of($derated ? (string) strtok($figure->working, ';') : $figure->working);
        $other = preg_match('/(size_by_ampacity|conductor_size|saving_tariff)$/', $figure->key()) === 1;
        if ($printed === null || is_string($figure->value) || $other) {
            return false;
        }
        // Percent figures print their ratio.
        $expected = $figure->unit === Unit::Percent ? $figure->value / 100 : $figure->value;
        self::assertEqualsWithDelta(
            $expected, $printed->value, max(1e-9, abs($expected) * 1e-5) + $printed->open, "{$figure->key()}: $figure->working",
        );

        return true;
    }

    /** @return list<Solution> earth faults of every earthing, under every book */
    private static function earthed(): array
    {
        $solved = [];
        foreach (['tn_s', 'tt', 'it', 'resistance'] as $earthing) {
            $supply = [
                'supply.earthing' => $earthing, 'supply.earthing_ohm' => $earthing === 'resistance' ? 2.3 : null,
                'supply.earth_loop_ohm' => $earthing === 'tt' ? 0.9 : null, 'cable.line_length' => 20,
            ];
            $solved[] = Circuits::solve(Circuits::kilnFan(), $supply);
            $solved[] = Circuits::solve(Circuits::kilnFan(), [...$supply, 'supply.earth_loop_ohm' => 0.9, 'supply.x_over_r' => null]);
            foreach (['nec', 'cec'] as $book) {
                $solved[] = Circuits::solve(Circuits::twentyFiveHorsepower($book), [
                    ...$supply, 'supply.transformer_kva' => 1500, 'supply.transformer_impedance_percent' => 5.75, 'supply.x_over_r' => 7,
                ]);
            }
        }

        return $solved;
    }

    /** @return list<Solution> */
    private static function demo(): array
    {
        return array_map(Circuits::solve(...), array_values(Circuits::demo()));
    }

    /** @return list<Solution> */
    private static function samples(): array
    {
        return [
            Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'cable.line_length' => 20]),
            Circuits::solve(Circuits::kilnFan(), [
                'starter.method' => 'star_delta', 'plate.efficiency' => null, 'cable.line_length' => 20,
            ]),
            Circuits::solve(Circuits::fiftyHorsepower(), [
                'correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95, 'cable.length' => 50,
            ]),
            Circuits::solve(Circuits::twentyFiveHorsepower(), ['plate.power_factor' => null, 'plate.efficiency' => 90]),
            Circuits::solve(Circuits::kilnFan(), ['plate.power' => null, 'supply.fault_level_kva' => 200_000]),
            Circuits::solve(Circuits::kilnFan(), [
                'load.output_percent' => 60, 'supply.ambient' => '50', 'supply.unbalance' => '2', 'windings.impedance' => '12',
                'windings.power_factor' => '0.8', 'measure.method' => 'two_wattmeters', 'measure.volts_12' => '400',
                'measure.watts_1' => '-1240', 'measure.watts_3' => '5820', 'measure.sequence' => '123',
                'measure.balanced' => 'balanced', 'measure.swapped' => 'none', 'measure.speed' => '1490',
            ]),
            Circuits::solve(Circuits::kilnFan(), [
                'measure.method' => 'line_angle', 'measure.volts_12' => '400', 'measure.volts_23' => '404',
                'measure.volts_31' => '390', 'measure.amps_1' => '60', 'measure.amps_2' => '62', 'measure.amps_3' => '58',
                'measure.angle' => '62', 'measure.pair' => '12', 'measure.line' => '1', 'measure.sequence' => '123',
            ]),
            Circuits::solve(Circuits::kilnFan(), [
                'measure.method' => 'brake', 'measure.volts_12' => '400', 'measure.amps_1' => '66', 'measure.watts' => '39.4 kW',
                'measure.torque' => '238', 'measure.speed' => '1482', 'measure.sense' => 'lagging',
            ]),
            Circuits::solve(Circuits::kilnFan(), [
                'measure.method' => 'meter_disc', 'measure.revolutions' => '10', 'measure.disc_constant' => '7.2',
                'measure.seconds' => '36', 'measure.current_ratio' => '200/5',
            ]),
            Circuits::solve([
                'rule_book' => 'iec', 'subject' => 'bench_load', 'supply' => ['voltage' => '230', 'frequency' => 50, 'phases' => 1],
                'bench' => ['current' => '8.2', 'power' => '1150 W'],
            ]),
        ];
    }
}
