<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Figure;

/** What an earth fault at the motor meets. */
final readonly class LoopCheck
{
    /**
     * @param  Figure  $current  that flows at least, A
     * @param  Figure|null  $impedance  of the loop, warm, Ω; null where the book counts none
     * @param  Figure|null  $limit  with which the device is sure to clear in time, Ω; null where another thing clears
     */
    public function __construct(public Figure $current, public ?Figure $impedance, public ?Figure $limit)
    {
    }
}
