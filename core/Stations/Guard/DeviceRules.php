<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\FindingBuilder;

/** Which protective devices a rule book knows, and which rating it takes. */
interface DeviceRules
{
    /** Which it takes where none is chosen. */
    public function usual(): Scpd;

    /** @return non-empty-list<Scpd> */
    public function known(): array;

    /** The device by its rule, with every rating looked at. */
    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice;

    /**
     * A device of a rating that is there already; null where no standard curve tells what it does.
     *
     * @param  float  $rating  A
     * @param  float  $dial  of the overload that it may have built in, A
     */
    public function device(Scpd $scpd, float $rating, float $dial): ?Device;

    /**
     * Within which a device of a rating acts, as far as its standard tells; null where it tells nothing.
     *
     * @param  float  $rating  A
     * @param  float  $dial  of the overload that it may have built in, A
     */
    public function band(Scpd $scpd, float $rating, float $dial): ?Band;

    /** @return list<FindingBuilder> what its rule asks of a kind of device beside the figures */
    public function notes(Scpd $scpd, Circuit $circuit): array;
}
