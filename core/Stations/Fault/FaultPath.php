<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Fault;

use BraveAnvil\Stations\Cable\SizeCandidate;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** One run as an earth fault goes through it: out by a line, back by the protective conductor. */
final readonly class FaultPath
{
    public Impedance $impedance;

    /**
     * @param  Impedance  $line  of one line, all of its parallel conductors together, Ω
     * @param  Impedance  $protective  of the protective conductors together, Ω
     * @param  string  $protectiveSize  as the rule book names it
     * @param  bool  $enlarged  whether it is larger than usual
     */
    public function __construct(
        public SizeCandidate $candidate,
        Impedance $line,
        public Impedance $protective,
        public string $protectiveSize,
        public bool $enlarged,
    ) {
        $this->impedance = $line->plus($protective);
    }
}
