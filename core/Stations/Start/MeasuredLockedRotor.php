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
use BraveAnvil\Stations\Plate\StandstillReading;

/** Locked-rotor current as somebody read it, in amperes or volt-amperes, at rated voltage or at a lower one. */
final class MeasuredLockedRotor
{
    /** By how much a current scaled up from nearly no voltage may be too small: leakage paths saturate. Common practice, no source. */
    private const SATURATES = 0.3;

    /** Share by which stamp and reading may differ. IEC 60034-1 allows 20 %. */
    private const TOLERANCE = 0.2;

    /** Null where nothing is read. */
    public static function solve(Circuit $circuit, Motor $motor, Ledger $ledger): ?LockedRotorRange
    {
        $rated = $motor->ratedVoltage();
        $read = $rated === null ? null : StandstillReading::of($circuit, $rated->number());
        if ($rated === null || $read === null) {
            return null;
        }
        $volts = $read->volts;
        $scaled = $volts === null ? null : 'the locked-rotor current measured at '.$volts->shown().', scaled with the voltage';
        $write = static function (StartFigure $name, float $more) use ($read, $volts, $rated, $scaled, $circuit, $ledger): Figure {
            $text = $circuit->phaseFactorText();
            $taken = $read->amps !== null ? '{I}' : '{S} ÷ ('.$text.($volts === null ? '{Vn}' : '{V}').')';

            return $ledger->work($name)->from(...array_filter(['I' => $read->amps, 'S' => $read->power, 'Vn' => $rated, 'V' => $volts]))
                ->as(
                    ($read->amps !== null ? 'I' : ($text === '' ? 'S / V' : 'S / (√3 V)')).($volts === null ? '' : ' · V_n / V'),
                    $taken.($volts === null ? '' : ' × {Vn} ÷ {V}').($more > 1 ? ' × '.Show::number($more, 6) : ''),
                )->equals($read->amperes * $more)->source(HowKnown::Measured)->assuming($scaled)->write();
        };
        $current = $write(StartFigure::LockedRotorCurrent, 1.0);
        $low = $write(StartFigure::LockedRotorCurrentLow, 1.0);
        $high = $write(StartFigure::LockedRotorCurrentHigh, 1 + self::SATURATES * max(0.0, 1 - 1 / $read->times));
        if ($volts !== null) {
            self::tellScaled($volts, $current, $high, $ledger);
        }
        self::compare($circuit, $motor, $current, $ledger);

        return new LockedRotorRange($current, $low, $high);
    }

    private static function tellScaled(Figure $volts, Figure $current, Figure $high, Ledger $ledger): void
    {
        $ledger->note(StartFinding::LockedRotorScaled)->title('Locked-rotor current scaled up')
            ->because('Measured at '.$volts->shown().'. At full voltage teeth saturate, so it may be more than '.$current->shown(3).
                ', up to about '.$high->shown(3).'.')
            ->do('Measure at a voltage as near to the rated one as the supply and the motor bear, for a second or two.')
            ->source(HowKnown::CommonPractice)->on(StartFigure::LockedRotorCurrent)->about('measure.locked_rotor_volts');
    }

    private static function compare(Circuit $circuit, Motor $motor, Figure $current, Ledger $ledger): void
    {
        $ratio = $circuit->number('plate.start_current_ratio');
        $rated = $motor->current;
        if ($ratio === null || $rated === null || $circuit->missing('plate.start_current_ratio')) {
            return;
        }
        $stamped = $ratio->number() * $rated->number();
        if (abs($current->number() / $stamped - 1) > self::TOLERANCE) {
            $ledger->caution(StartFinding::LockedRotorDiffers)->title('Measured locked-rotor current differs from the nameplate')
                ->because(
                    'Measured '.$current->shown(3).', stamped '.Show::quantity($stamped, Unit::Ampere, 3).'. The measured one is used.',
                )
                ->do('Check the voltage during the reading, the connection, and whether the rotor was held.')
                ->source(HowKnown::CommonPractice)->on(StartFigure::LockedRotorCurrent)->about('measure.locked_rotor_amps');
        }
    }
}
