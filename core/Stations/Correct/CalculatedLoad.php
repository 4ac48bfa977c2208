<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Power\ApproximateLoad;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Power\LoadPoint;
use BraveAnvil\Stations\Power\PartLoad;

/** The load to correct by calculation: the motor at the load that it runs at, or a load on the bench. */
final class CalculatedLoad
{
    /** @return LoadToCorrect|null null while the motor's power, current or voltage waits */
    public static function ofMotor(Circuit $circuit, Motor $motor, Load $load, Ledger $ledger): ?LoadToCorrect
    {
        $volts = $motor->ratedVoltage();
        $known = self::motor($circuit, $motor, $load, $ledger);
        if ($known === null || $volts === null || $load->output === null || $load->input === null || $load->reactive === null) {
            return null;
        }
        [$idleCurrent, $idle, $model] = $known;
        // The load is typed once; what is typed here overrides it for the capacitor alone.
        $typed = $circuit->number('correction.load_percent') ?? $circuit->number('load.output_percent');
        $share = ($typed?->number() ?? 100.0) / 100;
        $point = $typed === null || abs($share - 1) < 1e-9 ? null : $model->at($share);
        [$power, $reactive] = $typed === null || $point === null
            ? [
                $ledger->put($load->input->named(CorrectFigure::LoadPower, 'at full load')),
                $ledger->put($load->reactive->named(CorrectFigure::LoadReactive, 'at full load')),
            ]
            : self::partLoad($motor, $load, $load->output, $load->input, $load->reactive, $typed, $point, $ledger);

        return new LoadToCorrect(
            $power, $reactive, $volts, self::current($power, $reactive, $volts, false, 0.0, $ledger), $typed, false, false, 0.0,
            $idleCurrent, $idle, $model, $load->reactive->number(),
        );
    }

    /** @return LoadToCorrect|null null while its power waits */
    public static function onBench(Circuit $circuit, Load $load, Ledger $ledger): ?LoadToCorrect
    {
        $volts = $circuit->number('supply.voltage');
        if ($load->input === null || $load->reactive === null || $volts === null) {
            return null;
        }
        $onePhase = $circuit->phases() === 1;
        $power = $ledger->put($load->input->named(CorrectFigure::LoadPower, 'as under Power'));
        $reactive = $ledger->put($load->reactive->named(CorrectFigure::LoadReactive, 'as under Power'));

        return new LoadToCorrect(
            $power, $reactive, $volts, self::current($power, $reactive, $volts, $onePhase, 0.0, $ledger), null, $onePhase, false, 0.0, null,
            null, null, null,
        );
    }

    /**
     * The motor without load and at other loads.
     *
     * @return array{Figure, Figure, PartLoad}|null no-load current A, no-load reactive power var, and what it draws at other loads
     */
    public static function motor(Circuit $circuit, Motor $motor, Load $load, Ledger $ledger): ?array
    {
        $volts = $motor->ratedVoltage();
        if ($load->output === null || $load->input === null || $load->reactive === null || $load->overloadCurrent === null
            || $volts === null || $motor->powerFactor === null) {
            return null;
        }
        $current = self::noLoadCurrent($circuit, $motor->powerFactor, $load->overloadCurrent, $load->noLoadCurrent, $ledger);
        $reactive = $ledger->work(CorrectFigure::NoLoadReactive)->from(V: $volts, I: $current)->as('√3 V I_0', '√3 × {V} × {I}')
            ->equals(sqrt(3) * $volts->number() * $current->number())->write();

        // The same motor as in Power, whichever way it is known; a model of its own only where Power could draw none.
        return [$current, $reactive, $load->partLoad ?? new ApproximateLoad(
            $load->output->number(), $load->input->number() - $load->output->number(), $load->reactive->number(), $reactive->number(),
            $volts->number(),
        )];
    }

    /**
     * Current of real and reactive power.
     *
     * @param  float  $distortion  volt-amperes beside them
     */
    public static function current(
        Figure $power,
        Figure $reactive,
        Figure $volts,
        bool $onePhase,
        float $distortion,
        Ledger $ledger,
    ): Figure {
        $root = $onePhase ? 1.0 : sqrt(3);

        return $ledger
            ->work(CorrectFigure::LoadCurrent)
            ->from(P: $power, Q: $reactive, V: $volts)
            ->as(
                $onePhase ? '√(P² + Q²) / V' : '√(P² + Q²) / (√3 V)',
                '√({P}² + {Q}²'.
                    ($distortion > 0 ? ' + '.Show::quantity($distortion, Unit::VoltAmpere, 4).'² of distortion' : '').') ÷ '.
                    ($onePhase ? '{V}' : '(√3 × {V})'),
            )
            ->equals(hypot($power->number(), hypot($reactive->number(), $distortion)) / ($root * $volts->number()))
            ->write();
    }

    /**
     * @param  Figure  $output  at full load, W
     * @param  Figure  $input  at full load, W
     * @param  Figure  $full  reactive power at full load, var
     * @return array{Figure, Figure} real W and reactive power var
     */
    private static function partLoad(
        Motor $motor,
        Load $load,
        Figure $output,
        Figure $input,
        Figure $full,
        Figure $typed,
        LoadPoint $point,
        Ledger $ledger,
    ): array {
        $losses = $input->number() - $output->number();
        $power = $ledger->work(CorrectFigure::LoadPower)->from(x: $typed, P: $output)->equals($point->input);
        $reactive = $ledger->work(CorrectFigure::LoadReactive)->from(Q: $full, x: $typed)->equals($point->reactive);
        if ($motor->fit?->machine !== null && $load->partLoad !== null) {
            $assumption = 'part load by the motor model'.($motor->fit->typical === [] ? '' : ' with '.$motor->fit->typicalWords());
            $power->as('equivalent circuit at this load', '{x} of {P}, by the motor model')
                ->source('calculated here')->assuming($assumption);
            $reactive->as('equivalent circuit at this load', '{Q} at full load; at {x} by the motor model')
                ->source('calculated here')->assuming($assumption);
        } else {
            $assumption = 'losses and reactive power at part load are approximations';
            $power->as('x P_n + loss (0.4 + 0.6 x²)', '{x} of {P}, losses '.Show::quantity($losses, Unit::Watt).' split 0.4 and 0.6')
                ->source('approximation')->assuming($assumption);
            $reactive->as('Q_0 + (Q_n − Q_0) x²', 'between no load and {Q} at {x}')->source('approximation')->assuming($assumption);
        }

        return [$power->write(), $reactive->write()];
    }

    /** As measured; else the smaller of what the power factor lets expect and what the machine model gives, since it bounds a capacitor. */
    private static function noLoadCurrent(Circuit $circuit, Figure $factor, Figure $current, ?Figure $machine, Ledger $ledger): Figure
    {
        $measured = $circuit->number('plate.no_load_current');
        if ($measured !== null) {
            return $ledger->work(CorrectFigure::NoLoadCurrent)->from(I: $measured)->equals($measured->number())->source('entered')->write();
        }
        $cos = $factor->number();
        $estimate = ApproximateLoad::idleShare($cos) * $current->number();
        if ($machine !== null && $machine->number() < $estimate) {
            return $ledger->put(
                $machine->named(CorrectFigure::NoLoadCurrent, 'motor model, smaller than the estimate from the power factor'),
            );
        }

        return $ledger
            ->work(CorrectFigure::NoLoadCurrent)
            ->from(pf: $factor, I: $current)
            ->as(
                'min(2 (1 − cos φ), sin φ) · I_n',
                2 * (1 - $cos) <= sqrt(max(0.0, 1 - $cos ** 2)) ? '2 × (1 − {pf}) × {I}' : '√(1 − {pf}²) × {I}',
            )
            ->equals($estimate)
            ->source('common practice')
            ->assuming('no-load current estimated from the power factor')
            ->write();
    }
}
