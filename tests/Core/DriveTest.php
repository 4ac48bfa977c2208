<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;

/** What a drive keeps from the supply: its motor’s vars, and an earth fault behind it. */
final class DriveTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $changes */
    private static function solve(array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50', 'transformer_kva' => 630,
                'transformer_impedance_percent' => 4, 'earthing' => 'tn_s'],
            'plate' => ['power' => '55 kW', 'voltage' => '400/690', 'current' => '98/57', 'speed' => '1480', 'power_factor' => '0.86',
                'efficiency' => '94.6'],
            'starter' => ['method' => 'drive', 'drive_input_current' => '95'], 'cable' => ['length' => '40 m'],
            'correction' => ['place' => 'board', 'target_power_factor' => '0.98'],
        ], $changes);
    }

    public function test_no_capacitor_follows_from_the_plate(): void
    {
        $solution = self::solve([]);
        foreach (['correct.capacitor_rating', 'correct.reactive_required', 'correct.load_reactive'] as $key) {
            self::assertNull($solution->figure($key), $key);
        }
        $caution = self::finding($solution, 'supply_sees_drive');
        self::assertStringContainsString('on the supply side of the drive', $caution->action);
        self::assertFinds('supply_sees_drive', $solution, 'caution');
        self::assertNotNull(self::solve(['starter' => ['method' => 'direct']])->figure('correct.capacitor_rating'));
    }

    public function test_what_is_measured_before_it_may_be_corrected(): void
    {
        $measured = self::solve([
            'correction.basis' => 'measured', 'measure.method' => 'volts_amps_watts', 'measure.watts' => '40 kW',
            'measure.volts_12' => '400',
            'measure.amps_1' => '75', 'measure.sense' => 'lagging',
        ]);
        self::assertNotNull($measured->figure('correct.load_reactive'), json_encode(Circuits::errors($measured)) ?: '');
        self::assertDoesNotFind('supply_sees_drive', $measured);
    }

    public function test_behind_the_drive_it_is_refused_without_sending_anybody_to_the_board(): void
    {
        foreach (['after_controller', 'behind_relay', 'at_motor'] as $place) {
            $refused = self::finding($solution = self::solve(['correction.place' => $place]), 'capacitor_excluded');
            self::assertFinds('capacitor_excluded', $solution, 'stop');
            self::assertStringNotContainsString('board', $refused->action.$refused->text);
        }
    }

    public function test_an_earth_fault_behind_it_is_the_drives_to_end(): void
    {
        $solution = self::solve([]);
        self::assertFinds('fault_by_drive', $solution, 'note');
        foreach (['guard.disconnection_time', 'guard.loop_impedance_limit', 'guard.earth_fault_current'] as $key) {
            self::assertNull($solution->figure($key), $key);
        }
        $rows = Circuits::curve($solution, 'faults')['rows'];
        self::assertIsArray($rows);
        foreach ($rows as $row) {
            self::assertIsArray($row);
            self::assertSame('not_checked', $row['verdict']);
            self::assertStringContainsString('see its manual', is_string($row['why']) ? $row['why'] : '');
        }
        self::assertNotNull(self::solve(['starter' => ['method' => 'direct', 'run_up_time' => '2 s']])->figure('guard.disconnection_time'));
        $nec = Circuits::solve(Circuits::fiftyHorsepower(), [
            'starter' => ['method' => 'drive', 'drive_input_current' => '60'], 'cable.length' => 40,
            'supply.transformer_kva' => 500, 'supply.transformer_impedance_percent' => 5,
        ]);
        self::assertNull($nec->figure('guard.earth_fault_current'));
        self::assertFinds('fault_by_drive', $nec);
    }

    public function test_on_a_supply_that_is_not_earthed_its_filters_are_minded(): void
    {
        self::assertFinds('filters_to_earth', self::solve(['supply.earthing' => 'it']), 'caution');
        self::assertDoesNotFind('filters_to_earth', self::solve([]));
        self::assertDoesNotFind('filters_to_earth', self::solve(['supply.earthing' => 'it', 'starter' => ['method' => 'direct']]));
    }
}
