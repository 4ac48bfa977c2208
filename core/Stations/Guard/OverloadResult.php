<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Guard;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Start\Method\RelaySeat;

/** The overload relay once it is set. */
final readonly class OverloadResult
{
    /**
     * @param  Figure  $dial  A
     * @param  RelayPick|null  $pick  its trip class; null where the start is not known
     */
    public function __construct(public Figure $dial, public ?RelayPick $pick, public RelaySeat $seat)
    {
    }
}
