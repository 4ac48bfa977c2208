<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Instruments;

/** A motor as it runs, or stands, on its supply: three lines as phasors, and the shaft. */
final readonly class Running
{
    /**
     * @param  array{float, float, float}  $amps  in the lines, A
     * @param  array{float, float, float}  $volts  between the lines at the supply, V
     * @param  float  $real  W
     * @param  float  $reactive  var
     * @param  float  $speed  rpm; nothing where it does not turn
     * @param  float  $slip  in parts of one
     */
    public function __construct(
        public array $amps,
        public array $volts,
        public float $real,
        public float $reactive,
        public float $speed,
        public float $slip,
    ) {
    }
}
