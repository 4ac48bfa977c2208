<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;

/** What a rule book asks of the switch that isolates the motor. */
interface DisconnectRules
{
    /**
     * @param  Figure  $design  A that sizes conductors and disconnect
     * @param  Figure|null  $fuse  rating of the fuses, A; null where the protective device is none
     */
    public function choose(Figure $design, ?Figure $fuse): SwitchChoice;

    /** The power that switch and controller must be rated for, W; null where the book asks for none. */
    public function controller(Circuit $circuit): ?Figure;

    /** @return list<FindingBuilder> what its rule asks beside the figures */
    public function notes(): array;
}
