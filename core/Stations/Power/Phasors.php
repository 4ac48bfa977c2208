<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;

/** Which voltage, current and angle the arrows are drawn for: those measured, else those of full load. */
final class Phasors
{
    /** @param  Figure|null  $measuredAngle  between phase voltage and current, ° */
    public static function draw(
        Circuit $circuit,
        bool $fromPlate,
        Load $load,
        ?Figure $measuredAngle,
        ?Figure $measuredVoltage,
        ?Figure $measuredCurrent,
        Ledger $ledger,
    ): void {
        $measured = $measuredAngle !== null;
        $volts = ($measured ? $measuredVoltage : null) ?? $circuit->number('supply.voltage');
        $current = ($measured ? $measuredCurrent : null) ?? $load->ratedCurrent();
        $angle = $measuredAngle?->number() ?? ($load->powerFactor === null ? null : rad2deg(acos(min(1.0, $load->powerFactor->number()))));
        if ($angle === null || $volts === null || $current === null || $circuit->phases() !== 3) {
            return;
        }
        $ledger->curve(
            new PhasorCurve(
                $measured ? 'measured' : ($fromPlate ? 'nameplate, at full load' : 'entered'),
                $angle, $current->number(), $volts->number(),
            ),
        );
    }
}
