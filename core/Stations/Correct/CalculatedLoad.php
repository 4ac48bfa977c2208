<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\OnePhaseStart;
use BraveAnvil\Stations\Power\ApproximateLoad;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Power\LoadPoint;
use BraveAnvil\Stations\Power\OnePhaseIdle;
use BraveAnvil\Stations\Power\PartLoad;

/** The load to correct by calculation: the motor at the load that it runs at, or a load on the bench. */
final class CalculatedLoad
{
    /** @return LoadToCorrect|null null while the motor's power, current or voltage waits; of one phase also its no-load current and power */
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
            $power, $reactive, $volts, self::current($power, $reactive, $volts, $motor->onePhase, 0.0, $ledger), $typed,
            $motor->onePhase, false, 0.0, $idleCurrent, $idle, $model, $load->reactive->number(),
        );
    }

    /**
     * Of which nothing tells what it draws at another load.
     *
     * @param  Figure|null  $volts  at which its power holds, V
     * @return LoadToCorrect|null null while its power waits
     */
    public static function withoutModel(Circuit $circuit, ?Figure $volts, Load $load, Ledger $ledger): ?LoadToCorrect
    {
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
        if ($motor->onePhase) {
            return self::onePhase($circuit, $load->output, $load->input, $load->reactive, $volts, $ledger);
        }
        $current = self::noLoadCurrent($circuit, $motor->powerFactor, $load->overloadCurrent, $load->noLoadCurrent, $ledger);
        $reactive = $ledger->work(CorrectFigure::NoLoadReactive)->from(V: $volts, I: $current)->as('√3 V I_0', '√3 × {V} × {I}')
            ->equals(sqrt(3) * $volts->number() * $current->number())->write();

        // The same motor as in Power, whichever way it is known; a model of its own only where Power could draw none.
        return [$current, $reactive, $load->partLoad ?? new ApproximateLoad(
            $load->output->number(), $load->input->number() - $load->output->number(), $load->reactive->number(), $reactive->number(),
            $volts->number(), sqrt(3),
        )];
    }

    /**
     * Without load one phase takes far more than reactive power: both current and power must be known.
     *
     * @param  Figure  $output  at full load, W
     * @param  Figure  $input  at full load, W
     * @param  Figure  $reactive  at full load, var
     * @return array{Figure, Figure, PartLoad}|null
     */
    private static function onePhase(
        Circuit $circuit,
        Figure $output,
        Figure $input,
        Figure $reactive,
        Figure $volts,
        Ledger $ledger,
    ): ?array {
        $typed = $circuit->number('plate.no_load_current');
        $power = $circuit->number('plate.no_load_power');
        if ($typed === null || $power === null) {
            return null;
        }
        $apparent = $volts->number() * $typed->number();
        if ($power->number() > $apparent) {
            $ledger->error(
                'plate.no_load_power', $power->shown().' is more than volts times amperes without load, '.
                    Show::quantity($apparent, Unit::VoltAmpere, 3).'.', 'Enter less power, or more no-load current.',
            );

            return null;
        }
        $current = $ledger->work(CorrectFigure::NoLoadCurrent)->from(I: $typed)->equals($typed->number())
            ->source(HowKnown::Entered)->write();
        $idle = $ledger->work(CorrectFigure::NoLoadReactive)->from(V: $volts, I: $current, P: $power)
            ->as('√((V I_0)² − P_0²)', '√(({V} × {I})² − {P}²)')
            ->equals(OnePhaseIdle::reactive($circuit, $volts->number()) ?? 0.0)
            ->assuming(OnePhaseStart::hasRunCapacitor($circuit) ? 'the no-load current lags' : null)->write();

        return [$current, $idle, new ApproximateLoad(
            $output->number(), $input->number() - $output->number(), $reactive->number(), $idle->number(), $volts->number(), 1.0,
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
                '√({P}² + '.($reactive->number() < 0 ? '({Q})²' : '{Q}²').
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
                ->source(HowKnown::Calculated)->assuming($assumption);
            $reactive->as('equivalent circuit at this load', '{Q} at full load; at {x} by the motor model')
                ->source(HowKnown::Calculated)->assuming($assumption);
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
            return $ledger->work(CorrectFigure::NoLoadCurrent)->from(I: $measured)->equals($measured->number())
                ->source(HowKnown::Entered)->write();
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
            ->source(HowKnown::CommonPractice)
            ->assuming('no-load current estimated from the power factor')
            ->write();
    }
}
