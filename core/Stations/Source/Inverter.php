<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Source;

use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;

/** An inverter on a battery as the source of a circuit. */
final readonly class Inverter
{
    /**
     * @param  Figure|null  $rating  continuous, VA
     * @param  Figure|null  $surge  for seconds, VA; as much as the continuous one where nobody says
     * @param  Figure|null  $surgeTime  s
     * @param  Figure|null  $fault  current that it keeps up into a short circuit, A
     * @param  Figure|null  $batteryVolts  V
     * @param  Figure|null  $capacity  of the battery, Ah
     * @param  Figure|null  $efficiency  %
     * @param  list<array{float, float}>|null  $points  percent of rated apparent power with its efficiency, %
     */
    private function __construct(
        public ?Figure $rating,
        public ?Figure $surge,
        public ?Figure $surgeTime,
        public ?Figure $fault,
        public ?Figure $batteryVolts,
        public ?Figure $capacity,
        private ?Figure $efficiency,
        private ?array $points,
    ) {
    }

    /** Null where something else supplies the circuit. */
    public static function of(Circuit $circuit): ?self
    {
        if ($circuit->source() !== SupplySource::Inverter) {
            return null;
        }
        $rating = $circuit->number('supply.inverter_va');

        return new self(
            $rating, $circuit->number('supply.surge_va') ?? $rating, $circuit->number('supply.surge_seconds'),
            $circuit->number('supply.inverter_fault_ampere'), $circuit->number('supply.battery_volts'),
            $circuit->number('supply.battery_amp_hours'), $circuit->number('supply.inverter_efficiency'),
            $circuit->pairs('supply.inverter_efficiency_points'),
        );
    }

    /**
     * Output over input at a load, in parts of one; null where nobody says.
     *
     * @param  float  $apparent  that it gives, VA
     */
    public function efficiencyAt(float $apparent): ?float
    {
        if ($this->points === null || $this->rating === null) {
            return $this->efficiency === null ? null : $this->efficiency->number() / 100;
        }
        $load = 100 * $apparent / $this->rating->number();
        $before = $this->points[0];
        foreach ($this->points as $point) {
            if ($point[0] >= $load) {
                $part = $point[0] > $before[0] ? ($load - $before[0]) / ($point[0] - $before[0]) : 1.0;

                return ($before[1] + max(0.0, $part) * ($point[1] - $before[1])) / 100;
            }
            $before = $point;
        }

        return $before[1] / 100;
    }

    /** Whether its efficiency is known by load. */
    public function isKnownByLoad(): bool
    {
        return $this->points !== null && $this->rating !== null;
    }
}
