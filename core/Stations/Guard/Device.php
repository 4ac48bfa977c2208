<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\Scpd;

/** One protective device of a given rating: what it carries, when it clears, what it lets through. */
interface Device extends Clearing
{
    public function scpd(): Scpd;

    /** A */
    public function rating(): float;

    /** Whether it is sure to carry a current for a time without acting. */
    public function carries(float $amperes, float $seconds): bool;

    /** For how many seconds it is sure to carry a current, A, without acting; INF for as long as one likes. */
    public function holdsFor(float $amperes): float;

    /** Smallest current that it is sure to clear within a time, A. */
    public function clearsFrom(float $seconds): float;

    /** Whether its own curve bounds the energy of any larger fault: a fuse melts the sooner, a breaker does not open faster. */
    public function limitsEnergy(): bool;

    /** Its time-current band. */
    public function band(): Band;

    /** Largest voltage between lines that it is made for, V; null where its standard sets none. */
    public function largestVoltage(): ?float;

    /** Largest fault current that any of its kind breaks, A; null where its standard sets none. */
    public function largestBreakingCapacity(): ?float;
}
