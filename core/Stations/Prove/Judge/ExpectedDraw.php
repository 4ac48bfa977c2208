<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Prove\Judge;

use BraveAnvil\Stations\Prove\Choice\ReadAt;
use BraveAnvil\Stations\Prove\KnownCircuit;

/** What a circuit is expected to draw at a load and a voltage, where it is read. */
final readonly class ExpectedDraw
{
    /**
     * @param  float  $real  W
     * @param  float  $active  current in phase with the voltage, A
     * @param  float  $reactive  current behind it, A; below nought where it leads
     */
    private function __construct(public float $real, public float $active, public float $reactive)
    {
    }

    /**
     * Real power stays, so that its current grows as the voltage falls; the magnetising one falls with it.
     *
     * @param  float|null  $share  of rated output, per unit; null for a load that is no motor
     * @param  float  $volts  between lines
     * @return self|null null where nothing tells what it draws
     */
    public static function at(?float $share, float $volts, ?ReadAt $where, KnownCircuit $known): ?self
    {
        $rated = $known->ratedVolts()?->number();
        $root = $known->circuit->phases() === 3 ? sqrt(3) : 1.0;
        if ($rated === null) {
            return null;
        }
        $point = $share === null ? null : $known->drawnAt($share);
        $real = $point === null ? $known->load->input?->number() : $point->input;
        $reactive = $point === null ? $known->load->reactive?->number() : $point->reactive;
        if (($share !== null && $point === null) || $real === null || $reactive === null) {
            return null;
        }
        $active = $real / ($root * $volts);
        $behind = $reactive / ($root * $rated) * $volts / $rated;
        if ($where === ReadAt::Line && $known->correction !== null) {
            $behind -= $known->correction->unit->givenAt($volts) / ($root * $volts);
        }

        return new self($real, $active, $behind);
    }

    /** A in the line. */
    public function current(): float
    {
        return hypot($this->active, $this->reactive);
    }

    /** Share of real in apparent power, per unit. */
    public function powerFactor(): float
    {
        return $this->active / max(1e-9, $this->current());
    }
}
