<?php

declare(strict_types=1);

namespace BraveAnvil\Rules;

use BraveAnvil\Stations\Cable\ConductorRules;
use BraveAnvil\Stations\Correct\CapacitorRules;
use BraveAnvil\Stations\Fault\GroundRules;
use BraveAnvil\Stations\Fault\LoopRules;
use BraveAnvil\Stations\Fault\ProtectiveConductorRules;
use BraveAnvil\Stations\Fault\RacewayRules;
use BraveAnvil\Stations\Guard\DeviceRules;
use BraveAnvil\Stations\Guard\DisconnectRules;
use BraveAnvil\Stations\Guard\OverloadRules;

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
