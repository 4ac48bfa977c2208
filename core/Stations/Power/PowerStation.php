<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Power;

use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Circuit\Parse\Power;
use BraveAnvil\Ground\Grade;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\PlateFinding;
use BraveAnvil\Stations\Plate\WhatFits;

/** From output to input to apparent power to current, and the three sources of full-load current. */
final readonly class PowerStation
{
    /** Percent that the stamped current may be off the computed one before it is noted, a caution, a stop. */
    private const OFF = [5, 10, 20];

    /** @param  list<BookCurrents>  $schools  every rule book, this one among them */
    public function __construct(private Words $words, private CurrentRules $currents, private array $schools)
    {
    }

    public function solve(Circuit $circuit, Motor $motor, Ledger $ledger): Load
    {
        $output =
            $motor->output === null
                ? null
                : $ledger
                    ->work(PowerFigure::Output)
                    ->from(P: $motor->output)
                    ->equals($motor->output->number())
                    ->as($motor->output->formula, $motor->output->working)
                    ->source($motor->output->source)
                    ->write();
        [$input, $apparent, $reactive, $computed] = self::chain($circuit, $motor, $output, $ledger);
        $plate =
            $motor->current === null
                ? null
                : $ledger
                    ->work(PowerFigure::PlateCurrent)
                    ->from(I: $motor->current)
                    ->equals($motor->current->number())
                    ->saying($motor->current->working)
                    ->source(HowKnown::Nameplate)
                    ->write();
        $wrong = $motor->isOnWrongSupply();
        $table = $wrong || $circuit->bad('plate.power', 'plate.voltage', 'supply.voltage')
            ? null : $this->currents->table($circuit, $motor);
        if ($table !== null) {
            $ledger->put($table);
        }
        $design = null;
        $conductors = null;
        $overload = null;
        if (! $wrong && ! $motor->currentRefused && ! $circuit->bad('plate.current')) {
            [$design, $conductors, $overload] = $this->design($circuit, $motor, $table, $plate, $computed, $ledger);
        }
        self::check($circuit, $motor, $plate, $computed, $ledger);
        self::table($table, $plate ?? $computed, $ledger);
        $partLoad = (new PartLoadPicture)->solve($circuit, $motor, $output, $input, $reactive, $computed, $ledger);
        $noLoad = $partLoad?->noLoadCurrent;
        LoadAtFrequency::check($circuit, $motor, $ledger);
        $this->schools($circuit, $motor, $plate, $computed, $ledger);
        $load = new Load(
            $output, $input, $apparent, $reactive, $motor->powerFactor, $computed, $plate, $design, $conductors, $overload,
            $noLoad, $partLoad?->model,
        );
        $ledger->say(Station::Power, $wrong ? 'No result: a three-phase motor on a single-phase supply.' : $this->sentence($load));

        return $load;
    }

    /** @return array{Figure|null, Figure|null, Figure|null, Figure|null} input W, apparent VA, reactive var, computed current A */
    private static function chain(Circuit $circuit, Motor $motor, ?Figure $output, Ledger $ledger): array
    {
        if ($output === null || $motor->efficiency === null) {
            return [null, null, null, null];
        }
        $input = $ledger->work(PowerFigure::Input)->from(P: $output, eta: $motor->efficiency)->as('P_out / η', '{P} ÷ {eta}')
            ->equals($output->number() / $motor->efficiency->number())->write();
        $factor = $motor->powerFactor;
        if ($factor === null) {
            return [$input, null, null, null];
        }
        $apparent = $ledger->work(PowerFigure::Apparent)->from(P: $input, pf: $factor)->as('P_in / cos φ', '{P} ÷ {pf}')
            ->equals($input->number() / $factor->number())->write();
        $reactive = $ledger->work(PowerFigure::Reactive)->from(S: $apparent, P: $input)->as('√(S² − P²)', '√({S}² − {P}²)')
            ->equals(sqrt(max(0.0, $apparent->number() ** 2 - $input->number() ** 2)))->write();
        $volts = $motor->ratedVoltage();
        $computed = null;
        if ($volts !== null) {
            $k = $circuit->phaseFactor();
            $computed = $ledger
                ->work(PowerFigure::ComputedCurrent)
                ->from(S: $apparent, V: $volts)
                ->as($k > 1 ? 'S / (√3 V)' : 'S / V', $k > 1 ? '{S} ÷ (√3 × {V})' : '{S} ÷ {V}')
                ->equals($apparent->number() / ($k * $volts->number()))
                ->write();
        }
        $ledger->curve(new TriangleCurve($output->number(), $input, $reactive, $apparent, $factor));

        return [$input, $apparent, $reactive, $computed];
    }

    /** @return array{Figure|null, Figure|null, Figure|null} A: for the protective device, for the conductors, for the overload relay */
    private function design(Circuit $circuit, Motor $motor, ?Figure $table, ?Figure $plate, ?Figure $computed, Ledger $ledger): array
    {
        $design = $this->currents->design($circuit, $motor, $table, $plate, $computed);
        $ledger->add(...$design->findings);
        if ($design->missing !== null) {
            $ledger->missing('plate.current', $design->missing);
        }

        if ($design->conductors !== null) {
            $ledger->put($design->conductors);
        }
        $figure = $design->figure === null ? null : $ledger->put($design->figure);
        // What another current is wanted for does not keep the relay waiting.
        $overload = self::overload($plate, $design->overload ?? ($figure === null ? $computed : null), $ledger);

        return [$figure, $design->conductors ?? $figure, $overload];
    }

    private static function overload(?Figure $plate, ?Figure $otherwise, Ledger $ledger): ?Figure
    {
        if ($plate !== null) {
            return $ledger->put($plate->named(PowerFigure::OverloadCurrent, 'nameplate current, under every rule book'));
        }

        return $otherwise === null
            ? null
            : $ledger->put(
                $otherwise->named(PowerFigure::OverloadCurrent, 'no stamped current')->withAssumption('the nameplate gives no current'),
            );
    }

    private static function check(Circuit $circuit, Motor $motor, ?Figure $plate, ?Figure $computed, Ledger $ledger): void
    {
        if ($computed === null || $plate === null) {
            return;
        }
        $off = 100 * ($plate->number() / $computed->number() - 1);
        $ledger
            ->work(PowerFigure::CurrentDifference)
            ->from(Ip: $plate, I: $computed)
            ->as('(I_plate − I) / I', '({Ip} − {I}) ÷ {I}')
            ->equals($off)
            ->write();
        $size = abs($off);
        [$noted, $caution, $stop] = self::OFF;
        if ($size <= $noted) {
            return;
        }
        $grade = match (true) {
            // A typical efficiency or power factor may be that far off on an old motor.
            $size > $stop => $computed->assumed() || $plate->assumed() ? Grade::Caution : Grade::Stop,
            $size > $caution => Grade::Caution,
            default => Grade::Note,
        };
        $ledger
            ->find($grade, PlateFinding::CurrentDisagrees)
            ->title('Nameplate current does not match the other nameplate values')
            ->because(
                'Stamped '.$plate->shown().', calculated '.$computed->shown().': '.Show::number($size, 3).' % difference.'.
                ($computed->assumed() ? ' The calculated value is partly assumed.' : '').
                ($size > $caution ? WhatFits::say(
                    $circuit, $motor->ratedVoltage()?->number() ?? 0.0, $plate->number(), $computed->number(),
                ) : ''),
            )
            ->do('Read output, voltage, current, power factor and efficiency again on the nameplate.')
            ->source($motor->onePhase ? 'I = P / (V η cos φ)' : 'I = P / (√3 V η cos φ)')
            ->on(PowerFigure::PlateCurrent, PowerFigure::ComputedCurrent)
            ->about('plate.current');
    }

    /** How far the table stands from this motor's own current: it is written for every motor of the size. */
    private static function table(?Figure $table, ?Figure $own, Ledger $ledger): void
    {
        if ($table !== null && $own !== null) {
            $ledger->work(PowerFigure::TableDifference)->from(It: $table, I: $own)->as('(I_table − I) / I', '({It} − {I}) ÷ {I}')
                ->equals(100 * ($table->number() / $own->number() - 1))->write();
        }
    }

    /** Which full-load current each rule book would size this motor by: the same motor, three answers. */
    private function schools(Circuit $circuit, Motor $motor, ?Figure $plate, ?Figure $computed, Ledger $ledger): void
    {
        if ($motor->isOnWrongSupply() || $circuit->stamp('plate.power', Power::class) === null || $motor->ratedVoltage() === null) {
            return;
        }
        $rows = [];
        foreach ($this->schools as $school) {
            $table = $school->currents->table($circuit, $motor);
            $design = $school->currents->design($circuit, $motor, $table, $plate, $computed)->figure;
            $rows[] = new CurrentByBook($school->name, $school->name === $this->words->name, $table, $design);
        }
        $ledger->curve(new CurrentsByBookCurve($rows));
    }

    private function sentence(Load $load): string
    {
        if ($load->input === null || $load->designCurrent === null) {
            return 'Enter output, efficiency and power factor to get the power and current.';
        }

        return 'Full load: '.$load->input->shown(3).' and '.($load->reactive?->shown(3) ?? '').'. Design current ('.
            $this->words->name.'): '.$load->designCurrent->shown(3).'.';
    }
}
