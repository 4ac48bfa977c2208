<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Solution\Figure;

/** The capacitor that is chosen, and what the line carries after it. */
final readonly class Correction
{
    /**
     * @param  Figure  $rating  var
     * @param  Figure  $current  in the line upstream, A
     * @param  Figure  $powerFactor  upstream
     */
    public function __construct(public CapacitorPlace $place, public Figure $rating, public Figure $current, public Figure $powerFactor)
    {
    }

    /** What an overload relay sees, A; null where it sits behind the capacitor and sees the whole motor. */
    public function behindRelay(): ?Figure
    {
        return $this->place === CapacitorPlace::AtMotor ? $this->current : null;
    }
}
