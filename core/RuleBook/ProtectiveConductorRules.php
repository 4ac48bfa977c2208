<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Cable\CableFigure;
use BraveAnvil\Cable\Conductor;
use BraveAnvil\Solution\Figure;

/** How a rule book sizes the conductor that carries an earth fault. */
interface ProtectiveConductorRules
{
    /**
     * The protective conductor of one run, or null where it waits for the device.
     *
     * @param  Conductor  $chosen  of the run
     * @param  Conductor  $needed  that ampacity alone asks of the run
     * @param  Conductor|null  $largest  circuit conductor that bounds it where the book bounds it so; null: none is known
     * @param  Figure|null  $rating  of the protective device, A
     */
    public function size(CableFigure $name, Conductor $chosen, Conductor $needed, ?Conductor $largest, ?Figure $rating): ?Figure;
}
