<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Cable;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Plate\Motor;

/** Voltage drop of a run in percent of the supply's nominal voltage, running and starting. */
final readonly class VoltageDrop
{
    private float $runningCos;

    private float $runningSin;

    private float $startingCos;

    private float $startingSin;

    /** Percent of a volt for each ohm. */
    private float $runningTimes;

    private ?float $startingTimes;

    private float $volts;

    /**
     * @param  float  $metres  length of the run
     * @param  Figure  $running  in the line at full load, A
     * @param  Figure  $powerFactor  at full load
     * @param  Figure|null  $starting  in the line at standstill, A; null when unknown
     * @param  TableEntry  $startPowerFactor  at standstill
     * @param  Figure  $supply  nominal, between lines, V
     */
    private function __construct(
        public float $metres,
        public Figure $running,
        public Figure $powerFactor,
        public ?Figure $starting,
        public TableEntry $startPowerFactor,
        public Figure $supply,
        CableRun $run,
    ) {
        $this->runningCos = $powerFactor->number();
        $this->runningSin = self::sine($this->runningCos);
        $this->startingCos = $startPowerFactor->value;
        $this->startingSin = self::sine($this->startingCos);
        // Three conductors drop √3 I z L between lines. With six leads every winding has two in series: 2 (I/√3) z L in delta, and
        // 2√3 (I_LR/3) z L in star, where the line current given here is already the third.
        // One phase: out on one wire, back on the other.
        [$times, $startingTimes] = match (true) {
            $run->isOnePhase() => [2.0, 2.0], $run->sixLeads() => [2 / sqrt(3), 2 * sqrt(3)], default => [sqrt(3), sqrt(3)],
        };
        $this->runningTimes = 100 * $times * $running->number();
        $this->startingTimes = $starting === null ? null : 100 * $startingTimes * $starting->number();
        $this->volts = $supply->number();
    }

    private static function sine(float $cosine): float
    {
        return sqrt(max(0.0, 1 - $cosine ** 2));
    }

    /**
     * @param  Figure|null  $starting  in the line at standstill, A
     * @return self|null null when the length or a current is not known: the drop is then not checked
     */
    public static function of(
        Circuit $circuit,
        CableRun $run,
        Motor $motor,
        Figure $design,
        ?Figure $starting,
        TableEntry $startPowerFactor,
    ): ?self {
        $metres = $circuit->number($run->lengthField());
        if ($metres === null || $motor->powerFactor === null || $motor->supplyVoltage === null) {
            return null;
        }

        return new self(
            $metres->number(), $design, $motor->powerFactor, $starting, $startPowerFactor, $motor->supplyVoltage, $run,
        );
    }

    /** At full load, % of the supply's nominal voltage. */
    public function runningPercent(SizeCandidate $candidate): float
    {
        $ohm = ($candidate->ohmPerKm * $this->runningCos + $candidate->reactancePerKm * $this->runningSin) * $this->metres / 1000;

        return $this->runningTimes * $ohm / $this->volts;
    }

    /** At standstill, % of the supply's nominal voltage; null where the starting current is not known. */
    public function startingPercent(SizeCandidate $candidate): ?float
    {
        if ($this->startingTimes === null) {
            return null;
        }
        $ohm = ($candidate->ohmPerKm * $this->startingCos + $candidate->reactancePerKm * $this->startingSin) * $this->metres / 1000;

        return $this->startingTimes * $ohm / $this->volts;
    }
}
