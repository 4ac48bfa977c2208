<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;

/** What somebody read of a motor whose rotor was held: amperes or volt-amperes, at rated voltage or at a lower one. */
final readonly class StandstillReading
{
    /** Voltages closer than this are the same, in parts of one. */
    private const SAME = 0.02;

    /**
     * @param  Figure|null  $amps  in the line, A; null where volt-amperes were read
     * @param  Figure|null  $power  VA
     * @param  Figure|null  $volts  at which it was read; null where that is the rated voltage
     * @param  float  $times  by how much the rated voltage is higher
     * @param  float  $amperes  at rated voltage, A
     */
    private function __construct(
        public ?Figure $amps,
        public ?Figure $power,
        public ?Figure $volts,
        public float $times,
        public float $amperes,
    ) {
    }

    /** Null where nothing is read. */
    public static function of(Circuit $circuit, float $ratedVolts): ?self
    {
        $amps = $circuit->number('measure.locked_rotor_amps');
        $power = $amps === null ? $circuit->number('measure.locked_rotor_kva') : null;
        $typed = $circuit->number('measure.locked_rotor_volts');
        $volts = $typed !== null && abs($typed->number() / $ratedVolts - 1) > self::SAME ? $typed : null;
        $times = $volts === null ? 1.0 : $ratedVolts / $volts->number();
        $read = match (true) {
            $amps !== null => $amps->number(),
            $power !== null => $power->number() / ($circuit->phaseFactor() * ($volts?->number() ?? $ratedVolts)),
            default => null,
        };

        return $read === null ? null : new self($amps, $power, $volts, $times, $times * $read);
    }
}
