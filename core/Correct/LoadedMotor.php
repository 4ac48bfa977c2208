<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Plate\Motor;
use BraveAnvil\Power\ApproximateLoad;
use BraveAnvil\Power\Load;
use BraveAnvil\Power\PartLoad;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** The motor as it is to be corrected: real and reactive power at the load it really runs at, and without load. */
final readonly class LoadedMotor
{
    /**
     * @param  Figure  $power  at this load, W
     * @param  Figure  $reactive  at this load, var
     * @param  Figure  $noLoadCurrent  A
     * @param  Figure  $noLoadReactive  var
     * @param  Figure  $volts  between lines, at which it was worked out, V
     * @param  Figure|null  $load  of rated output, %; null at full load
     */
    private function __construct(
        public Figure $power,
        public Figure $reactive,
        public Figure $noLoadCurrent,
        public Figure $noLoadReactive,
        public Figure $volts,
        public ?Figure $load,
        private PartLoad $model,
        private float $fullReactive,
    ) {
    }

    /** @return self|null null while the motor's power, current or voltage waits */
    public static function of(Circuit $circuit, Motor $motor, Load $load, Ledger $ledger): ?self
    {
        $volts = $motor->ratedVoltage();
        if (
            $load->output === null ||
            $load->input === null ||
            $load->reactive === null ||
            $load->overloadCurrent === null ||
            $volts === null ||
            $motor->powerFactor === null
        ) {
            return null;
        }
        $idleCurrent = self::noLoadCurrent($circuit, $motor->powerFactor, $load->overloadCurrent, $load->noLoadCurrent, $ledger);
        $idle = $ledger->work(CorrectFigure::NoLoadReactive)->from(V: $volts, I: $idleCurrent)->as('√3 V I_0', '√3 × {V} × {I}')
            ->equals(sqrt(3) * $volts->number() * $idleCurrent->number())->write();
        $losses = $load->input->number() - $load->output->number();
        $machine = $motor->fit?->machine !== null && $load->partLoad !== null;
        // The same motor as in Power, whichever way it is known; a model of its own only where Power could draw none.
        $model = $load->partLoad ??
            new ApproximateLoad($load->output->number(), $losses, $load->reactive->number(), $idle->number(), $volts->number());
        // The load is typed once; what is typed here overrides it for the capacitor alone.
        $typed = $circuit->number('correction.load_percent') ?? $circuit->number('load.output_percent');
        $share = ($typed?->number() ?? 100.0) / 100;
        $point = $typed === null || abs($share - 1) < 1e-9 ? null : $model->at($share);
        if ($typed === null || $point === null) {
            return new self($load->input, $load->reactive, $idleCurrent, $idle, $volts, $typed, $model, $load->reactive->number());
        }
        $power = $ledger->work(CorrectFigure::LoadPower)->from(x: $typed, P: $load->output)->equals($point->input);
        $reactive = $ledger->work(CorrectFigure::LoadReactive)->from(Q: $load->reactive, x: $typed)->equals($point->reactive);
        if ($machine) {
            $assumption = 'part load by the machine model'.($motor->fit->typical === [] ? '' : ' with '.$motor->fit->typicalWords());
            $power
                ->as('equivalent circuit at this load', '{x} of {P}, by the machine that fits the plate')
                ->source('own computation')
                ->assuming($assumption);
            $reactive
                ->as('equivalent circuit at this load', '{Q} at full load; at {x} by the machine that fits the plate')
                ->source('own computation')
                ->assuming($assumption);
        } else {
            $assumption = 'losses and reactive power at part load by approximation';
            $power
                ->as('x P_n + loss (0.4 + 0.6 x²)', '{x} of {P}, losses '.Show::quantity($losses, Unit::Watt).' split 0.4 and 0.6')
                ->source('own approximation')
                ->assuming($assumption);
            $reactive->as('Q_0 + (Q_n − Q_0) x²', 'between no load and {Q} at {x}')->source('own approximation')->assuming($assumption);
        }

        return new self($power->write(), $reactive->write(), $idleCurrent, $idle, $volts, $typed, $model, $load->reactive->number());
    }

    /** Reactive power at another load, var. */
    public function reactiveAt(float $share): float
    {
        return abs($share - 1) < 1e-9 ? $this->fullReactive : $this->model->at($share)->reactive ?? $this->fullReactive;
    }

    /** As measured; else the smaller of what the power factor lets expect and what the machine model gives, since it bounds a capacitor. */
    private static function noLoadCurrent(Circuit $circuit, Figure $factor, Figure $current, ?Figure $machine, Ledger $ledger): Figure
    {
        $measured = $circuit->number('plate.no_load_current');
        if ($measured !== null) {
            return $ledger->work(CorrectFigure::NoLoadCurrent)->from(I: $measured)->equals($measured->number())->source('typed')->write();
        }
        $cos = $factor->number();
        $estimate = ApproximateLoad::idleShare($cos) * $current->number();
        if ($machine !== null && $machine->number() < $estimate) {
            return $ledger->put(
                $machine->named(CorrectFigure::NoLoadCurrent, 'machine model, smaller than the estimate from the power factor'),
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
            ->source('common practice, no source')
            ->assuming('no-load current estimated from the power factor')
            ->write();
    }
}
