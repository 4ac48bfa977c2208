<?php

declare(strict_types=1);

namespace BraveAnvil\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Solution\Entry;
use BraveAnvil\Solution\Figure;

/** Voltage drop of a run in percent of the supply's nominal voltage, running and starting. */
final readonly class VoltageDrop
{
    /**
     * @param  float  $metres  length of the run
     * @param  Figure  $running  in the line at full load, A
     * @param  Figure  $powerFactor  at full load
     * @param  Figure|null  $starting  in the line at standstill, A; null when unknown
     * @param  Entry  $startPowerFactor  at standstill
     * @param  Figure  $supply  nominal, between lines, V
     */
    private function __construct(
        public float $metres,
        public Figure $running,
        public Figure $powerFactor,
        public ?Figure $starting,
        public Entry $startPowerFactor,
        public Figure $supply,
    ) {
    }

    /**
     * @param  Figure|null  $starting  in the line at standstill, A
     * @return self|null null when the length or a current is not known: the drop is then not checked
     */
    public static function of(Circuit $circuit, Run $run, Motor $motor, Figure $design, ?Figure $starting, Entry $startPowerFactor): ?self
    {
        $metres = $circuit->number($run->lengthField());
        if ($metres === null || $motor->powerFactor === null || $motor->supplyVoltage === null) {
            return null;
        }

        return new self($metres->number(), $design, $motor->powerFactor, $starting, $startPowerFactor, $motor->supplyVoltage);
    }

    /** At full load, % of the supply's nominal voltage. */
    public function runningPercent(Candidate $candidate, Run $run): float
    {
        return $this->percent($candidate, $run, $this->running->number(), $this->powerFactor->number(), 2 / sqrt(3));
    }

    /** At standstill, % of the supply's nominal voltage; null where the starting current is not known. */
    public function startingPercent(Candidate $candidate, Run $run): ?float
    {
        return $this->starting === null
            ? null
            : $this->percent($candidate, $run, $this->starting->number(), $this->startPowerFactor->value, 2 * sqrt(3));
    }

    /**
     * Three conductors drop √3 I z L between lines. With six leads every winding has two in series: 2 (I/√3) z L in
     * delta, and 2√3 (I_LR/3) z L in star, where the line current given here is already the third.
     */
    private function percent(Candidate $candidate, Run $run, float $amperes, float $cos, float $sixLeadFactor): float
    {
        $ohm = ($candidate->ohmPerKm * $cos + $candidate->reactancePerKm * sqrt(max(0.0, 1 - $cos ** 2))) * $this->metres / 1000;

        return 100 * ($run->sixLeads() ? $sixLeadFactor : sqrt(3)) * $amperes * $ohm / $this->supply->number();
    }
}
