<?php

declare(strict_types=1);

namespace BraveAnvil\Books\Iec;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Stations\Guard\Device;
use BraveAnvil\Stations\Guard\DeviceDuty;
use BraveAnvil\Stations\Guard\ScpdChoice;

/** How a device of one kind, or of a few alike, is chosen. */
interface DeviceChoice
{
    /** @return non-empty-list<Scpd> those that it chooses */
    public function known(): array;

    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice;

    /**
     * An installed one.
     *
     * @param  float  $rating  A
     * @param  float  $dial  of its overload release, A
     */
    public function device(Scpd $scpd, float $rating, float $dial): ?Device;
}
