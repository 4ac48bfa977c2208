<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Measure;

use BraveAnvil\Circuit\Choice\MeasuringMethod;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\Load;

/** Real, reactive and apparent power from what instruments show. */
final class Measurement
{
    /** Counts below which a start or stop a little off tells. */
    private const FEW_COUNTS = 5;

    /** Percent of its plate current above which a motor is overloaded. */
    private const OVERLOADED = 105;

    public static function solve(Circuit $circuit, Motor $motor, Load $load, Ledger $ledger): Measured
    {
        $method = $circuit->chosen('measure.method', MeasuringMethod::class);
        if ($method === null) {
            return new Measured;
        }
        $three = $circuit->phases() === 3;
        $meters = Meters::solve($circuit, $three, $ledger);
        // Two wattmeters belong to three wires, whatever the supply says.
        $reading = new PowerReading($circuit, $ledger, $meters, $three || $method === MeasuringMethod::TwoWattmeters);
        match ($method) {
            MeasuringMethod::VoltsAmpsWatts => self::watts($reading),
            MeasuringMethod::PowerFactorMeter => self::powerFactorMeter($reading),
            MeasuringMethod::LineAngle => Wattmeters::lineAngle($reading),
            MeasuringMethod::PhaseAngles => PhaseAngles::solve($reading),
            MeasuringMethod::OneWattmeter => Wattmeters::one($reading),
            MeasuringMethod::TwoWattmeters => TwoWattmeters::solve($reading),
            MeasuringMethod::ThreeWattmeters => Wattmeters::three($reading),
            MeasuringMethod::MeterDisc => self::disc($reading),
            MeasuringMethod::MeterPulses => self::pulses($reading),
            MeasuringMethod::Brake => self::brake($reading),
            MeasuringMethod::ClampCapacitor => ClampCapacitor::solve($reading),
            MeasuringMethod::ScopeScreen => ScopeScreen::solve($reading),
            MeasuringMethod::BeforeAfter => BeforeAfter::solve($reading),
            MeasuringMethod::VoltsAmps => $reading->apparent(),
        };
        $current = $meters->current ?? $reading->followingCurrent;
        $voltage = $meters->voltage ?? $reading->followingVoltage;
        if (! $meters->lostPhase) {
            LoadFraction::solve($circuit, $motor, $load, $reading->real, $voltage, $current, $ledger);
            self::rating($current, $load, $ledger);
        }

        $apparent = $circuit->source() === SupplySource::Mains || $reading->real === null ? null : $reading->apparent();

        return new Measured($voltage, $current, $reading->angle, $reading->real, $reading->reactive, $apparent);
    }

    private static function watts(PowerReading $reading): void
    {
        $reading->wanted('measure.volts_12', 'measure.amps_1', 'measure.watts');
        $watts = $reading->circuit->number('measure.watts');
        if ($watts !== null) {
            $real = $reading->measuredReal($watts);
            $reading->split($real, $reading->apparent(), 'measure.watts');
        }
    }

    private static function powerFactorMeter(PowerReading $reading): void
    {
        $reading->wanted('measure.volts_12', 'measure.amps_1', 'measure.power_factor', 'measure.sense');
        $shown = $reading->circuit->number('measure.power_factor');
        $apparent = $reading->apparent();
        if ($shown === null || $apparent === null) {
            return;
        }
        $factor = $reading->ledger->put($shown->named(MeasuredFigure::PowerFactor, 'measured'));
        $real = $reading->real = $reading->ledger->work(MeasuredFigure::Real)->from(S: $apparent, pf: $factor)->as('S cos φ', '{S} × {pf}')
            ->equals($apparent->number() * $factor->number())->write();
        $reading->angleOf($factor);
        $reading->reactive(sqrt(max(0.0, $apparent->number() ** 2 - $real->number() ** 2)), '√(S² − P²)', '√({S}² − {P}²)', [
            'S' => $apparent, 'P' => $real,
        ]);
    }

    private static function disc(PowerReading $reading): void
    {
        $reading->wanted('measure.revolutions', 'measure.disc_constant', 'measure.seconds');
        $turns = $reading->circuit->number('measure.revolutions');
        $constant = $reading->circuit->number('measure.disc_constant');
        $seconds = $reading->circuit->number('measure.seconds');
        if (
            $turns === null ||
            $constant === null ||
            $seconds === null ||
            $reading->circuit->bad('measure.current_ratio', 'measure.voltage_ratio')
        ) {
            return;
        }
        [$ct, $vt, $ratio] = self::ratios($reading->circuit);
        $real = $reading->real = $reading->ledger->work(MeasuredFigure::Real)->from(n: $turns, k: $constant, ct: $ct, vt: $vt, t: $seconds)
            ->as('3600 n K_h CT VT / t', '3600 × {n} × {k} × {ct} × {vt} ÷ {t}')
            ->equals((3600 * $turns->number() * $constant->number() * $ratio) / $seconds->number())
            ->source('definition of the disc constant')
            ->write();
        self::counted($reading, $turns, 'measure.revolutions');
        $reading->split($real, $reading->apparent(), 'measure.revolutions');
    }

    private static function pulses(PowerReading $reading): void
    {
        $reading->wanted('measure.pulses', 'measure.pulses_per_kwh', 'measure.seconds');
        $pulses = $reading->circuit->number('measure.pulses');
        $constant = $reading->circuit->number('measure.pulses_per_kwh');
        $seconds = $reading->circuit->number('measure.seconds');
        if (
            $pulses === null ||
            $constant === null ||
            $seconds === null ||
            $reading->circuit->bad('measure.current_ratio', 'measure.voltage_ratio')
        ) {
            return;
        }
        [$ct, $vt, $ratio] = self::ratios($reading->circuit);
        $real = $reading->real = $reading->ledger->work(MeasuredFigure::Real)->from(n: $pulses, k: $constant, ct: $ct, vt: $vt, t: $seconds)
            ->as('3 600 000 N / (pulses per kWh) CT VT / t', '3600000 × {n} ÷ {k} × {ct} × {vt} ÷ {t}')
            ->equals((((3.6e6 * $pulses->number()) / $constant->number()) * $ratio) / $seconds->number())
            ->source('definition of the pulse constant')
            ->write();
        self::counted($reading, $pulses, 'measure.pulses');
        $reading->split($real, $reading->apparent(), 'measure.pulses');
    }

    /** @return array{Figure|TableEntry, Figure|TableEntry, float} ratio of the current and of the voltage transformers, and their product */
    private static function ratios(Circuit $circuit): array
    {
        $none = new TableEntry(1.0, 'no transformer');
        $ct = $circuit->number('measure.current_ratio');
        $vt = $circuit->number('measure.voltage_ratio');

        return [$ct ?? $none, $vt ?? $none, ($ct?->number() ?? 1.0) * ($vt?->number() ?? 1.0)];
    }

    /** @param  'measure.revolutions'|'measure.pulses'  $path */
    private static function counted(PowerReading $reading, Figure $count, string $path): void
    {
        if ($count->number() < self::FEW_COUNTS) {
            $reading->ledger->note(MeasuredFinding::FewCounts)->title('Too few counts')
                ->because('With '.$count->shown().' counts, a small error at the start or stop gives an error of several percent.')
                ->do('Count for longer.')->source(HowKnown::CommonPractice)->on(MeasuredFigure::Real)->about($path);
        }
    }

    private static function brake(PowerReading $reading): void
    {
        $reading->wanted('measure.torque', 'measure.speed', 'measure.watts');
        $torque = $reading->circuit->number('measure.torque');
        $speed = $reading->circuit->number('measure.speed');
        $watts = $reading->circuit->number('measure.watts');
        $shaft = null;
        if ($torque !== null && $speed !== null) {
            $shaft = $reading->ledger->work(MeasuredFigure::Shaft)->from(T: $torque, n: $speed)->as('T · 2π n / 60', '{T} × 2π × {n} ÷ 60')
                ->equals($torque->number() * 2 * M_PI * $speed->number() / 60)->write();
        }
        if ($watts === null) {
            return;
        }
        $real = $reading->measuredReal($watts);
        if ($shaft !== null && $real->number() > 0) {
            if ($shaft->number() >= $real->number()) {
                $reading->ledger->error(
                    'measure.torque',
                    'The shaft would deliver '.$shaft->shown(4).' from an input of '.$real->shown(4).': as much as the input or more.',
                    'Read torque, speed and power again at the same time.',
                );
            } else {
                $reading->ledger->work(MeasuredFigure::Efficiency)->from(T: $shaft, P: $real)->as('T ω / P', '{T} ÷ {P}')
                    ->equals(100 * $shaft->number() / $real->number())->write();
            }
        }
        $reading->split($real, $reading->apparent(), 'measure.watts');
    }

    private static function rating(?Figure $measured, Load $load, Ledger $ledger): void
    {
        $rated = $load->plateCurrent;
        if ($measured === null || $rated === null) {
            return;
        }
        $off = $ledger->work(MeasuredFigure::CurrentAgainstPlate)->from(I: $measured, In: $rated)->as('I / I_n', '{I} ÷ {In}')
            ->equals(100 * $measured->number() / $rated->number())->write();
        if ($off->number() > self::OVERLOADED) {
            $ledger->caution(MeasuredFinding::Overloaded)->title('Current above the nameplate value')
                ->because('Measured '.$measured->shown().', nameplate '.$rated->shown().': '.Show::number($off->number(), 3).' %.')
                ->do('Check for low voltage, overload, or the nameplate of another motor.')->source(HowKnown::Nameplate)
                ->on(MeasuredFigure::CurrentAgainstPlate)->about('measure.amps_1');
        }
    }
}
