<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Plate;

use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\PlateVoltage;
use BraveAnvil\Ground\ErrorKind;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Unit;

/**
 * Which connection fits this supply. Fit is judged on volts per hertz; a range accepts all of its span. Within ±5 % is
 * comfortable, within the site's tolerance allowed (IEC 60034-1 and NEMA MG 1 12.44, from memory).
 */
final class Connection
{
    private const COMFORTABLE = 5.0;

    /** Volts per hertz against the plate above which the iron saturates, and below which torque is short. */
    private const FLUX_HIGH = 1.1;

    private const FLUX_LOW = 0.9;

    /** Breakdown over rated torque that a load must be left with. */
    private const LEAST_BREAKDOWN = 1.6;

    /** @return array{Figure|null, Supplied|null} the supply's voltage, and how the motor is joined to it */
    public static function solve(Circuit $circuit, ?MotorKind $kind, ?Figure $rated, TerminalMarks $marks, Ledger $ledger): array
    {
        $supply = $circuit->number('supply.voltage');
        $plate = $circuit->stamp('plate.voltage', PlateVoltage::class);
        if ($supply === null && ! $circuit->bad('supply.voltage')) {
            $ledger->missing('supply.voltage', 'Enter the supply voltage: it decides the connection.');
        }
        if ($plate === null && ! $circuit->bad('plate.voltage')) {
            $ledger->missing('plate.voltage', 'Enter the rated voltage.');
        }
        if ($kind === MotorKind::SinglePhase && $circuit->phases() === 3) {
            $ledger->error(
                'supply.phases',
                'Single-phase motor: set the supply to one phase and enter the voltage between its two wires.',
                '1',
                ErrorKind::Refused,
            );
            $ledger->block('No result: set the supply to one phase.', Station::Start, Station::Cable, Station::Guard, Station::Correct);

            return [null, null];
        }
        if ($supply === null) {
            return [null, null];
        }
        $volts = $ledger->work(PlateFigure::SupplyVoltage)->from(V: $supply)->equals($supply->number())->source(HowKnown::Entered)->write();
        if ($circuit->phases() === 1 && $kind !== MotorKind::SinglePhase) {
            return [$volts, null];
        }
        $frequency = $circuit->number('supply.frequency');
        $tolerance = $circuit->number('settings.voltage_tolerance');
        if ($plate === null || $rated === null || $frequency === null || $tolerance === null) {
            return [$volts, null];
        }

        return [$volts, self::joined($circuit, $plate, $supply, [$rated, $frequency], $tolerance->number(), $marks, $ledger)];
    }

    /** @param  array{Figure, Figure}  $hertz  of the plate and of the supply */
    private static function joined(
        Circuit $circuit,
        PlateVoltage $plate,
        Figure $supply,
        array $hertz,
        float $tolerance,
        TerminalMarks $marks,
        Ledger $ledger,
    ): ?Supplied {
        $onePhase = $circuit->phases() === 1;
        [$rated, $frequency] = $hertz;
        // Flux follows volts per hertz: 480 V at 60 Hz magnetises like 400 V at 50 Hz.
        $equivalent = ($supply->number() * $rated->number()) / $frequency->number();
        $best = null;
        foreach ($plate->pairs as $index => $pair) {
            $nearest = min(max($equivalent, $pair['low']), $pair['high']);
            $deviation = (100 * ($equivalent - $nearest)) / $nearest;
            if ($best === null || abs($deviation) < abs($best['deviation'])) {
                $best = [
                    'index' => $index,
                    'volts' => $nearest,
                    'deviation' => $deviation,
                    'connection' => WindingConnection::from($pair['connection']),
                ];
            }
        }
        if ($best === null) {
            return null;
        }
        $fits = abs($best['deviation']) <= $tolerance + 1e-9;
        $connection = $fits ? $best['connection'] : WindingConnection::None;
        $assumption = null;
        if ($onePhase && $connection->isStarOrDelta()) {
            $connection = WindingConnection::Single;
        }
        $six = ! $onePhase && $circuit->number('plate.leads')?->number() === 6.0;
        if ($six && $marks->sixRunInDelta && $connection === WindingConnection::Single) {
            $connection = WindingConnection::Delta;
            $assumption = self::deltaAssumed($plate, $ledger);
        }
        $ledger
            ->work(PlateFigure::Connection)
            ->typedIn('plate.voltage', 'supply.voltage')
            ->equals($connection->value)
            ->said($connection->words())
            ->saying($plate->echo().' on '.$supply->shown())
            ->source('IEC 60034-1: ±'.Show::number($tolerance).' % allowed')
            ->assuming($assumption)
            ->write();
        $volts = $ledger
            ->work(PlateFigure::RatedVoltage)
            ->typedIn('plate.voltage', 'supply.voltage')
            ->equals($best['volts'])
            ->saying('the nameplate voltage nearest to the supply voltage')
            ->source(HowKnown::Nameplate)
            ->write();
        $ledger
            ->work(PlateFigure::Pair)
            ->typedIn('plate.voltage')
            ->equals($best['index'] + 1)
            ->source(HowKnown::Nameplate)
            ->write();
        $fit = $ledger
            ->work(PlateFigure::Fit)
            ->from(V: $supply, Vn: $volts, fn: $rated, f: $frequency)
            ->as(
                '(V · f_n / f − V_n) / V_n',
                abs($frequency->number() - $rated->number()) < 0.01 ? '{V} against {Vn}' : '{V} × {fn} ÷ {f} against {Vn}',
            )
            ->equals($best['deviation'])
            ->source('IEC 60034-1: zone A ±5 %, zone B ±10 % (not for long operation at its limits)')
            ->write();
        $winding = null;
        if ($connection->isStarOrDelta()) {
            $star = $connection === WindingConnection::Star;
            $winding = $ledger
                ->work(PlateFigure::WindingVoltage)
                ->from(V: $supply)
                ->as($star ? 'V / √3' : 'V', $star ? '{V} ÷ √3' : '{V}')
                ->equals($star ? $supply->number() / sqrt(3) : $supply->number())
                ->write();
        }
        self::judge($plate, $supply, $volts, $hertz, $fit, $fits, $ledger);
        self::frequency($supply, $volts, $rated, $frequency, $circuit->number('plate.breakdown_torque_ratio')?->number(), $ledger);
        if ($fits) {
            $ledger->curve(
                new ConnectionCurve($supply->number(), $connection, $winding, $plate->pairs[1 - $best['index']] ?? null, $marks),
            );
        }

        return new Supplied($connection, $volts, $best['index'], $winding);
    }

    /** @return string what is assumed */
    private static function deltaAssumed(PlateVoltage $plate, Ledger $ledger): string
    {
        $ledger
            ->caution(PlateFinding::DeltaAssumed)
            ->title('Six leads, one voltage: delta assumed')
            ->because(
                'The nameplate gives '.$plate->echo().' without a connection. A motor with six leads and one voltage usually '.
                'runs in delta.',
            )
            ->do('Check the diagram in the terminal box before wiring.')
            ->source(HowKnown::CommonPractice)
            ->on(PlateFigure::Connection)
            ->about('plate.voltage', 'plate.leads');

        return 'six leads with one voltage run in delta';
    }

    /** @param  array{Figure, Figure}  $hertz  of the plate and of the supply */
    private static function judge(
        PlateVoltage $plate,
        Figure $supply,
        Figure $volts,
        array $hertz,
        Figure $fit,
        bool $fits,
        Ledger $ledger,
    ): void {
        [$rated, $frequency] = $hertz;
        $same = abs($frequency->number() - $rated->number()) < 0.01;
        $percent = Show::number(abs($fit->number()), 3).' % '.($fit->number() < 0 ? 'low' : 'high');
        // Volts first, then what they magnetise like: two frequencies are compared by volts per hertz.
        $like =
            ' '.$supply->shown().' at '.$frequency->shown().' magnetises the motor like '.
                Show::quantity(($supply->number() * $rated->number()) / $frequency->number(), Unit::Volt, 4).' at the nameplate’s '.
                $rated->shown().': '.$percent.' against '.$volts->shown().'.';
        if (! $fits) {
            $ledger
                ->stop(PlateFinding::NoConnectionFits)
                ->title('No connection suits this supply')
                ->because(
                    $plate->echo().' motor on a '.$supply->shown().' supply.'.
                        ($same ? ' The supply is '.$percent.' against '.$volts->shown().'.' : $like),
                )
                ->do('Check the nameplate and the supply. If both are right, another motor or a transformer is needed.')
                ->source('IEC 60034-1')
                ->on(PlateFigure::Fit)
                ->about('plate.voltage', 'supply.voltage');
        } elseif (abs($fit->number()) > self::COMFORTABLE) {
            $low = $fit->number() < 0;
            $ledger
                ->caution(PlateFinding::VoltageOff)
                ->title($same ? 'Supply '.$percent.' for this motor' : 'Magnetisation '.$percent)
                ->because(
                    $volts->shown().' motor on '.$supply->shown().'.'.($same ? '' : $like).' It may run, but '.
                        ($low ? 'torque falls with the square of the voltage and the current rises.'
                        : 'its core is close to saturation and it runs hotter.'),
                )
                ->do('Use it only if the nameplate says that it is usable at this voltage.')
                ->source('IEC 60034-1, NEMA MG 1')
                ->on(PlateFigure::Fit)
                ->about('plate.voltage', 'supply.voltage');
        }
    }

    private static function frequency(
        Figure $supply,
        Figure $volts,
        Figure $rated,
        Figure $frequency,
        ?float $breakdown,
        Ledger $ledger,
    ): void {
        $ratio = $frequency->number() / $rated->number();
        if (abs($ratio - 1) <= 0.01) {
            return;
        }
        $flux = $supply->number() / $frequency->number() / ($volts->number() / $rated->number());
        $ledger
            ->work(PlateFigure::Flux)
            ->from(V: $supply, f: $frequency, Vn: $volts, fn: $rated)
            ->as('(V / f) / (V_n / f_n)', '({V} ÷ {f}) ÷ ({Vn} ÷ {fn})')
            ->equals($flux)
            ->write();
        $speed = Show::number(abs($ratio - 1) * 100, 3).' % '.($ratio > 1 ? 'faster' : 'slower');
        $flow = Show::number(100 * abs($flux - 1), 3).' % '.($flux > 1 ? 'above' : 'below').' the nameplate ratio';
        [$grade, $code, $more] = match (true) {
            $flux > self::FLUX_HIGH => [Grade::Stop, PlateFinding::FluxTooHigh, ' The core saturates and the winding overheats.'],
            $flux < self::FLUX_LOW && $breakdown !== null && $breakdown * $flux ** 2 < self::LEAST_BREAKDOWN => [
                Grade::Stop,
                PlateFinding::FluxLow,
                ' Breakdown torque falls to '.Show::number($breakdown * $flux ** 2, 3).
                ' times rated torque: too little to carry the load through a voltage dip.',
            ],
            $flux < self::FLUX_LOW => [
                Grade::Caution,
                PlateFinding::FluxLow,
                ' Breakdown torque falls to '.Show::number($flux ** 2, 3).' of its value at the nameplate frequency.',
            ],
            default => [
                Grade::Caution,
                PlateFinding::FrequencyDiffers,
                ' A fan or pump takes '.Show::number($ratio ** 3, 3).' times the power.',
            ],
        };
        $ledger
            ->find($grade, $code)
            ->title('Supply frequency differs from the nameplate')
            ->because(
                'Rated '.$rated->shown().', supply '.$frequency->shown().': the motor runs '.$speed.'. Volts per hertz are '.
                (abs($flux - 1) < 0.005 ? 'those of the nameplate' : $flow).'.'.$more,
            )
            ->do('Check speed, load and cooling at the supply frequency.')
            ->source(HowKnown::CommonPractice)
            ->on(PlateFigure::Flux)
            ->about('plate.frequency', 'supply.frequency');
    }
}
