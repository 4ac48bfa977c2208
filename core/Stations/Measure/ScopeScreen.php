<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Choice\Sense;
use BraveAnvil\Circuit\Choice\TraceHeight;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Two traces read by eye from a screen: heights give volts and amperes, the way between their zero crossings the angle. */
final class ScopeScreen
{
    /** Divisions that an eye misses. Common practice, no source. */
    private const EYE = 0.2;

    public static function solve(PowerReading $reading): void
    {
        $circuit = $reading->circuit;
        $reading->wanted(
            'measure.scope_height', 'measure.scope_volts_per_division', 'measure.scope_volts_divisions',
            'measure.scope_amps_volts_per_division', 'measure.scope_amps_divisions', 'measure.scope_time_per_division',
            'measure.scope_delay_divisions', 'measure.sense',
        );
        if ($circuit->missing('measure.scope_millivolts_per_ampere') && $circuit->missing('measure.shunt_ohm')) {
            $reading->ledger->missing(
                'measure.scope_millivolts_per_ampere', 'Enter mV per A of the probe, or the resistance of the shunt.',
            );
        }
        if ($circuit->flag('measure.scope_sine') !== true) {
            if ($circuit->flag('measure.scope_sine') === false) {
                self::notASine($reading);
            } elseif ($circuit->missing('measure.scope_sine')) {
                $reading->ledger->missing(
                    'measure.scope_sine', 'Look whether both are sine waves: of another shape the peak does not tell the rms value.',
                );
            }

            return;
        }
        $volts = self::volts($reading);
        $amps = self::amps($reading);
        $angle = self::angle($reading);
        if ($volts === null || $amps === null) {
            return;
        }
        $times = $reading->threePhase ? 3 : 1;
        $apparent = $reading->ledger->work(MeasuredFigure::Apparent)->from(V: $volts, I: $amps)
            ->as($times === 3 ? '3 V_LN I' : 'V I', ($times === 3 ? '3 × ' : '').'{V} × {I}')
            ->equals($times * $volts->number() * $amps->number())
            ->assuming($times === 3 ? 'the voltage was taken from line to neutral, and the lines are alike' : null)->write();
        if ($angle !== null) {
            $reading->fromAngle($apparent, $angle);
            self::bands($reading, $apparent, $angle);
        }
    }

    /** Divisions of one peak. */
    private static function peaks(Circuit $circuit): ?float
    {
        return $circuit->chosen('measure.scope_height', TraceHeight::class)?->peaks();
    }

    /** @return Figure|null rms, V */
    private static function volts(PowerReading $reading): ?Figure
    {
        $circuit = $reading->circuit;
        $each = $circuit->number('measure.scope_volts_per_division');
        $divisions = $circuit->number('measure.scope_volts_divisions');
        $probe = $circuit->number('measure.scope_volts_probe')?->number() ?? 1.0;
        $peaks = self::peaks($circuit);
        if ($each === null || $divisions === null || $peaks === null || $circuit->bad('measure.scope_volts_probe')) {
            return null;
        }
        $figure = $reading->ledger->work(MeasuredFigure::Voltage)->from(v: $each, n: $divisions)
            ->as($peaks > 1 ? 'V_pp / (2√2)' : 'V_p / √2', '{v} × {n}'.($probe === 1.0 ? '' : ' × '.Show::number($probe)).' ÷ '.
                ($peaks > 1 ? '(2√2)' : '√2'))
            ->equals($each->number() * $divisions->number() * $probe / ($peaks * sqrt(2)))->source(HowKnown::Measured)->write();
        $reading->followingVoltage = $reading->threePhase
            ? Figure::step('Line voltage', sqrt(3) * $figure->number(), Unit::Volt, V: $figure) : $figure;

        return $figure;
    }

    /** @return Figure|null rms, A */
    private static function amps(PowerReading $reading): ?Figure
    {
        $circuit = $reading->circuit;
        $each = $circuit->number('measure.scope_amps_volts_per_division');
        $divisions = $circuit->number('measure.scope_amps_divisions');
        $probe = $circuit->number('measure.scope_millivolts_per_ampere');
        $shunt = $circuit->number('measure.shunt_ohm');
        $peaks = self::peaks($circuit);
        $ohm = $probe === null ? $shunt?->number() : $probe->number() / 1000;
        if ($each === null || $divisions === null || $peaks === null || $ohm === null) {
            return null;
        }

        return $reading->followingCurrent = $reading->ledger->work(MeasuredFigure::Current)
            ->from(...array_filter(['v' => $each, 'n' => $divisions, 'k' => $probe ?? $shunt]))
            ->as($peaks > 1 ? 'V_pp / (2√2 k)' : 'V_p / (√2 k)', '{v} × {n} ÷ '.($peaks > 1 ? '2√2' : '√2').' ÷ {k}'.
                ($probe === null ? '' : ' mV/A'))
            ->equals($each->number() * $divisions->number() / ($peaks * sqrt(2)) / $ohm)->source(HowKnown::Measured)->write();
    }

    /** @return Figure|null degrees, positive where the current lags */
    private static function angle(PowerReading $reading): ?Figure
    {
        $circuit = $reading->circuit;
        $each = $circuit->number('measure.scope_time_per_division');
        $divisions = $circuit->number('measure.scope_delay_divisions');
        $hertz = $circuit->number('supply.frequency');
        $sense = $circuit->chosen('measure.sense', Sense::class);
        if ($each === null || $divisions === null || $hertz === null || $sense === null) {
            return null;
        }
        $angle = 360 * $hertz->number() * $each->number() * $divisions->number();
        if ($angle > 180) {
            $reading->ledger->error(
                'measure.scope_delay_divisions', Show::number($angle, 4).'° is more than half a period.',
                'Read from a rising zero crossing of the voltage to the nearest rising one of the current.', ErrorKind::Impossible,
            );

            return null;
        }
        $sign = $sense === Sense::Leading ? '−' : '';

        return $reading->ledger->work(MeasuredFigure::Angle)->from(f: $hertz, t: $each, n: $divisions)
            ->as($sign.'360 f Δt', $sign.'360 × {f} × {t} × {n}')->equals($sense === Sense::Leading ? -$angle : $angle)
            ->source(HowKnown::Measured)->write();
    }

    /** What a fifth of a division of each height and of the delay makes of it. */
    private static function bands(PowerReading $reading, Figure $apparent, Figure $angle): void
    {
        $circuit = $reading->circuit;
        $of = static fn (?Figure $figure): array => [$figure?->number() ?? 1.0, self::EYE];
        $heights = [
            $of($circuit->number('measure.scope_volts_divisions')), $of($circuit->number('measure.scope_amps_divisions')),
        ];
        $delay = $of($circuit->number('measure.scope_delay_divisions'));
        $each = $delay[0] > 0 ? abs($angle->number()) / $delay[0]
            : 360 * ($circuit->number('supply.frequency')?->number() ?? 50.0)
                * ($circuit->number('measure.scope_time_per_division')?->number() ?? 0.0);
        $factor = Doubt::band([$delay], static fn (array $at): float => max(0.0, cos(deg2rad($each * abs($at[0])))));
        if ($delay[0] <= self::EYE) {
            $factor[1] = 1.0;
        }
        $power = Doubt::band(
            [...$heights, $delay],
            static function (array $at) use ($apparent, $heights, $each): float {
                [$v, $i, $n] = $at;

                return $apparent->number() * $v * $i / ($heights[0][0] * $heights[1][0]) * cos(deg2rad($each * abs($n)));
            },
        );
        foreach ([
            [MeasuredFigure::PowerFactorLow, $factor[0]], [MeasuredFigure::PowerFactorHigh, $factor[1]],
            [MeasuredFigure::RealLow, $power[0]], [MeasuredFigure::RealHigh, $power[1]],
        ] as [$name, $value]) {
            $reading->ledger->work($name)->from(S: $apparent, a: $angle)->as('± 0.2 of a division', 'an eye misses a fifth of a division')
                ->equals($value)->source(HowKnown::CommonPractice)->write();
        }
    }

    private static function notASine(PowerReading $reading): void
    {
        $reading->ledger->note(MeasuredFinding::NotASine)->title('Not calculated: the traces are no sine waves')
            ->because('The peak of another shape does not tell its rms value, and its zero crossings do not tell its power.')
            ->do('Store the waveform as a file and open it here, or use a true-rms meter and a wattmeter.')
            ->source(HowKnown::Definition)->about('measure.scope_sine');
    }
}
