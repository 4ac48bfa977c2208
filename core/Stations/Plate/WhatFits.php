<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** A stamped current that does not fit the other values: which slip of the pen, or of the eye, would make it fit. */
final class WhatFits
{
    /** Line voltages that motors are wound for, the commonest first, V. IEC 60038 and NEMA MG 1. */
    private const VOLTAGES_50 = [400, 230, 690, 415, 380, 220, 240, 500, 525, 660, 440];

    private const VOLTAGES_60 = [460, 230, 575, 208, 200, 380, 440, 480, 220, 115];

    /** How far a value may be off and still fit, in parts of one. */
    private const FITS = 0.08;

    /** Typical efficiency and power factor stand behind the other side, so that a shifted decimal point is known more roughly. */
    private const SHIFTED = 0.25;

    /**
     * As a sentence behind another one; empty where nothing would.
     *
     * @param  float  $rated  voltage at which it was compared, V
     * @param  float  $stamped  A
     * @param  float  $expected  of the other values, A
     */
    public static function say(Circuit $circuit, float $rated, float $stamped, float $expected): string
    {
        $times = $stamped / $expected;
        $fits = [...self::decimal($stamped, $times), ...self::output($circuit, $times), ...self::voltage($circuit, $rated, $times)];

        return $fits === [] ? '' : ' It would fit '.implode(', or ', $fits).'.';
    }

    /** @return list<string> */
    private static function decimal(float $stamped, float $times): array
    {
        foreach ([10.0, 0.1] as $shift) {
            if (abs($times / $shift - 1) < self::SHIFTED) {
                return [Show::quantity($stamped / $shift, Unit::Ampere, 4).', with the decimal point moved'];
            }
        }

        return [];
    }

    /** @return list<string> horsepower read as kilowatts, or the other way round */
    private static function output(Circuit $circuit, float $times): array
    {
        $watts = $circuit->stamp('plate.power', Power::class)?->watts;
        $kilo = Power::HORSEPOWER / 1000;

        return match (true) {
            $watts === null => [],
            abs($times / $kilo - 1) < self::FITS => [
                Show::number($watts / 1000).' hp ('.Show::quantity($watts * $kilo, Unit::Watt, 3).')',
            ],
            abs($times * $kilo - 1) < self::FITS => [Show::quantity($watts / $kilo, Unit::Watt, 3)],
            default => [],
        };
    }

    /** @return list<string> another voltage of the plate, else the commonest of those that fit */
    private static function voltage(Circuit $circuit, float $rated, float $times): array
    {
        $own = [];
        foreach ($circuit->stamp('plate.voltage', PlateVoltage::class)->pairs ?? [] as $pair) {
            $own = [...$own, $pair['low'], $pair['high']];
        }
        $sixty = ($circuit->number('plate.frequency') ?? $circuit->number('supply.frequency'))?->number() === 60.0;
        foreach ([...$own, ...($sixty ? self::VOLTAGES_60 : self::VOLTAGES_50)] as $volts) {
            if (abs($volts / $rated - 1) > self::FITS && abs($times * $volts / $rated - 1) < self::FITS) {
                return [Show::number($volts).' V'];
            }
        }

        return [];
    }
}
