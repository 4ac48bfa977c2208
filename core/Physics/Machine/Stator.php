<?php

declare(strict_types=1);

namespace BraveAnvil\Physics\Machine;

use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Losses of a plate parted among their places, and the stator that makes the rated point exact. Ω, W; its rated current is a − jb, A. */
final readonly class Stator
{
    private const FRICTION_SHARE = 0.1;

    /** Most of the losses without friction that the rotor can have; the excess that is still taken, shortened. */
    private const ROTOR_SHARE = 0.75;

    private const ROTOR_EXCESS = 1.3;

    /** @param  string|null  $flag  what had to be bent for it */
    private function __construct(
        public float $slip,
        public float $friction,
        public float $core,
        public float $resistance,
        public float $a,
        public float $b,
        public ?string $flag,
    ) {
    }

    /**
     * @param  float  $share  of the stator's losses that are copper
     * @return self|string text refuses
     */
    public static function of(Plate $plate, float $share): self|string
    {
        $v = $plate->volts / sqrt(3);
        $losses = $plate->output * (1 / $plate->efficiency - 1);
        $friction = self::FRICTION_SHARE * $losses;
        $slip = $plate->slip;
        $rotor = static fn (float $s): float => ($s / (1 - $s)) * ($plate->output + $friction);
        $most = self::ROTOR_SHARE * ($losses - $friction);
        $flag = null;
        if ($rotor($slip) > $most) {
            if ($rotor($slip) > self::ROTOR_EXCESS * $most) {
                return 'At this speed the rotor alone would lose '.Show::quantity($rotor($slip), Unit::Watt, 3).' of the total losses, '.
                    Show::quantity($losses, Unit::Watt, 3).': speed and efficiency do not belong together.';
            }
            $slip = $most / ($plate->output + $friction + $most);
            $flag = 'slip taken as '.Show::number(100 * $slip, 3).' %: the slip from the rated speed leaves no losses for stator and core';
        }
        $rest = $losses - $friction - $rotor($slip);
        $core = (3 * $v ** 2) / ((1 - $share) * $rest);
        $current = $plate->current();
        $a = $current * $plate->powerFactor - $v / $core;
        $b = $current * sqrt(1 - $plate->powerFactor ** 2);

        return new self($slip, $friction, $core, ($share * $rest) / (3 * ($a ** 2 + $b ** 2)), $a, $b, $flag);
    }
}
