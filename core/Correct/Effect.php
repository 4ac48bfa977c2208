<?php

declare(strict_types=1);

namespace BraveAnvil\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Solution\Figure;
use BraveAnvil\Solution\Ledger;
use BraveAnvil\Solution\Show;
use BraveAnvil\Solution\Unit;

/** What the line upstream carries once the capacitor is there: at full load, at the load it runs at, and with the motor off. */
final readonly class Effect
{
    public function __construct(private CapacitorPlace $place, private UnitFigures $unit)
    {
    }

    /**
     * @param  Figure  $current  of the motor at full load, A
     * @param  Figure  $factor  its power factor
     */
    public function solve(Circuit $circuit, Figure $current, Figure $factor, LoadedMotor $loaded, Ledger $ledger): Correction
    {
        $active = $current->number() * $factor->number();
        $reactive = $current->number() * sqrt(max(0.0, 1 - $factor->number() ** 2));
        $line = sqrt($active ** 2 + ($reactive - $this->unit->current->number()) ** 2);
        $leading = $this->unit->current->number() > $reactive * (1 + 1e-6);
        $after = $ledger
            ->work(CorrectFigure::CorrectedCurrent)
            ->from(I: $current, pf: $factor, Ic: $this->unit->current)
            ->as('√((I cos φ)² + (I sin φ − I_c)²)', '√(({I} × {pf})² + ('.Show::number($reactive, 5).' A − {Ic})²)')
            ->equals($line)
            ->source('upstream of the capacitor, at full load')
            ->write();
        $corrected = $ledger
            ->work(CorrectFigure::CorrectedPowerFactor)
            ->labelled(CorrectFigure::CorrectedPowerFactor->label().($leading ? ', leading' : ''))
            ->from(I: $current, pf: $factor, Ik: $after)
            ->as('I cos φ / I_corr', '({I} × {pf}) ÷ {Ik}'.($leading ? ', leading' : ''))
            ->equals($active / $line)
            ->write();
        $atLoad = $this->atLoad($loaded, $ledger);
        if ($leading) {
            $this->leads('full load', $current, $after, $ledger);
        }
        $this->idle($loaded, $ledger);
        $this->alone($circuit, $ledger);

        return new Correction($this->place, $this->unit->rating, $after, $corrected, $leading, $atLoad);
    }

    /** @return CorrectedLoad|null at the load it really runs at; null at full load, which stands already */
    private function atLoad(LoadedMotor $loaded, Ledger $ledger): ?CorrectedLoad
    {
        if ($loaded->load === null || abs($loaded->load->number() - 100) < 1e-9) {
            return null;
        }
        $left = $loaded->reactive->number() - $this->unit->given->number();
        $apparent = hypot($loaded->power->number(), $left);
        $leading = $left < -1e-6 * $loaded->reactive->number();
        $word = $leading ? ', leading' : '';
        $current = $ledger
            ->work(CorrectFigure::LoadCorrectedCurrent)
            ->from(P: $loaded->power, Q: $loaded->reactive, Qc: $this->unit->given, V: $loaded->volts, x: $loaded->load)
            ->as('√(P² + (Q − Q_c)²) / (√3 V)', '√({P}² + ({Q} − {Qc})²) ÷ (√3 × {V}) at {x}')
            ->equals($apparent / (sqrt(3) * $loaded->volts->number()))
            ->source('upstream of the capacitor, at this load')
            ->write();
        $factor = $ledger
            ->work(CorrectFigure::LoadCorrectedPowerFactor)
            ->labelled(CorrectFigure::LoadCorrectedPowerFactor->label().$word)
            ->from(P: $loaded->power, Q: $loaded->reactive, Qc: $this->unit->given)
            ->as('P / √(P² + (Q − Q_c)²)', '{P} ÷ √({P}² + ({Q} − {Qc})²)'.$word)
            ->equals($loaded->power->number() / $apparent)
            ->write();

        return new CorrectedLoad($loaded->load, $current, $factor, $leading);
    }

    private function leads(string $load, Figure $before, Figure $after, Ledger $ledger): void
    {
        $ledger
            ->caution(CorrectFinding::Leading)
            ->title('The line leads at '.$load)
            ->because(
                'The capacitor gives more reactive power than the motor takes, so the line leads and carries '.
                    $after->shown(3).
                    ($after->number() > $before->number() ? ', more than the '.$before->shown(3).' without it.' : '.'),
            )
            ->do('Take a smaller unit. A leading power factor raises the voltage and is paid for like a lagging one.')
            ->source('definition')
            ->on(CorrectFigure::CorrectedPowerFactor, CorrectFigure::ReactiveChosen);
    }

    private function idle(LoadedMotor $loaded, Ledger $ledger): void
    {
        $more = $this->unit->given->number() - $loaded->noLoadReactive->number();
        if ($more <= 1e-6 * $loaded->noLoadReactive->number()) {
            return;
        }
        $ledger
            ->caution(CorrectFinding::AboveNoLoadReactive)
            ->title('More than the motor takes at no load')
            ->because(
                'The capacitor gives '.
                    $this->unit->given->shown(3).
                    ', '.
                    Show::quantity($more, Unit::Var, 3).
                    ' more than the idling motor takes: the supply sees a leading current then.',
            )
            ->do('Switch it off with the motor, never leave it on alone.')
            ->source('common practice, no source')
            ->on(CorrectFigure::ReactiveChosen, CorrectFigure::NoLoadReactive);
    }

    /** On the supply side of the starter it stays on when the motor is switched off, unless a contactor of its own drops out. */
    private function alone(Circuit $circuit, Ledger $ledger): void
    {
        $behindStarter = $this->place === CapacitorPlace::AfterController || $this->place === CapacitorPlace::AtMotor;
        if ($behindStarter || $circuit->flag('correction.own_contactor') === true) {
            return;
        }
        $current = $ledger->put(
            $this->unit->current->named(CorrectFigure::AloneCurrent, 'the capacitor alone, with the motor off: it leads by 90°'),
        );
        $board = $this->place === CapacitorPlace::Board;
        $finding = $board ? $ledger->note(CorrectFinding::LeftOnAlone) : $ledger->caution(CorrectFinding::LeftOnAlone);
        $finding
            ->title('It stays on when the motor stops')
            ->because(
                'Without a contactor of its own the supply then carries '.
                    $current->shown(3).
                    ' leading'.
                    ($board ? ', unless other loads on the board take it up.' : ', and the voltage rises a little.'),
            )
            ->do('Give it a contactor that drops out with the motor'.($board ? ', or a controller for the bank.' : '.'))
            ->source('common practice, no source')
            ->on(CorrectFigure::AloneCurrent);
    }
}
