<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Physics\Machine\FittedMachine;
use BraveAnvil\Stations\Plate\Motor;

/** What the motor draws from no load to 125 % of its output: from the machine that fits the plate, else by approximation. */
final class PartLoadPicture
{
    private const STEP = 25;

    private const HIGHEST = 125;

    public function solve(
        Circuit $circuit,
        Motor $motor,
        ?Figure $output,
        ?Figure $input,
        ?Figure $reactive,
        ?Figure $computed,
        Ledger $ledger,
    ): ?PartLoadResult {
        $factor = $motor->powerFactor;
        $volts = $motor->ratedVoltage();
        if (
            $output === null ||
            $input === null ||
            $reactive === null ||
            $computed === null ||
            $factor === null ||
            $volts === null ||
            $motor->isOnWrongSupply()
        ) {
            return null;
        }
        $machine = $motor->fit?->machine;
        $root = $circuit->phaseFactor();
        $idle = $motor->onePhase ? OnePhaseIdle::reactive($circuit, $volts->number())
            : $root * $volts->number() * $computed->number() * ApproximateLoad::idleShare($factor->number());
        if ($idle === null) {
            return null;
        }
        $model = $machine === null
            ? new ApproximateLoad(
                $output->number(), $input->number() - $output->number(), $reactive->number(), $idle, $volts->number(), $root,
            )
            : new MachineLoad($machine);
        $typical = $motor->fit?->typicalWords() ?? '';
        $way = self::way($motor, $model, $typical, $ledger);
        $noLoad =
            $machine === null
                ? null
                : $ledger
                    ->work(PowerFigure::NoLoadCurrent)
                    ->equals($machine->noLoadCurrent())
                    ->as('equivalent circuit at no load', 'from the motor model fitted to the nameplate')
                    ->source(HowKnown::Calculated)
                    ->assuming('no-load current by the motor model')
                    ->write();
        self::findings($motor->fit, $ledger);
        $rows = [];
        for ($percent = 0; $percent <= self::HIGHEST; $percent += self::STEP) {
            $rows[] = $model->at($percent / 100);
        }
        $ledger->curve(new PartLoadCurve($model->way(), array_values(array_filter($rows)), $model->line(self::HIGHEST / 100)));
        $chosen = $circuit->number('load.output_percent');
        $point = $chosen === null ? null : $model->at($chosen->number() / 100);
        if ($chosen !== null && $point !== null) {
            $assumption =
                'part load by '.($machine === null ? 'approximation' : 'the motor model'.($typical === '' ? '' : ' with '.$typical));
            self::figures($circuit, $output, $volts, $chosen, $point, $way, $assumption, $ledger);
        }

        return new PartLoadResult($model, $noLoad);
    }

    private static function way(Motor $motor, PartLoad $model, string $typical, Ledger $ledger): Figure
    {
        $fit = $motor->fit;
        $why = $motor->onePhase ? 'no motor model of a single-phase motor' : 'poles and slip are not known';
        $fitted = $fit?->machine !== null;
        $attempted = $fit !== null && ($fitted || $fit->refusal !== null);

        return $ledger->work(PowerFigure::PartLoadWay)->equals($model->way())
            ->saying($fitted ? implode('; ', $fit->flags) : ($attempted ? $fit->refusal ?? '' : $why))
            ->source(
                $fitted
                    ? 'equivalent circuit fitted to the nameplate'
                    : 'approximation: losses 0.4 + 0.6 x², reactive power Q_0 + (Q_n − Q_0) x²',
            )
            ->assuming($typical === '' ? null : $typical)
            ->write();
    }

    private static function findings(?FittedMachine $fit, Ledger $ledger): void
    {
        if ($fit !== null && $fit->machine === null && $fit->refusal !== null) {
            $ledger
                ->note(PowerFinding::NoMachineModel)
                ->title('Part-load values are approximate')
                ->because('No motor model: '.$fit->refusal)
                ->do('Read efficiency, power factor, speed and the starting values again.')
                ->source(HowKnown::Calculated)
                ->on(PowerFigure::PartLoadWay);
        } elseif ($fit !== null && $fit->flags !== []) {
            $ledger
                ->note(PowerFinding::ModelFlags)
                ->title('The motor model does not match every nameplate value')
                ->because(implode('; ', $fit->flags).'.')
                ->do('Part-load values are valid; use starting values with care.')
                ->source(HowKnown::Calculated)
                ->on(PowerFigure::PartLoadWay);
        }
    }

    private static function figures(
        Circuit $circuit,
        Figure $rated,
        Figure $volts,
        Figure $chosen,
        LoadPoint $point,
        Figure $way,
        string $assumption,
        Ledger $ledger,
    ): void {
        $output = $ledger
            ->work(PowerFigure::LoadOutput)
            ->from(x: $chosen, P: $rated)
            ->as('x · P_out', '{x} of {P}')
            ->equals($point->output)
            ->write();
        $efficiency = $ledger
            ->work(PowerFigure::LoadEfficiency)
            ->as($way->shown(), 'at '.$chosen->shown().' of rated output')
            ->equals($point->efficiency())
            ->source(HowKnown::Calculated)
            ->assuming($assumption)
            ->write();
        $factor = $ledger
            ->work(PowerFigure::LoadPowerFactor)
            ->as($way->shown(), 'at '.$chosen->shown().' of rated output')
            ->equals($point->powerFactor())
            ->source(HowKnown::Calculated)
            ->assuming($assumption)
            ->write();
        // Without output the losses are all it takes; dividing by an efficiency of zero would say nothing.
        $input =
            $point->efficiency() > 0
                ? $ledger
                    ->work(PowerFigure::LoadInput)
                    ->from(P: $output, eta: $efficiency)
                    ->as('P_out / η', '{P} ÷ {eta}')
                    ->equals($point->input)
                    ->write()
                : $ledger
                    ->work(PowerFigure::LoadInput)
                    ->labelled('Input power at no load')
                    ->as($way->shown(), 'no-load losses')
                    ->equals($point->input)
                    ->source(HowKnown::Calculated)
                    ->assuming($assumption)
                    ->write();
        $apparent = $ledger
            ->work(PowerFigure::LoadApparent)
            ->from(P: $input, pf: $factor)
            ->as('P_in / cos φ', '{P} ÷ {pf}')
            ->equals(hypot($point->input, $point->reactive))
            ->write();
        $ledger
            ->work(PowerFigure::LoadReactive)
            ->from(S: $apparent, P: $input)
            ->as('√(S² − P²)', '√({S}² − {P}²)')
            ->equals($point->reactive)
            ->write();
        $ledger
            ->work(PowerFigure::LoadCurrent)
            ->from(S: $apparent, V: $volts)
            ->as($circuit->phases() === 1 ? 'S / V' : 'S / (√3 V)', $circuit->phases() === 1 ? '{S} ÷ {V}' : '{S} ÷ (√3 × {V})')
            ->equals($point->current)
            ->write();
    }
}
