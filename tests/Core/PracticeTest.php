<?php

declare(strict_types=1);

namespace Tests\Core;

use BraveAnvil\Away\Practice;
use PHPUnit\Framework\TestCase;

/** A drill where no service keeps it: the same fault, readings and judgement, from what the page keeps. */
final class PracticeTest extends TestCase
{
    private const WITH_CAPACITOR = ['correction.place' => 'at_motor', 'correction.target_power_factor' => 0.95];

    public function test_a_fault_is_hidden_read_and_named(): void
    {
        $fan = Circuits::fanWithItsLoad();
        $hidden = Practice::hide($fan, 'worn_bearing', 7);
        self::assertSame('worn_bearing', $hidden['kind'] ?? '');
        $reading = Practice::reading($fan, $hidden, 'vibration', '', 11);
        self::assertSame('Motor test bench, simulated', $reading['instrument'] ?? '');
        self::assertSame($reading, self::same($reading, Practice::reading($fan, $hidden, 'vibration', '', 11)));
        $taken = [['kind' => 'vibration', 'values' => (array) ($reading['values'] ?? [])]];

        $open = Practice::drill($fan, $hidden, $taken, '');
        self::assertNull($open['fault'] ?? null, 'it stays hidden');
        self::assertNull($open['right'] ?? null);
        // A worn bearing shakes more than a healthy one may (ISO 20816-3).
        self::assertSame('differs', $open['taken'][0]['comparison']['verdict'] ?? '');

        $named = Practice::drill($fan, $hidden, $taken, 'worn_bearing');
        self::assertSame(['kind' => 'worn_bearing', 'label' => 'Worn bearing'], $named['fault'] ?? []);
        self::assertTrue($named['right'] ?? null);
        self::assertSame(['vibration'], $named['assessment']['told'] ?? []);
        self::assertFalse(Practice::drill($fan, $hidden, $taken, 'overload')['right'] ?? null);
    }

    public function test_a_healthy_motor_reads_within_its_band(): void
    {
        foreach (['supply_voltage', 'line_current', 'speed', 'winding_resistance'] as $kind) {
            $reading = Practice::reading(Circuits::fanWithItsLoad(), [], $kind, '', 3);
            self::assertSame('agrees', $reading['comparison']['verdict'] ?? '', $kind);
        }
    }

    public function test_a_current_can_be_read_before_and_behind_the_capacitor(): void
    {
        $fan = Circuits::changed(Circuits::fanWithItsLoad(), self::WITH_CAPACITOR);
        $amps = static function (string $where) use ($fan): float {
            $values = (array) (Practice::reading($fan, [], 'line_current', $where, 3)['values'] ?? []);

            return is_numeric($values['amps_1'] ?? null) ? (float) $values['amps_1'] : NAN;
        };
        // What the capacitor gives, the line need not bring.
        self::assertLessThan(0.97 * $amps('motor'), $amps('line'));
    }

    public function test_the_load_of_a_drill_is_that_at_which_it_was_hidden(): void
    {
        $fan = Circuits::fanWithItsLoad();
        $hidden = Practice::hide(Circuits::changed($fan, ['load.output_percent' => '62,5 %']), '', 5);
        self::assertSame('62.5', $hidden['load_percent'] ?? '');
        self::assertSame('62.5', Practice::reading($fan, $hidden, 'speed', '', 1)['load_percent'] ?? '');
        self::assertSame('80', Practice::hide(Circuits::changed($fan, ['load.output_percent' => '400']), '', 5)['load_percent'] ?? '');
    }

    public function test_what_cannot_be_is_refused_in_words(): void
    {
        $fan = Circuits::fanWithItsLoad();
        self::assertStringContainsString('no capacitor', Practice::hide($fan, 'dead_capacitor_element', 1)['refusal'] ?? '');
        self::assertStringContainsString('no capacitor', Practice::reading($fan, [], 'capacitor', '', 1)['refusal'] ?? '');
        self::assertStringContainsString('No simulated instrument', Practice::reading($fan, [], 'loop_impedance', '', 1)['refusal'] ?? '');
        self::assertStringContainsString('nameplate', Practice::hide(['rule_book' => 'iec'], '', 1)['refusal'] ?? '');
        self::assertNull(Practice::drill($fan, ['kind' => 'none'], [], ''));
        self::assertNotContains('dead_capacitor_element', array_column(Practice::faults($fan), 'value'));
        $corrected = Circuits::changed($fan, self::WITH_CAPACITOR);
        self::assertContains('dead_capacitor_element', array_column(Practice::faults($corrected), 'value'));
    }

    public function test_chance_hides_every_fault_that_the_circuit_can_have(): void
    {
        $fan = Circuits::fanWithItsLoad();
        $found = [];
        for ($seed = 0; $seed < 150; $seed++) {
            $found[] = Practice::hide($fan, '', $seed)['kind'] ?? '';
        }
        self::assertEqualsCanonicalizing(array_column(Practice::faults($fan), 'value'), array_values(array_unique($found)));
    }

    /**
     * @param  array<string, mixed>  $one
     * @param  array<string, mixed>  $other
     * @return array<string, mixed> the first where both say the same
     */
    private static function same(array $one, array $other): array
    {
        self::assertEquals($one, $other);

        return $one;
    }
}
