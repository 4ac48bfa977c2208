<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Circuit\Choice\Metal;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Cable\CableFigure;
use BraveAnvil\Stations\Cable\Conductor;

/** A protective conductor to be sized. */
final readonly class ProtectiveCase
{
    /**
     * @param  Conductor  $chosen  line conductor of the run
     * @param  Metal  $metal  of the protective conductor
     * @param  Figure|null  $rating  of the protective device, A
     * @param  float  $growth  by which the lines are larger than ampacity asks, area over area
     * @param  Conductor|null  $needed  line conductor that ampacity alone asks for: before it grows it need not be larger
     * @param  Conductor|null  $cap  line conductor that bounds it at last; null where nothing does
     * @param  string|null  $byFault  mm² that a fault asks for, where the book tells
     */
    public function __construct(
        public CableFigure $name,
        public Conductor $chosen,
        public Metal $metal,
        public ?Figure $rating,
        public float $growth,
        public ?Conductor $needed,
        public ?Conductor $cap,
        public ?string $byFault = null,
    ) {
    }
}
