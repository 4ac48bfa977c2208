<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** What the line upstream carries once the capacitor is there: at full load, at the load it runs at, and with the motor off. */
final readonly class Effect
{
    public function __construct(private CapacitorPlace $place, private UnitFigures $unit)
    {
    }

    /**
     * @param  Figure|null  $current  of the motor at full load, A; null where it is no motor
     * @param  Figure|null  $factor  its power factor
     * @param  Figure  $supply  V
     */
    public function solve(
        Circuit $circuit,
        ?Figure $current,
        ?Figure $factor,
        Figure $supply,
        LoadToCorrect $load,
        Ledger $ledger,
    ): Correction {
        $atLoad = $this->atLoad($load, $ledger);
        if ($current === null || $factor === null) {
            $after = $ledger->put($atLoad->current->named(CorrectFigure::CorrectedCurrent, 'at the operating load'));
            $corrected = $ledger->put($atLoad->powerFactor->named(CorrectFigure::CorrectedPowerFactor, 'at the operating load'));
            $leading = $atLoad->leading;
            $before = $load->current;
        } else {
            [$after, $corrected, $leading] = $this->fullLoad($current, $factor, $ledger);
            $before = $current;
        }
        if ($leading) {
            $this->leads($current === null ? 'this load' : 'full load', $before, $after, $ledger);
        }
        $ledger
            ->work(CorrectFigure::ApparentReleased)
            ->from(V: $supply, I: $before, Ik: $after)
            ->as($load->onePhase ? 'V (I − I_corr)' : '√3 V (I − I_corr)', $load->rootText().'{V} × ({I} − {Ik})')
            ->equals($load->root() * $supply->number() * ($before->number() - $after->number()))
            ->write();
        $this->lowest($circuit, $load, $supply, $ledger);
        $this->idle($load, $ledger);
        $this->alone($circuit, $load, $current !== null, $ledger);

        return new Correction($this->place, $load, $this->unit, $before, $after, $corrected, $leading, $atLoad);
    }

    /** @return array{Figure, Figure, bool} current A, power factor, whether it leads */
    private function fullLoad(Figure $current, Figure $factor, Ledger $ledger): array
    {
        $active = $current->number() * $factor->number();
        $reactive = $current->number() * sqrt(max(0.0, 1 - $factor->number() ** 2));
        $line = hypot($active, $reactive - $this->unit->current->number());
        $leading = $this->unit->current->number() > $reactive * (1 + 1e-6);
        $after = $ledger
            ->work(CorrectFigure::CorrectedCurrent)
            ->from(I: $current, pf: $factor, Ic: $this->unit->current)
            ->as('√((I cos φ)² + (I sin φ − I_c)²)', '√(({I} × {pf})² + ('.Show::number($reactive).' A − {Ic})²)')
            ->equals($line)
            ->source('on the supply side of the capacitor, at full load')
            ->write();
        $corrected = $ledger
            ->work(CorrectFigure::CorrectedPowerFactor)
            ->labelled(CorrectFigure::CorrectedPowerFactor->label().($leading ? ', leading' : ''))
            ->from(I: $current, pf: $factor, Ik: $after)
            ->as('I cos φ / I_corr', '({I} × {pf}) ÷ {Ik}'.($leading ? ', leading' : ''))
            ->equals($line > 0 ? $active / $line : 0.0)
            ->write();

        return [$after, $corrected, $leading];
    }

    /** At the load it really runs at. */
    private function atLoad(LoadToCorrect $load, Ledger $ledger): CorrectedLoad
    {
        $root = $load->root();
        $volts = $load->volts->number();
        $taken = $load->measured ? $this->unit->givenAt($volts) / ($root * $volts) : $this->unit->current->number();
        $active = $load->power->number() / ($root * $volts);
        $reactive = $load->reactive->number() / ($root * $volts);
        $line = hypot($active, hypot($reactive - $taken, $load->distortion / ($root * $volts)));
        $leading = $taken > $reactive + 1e-6 * abs($reactive);
        $word = $leading ? ', leading' : '';
        $current = $ledger
            ->work(CorrectFigure::LoadCorrectedCurrent)
            ->from(P: $load->power, Q: $load->reactive, V: $load->volts, Ic: $this->unit->current)
            ->as(
                '√(I_a² + (I_r − I_c)²)',
                '√('.Show::number($active, 4).'² + ('.Show::number($reactive, 4).' − '.Show::number($taken, 4).')²'.
                    ($load->distortion > 0 ? ' + '.Show::number($load->distortion / ($root * $volts), 3).'² of harmonics' : '').') A',
            )
            ->equals($line)
            ->source('on the supply side of the capacitor, at '.$load->said())
            ->write();
        $factor = $ledger
            ->work(CorrectFigure::LoadCorrectedPowerFactor)
            ->labelled(CorrectFigure::LoadCorrectedPowerFactor->label().$word)
            ->from(P: $load->power, V: $load->volts, I: $current)
            ->as($load->onePhase ? 'P / (V I)' : 'P / (√3 V I)', '{P} ÷ ('.$load->rootText().'{V} × {I})'.$word)
            ->equals($line > 0 ? $active / $line : 0.0)
            ->write();

        return new CorrectedLoad($load->said(), $current, $factor, $leading);
    }

    private function lowest(Circuit $circuit, LoadToCorrect $load, Figure $supply, Ledger $ledger): void
    {
        $share = $circuit->number('correction.lowest_load_percent');
        $point = $share === null ? null : $load->at($share->number() / 100);
        if ($point === null) {
            return;
        }
        $left = $point->reactive - $this->unit->givenAt($supply->number());
        $word = $left < -1e-6 * $point->reactive ? ', leading' : '';
        $ledger
            ->work(CorrectFigure::LowestCorrectedPowerFactor)
            ->labelled(CorrectFigure::LowestCorrectedPowerFactor->label().$word)
            ->from(x: $share, Qc: $this->unit->given)
            ->as('P / √(P² + (Q − Q_c)²)', Show::quantity($point->input, Unit::Watt, 4).' and '.
                Show::quantity($point->reactive, Unit::Var, 4).' at {x}, minus {Qc}'.$word)
            ->equals($point->input / hypot($point->input, $left))
            ->write();
    }

    private function leads(string $load, Figure $before, Figure $after, Ledger $ledger): void
    {
        $ledger
            ->caution(CorrectFinding::Leading)
            ->title('Leading power factor at '.$load)
            ->because(
                'The capacitor supplies more reactive power than the load takes. The line current is leading, '.$after->shown(3).
                ($after->number() > $before->number() ? ', more than the '.$before->shown(3).' without the capacitor.' : '.'),
            )
            ->do('Use a smaller unit. A leading power factor raises the voltage, and some tariffs charge for it.')
            ->source(HowKnown::Definition)
            ->on(CorrectFigure::CorrectedPowerFactor, CorrectFigure::ReactiveChosen);
    }

    private function idle(LoadToCorrect $load, Ledger $ledger): void
    {
        if ($load->noLoadReactive === null) {
            return;
        }
        $more = $this->unit->given->number() - $load->noLoadReactive->number();
        if ($more <= 1e-6 * $load->noLoadReactive->number()) {
            return;
        }
        $ledger
            ->caution(CorrectFinding::AboveNoLoadReactive)
            ->title('Capacitor larger than the no-load reactive power')
            ->because(
                $this->unit->given->shown(3).', '.Show::quantity($more, Unit::Var, 3).
                    ' more than the unloaded motor draws: the power factor then goes leading.',
            )
            ->do('Switch the capacitor together with the motor.')
            ->source(HowKnown::CommonPractice)
            ->on(CorrectFigure::ReactiveChosen, CorrectFigure::NoLoadReactive);
    }

    /** Beside a load on the bench it goes off with it only where it is joined behind its switch. */
    private function aheadOfSwitch(Ledger $ledger): void
    {
        $ledger->caution(CorrectFinding::LeftOnAlone)->title('Connect it on the load side of the switch')
            ->because('On the supply side of the switch or thermostat it stays on when the load goes off. The supply then carries '.
                $this->unit->current->shown(3).' leading current and almost no real power.')
            ->do('Connect it across the load, so that both go off together.')
            ->source(HowKnown::CommonPractice)
            ->on(CorrectFigure::CapacitorCurrent);
    }

    /** On the supply side of the starter it stays on when the motor is switched off, unless a contactor of its own drops out. */
    private function alone(Circuit $circuit, LoadToCorrect $load, bool $isMotor, Ledger $ledger): void
    {
        if (! $this->place->staysOn() || $circuit->flag('correction.own_contactor') === true) {
            return;
        }
        if ($load->onePhase ? ! $isMotor : $load->noLoadCurrent === null) {
            $this->aheadOfSwitch($ledger);

            return;
        }
        $current = $ledger->put(
            $this->unit->current->named(CorrectFigure::AloneCurrent, 'the capacitor alone, with the motor off: the current leads by 90°'),
        );
        $board = $this->place === CapacitorPlace::Board;
        $finding = $board ? $ledger->note(CorrectFinding::LeftOnAlone) : $ledger->caution(CorrectFinding::LeftOnAlone);
        $finding
            ->title('Capacitor stays connected when the motor stops')
            ->because(
                'Without its own contactor the supply carries '.$current->shown(3).' leading current'.
                ($board ? ', unless other loads on the board use it.' : ' and the voltage rises slightly.').
                ' A meter shows almost no watts and a power factor near zero.',
            )
            ->do('Fit a contactor that opens when the motor stops'.($board ? ', or a power-factor controller.' : '.'))
            ->source(HowKnown::CommonPractice)
            ->on(CorrectFigure::AloneCurrent);
    }
}
