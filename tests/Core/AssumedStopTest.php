<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Bench\Solution;

/** A stop never rests on something that nobody typed, stamped or measured. Each is shown on both of its sides. */
final class AssumedStopTest extends CoreTestCase
{
    /** @param  array<string, mixed>  $changes */
    private static function saw(array $changes): Solution
    {
        return Circuits::solve([
            'rule_book' => 'iec', 'supply' => ['voltage' => '400', 'frequency' => '50'],
            'plate' => ['power' => '30 kW', 'voltage' => '400/690', 'current' => '55/32', 'speed' => '1470', 'start_current_ratio' => '7'],
            'starter' => ['method' => 'direct'], 'guard' => ['scpd' => 'fuse_gg', 'rating' => '63'],
        ], $changes);
    }

    /** 63 A gG passes 385 A at its 0.1 s gate and not for 5 s, which nobody timed. */
    public function test_a_typed_fuse_is_not_stopped_by_a_run_up_that_nobody_typed(): void
    {
        self::assertFinds('installed_device_may_trip', self::saw([]), 'caution');
        self::assertFinds('installed_device_may_trip', self::saw(['starter.run_up_time' => '5 s']), 'stop');
        // Too small for the first tenth of a second, whatever the rest: no run-up would save it.
        self::assertFinds('installed_device_may_trip', self::saw(['plate.start_current_ratio' => '12']), 'stop');
    }

    /** Without X/R the source counts in full; with reactance alone it adds next to nothing to a long cable. */
    public function test_a_clearing_time_that_only_an_assumed_x_over_r_breaks_is_a_caution(): void
    {
        $weak = [
            'supply.earthing' => 'tn_s', 'supply.transformer_kva' => 40, 'supply.transformer_impedance_percent' => 4, 'cable.length' => 60,
            'cable.size' => '16', 'starter.run_up_time' => '5 s', 'guard.rating' => '125',
            'settings' => ['drop_limit_running' => 20, 'drop_limit_starting' => 40],
        ];
        self::assertFinds('disconnection_time', self::saw($weak), 'caution');
        self::assertDoesNotFind('disconnection_time', self::saw([...$weak, 'supply.x_over_r' => 50]));
        self::assertFinds('disconnection_time', self::saw([...$weak, 'supply.x_over_r' => 1]), 'stop');
        self::assertFinds('disconnection_time', self::saw([...$weak, 'cable.length' => 200]), 'stop');
    }

    /** 37 kW: no more than 0.9 of what it takes at full load, 24.4 kvar, is sure to be too much. */
    public function test_an_installed_capacitor_is_a_stop_where_no_estimate_decides(): void
    {
        $at = static fn (float $kvar, ?string $idle): ?string => self::grade(Circuits::solve(Circuits::kilnFan(), [
            'correction.place' => 'at_motor', 'correction.rated_kvar' => $kvar, 'plate.no_load_current' => $idle,
        ]), 'installed_capacitor_too_large');
        self::assertNull($at(10, null));
        self::assertSame('caution', $at(15, null));
        self::assertSame('stop', $at(25, null));
        self::assertSame('stop', $at(15, '20'));
        self::assertNull($at(15, '26'));
    }

    /** IEC 60909-0 has a factor of 1.05 and one of 1.10; a supply at its nominal voltage has neither. */
    public function test_a_breaking_capacity_is_a_stop_without_the_voltage_factor_too(): void
    {
        $fault = self::number(Circuits::solve(Circuits::kilnFan()), 'guard.prospective_current') / 1000;
        $grade = static fn (float $share): ?string => self::grade(
            Circuits::solve(Circuits::kilnFan(), ['guard.breaking_capacity_ka' => $share * $fault]), 'breaking_capacity',
        );
        self::assertSame('stop', $grade(0.94));
        self::assertSame('caution', $grade(0.97), 'only the voltage factor breaks it');
        self::assertSame('caution', $grade(1.02), 'it passes at 1.05 and not at 1.10');
        self::assertNull($grade(1.06));
    }

    /** IEC 60909-0 (from memory): c 1.10 and 0.90 where a low-voltage supply may stand 10 % above nominal, else 1.05 and 0.95. */
    public function test_the_voltage_factor_of_a_supply_may_be_chosen(): void
    {
        $earthed = ['supply.earthing' => 'tn_s'];
        $usual = Circuits::solve(Circuits::kilnFan(), $earthed);
        $wide = Circuits::solve(Circuits::kilnFan(), [...$earthed, 'supply.voltage_factor' => '1.10']);
        $share = static fn (string $key): float => self::number($wide, $key) / self::number($usual, $key);
        self::assertEqualsWithDelta(1.10 / 1.05, $share('guard.prospective_current'), 1e-9);
        self::assertEqualsWithDelta(0.90 / 0.95, $share('guard.earth_fault_current'), 1e-9);
        self::assertEqualsWithDelta(0.90 / 0.95, $share('guard.loop_impedance_limit'), 1e-9);
        // Its reactance, which a capacitor resonates with, has no factor.
        self::assertSame($usual->figure('correct.resonance_order')?->value, $wide->figure('correct.resonance_order')?->value);
        $number = Circuits::solve(Circuits::kilnFan(), [...$earthed, 'supply.voltage_factor' => 1.1]);
        self::assertSame($wide->figure('guard.prospective_current')?->value, $number->figure('guard.prospective_current')?->value);
        $fault = self::number($wide, 'guard.prospective_current') / 1000;
        $grade = static fn (float $part): ?string => self::grade(Circuits::solve(
            Circuits::kilnFan(), ['supply.voltage_factor' => '1.10', 'guard.breaking_capacity_ka' => $part * $fault],
        ), 'breaking_capacity');
        self::assertSame('stop', $grade(0.90));
        self::assertSame('caution', $grade(0.95));
        self::assertNull($grade(1.01));
    }
}
