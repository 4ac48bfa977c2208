<?php

declare(strict_types=1);

namespace BraveAnvil\RuleBook;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Guard\OverloadSetting;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\FindingBuilder;
use BraveAnvil\Start\Method\RelaySeat;

/** How a rule book sets an overload relay. */
interface OverloadRules
{
    /**
     * What to dial, and above which current it must have tripped.
     *
     * @param  Figure  $current  A in the line while the motor runs at full load
     */
    public function setting(Circuit $circuit, Figure $current, RelaySeat $seat): OverloadSetting;

    /** @return list<FindingBuilder> what its rule asks beside the figures */
    public function notes(): array;
}
