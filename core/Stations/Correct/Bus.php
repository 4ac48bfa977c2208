<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;

/** Capacitors and the supply they stand on: at which order they resonate, and how much they raise the voltage. */
final readonly class Bus
{
    /** Harmonics that drives and rectifiers bring, and how near to one a resonance is too near. Common practice. */
    private const HARMONICS = [5, 7, 11, 13];

    private const ONE_PHASE = [3, 5, 7, 11, 13];

    private const NEAR = 0.1;

    /** % of voltage above which a rise is told. */
    private const MOST_RISE = 3.0;

    /** @param  float  $shortCircuit  apparent power without a voltage factor, VA */
    public function __construct(private float $shortCircuit)
    {
    }

    public function solve(Circuit $circuit, Figure $given, Nameplate $plate, bool $onePhase, Ledger $ledger): void
    {
        $others = $circuit->number('supply.other_capacitors_kvar');
        $fault = Show::quantity($this->shortCircuit, Unit::VoltAmpere, 4);
        $work = $ledger->work(CorrectFigure::ResonanceOrder)->from(Q: $given)->source('all capacitors on the bus together');
        if ($plate->detuning > 0) {
            $share = $given->number() * (1 - $plate->detuning) / $this->shortCircuit;
            $order = $work
                ->as('1 / √(p + Q (1 − p) / S_sc)', '1 ÷ √('.Show::number($plate->detuning, 4).' + '.Show::number($share, 3).')')
                ->equals(1 / sqrt($plate->detuning + $share))
                ->write();
            if ($others !== null && $others->number() > 0) {
                $ledger->caution(CorrectFinding::UndetunedBeside)->title('Plain capacitors next to a detuned unit')
                    ->because('The other '.$others->shown().' may resonate with the supply above the tuning order of this unit.')
                    ->do('Detune all capacitors on one bus alike.')->source(HowKnown::CommonPractice)
                    ->on(CorrectFigure::ResonanceOrder)->about('supply.other_capacitors_kvar');
            }
        } else {
            $all = $given->number() + ($others?->number() ?? 0.0);
            $work->from(...array_filter(['o' => $others]));
            $order = $work
                ->as('√(S_sc / Q_c)', '√('.$fault.' ÷ '.($others === null ? '{Q}' : '({Q} + {o})').')')
                ->equals(sqrt($this->shortCircuit / $all))
                ->write();
            $this->near($order, $onePhase ? self::ONE_PHASE : self::HARMONICS, $others !== null, $ledger);
        }
        $ledger->curve(new ResonanceCurve(
            $this->shortCircuit, $given->number() + ($plate->detuning > 0 ? 0.0 : $others?->number() ?? 0.0), $plate->detuning,
            $plate->detuning > 0 ? $others?->number() ?? 0.0 : 0.0, $order->number(),
        ));
        $rise = $ledger->work(CorrectFigure::VoltageRise)->from(Q: $given)->as('Q_c / S_sc', '{Q} ÷ '.$fault)
            ->equals(100 * $given->number() / $this->shortCircuit)->write();
        if ($rise->number() > self::MOST_RISE) {
            $ledger->caution(CorrectFinding::VoltageRise)->title('The capacitor raises the voltage')
                ->because('The capacitor alone raises the bus voltage by '.$rise->shown(2).'.')
                ->do('Use a smaller unit, or steps that are switched with the load.')
                ->source(HowKnown::CommonPractice)->on(CorrectFigure::VoltageRise);
        }
    }

    /** @param  list<int>  $harmonics */
    private function near(Figure $order, array $harmonics, bool $othersTyped, Ledger $ledger): void
    {
        foreach ($harmonics as $harmonic) {
            if (abs($order->number() - $harmonic) <= self::NEAR * $harmonic * (1 + 1e-6)) {
                $ledger
                    ->caution(CorrectFinding::Resonance)
                    ->title('Resonance close to a harmonic')
                    ->because(
                        'Capacitors and supply resonate near order '.$order->shown(3).', close to harmonic '.$harmonic.'.'.
                        ($othersTyped ? '' : ' Other capacitors on the bus change this.'),
                    )
                    ->do('With drives or rectifiers on the bus, use a detuned unit.')
                    ->source(HowKnown::CommonPractice)
                    ->on(CorrectFigure::ResonanceOrder)
                    ->about('supply.other_capacitors_kvar');
            }
        }
    }
}
