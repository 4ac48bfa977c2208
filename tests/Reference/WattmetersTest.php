<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;
use Tests\Reference\CircuitSimulator as Spice;

/** Wattmeter methods on three-wire loads, balanced and unbalanced, against a circuit simulator (ngspice, Debian). */
final class WattmetersTest extends TestCase
{
    private const HERTZ = 50.0;

    private const VOLTS = 400.0;

    /** @return array<string, array{float, bool}> power factor, whether the current leads */
    public static function loads(): array
    {
        return [
            '0.9 lagging' => [0.9, false], '0.5 lagging' => [0.5, false], '0.35 lagging' => [0.35, false], '0.8 leading' => [0.8, true],
            'unity' => [0.999, false],
        ];
    }

    /** Three equal impedances of 10 Ω in star. */
    private static function balanced(float $cos, bool $leading): string
    {
        $lines = [Spice::supply(self::VOLTS)];
        foreach ([1, 2, 3] as $k) {
            $lines[] = $leading
                ? "r$k l$k m$k ".(10 * $cos)."\nc$k m$k n ".(1 / (2 * M_PI * self::HERTZ * 10 * sqrt(1 - $cos ** 2)))
                : Spice::impedance("z$k", "l$k", 'n', 10, $cos, self::HERTZ);
        }

        return implode("\n", $lines)."\nrn n g 1e9";
    }

    /** @param  array<string, mixed>  $readings */
    private static function solve(array $readings): Solution
    {
        $changes = [];
        foreach ($readings as $name => $value) {
            $changes['measure.'.$name] = is_float($value) ? (string) round($value, 6) : $value;
        }

        return Circuits::solve(Circuits::kilnFan(), $changes);
    }

    private static function figure(Solution $solution, string $key): float
    {
        return $solution->figure($key)?->number() ??
            throw new \LogicException("$key is missing: ".json_encode(Circuits::errors($solution)));
    }

    #[DataProvider('loads')]
    public function test_two_wattmeters_on_a_balanced_load(float $cos, bool $leading): void
    {
        $net = self::balanced($cos, $leading);
        $phase = self::VOLTS / sqrt(3);
        $real = 3 * $phase ** 2 / 10 * $cos;
        $reactive = ($leading ? -1 : 1) * 3 * $phase ** 2 / 10 * sqrt(1 - $cos ** 2);
        foreach (['1' => ['2', '3'], '2' => ['1', '3'], '3' => ['1', '2']] as $common => [$x, $y]) {
            [$wx, $wy] = Spice::wattmeters($net, self::HERTZ, [["v(l$x,l$common)", "i(vl$x)"], ["v(l$y,l$common)", "i(vl$y)"]]);
            $solution = self::solve([
                'method' => 'two_wattmeters',
                'common' => (string) $common,
                'watts_'.$x => $wx,
                'watts_'.$y => $wy,
                'sequence' => '123', 'balanced' => 'balanced', 'swapped' => 'none', 'volts_12' => '400',
            ]);
            self::assertEqualsWithDelta($real, self::figure($solution, 'measured.real'), 1e-4 * $real);
            self::assertEqualsWithDelta($reactive, self::figure($solution, 'measured.reactive'), 1e-3 * hypot($real, $reactive));
            self::assertEqualsWithDelta($cos, self::figure($solution, 'measured.power_factor'), 2e-4);
        }
    }

    #[DataProvider('loads')]
    public function test_one_wattmeter_in_every_place(float $cos, bool $leading): void
    {
        $net = self::balanced($cos, $leading);
        [$current] = Spice::magnitudes($net, self::HERTZ, ['i(vl1)']);
        $sense = $leading ? 'leading' : 'lagging';
        foreach (['1', '2', '3'] as $line) {
            [$neutral] = Spice::wattmeters($net, self::HERTZ, [["v(l$line,n)", "i(vl$line)"]]);
            self::assertEqualsWithDelta(
                $cos,
                self::figure(
                    self::solve([
                        'method' => 'one_wattmeter', 'wattmeter' => 'neutral', 'watts' => $neutral, 'volts_12' => '400',
                        'amps_1' => $current, 'sense' => $sense,
                    ]),
                    'measured.power_factor',
                ),
                2e-4,
            );
            foreach (['12', '13', '21', '23', '31', '32'] as $pair) {
                [$watts] = Spice::wattmeters($net, self::HERTZ, [["v(l$pair[0],l$pair[1])", "i(vl$line)"]]);
                $solution = self::solve([
                    'method' => 'one_wattmeter', 'wattmeter' => 'pair', 'pair' => $pair, 'line' => $line, 'sequence' => '123',
                    'watts' => $watts, 'volts_12' => '400', 'amps_1' => $current, 'sense' => $sense,
                ]);
                if ($solution->figure('measured.power_factor') === null) {
                    // Two angles give this reading: the application asks instead of guessing.
                    self::assertArrayHasKey('measure.sense', Circuits::errors($solution));

                    continue;
                }
                self::assertEqualsWithDelta($cos, self::figure($solution, 'measured.power_factor'), 3e-3, "V$pair I$line");
                if ($cos < 0.99 && str_contains($pair, $line)) {
                    self::assertSame($leading, self::figure($solution, 'measured.angle') < 0, "V$pair I$line");
                }
            }
        }
    }

    public function test_the_sum_of_two_wattmeters_holds_for_an_unbalanced_load(): void
    {
        $net =
            Spice::supply(self::VOLTS).
            "\n".
            Spice::impedance('za', 'l1', 'l2', 12, 0.7, self::HERTZ).
            "\n".
            Spice::impedance('zb', 'l2', 'l3', 25, 0.95, self::HERTZ).
            "\nrc l3 l1 40\nrn l1 g 1e9";
        [$w1, $w3] = Spice::wattmeters($net, self::HERTZ, [['v(l1,l2)', 'i(vl1)'], ['v(l3,l2)', 'i(vl3)']]);
        [$i1, $i2, $i3] = Spice::magnitudes($net, self::HERTZ, ['i(vl1)', 'i(vl2)', 'i(vl3)']);
        $real = self::VOLTS ** 2 * (0.7 / 12 + 0.95 / 25 + 1 / 40);
        $solution = self::solve([
            'method' => 'two_wattmeters', 'watts_1' => $w1, 'watts_3' => $w3, 'balanced' => 'unbalanced', 'swapped' => 'none',
            'volts_12' => '400', 'volts_23' => '400', 'volts_31' => '400', 'amps_1' => $i1, 'amps_2' => $i2, 'amps_3' => $i3,
        ]);
        self::assertEqualsWithDelta($real, self::figure($solution, 'measured.real'), 1e-4 * $real);
        self::assertNull($solution->figure('measured.reactive'), 'the difference means nothing here');
        self::assertLessThan(1.0, self::figure($solution, 'measured.power_factor'));
        // Taken for a balanced load the volts and amperes contradict the wattmeters, and that is told.
        self::assertContains(
            'wattmeters_disagree',
            Circuits::codes(
                self::solve([
                    'method' => 'two_wattmeters', 'watts_1' => $w1, 'watts_3' => $w3, 'sequence' => '123', 'balanced' => 'balanced',
                    'swapped' => 'none', 'volts_12' => '400', 'amps_1' => $i1,
                ]),
            ),
        );
    }

    public function test_three_wattmeters_on_a_load_with_neutral(): void
    {
        $net =
            Spice::supply(self::VOLTS).
            "\nvn n 0 0\n".
            Spice::impedance('za', 'l1', 'n', 8, 0.7, self::HERTZ).
            "\n".
            Spice::impedance('zb', 'l2', 'n', 15, 0.9, self::HERTZ).
            "\nrc l3 n 30";
        $watts = Spice::wattmeters($net, self::HERTZ, [['v(l1,n)', 'i(vl1)'], ['v(l2,n)', 'i(vl2)'], ['v(l3,n)', 'i(vl3)']]);
        $phase = self::VOLTS ** 2 / 3;
        $solution = self::solve(['method' => 'three_wattmeters', 'watts_1' => $watts[0], 'watts_2' => $watts[1], 'watts_3' => $watts[2]]);
        self::assertEqualsWithDelta($phase * (0.7 / 8 + 0.9 / 15 + 1 / 30), self::figure($solution, 'measured.real'), 1);
    }

    public function test_three_equal_elements_in_star_and_in_delta(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['windings.impedance' => '12', 'windings.power_factor' => '0.8']);
        $z = static fn (string $n, string $a, string $b): string => Spice::impedance($n, $a, $b, 12, 0.8, self::HERTZ);
        foreach (
            [
                'star' => $z('u', 'l1', 'n')."\n".$z('v', 'l2', 'n')."\n".$z('w', 'l3', 'n'),
                'delta' => $z('u', 'l1', 'l2')."\n".$z('v', 'l2', 'l3')."\n".$z('w', 'l3', 'l1'),
            ] as $name => $net
        ) {
            $watts = Spice::wattmeters(Spice::supply(self::VOLTS)."\n$net", self::HERTZ, [
                ['v(l1)', 'i(vl1)'],
                ['v(l2)', 'i(vl2)'],
                ['v(l3)', 'i(vl3)'],
            ]);
            self::assertEqualsWithDelta(array_sum($watts), self::figure($solution, "windings.{$name}_power"), 1e-3 * array_sum($watts));
        }
        // What an ohmmeter sees between two terminals, as the current of one volt.
        [$star] = Spice::magnitudes("v1 a 0 ac 1 0\nvm a l1 0\nru l1 n 12\nrv 0 n 12\nrw w n 12\nrx w 0 1e12", 50, ['i(vm)']);
        [$delta] = Spice::magnitudes("v1 a 0 ac 1 0\nvm a l1 0\nru l1 0 12\nrv 0 w 12\nrw w l1 12", 50, ['i(vm)']);
        self::assertEqualsWithDelta(1 / $star, self::figure($solution, 'windings.ohms_star'), 1e-3);
        self::assertEqualsWithDelta(1 / $delta, self::figure($solution, 'windings.ohms_delta'), 1e-3);
    }
}
