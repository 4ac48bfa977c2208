<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\FindingBuilder;

/** What to set on an overload relay. */
final readonly class OverloadSetting
{
    /**
     * @param  Figure  $dial  on a scale marked in motor amperes, A
     * @param  Figure  $limit  above which it must have tripped, A
     * @param  list<FindingBuilder>  $findings
     */
    public function __construct(public Figure $dial, public Figure $limit, public array $findings = [])
    {
    }
}
