<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Circuit\Figure;

/** For how long the motor stands its locked-rotor current from cold. */
final readonly class Rotor
{
    /**
     * @param  float  $amperes  A in the line, direct
     * @param  float  $seconds  s
     * @param  bool  $usual  taken as usual, not stamped
     */
    private function __construct(public float $amperes, public float $seconds, public bool $usual)
    {
    }

    /** @param  float|null  $seconds  s; null where nobody says, which is then no rotor to hold a relay against */
    public static function of(Figure $lockedRotor, ?float $seconds, bool $usual): ?self
    {
        return $seconds === null ? null : new self($lockedRotor->number(), $seconds, $usual);
    }
}
