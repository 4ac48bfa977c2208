<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Guard\SwitchChoice;
use BraveAnvil\Solution\Figure;

/** What a rule book asks of the switch that isolates the motor. */
interface DisconnectRules
{
    /** @param  Figure  $design  A that sizes the circuit */
    public function choose(Figure $design): SwitchChoice;
}
