<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Source;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Tables\Practice\CapacitorPractice;

/** Resistors that empty a capacitor: which to take, and what one that is there already does. */
final readonly class Discharge
{
    /** A resistor stands this many times what it must turn into heat. */
    private const HEAT_MARGIN = 2.0;

    /** V that small resistors usually stand. Common practice. */
    private const SMALL_RESISTOR_V = 350.0;

    public function __construct(private CapacitorRules $rules, private CapacitorPractice $practice)
    {
    }

    /**
     * @param  Figure  $element  capacitance between the ends of each resistor, F
     * @param  Figure  $volts  rated, of the capacitor, V
     * @param  string  $where  the resistor sits
     */
    public function solve(Circuit $circuit, Figure $element, Figure $volts, string $where, Ledger $ledger): void
    {
        $plug = $circuit->flag('correction.pluggable') === true;
        $residual = $plug ? $this->practice->plugResidualVolts() : $this->rules->residualVolts;
        $time = $plug ? $this->practice->plugDischargeTime() : $this->rules->dischargeSeconds;
        $source = $plug ? Standard::Iec60335_1->at()->adding(': pins of a plug') : $this->rules->dischargeSource;
        $ledger->work(CorrectFigure::DischargeLimit)->as('', 'down to '.Show::number($residual).' V')
            ->equals($time)->source($source)->write();
        $constants = log((sqrt(2) * $volts->number()) / $residual);
        $most = $ledger
            ->work(CorrectFigure::DischargeResistance)
            ->from(C: $element, V: $volts)
            ->as(
                't / (C ln(√2 V_n / V_r))',
                Show::number($time).' s ÷ ({C} × ln(√2 × {V} ÷ '.Show::number($residual).' V))',
            )
            ->equals($time / ($element->number() * $constants))
            ->source($source.': '.$where)
            ->write();
        $this->take($most, $volts, $ledger);
        $there = $circuit->number('correction.resistor_ohm');
        if ($there !== null) {
            $this->judge($there, $element, $volts, $residual, $time, $constants, $source, $ledger);
        }
    }

    private function take(Figure $most, Figure $volts, Ledger $ledger): void
    {
        $share = $this->practice->resistorShare();
        $upTo = $share->value * $most->number();
        $decade = 10 ** floor(log10($upTo));
        // Each decade begins with 1, which is never above it.
        $series = array_filter(
            $this->practice->resistorSeries(), static fn (float $value): bool => $value * $decade <= $upTo * (1 + 1e-9),
        );
        $best = $decade * ($series === [] ? 1.0 : max($series));
        $take = $ledger
            ->work(CorrectFigure::DischargeRecommended)
            ->from(k: $share, R: $most)
            ->as('0.8 of it, next standard value below', '{k} × {R}, next standard value below')
            ->equals($best)
            ->source('E24; the poles of a switch open one after another and can leave more than √2 V on one element')
            ->write();
        $power = $ledger
            ->work(CorrectFigure::DischargePower)
            ->from(V: $volts, R: $take)
            ->as('V_n² / R', '{V}² ÷ {R}')
            ->equals($volts->number() ** 2 / $best)
            ->write();
        foreach ($this->practice->resistorPowers() as $watts) {
            if ($watts >= self::HEAT_MARGIN * $power->number() * (1 - 1e-6)) {
                $ledger
                    ->work(CorrectFigure::DischargeRating)
                    ->from(P: $power)
                    ->as('standard rating ≥ 2 P', '2 × {P}, next standard rating')
                    ->equals($watts)
                    ->source(HowKnown::CommonPractice)
                    ->write();
                break;
            }
        }
        if ($volts->number() <= self::SMALL_RESISTOR_V) {
            return;
        }
        $ledger->note(CorrectFinding::ResistorInSeries)->title('Voltage rating of the discharge resistor')
            ->because('Each resistor must be rated for at least '.$volts->shown().'. Small resistors often are not.')
            ->do('Use one with that rating, or two in series with half the resistance each.')
            ->source(HowKnown::CommonPractice)->on(CorrectFigure::DischargeRecommended);
    }

    private function judge(
        Figure $there,
        Figure $element,
        Figure $volts,
        float $residual,
        float $time,
        float $constants,
        Source|string $source,
        Ledger $ledger,
    ): void {
        $takes = $ledger
            ->work(CorrectFigure::DischargeTime)
            ->from(R: $there, C: $element, V: $volts)
            ->as('R C ln(√2 V_n / V_r)', '{R} × {C} × ln(√2 × {V} ÷ '.Show::number($residual).' V)')
            ->equals($there->number() * $element->number() * $constants)
            ->source($source)
            ->write();
        $heat = $ledger
            ->work(CorrectFigure::ResistorPower)
            ->from(V: $volts, R: $there)
            ->as('V_n² / R', '{V}² ÷ {R}')
            ->equals($volts->number() ** 2 / $there->number())
            ->write();
        if ($takes->number() > $time * (1 + 1e-6)) {
            $ledger->stop(CorrectFinding::ResistorTooLarge)->title('Discharge too slow')
                ->because($takes->shown(3).' to reach '.Show::number($residual).' V; the limit is '.Show::number($time).' s.')
                ->do('Fit the resistor given here, or leave the capacitor connected to something that discharges it.')
                ->source($source)->on(CorrectFigure::DischargeTime)->about('correction.resistor_ohm');
        }
        if ($heat->number() > max([0.0, ...$this->practice->resistorPowers()]) / self::HEAT_MARGIN) {
            $ledger->caution(CorrectFinding::ResistorHot)->title('The discharge resistor gets hot')
                ->because('It gives off '.Show::quantity($heat->number(), Unit::Watt, 3).' of heat continuously.')
                ->do('Check its power rating: at least twice that.')
                ->source(HowKnown::CommonPractice)->on(CorrectFigure::ResistorPower)->about('correction.resistor_ohm');
        }
    }
}
