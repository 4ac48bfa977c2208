<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

use BraveAnvil\Physics\Machine\Machine;

/** A motor that two lines feed: a forward and a backward field of one current. */
final readonly class TwoLines
{
    /** Of a locked rotor's current, with two lines only. */
    private const STANDING = 0.8660254;

    /** Slips that are tried up to half the synchronous speed. */
    private const STEPS = 400;

    /**
     * @param  float  $volts  between the lines, V
     * @param  float  $torque  of the load, N·m
     * @param  int  $lost  the line that is dead: 0, 1 or 2
     */
    public static function running(Machine $machine, float $volts, float $torque, int $lost): Running
    {
        $turns = static function (float $slip) use ($machine, $volts, $torque): float {
            $forward = $machine->point($slip);
            $backward = $machine->backward($slip);
            $amps = $volts / hypot($forward->resistance + $backward->resistance, $forward->reactance + $backward->reactance);
            $rated = $machine->volts / sqrt(3);
            $share = static fn (float $ohm): float => ($amps / sqrt(3) * $ohm / $rated) ** 2;

            return $share($forward->impedance()) * $forward->torque - $share($backward->impedance()) * $backward->torque
                - $machine->frictionAt($machine->synchronousSpeed * (1 - $slip)) - $torque;
        };
        $slip = 1.0;
        for ($i = 1; $i <= self::STEPS; $i++) {
            $try = 0.5 * $i / self::STEPS;
            if ($turns($try) >= 0) {
                [$low, $high] = [0.5 * ($i - 1) / self::STEPS + 1e-6, $try];
                for ($n = 0; $n < 40; $n++) {
                    $middle = ($low + $high) / 2;
                    [$low, $high] = $turns($middle) >= 0 ? [$low, $middle] : [$middle, $high];
                }
                $slip = $high;
                break;
            }
        }
        $forward = $machine->point($slip);
        $backward = $machine->backward($slip);
        $re = $forward->resistance + $backward->resistance;
        $im = $forward->reactance + $backward->reactance;
        $amps = $slip < 1 ? $volts / hypot($re, $im) : self::STANDING * $volts / sqrt(3) / $machine->point(1.0)->impedance();
        $in = static fn (int $k): float => $k === $lost ? 0.0 : $amps;

        return new Running(
            [$in(0), $in(1), $in(2)], [$volts, $volts, $volts], $amps * $amps * $re, $amps * $amps * $im,
            $machine->synchronousSpeed * (1 - $slip), $slip,
        );
    }
}
