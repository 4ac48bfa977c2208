<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Start;

use BraveAnvil\Circuit\Choice\MethodName;
use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\LockedRotorRules;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\StartTorque;
use BraveAnvil\Stations\Plate\TerminalMarks;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Method\Direct;
use BraveAnvil\Stations\Start\Method\Methods;
use BraveAnvil\Stations\Start\Method\StarDelta;
use BraveAnvil\Stations\Start\Method\StartingMethod;
use BraveAnvil\Tables\Practice\Practice;

/** Currents and torques at standstill, and whether this motor can be started so. The run-up follows once the conductors are chosen. */
final readonly class StartStation
{
    public function __construct(
        private Words $words,
        private TerminalMarks $terminals,
        private LockedRotorRules $rules,
        private Practice $practice,
    ) {
    }

    public function solve(Circuit $circuit, Motor $motor, Load $load, Ledger $ledger): Starting
    {
        $name = $circuit->bad('starter.method') ? null : $circuit->chosen('starter.method', MethodName::class);
        $method = Methods::of($circuit, $this->practice->runUp());
        $range = (new LockedRotor($this->rules, $this->practice))->solve($circuit, $motor, $load, $ledger);
        $lockedRotor = $range->current;
        [$peak, $reclosing, $first] = [null, null, null];
        if ($lockedRotor !== null) {
            $cos = (new StandstillPowerFactor($this->practice->starting()))->solve($circuit, $motor, $ledger);
            $first = self::kappa($cos->number());
            $peak = $this->peaks($lockedRotor, $cos, $ledger);
            $reclosing = StarDelta::isPossible($circuit, $motor) ? $this->reclosing($lockedRotor, $cos, $ledger) : null;
        }
        $figures = $this->standstill($circuit, $motor, $load, $range, $peak, $reclosing, $first, $ledger);
        if ($name !== null) {
            $ledger->work(StartFigure::Method)->equals($name->value)->said($name->label($this->words))
                ->source($circuit->assumed('starter.method') ?? 'entered')->write();
        }
        $this->judge($circuit, $motor, $method, $figures, $ledger);
        $ledger->say(Station::Start, $this->sentence($circuit, $motor, $method, $figures, $ledger));

        $starting = new Starting($name, $method, $figures);
        if ($method?->refusal($circuit, $motor, $this->words) === null) {
            StartingPower::solve($circuit, $motor, $starting, $range, $ledger);
        }

        return $starting;
    }

    /** @return Figure first peak, an upper bound, A */
    private function peaks(Figure $lockedRotor, Figure $cos, Ledger $ledger): Figure
    {
        $practice = $this->practice->starting();
        $factor = $practice->firstPeakFactor();
        $peak = $ledger
            ->work(StartFigure::PeakFirstHalfCycle)
            ->from(k: $factor, I: $lockedRotor)
            ->as('√2 · 1.8 · I_LR', '√2 × {k} × {I}')
            ->equals(sqrt(2) * $factor->value * $lockedRotor->number())
            ->source('covers every offset; compared with a magnetic release as peak ÷ √2')
            ->write();
        $ratio = $cos->number() / sqrt(1 - $cos->number() ** 2);
        $kappa = self::kappa($cos->number());
        $ledger
            ->work(StartFigure::PeakEstimate)
            ->from(cos: $cos, I: $lockedRotor)
            ->as('√2 · κ · I_LR', '√2 × '.Show::number($kappa).' × {I}')
            ->equals(sqrt(2) * $kappa * $lockedRotor->number())
            ->source('κ = 1.02 + 0.98 e^(−3 R/X), '.Standard::Iec60909_0->at().', R/X = '.Show::number($ratio, 3))
            ->write();

        return $peak;
    }

    /** First peak over √2 times the rms of a current that is switched on, by its power factor. IEC 60909-0. */
    private static function kappa(float $powerFactor): float
    {
        return 1.02 + 0.98 * exp(-3 * $powerFactor / sqrt(1 - $powerFactor ** 2));
    }

    private function standstill(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        LockedRotorRange $range,
        ?Figure $peak,
        ?Figure $reclosing,
        ?float $first,
        Ledger $ledger,
    ): StartFigures {
        $lockedRotor = $range->current;
        $rated = $motor->ratedTorque;
        $ratio = $motor->onePhase ? StartTorque::ofOnePhase($circuit, $this->practice->typicalSinglePhase())
            : StartTorque::ratio($circuit, $motor->output, $this->practice->typicalMotor());
        $torque = $rated === null || $ratio === null ? null : $ledger->work(StartFigure::LockedRotorTorque)->from(k: $ratio, T: $rated)
            ->as('Tst/Tn · T_n', '{k} × {T}')->equals($ratio->number() * $rated->number())->write();
        if (! StarDelta::isPossible($circuit, $motor)) {
            return new StartFigures($lockedRotor, $peak, $torque, null, null, null, $range->high, $load->ratedCurrent(), $first);
        }
        $star = $lockedRotor === null ? null : $ledger->work(StartFigure::StarLineCurrent)->from(I: $lockedRotor)->as('I_LR / 3', '{I} ÷ 3')
            ->equals($lockedRotor->number() / 3)->write();
        $starTorque = $rated === null || $ratio === null ? null : $ledger->work(StartFigure::StarTorque)->from(k: $ratio, T: $rated)
            ->as('Tst/Tn · T_n / 3', '{k} × {T} ÷ 3')->equals($ratio->number() * $rated->number() / 3)->write();
        $current = $load->ratedCurrent();
        if ($current !== null) {
            $ledger
                ->work(StartFigure::DeltaWindingCurrent)
                ->from(I: $current)
                ->as('I / √3', '{I} ÷ √3')
                ->equals($current->number() / sqrt(3))
                ->write();
        }

        return new StartFigures($lockedRotor, $peak, $torque, $star, $starTorque, $reclosing, $range->high, $current, $first);
    }

    /** Worst line peak when delta closes on a rotating field that still stands: a bound, not a sizing value. */
    private function reclosing(Figure $lockedRotor, Figure $cos, Ledger $ledger): Figure
    {
        $over = $this->practice->starting()->reclosingOvershoot();
        $kappa = self::kappa($cos->number());

        return $ledger
            ->work(StartFigure::ReclosingPeak)
            ->from(k: $over, cos: $cos, I: $lockedRotor)
            ->as('1.1 √2 κ I_LR (1 + 1/√3)', '{k} × √2 × '.Show::number($kappa).' × {I} × (1 + 1 ÷ √3)')
            ->equals($over->value * sqrt(2) * $kappa * $lockedRotor->number() * (1 + 1 / sqrt(3)))
            ->source('calculated here, an upper limit')
            ->write();
    }

    private function judge(Circuit $circuit, Motor $motor, ?StartingMethod $method, StartFigures $figures, Ledger $ledger): void
    {
        $refused = $method?->refusal($circuit, $motor, $this->words);
        if ($refused !== null) {
            $ledger->add($refused->finding);
            $ledger->block($refused->reason, Station::Cable, Station::Guard, Station::Correct);
        }
        $wanted = $method?->wants($circuit);
        if ($wanted !== null) {
            $ledger->missing(
                $wanted, 'The drive input current is on the nameplate of the drive; conductors and protection are chosen by it.',
            );
            $ledger->block('No result: enter the drive input current.', Station::Cable, Station::Guard);
        }
        if ($method !== null && $ledger->isOpen(Station::Correct)) {
            $ledger->add(...$method->cautions($figures, $this->words, $this->terminals));
        }
        (new StartChecks($this->practice->starting()))->solve($circuit, $motor, $method, $ledger);
        if ($motor->kind === MotorKind::SinglePhase) {
            OnePhaseStarting::tell($circuit, $ledger);
        }
    }

    private function sentence(Circuit $circuit, Motor $motor, ?StartingMethod $method, StartFigures $figures, Ledger $ledger): string
    {
        if ($figures->lockedRotorCurrent === null) {
            return 'Enter Ia/In or the code letter to get the starting current.';
        }

        $words = $this->words;

        return $method?->sentence($figures, $words, $method->refusal($circuit, $motor, $words) !== null) ?? Direct::onLine($figures);
    }
}
