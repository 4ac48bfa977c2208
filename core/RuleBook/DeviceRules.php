<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Circuit\Choice\Scpd;
use BraveAnvil\Guard\DeviceDuty;
use BraveAnvil\Guard\ScpdChoice;
use BraveAnvil\Solution\FindingBuilder;

/** Which protective devices a rule book knows, and which rating it takes. */
interface DeviceRules
{
    /** Which it takes where none is chosen. */
    public function usual(): Scpd;

    /** @return non-empty-list<Scpd> */
    public function known(): array;

    /** The device by its rule, with every rating looked at. */
    public function choose(Scpd $scpd, DeviceDuty $duty): ScpdChoice;

    /** @return list<FindingBuilder> what its rule asks of a kind of device beside the figures */
    public function notes(Scpd $scpd): array;
}
