<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Source\Inverter;

/** Volt-amperes that a start takes from its source, with the ends of what the plate allows, and whether an inverter gives them. */
final readonly class StartingPower
{
    private function __construct(private Circuit $circuit, private Figure $volts, private Ledger $ledger)
    {
    }

    public static function solve(Circuit $circuit, Motor $motor, Starting $starting, LockedRotorRange $range, Ledger $ledger): void
    {
        $line = $starting->lineCurrent();
        $volts = $motor->ratedVoltage();
        if ($line === null || $volts === null) {
            return;
        }
        $power = new self($circuit, $volts, $ledger);
        $taken = $power->write(StartFigure::StartingKva, $line, 1.0);
        // A limit that electronics keep, or what a drive takes, does not move with the motor.
        $moves = $starting->method?->raisesSlowly() !== true && $starting->method?->isolates() !== true && $range->current !== null;
        $share = $moves ? $line->number() / $range->current->number() : 1.0;
        $low = $moves && $range->low !== null ? $power->write(StartFigure::StartingKvaLow, $range->low, $share) : $taken;
        $high = $moves && $range->high !== null ? $power->write(StartFigure::StartingKvaHigh, $range->high, $share) : $taken;
        $surge = Inverter::of($circuit)?->surge;
        if ($surge !== null) {
            self::judge($surge, $taken, $low, $high, $ledger);
        }
    }

    /** @param  float  $share  of this current that the starting method lets flow in the line */
    private function write(StartFigure $name, Figure $current, float $share): Figure
    {
        return $this->ledger->work($name)->from(V: $this->volts, I: $current)
            ->as(
                $this->circuit->phases() === 1 ? 'V I' : '√3 V I',
                $this->circuit->phaseFactorText().'{V} × {I}'.(abs($share - 1) < 1e-9 ? '' : ' × '.Show::number($share)),
            )
            ->equals($this->circuit->phaseFactor() * $this->volts->number() * $share * $current->number())->write();
    }

    /** @param  Figure  $surge  that the inverter gives for seconds, VA */
    private static function judge(Figure $surge, Figure $taken, Figure $low, Figure $high, Ledger $ledger): void
    {
        if ($high->number() <= $surge->number()) {
            return;
        }
        $sure = $low->number() > $surge->number();
        ($sure ? $ledger->stop(StartFinding::SurgeTooSmall) : $ledger->caution(StartFinding::SurgeTooSmall))
            ->title($sure ? 'Inverter too small to start this motor' : 'Inverter may not start this motor')
            ->because('The start takes '.$taken->shown(3).($low === $high ? '' : ' ('.Show::quantity($low->number(), Unit::VoltAmpere, 3).
                ' to '.Show::quantity($high->number(), Unit::VoltAmpere, 3).')').', the inverter gives '.$surge->shown(3).
                '. It lowers its voltage or switches off.')
            ->do('Choose a larger inverter, or a soft starter or drive.')
            ->source(HowKnown::CommonPractice)->on(StartFigure::StartingKva)->about('supply.surge_va');
    }
}
