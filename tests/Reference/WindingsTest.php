<?php

declare(strict_types=1);

namespace Tests\Reference;

use BraveAnvil\Bench\Solution;
use PHPUnit\Framework\TestCase;
use Tests\Core\Circuits;
use Tests\Reference\CircuitSimulator as Spice;

/** Star, delta, six leads and a capacitor, against a circuit simulator (ngspice, Debian). */
final class WindingsTest extends TestCase
{
    private const HERTZ = 50.0;

    public function test_three_equal_windings_in_delta_and_in_star(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan());
        $lrc = self::figure($solution, 'start.locked_rotor_current');
        // The winding that draws the locked-rotor current in delta: Z = √3 V / I.
        $ohm = sqrt(3) * 400 / $lrc;
        $z = static fn (string $n, string $a, string $b): string => Spice::impedance($n, $a, $b, $ohm, 0.3, self::HERTZ);
        [$line, $winding] = Spice::magnitudes(
            Spice::supply(400)."\n".$z('u', 'l1', 'l2')."\n".$z('v', 'l2', 'l3')."\n".$z('w', 'l3', 'l1'),
            self::HERTZ,
            ['i(vl1)', 'i(lu)'],
        );
        self::assertEqualsWithDelta($lrc, $line, 1e-3 * $lrc);
        self::assertEqualsWithDelta($line / sqrt(3), $winding, 1e-3 * $winding);
        [$line, $volts] = Spice::magnitudes(
            Spice::supply(400)."\n".$z('u', 'l1', 'n')."\n".$z('v', 'l2', 'n')."\n".$z('w', 'l3', 'n'),
            self::HERTZ,
            ['i(vl1)', 'v(l1,n)'],
        );
        self::assertEqualsWithDelta(self::figure($solution, 'start.star_line_current'), $line, 1e-3 * $line);
        self::assertEqualsWithDelta(400 / sqrt(3), $volts, 0.3);
    }

    public function test_the_winding_current_in_run_is_the_line_current_over_root_three(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan());
        $ohm = sqrt(3) * 400 / 66;
        $z = static fn (string $n, string $a, string $b): string => Spice::impedance($n, $a, $b, $ohm, 0.85, self::HERTZ);
        [$line, $winding] = Spice::magnitudes(
            Spice::supply(400)."\n".$z('u', 'l1', 'l2')."\n".$z('v', 'l2', 'l3')."\n".$z('w', 'l3', 'l1'),
            self::HERTZ,
            ['i(vl1)', 'i(lu)'],
        );
        self::assertEqualsWithDelta(66, $line, 0.07);
        self::assertEqualsWithDelta(self::figure($solution, 'start.delta_winding_current'), $winding, 0.04);
    }

    public function test_line_current_before_and_after_a_capacitor(): void
    {
        $solution = Circuits::solve(Circuits::kilnFan(), ['correction.place' => 'at_motor']);
        $motor = implode(
            "\n",
            array_map(static fn (int $k): string => Spice::impedance("m$k", "l$k", 'n', 400 / sqrt(3) / 66, 0.85, self::HERTZ), [1, 2, 3]),
        );
        $farad = self::figure($solution, 'correct.capacitance_delta');
        $bank = "cc1 l1 l2 $farad\ncc2 l2 l3 $farad\ncc3 l3 l1 $farad";
        [$before] = Spice::magnitudes(Spice::supply(400)."\n$motor", self::HERTZ, ['i(vl1)']);
        [$after] = Spice::magnitudes(Spice::supply(400)."\n$motor\n$bank", self::HERTZ, ['i(vl1)']);
        [$capacitor] = Spice::magnitudes(Spice::supply(400)."\n$bank\nrn l1 n 1e9", self::HERTZ, ['i(vl1)']);
        self::assertEqualsWithDelta(self::figure($solution, 'power.plate_current'), $before, 0.07);
        self::assertEqualsWithDelta(self::figure($solution, 'correct.corrected_current'), $after, 0.06);
        self::assertEqualsWithDelta(self::figure($solution, 'correct.capacitor_current'), $capacitor, 0.02);
    }

    public function test_voltage_drop_over_six_leads_and_over_three(): void
    {
        $six = Circuits::solve(Circuits::kilnFan(), ['starter.method' => 'star_delta']);
        $lead = static fn (string $n, string $a, string $b, float $mm2): string => "rk$n $a k$n ".
            (22.5 / $mm2) * 0.06.
            "\nlk$n k$n $b ".
            (0.08 * 0.06) / (2 * M_PI * self::HERTZ);
        $ohm = (sqrt(3) * 400) / 66;
        $mm2 = self::figure($six, 'cable.size');
        $net = Spice::supply(400);
        foreach ([['u', 'l1', 'l2'], ['v', 'l2', 'l3'], ['w', 'l3', 'l1']] as [$n, $from, $to]) {
            $net .=
                "\n".
                $lead("{$n}1", $from, "{$n}1", $mm2).
                "\n".
                Spice::impedance($n, "{$n}1", "{$n}2", $ohm, 0.85, self::HERTZ).
                "\n".
                $lead("{$n}2", "{$n}2", $to, $mm2);
        }
        [$winding, $current] = Spice::magnitudes($net, self::HERTZ, ['v(u1,u2)', 'i(lu)']);
        // A passive winding takes a little less current behind its leads; the rule counts the full current.
        self::assertEqualsWithDelta(self::figure($six, 'cable.voltage_drop'), 100 * (1 - $winding / 400) * (66 / sqrt(3)) / $current, 0.05);

        $three = Circuits::solve(Circuits::kilnFan());
        $mm2 = self::figure($three, 'cable.size');
        $net = Spice::supply(400);
        foreach ([1, 2, 3] as $k) {
            $net .= "\n".$lead("l$k", "l$k", "m$k", $mm2)."\n".Spice::impedance("x$k", "m$k", 'n', 400 / sqrt(3) / 66, 0.85, self::HERTZ);
        }
        [$motor, $current] = Spice::magnitudes($net, self::HERTZ, ['v(m1,m2)', 'i(vl1)']);
        self::assertEqualsWithDelta(self::figure($three, 'cable.voltage_drop'), 100 * (1 - $motor / 400) * 66 / $current, 0.03);
    }

    private static function figure(Solution $solution, string $key): float
    {
        return $solution->figure($key)?->number() ?? throw new \LogicException("no $key");
    }
}
