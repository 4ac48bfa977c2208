<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\FieldKind;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Physics\Machine\Phasor;
use BraveAnvil\Records\Bank\Controller;

/** A capacitor bank at the board: how many steps the running load switches on, and where it resonates. It sizes nothing. */
final readonly class BoardBank
{
    private const HARMONICS = [5, 7, 11, 13];

    /** How near an order is too near, in parts of one. Common practice. */
    private const NEAR = 0.1;

    public function __construct(
        private FeederDocument $document,
        private BoardDemand $demand,
        private BoardNetwork $network,
        private ?float $transformer,
        private Ledger $ledger,
    ) {
    }

    public function solve(): void
    {
        $target = $this->document->bank('target_power_factor', FieldKind::Fraction, 0.5, 1);
        $step = $this->document->bank('step_kvar', FieldKind::Kilovars, 500, 1e6, Unit::Var);
        $count = $this->document->bank('steps', FieldKind::Count, 1, 24);
        $phasors = $this->demand->phasors();
        if ($target === null || $step === null || $count === null || $phasors->size() <= 0) {
            return;
        }
        $detuning = ($this->document->bank('detuning_percent', FieldKind::Percent, 1, 20, Unit::Percent) ?? 0.0) / 100;
        $rated = $this->document->bank('rated_voltage', FieldKind::Volts, 100, 1200, Unit::Volt);
        $each = $step * ($rated === null ? 1.0 : ($this->network->volts / $rated) ** 2) / (1 - $detuning);
        $power = $phasors->conjugate()->scaled(sqrt(3) * $this->network->volts);
        $need = $power->imaginary - $power->real * sqrt(1 - $target ** 2) / $target;
        $on = max(0, min((int) $count, (int) floor($need / $each + 1 - Controller::THRESHOLD + 1e-9)));
        $this->ledger->work(FeederFigure::BankStepsOn)->equals($on)
            ->saying('a step switches in at '.Show::number(Controller::THRESHOLD).' of its rating')->source(HowKnown::CommonPractice)
            ->write();
        $this->ledger->work(FeederFigure::BankReactive)->equals($on * $each)->write();
        $this->corrected(new Phasor($power->real, $power->imaginary - $on * $each));
        if ($this->network->isKnown() && $detuning <= 0) {
            $this->resonance($each, (int) $count);
        }
    }

    /** @param  Phasor  $power  P + jQ that is left, VA */
    private function corrected(Phasor $power): void
    {
        $this->ledger->work(FeederFigure::CorrectedCurrent)->equals($power->size() / (sqrt(3) * $this->network->volts))->write();
        $this->ledger->work(FeederFigure::CorrectedPowerFactor)->equals($power->real / $power->size())->write();
        $feeder = $this->network->feeder;
        $this->ledger->work(FeederFigure::CorrectedDrop)
            ->equals(100 * ($feeder->resistance * $power->real
                + $feeder->reactance * $power->imaginary) / $this->network->volts ** 2)->write();
        if ($this->transformer !== null) {
            $this->ledger->work(FeederFigure::CorrectedLoading)->equals(100 * $power->size() / $this->transformer)->write();
        }
    }

    private function resonance(float $each, int $count): void
    {
        $short = $this->network->volts ** 2 / $this->network->warm()->magnitude();
        $this->ledger->work(FeederFigure::ResonanceOrder)->equals(sqrt($short / ($count * $each)))->as('√(S_sc / Q)')->write();
        for ($steps = 1; $steps <= $count; $steps++) {
            $order = sqrt($short / ($steps * $each));
            foreach (self::HARMONICS as $harmonic) {
                if (abs($order / $harmonic - 1) <= self::NEAR) {
                    $this->ledger->caution(FeederFinding::Resonance)->title('The bank resonates with the supply')
                        ->because('With '.$steps.($steps === 1 ? ' step' : ' steps').' on at order '.Show::number($order,
                            3).', near '.$harmonic.'.')
                        ->do('Use detuning reactors.')->source(HowKnown::CommonPractice)->on(FeederFigure::ResonanceOrder);

                    return;
                }
            }
        }
    }
}
