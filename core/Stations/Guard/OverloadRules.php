<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\TripClass;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;
use BraveAnvil\Stations\Start\Method\RelaySeat;

/** How a rule book sets an overload relay. */
interface OverloadRules
{
    /**
     * What to dial, and above which current it must have tripped.
     *
     * @param  Figure  $current  A in the line while the motor runs at full load
     */
    public function setting(Circuit $circuit, Figure $current, RelaySeat $seat): OverloadSetting;

    /** How long a locked rotor is taken to stand where the plate does not say, s; null where the book's world has no such rule. */
    public function usualLockedRotorTime(): ?float;

    /** Multiple of the dial at which a relay must have tripped from cold within the seconds that name its class. */
    public function classTimes(): float;

    /** @return non-empty-list<TripClass> classes that relays of this book's world have, quickest first */
    public function classes(): array;

    /** @return list<FindingBuilder> what its rule asks beside the figures */
    public function notes(Circuit $circuit): array;
}
