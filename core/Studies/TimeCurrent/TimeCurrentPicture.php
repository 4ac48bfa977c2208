<?php

declare(strict_types=1);

namespace BraveAnvil\Studies\TimeCurrent;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Stations\Guard\Band;

/** All that stands in one time-current picture, at the current of the line. */
final readonly class TimeCurrentPicture
{
    /**
     * @param  string  $deviceName  with its rating
     * @param  Band|null  $device  null where its standard tells nothing
     * @param  Figure|null  $setting  of a device that trips at once, A
     * @param  Band|null  $relay  null while its class is not checked
     * @param  list<Trace>  $traces
     * @param  float  $firstPeak  rms that its first half-cycle counts as, A
     * @param  Figure|null  $smallest  fault at the motor, A
     * @param  Figure|null  $largest  fault at the supply, A
     * @param  string  $feederName  of the device of the board's feeder
     * @param  Band|null  $feeder  null where no board feeds the circuit, or no curve is known
     */
    public function __construct(
        public string $deviceName,
        public ?Band $device,
        public ?Figure $setting,
        public string $relayName,
        public ?Band $relay,
        public array $traces,
        public float $firstPeak,
        public ?Rotor $rotor,
        public ?Figure $smallest,
        public ?Figure $largest,
        public string $feederName = '',
        public ?Band $feeder = null,
    ) {
    }
}
