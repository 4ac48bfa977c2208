<?php

declare(strict_types=1);

namespace BraveAnvil\Guard;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Start\Method\Inrush;

/** What a protective device must carry, let pass and break. */
final readonly class DeviceDuty
{
    /**
     * @param  Figure  $design  full-load current that sizes the circuit, A
     * @param  Figure|null  $prospective  largest fault current, A; null where it is not known
     */
    public function __construct(public Circuit $circuit, public Figure $design, public Inrush $inrush, public ?Figure $prospective)
    {
    }
}
