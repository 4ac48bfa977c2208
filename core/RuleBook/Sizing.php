<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Correct\CapacitorRules;
use BraveAnvil\Fault\GroundRules;
use BraveAnvil\Fault\LoopRules;

/** The procedures of a rule book that sizes cable, guard and capacitor, part by part. Each returns values and writes nothing. */
final readonly class Sizing
{
    /**
     * @param  LoopRules|GroundRules  $fault  limits of an earth fault in numbers, or what a ground fault is worked out with
     * @param  RacewayRules|null  $raceways  null where raceways are not asked for, or the tables are not remembered
     */
    public function __construct(
        public ConductorRules $conductors,
        public DeviceRules $devices,
        public OverloadRules $overload,
        public DisconnectRules $disconnects,
        public ProtectiveConductorRules $protective,
        public CapacitorRules $capacitors,
        public LoopRules|GroundRules $fault,
        public ?RacewayRules $raceways,
    ) {
    }
}
