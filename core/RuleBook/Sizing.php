<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Correct\CapacitorRules;

/** The procedures of a rule book that sizes cable, guard and capacitor, part by part. Each returns values and writes nothing. */
final readonly class Sizing
{
    public function __construct(
        public ConductorRules $conductors,
        public DeviceRules $devices,
        public OverloadRules $overload,
        public DisconnectRules $disconnects,
        public ProtectiveConductorRules $protective,
        public CapacitorRules $capacitors,
    ) {
    }
}
