<?php

declare(strict_types=1);

namespace BraveAnvil\Records\Board;

use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Stations\Start\Motion\Impedance;

/** Fault currents at a board, from the supply and from its motors. IEC 60909-0. */
final readonly class BoardFaults
{
    /** Share of the fault current below which motors are left out. IEC 60909-0. */
    private const FEW_MOTORS = 0.01;

    /** Times its current that a motor of an unknown starting current feeds back. Common practice. */
    private const UNKNOWN_FEEDBACK = 4.0;

    private const REGENERATIVE_FEEDBACK = 3.0;

    /** Of a long sum as many are written out. */
    private const TERMS = 24;

    /** Of groups of low-voltage motors with their cables: R is 0.42 X. IEC 60909-0. */
    private const MOTOR_X_OVER_R = 1 / 0.42;

    /** First peak of what motors feed back, over √2 times it. IEC 60909-0. */
    private const MOTOR_KAPPA = 1.3;

    /**
     * @param  float  $volts  between lines
     * @param  float  $fromAbove  what motors of the board above feed back here, A
     */
    public function __construct(
        private FeederDocument $document,
        private BoardDemand $demand,
        private float $volts,
        private Ledger $ledger,
        private float $fromAbove = 0.0,
    ) {
    }

    /**
     * What some motors feed back at this board, A.
     *
     * @param  list<BoardMotor>  $except  those that do not count
     * @param  Impedance  $feeder  of the board below that they feed back through
     */
    public function through(array $except, Impedance $feeder): float
    {
        $tags = array_map(static fn (BoardMotor $motor): string => $motor->tag, $except);
        $sum = $this->fromAbove;
        foreach ($this->demand->counted as $motor) {
            $sum += in_array($motor->tag, $tags, true) ? 0.0 : $this->feedback($motor);
        }

        return $sum <= 0 ? 0.0 : $this->behind($sum, $feeder);
    }

    private function over(float $factor, float $ohm, string $times): string
    {
        return Show::number($factor).' × '.Show::quantity($this->volts, Unit::Volt).' ÷ ('.$times.' × '.
            Show::quantity($ohm, Unit::Ohm, 4).')';
    }

    /** @param  float  $sum  of all, A */
    private function terms(float $sum): string
    {
        $terms = [];
        foreach ($sum <= 0 ? [] : $this->demand->counted as $motor) {
            $terms[] = Show::quantity($this->feedback($motor), Unit::Ampere, 4)." ($motor->tag)";
        }
        if ($this->fromAbove > 0) {
            $terms[] = Show::quantity($this->fromAbove, Unit::Ampere, 4).' (from the board above)';
        }
        $more = count($terms) - self::TERMS;

        return implode(' + ', array_slice($terms, 0, self::TERMS)).($more > 0 ? " and $more more" : '');
    }

    /** A current that motors feed back, A, through a feeder beside them. */
    private function behind(float $amperes, Impedance $feeder): float
    {
        $ohm = Impedance::ofRatio($this->volts / (sqrt(3) * $amperes), self::MOTOR_X_OVER_R);

        return $this->volts / (sqrt(3) * $ohm->plus($feeder)->magnitude());
    }

    /** Writes those of the board. */
    public function solve(BoardNetwork $network): void
    {
        $supply = $this->ledger->work(FeederFigure::SupplyFaultCurrent)->equals($network->supplyFault())
            ->as('c V / (√3 |Z|)', $this->over($network->factors()[0], $network->coldSource()->magnitude(), '√3'))
            ->source(Standard::Iec60909_0->at())->write();
        $prospective = $this->ledger->work(FeederFigure::ProspectiveCurrent)->equals($network->prospective())
            ->as('c V / (√3 |Z|), conductors at 20 °C', $this->over($network->factors()[0], $network->cold()->magnitude(), '√3'))
            ->source(Standard::Iec60909_0->at())->write();
        $this->ledger->work(FeederFigure::TwoPhaseFaultCurrent)->equals($network->twoPhase())
            ->as('c V / (2 |Z|), conductors warm', $this->over($network->factors()[1], $network->warmInFault()->magnitude(), '2'))
            ->write();
        $motors = $this->contribution($prospective->number(), true);
        $share = $this->ledger->work(FeederFigure::MotorContribution)->equals($motors)
            ->as('Σ 1.05 Ia V ÷ V of the plate', $this->terms($motors))->source(Standard::Iec60909_0->at())->write();
        $this->ledger->work(FeederFigure::FaultCurrent)->from(a: $prospective, b: $share)->as('supply + motors', '{a} + {b}')
            ->equals($prospective->number() + $motors)->write();
        $this->ledger->work(FeederFigure::PeakFaultCurrent)->from(a: $prospective, b: $share)
            ->as('√2 (κ I + 1.3 I_M)', '√2 × ('.Show::number($network->kappa(), 4).' × {a} + 1.3 × {b})')
            ->equals(sqrt(2) * ($network->kappa() * $prospective->number() + self::MOTOR_KAPPA * $motors))
            ->source(Standard::Iec60909_0->at())
            ->write();
        $capacity = $this->document->feeder->number('guard.breaking_capacity_ka')?->number();
        if ($capacity !== null && $capacity < $supply->number() * (1 - 1e-6)) {
            $this->ledger->stop(FeederFinding::BreakingCapacity)->title('Breaking capacity of the feeder device too low')
                ->because('It breaks '.Show::quantity($capacity,
                    Unit::Ampere).'; the fault current before the feeder is '.$supply->shown(3).'.')
                ->do('Use a device with a higher breaking capacity.')->on(FeederFigure::SupplyFaultCurrent)
                ->about('guard.breaking_capacity_ka');
        }
    }

    /**
     * What each circuit's device breaks: all but what its own motor feeds back.
     *
     * @param  list<BoardMotor>  $motors
     * @return array<string, list<Figure>> by tag
     */
    public function beside(array $motors, BoardNetwork $network): array
    {
        $all = $network->prospective() + $this->contribution($network->prospective());
        $beside = [];
        foreach ($motors as $motor) {
            $own = in_array($motor, $this->demand->counted, true) && $this->contribution($network->prospective()) > 0
                ? $this->feedback($motor) : 0.0;
            $fault = Figure::work(FeederFigure::CircuitFaultCurrent)->equals($all - $own)
                ->saying('without the share of its own motor')->make();
            $beside[$motor->tag] = [$fault];
            $capacity = $motor->breakingCapacity;
            if ($capacity !== null && $capacity < $fault->number() * (1 - 1e-6)) {
                $this->ledger->stop(FeederFinding::BranchBreakingCapacity)->title('Breaking capacity of '.
                    $motor->tag.' too low at this board')
                    ->because('It breaks '.Show::quantity($capacity, Unit::Ampere).', the fault current is '.$fault->shown(3).'.')
                    ->do('Use a device with a higher breaking capacity.')->on(FeederFigure::FaultCurrent);
            }
        }

        return $beside;
    }

    /**
     * What the supply and each motor give to a fault at the board.
     *
     * @return array<array-key, float> A, by tag
     */
    public function parts(BoardNetwork $network): array
    {
        $parts = ['supply' => $network->prospective()];
        if ($this->contribution($network->prospective()) <= 0) {
            return $parts;
        }
        foreach ($this->demand->counted as $motor) {
            $parts[$motor->tag] = $this->feedback($motor);
        }
        if ($this->fromAbove > 0) {
            $parts['motors of the board above'] = $this->fromAbove;
        }

        return $parts;
    }

    /** Of one motor, A. */
    private function feedback(BoardMotor $motor): float
    {
        $own = $this->ownFeedback($motor);

        return $motor->before === null || $own <= 0 ? $own : $this->behind($own, $motor->before);
    }

    private function ownFeedback(BoardMotor $motor): float
    {
        return match (true) {
            $motor->isDrive => $motor->isRegenerative ? self::REGENERATIVE_FEEDBACK * $motor->current : 0.0,
            $motor->lockedRotor === null || ($this->document->isAmerican()
                && ! $motor->lockedRotorKnown) => self::UNKNOWN_FEEDBACK * $motor->current,
            default => 1.05 * $motor->lockedRotor * $this->volts / max(1.0, $motor->plateVolts),
        };
    }

    /** A. */
    private function contribution(float $prospective, bool $tell = false): float
    {
        $sum = $this->fromAbove;
        $currents = 0.0;
        foreach ($this->demand->counted as $motor) {
            $sum += $this->feedback($motor);
            $currents += $motor->isDrive ? 0.0 : $motor->current;
        }
        if ($this->fromAbove <= 0 && ! $this->document->isAmerican() && $currents <= self::FEW_MOTORS * $prospective) {
            if ($currents > 0 && $tell) {
                $this->ledger->note(FeederFinding::MotorsBelowOnePercent)->title('Share of the motors left out')
                    ->because('Their rated currents together are at most 1 % of the fault current.')
                    ->source(Standard::Iec60909_0->at())->on(FeederFigure::MotorContribution);
            }

            return 0.0;
        }

        return $sum;
    }
}
