<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CorrectionBasis;
use BraveAnvil\Circuit\Choice\MeasuringMethod;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Stations\Measure\Measured;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;

/** What is corrected: what the plate and its load say, or what is measured. */
final class Basis
{
    /** As chosen; else what is measured of a load on the bench, and what the plate of a motor says. */
    public static function chosen(Circuit $circuit, bool $onBench): CorrectionBasis
    {
        $hasMeasurement = $circuit->chosen('measure.method', MeasuringMethod::class) !== null;

        return $circuit->chosen('correction.basis', CorrectionBasis::class)
            ?? ($onBench && $hasMeasurement ? CorrectionBasis::Measured : CorrectionBasis::Calculated);
    }

    /** @return LoadToCorrect|null null while something waits; the ledger says what */
    public static function load(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Measured $measured,
        bool $onBench,
        Ledger $ledger,
    ): ?LoadToCorrect {
        if (self::chosen($circuit, $onBench) === CorrectionBasis::Measured) {
            return MeasuredLoad::of($circuit, $motor, $load, $measured, $ledger);
        }
        if ($measured->real !== null && ! $circuit->has('correction.basis')) {
            $ledger->note(CorrectFinding::MeasurementNotUsed)->title('The capacitor is calculated from the nameplate')
                ->because('A measurement of '.$measured->real->shown(3).' is available but not used for it.')
                ->do('Choose “Measured values” to correct what you measured.')->about('correction.basis');
        }
        if ($onBench) {
            return CalculatedLoad::withoutModel($circuit, $circuit->number('supply.voltage'), $load, $ledger);
        }
        if ($motor->onePhase) {
            return CalculatedLoad::ofMotor($circuit, $motor, $load, $ledger)
                ?? CalculatedLoad::withoutModel($circuit, $motor->ratedVoltage(), $load, $ledger);
        }

        return $load->designCurrent === null ? null : CalculatedLoad::ofMotor($circuit, $motor, $load, $ledger);
    }
}
