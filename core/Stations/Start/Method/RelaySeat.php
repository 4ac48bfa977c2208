<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start\Method;

use BraveAnvil\Circuit\Choice\RelayPlace;

/** A place where the overload relay may sit. */
final readonly class RelaySeat
{
    /**
     * @param  float  $share  of the line current that flows through it while the motor runs
     * @param  string  $divided  the same behind a current in a working, ` ÷ √3`
     * @param  string  $says  what it protects
     * @param  float  $stuckOverload  how many times its rating a winding may carry for ever if the starter sticks in its first stage
     */
    public function __construct(
        public RelayPlace $place,
        public float $share,
        public string $divided,
        public string $says,
        public float $stuckOverload = 1.0,
    ) {
    }

    /** Where the dial belongs, behind its amperes; empty where there is only one place. */
    public function where(): string
    {
        return $this->place === RelayPlace::Delta ? ' in the motor leads' : '';
    }
}
