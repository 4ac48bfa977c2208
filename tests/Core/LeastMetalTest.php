<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;

/** Two runs share one drop: the least copper of both decides, and parallel conductors come last. */
final class LeastMetalTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $changes */
    private static function solve(array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50'],
            'plate' => ['power' => '130 kW', 'voltage' => '400/690', 'current' => '230/133', 'speed' => '1485', 'power_factor' => '0.86',
                'efficiency' => '95.5'],
            'cable' => ['length' => 250, 'line_length' => 60], 'settings' => ['drop_limit_running' => 2, 'drop_limit_starting' => 10],
        ], $changes);
    }

    /** mm²·m of both runs, one conductor of each line. */
    private static function metal(Solution $solution, float $line, float $motor): float
    {
        return self::number($solution, 'cable.line_size') * self::number($solution, 'cable.line_sets') * $line
            + self::number($solution, 'cable.size') * self::number($solution, 'cable.sets') * $motor;
    }

    /** A line of 120 mm² would starve the run behind it into four sets of 300 mm²: almost twice the copper. Own computation. */
    public function test_a_larger_line_saves_copper_behind_it(): void
    {
        $solution = self::solve([]);
        self::assertFigures(['cable.line_size' => 240, 'cable.line_sets' => 1, 'cable.size' => 150, 'cable.sets' => 4], $solution);
        self::assertLessThan(0.54 * (120 * 60 + 4 * 300 * 250), self::metal($solution, 60, 250));
        self::assertFinds('size_by_drop', $solution, 'note');
        self::assertStringContainsString('95 mm²', str_replace("\u{00A0}", ' ', self::finding($solution, 'size_by_drop')->text));
    }

    /** Whatever single sizes somebody types instead: they fail, or hold no less copper. */
    public function test_no_other_pair_of_single_sizes_passes_with_less(): void
    {
        $changes = [
            'settings.drop_limit_running' => 5, 'settings.drop_limit_starting' => 25, 'cable.length' => 120, 'cable.line_length' => 90,
        ];
        $chosen = self::solve($changes);
        $least = self::metal($chosen, 90, 120);
        self::assertFigures(['cable.sets' => 1, 'cable.line_sets' => 1], $chosen);
        $passed = 0;
        foreach (['70', '95', '120', '150', '185', '240', '300'] as $line) {
            foreach (['70', '95', '120', '150', '185', '240', '300'] as $motor) {
                $other = self::solve([...$changes, 'cable.line_size' => $line, 'cable.size' => $motor]);
                if (self::grade($other, 'installed_size_fails') === null) {
                    $passed++;
                    self::assertGreaterThanOrEqual($least - 1e-6, (float) $line * 90 + (float) $motor * 120, "$line and $motor mm²");
                }
            }
        }
        self::assertGreaterThan(5, $passed);
    }

    public function test_a_line_that_the_drop_makes_large_says_so(): void
    {
        $line = self::solve(['cable.length' => 5, 'cable.line_length' => 200, 'settings.drop_limit_running' => 1.5]);
        self::assertFinds('line_size_by_drop', $line, 'note');
        self::assertDoesNotFind('line_size_by_drop', self::solve(['cable.length' => 5, 'cable.line_length' => 5]));
    }

    /** 500 kvar at 400 V: 722 A, leads of 1.5 times that. The largest single conductor is 300 mm², as for a motor. */
    public function test_capacitor_leads_keep_to_the_largest_single_conductor(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'correction.rated_kvar' => 500]);
        self::assertLessThanOrEqual(300, self::number($solution, 'correct.conductor_size'));
        self::assertFinds('leads_in_parallel', $solution, 'note');
        $small = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'board', 'cable.sets' => 2, 'cable.size' => '50']);
        self::assertDoesNotFind('leads_in_parallel', $small);
    }
}
