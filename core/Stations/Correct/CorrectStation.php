<?php

declare(strict_types=1);

namespace BraveAnvil\Stations\Correct;

use BraveAnvil\Circuit\Choice\CapacitorPlace;
use BraveAnvil\Circuit\Choice\CorrectionBasis;
use BraveAnvil\Circuit\Choice\MotorKind;
use BraveAnvil\Circuit\Choice\Subject;
use BraveAnvil\Circuit\Choice\SupplySource;
use BraveAnvil\Circuit\Choice\VoltageFactor;
use BraveAnvil\Circuit\Circuit;
use BraveAnvil\Circuit\Fields;
use BraveAnvil\Circuit\Figure;
use BraveAnvil\Circuit\Ledger;
use BraveAnvil\Ground\HowKnown;
use BraveAnvil\Ground\Show;
use BraveAnvil\Ground\Standard;
use BraveAnvil\Ground\Station;
use BraveAnvil\Ground\TableEntry;
use BraveAnvil\Ground\Unit;
use BraveAnvil\Ground\Words;
use BraveAnvil\Stations\Measure\Measured;
use BraveAnvil\Stations\Plate\Motor;
use BraveAnvil\Stations\Plate\OnePhaseStart;
use BraveAnvil\Stations\Power\Load;
use BraveAnvil\Stations\Start\Starting;
use BraveAnvil\Tables\Practice\Practice;

/**
 * Power factor correction: how much, which capacitor, where it may go, and what the line carries after it.
 *
 * @phpstan-import-type FieldPath from Fields
 */
final readonly class CorrectStation
{
    /** @var list<FieldPath> fields without which nothing can be corrected */
    private const NEEDS = [
        'correction.basis', 'correction.load_percent', 'correction.lowest_load_percent', 'correction.target_power_factor',
        'correction.kvar_per_kw',
        'correction.place', 'correction.rated_voltage', 'correction.rated_kvar', 'correction.rated_frequency',
        'correction.detuning_percent', 'correction.capacitance', 'correction.resistor_ohm', 'correction.pluggable',
        'correction.own_contactor', 'correction.tap_length', 'correction.after_watts', 'correction.after_amps',
        'correction.after_volts', 'plate.no_load_current', 'plate.no_load_power', 'plate.current', 'supply.other_capacitors_kvar',
        'supply.inverter_efficiency', 'measure.current_distortion', 'load.traits', 'settings.capacitor_series',
    ];

    /** Share of real power below which a need is rounding noise. */
    private const NOTHING = 1e-6;

    public function __construct(private CapacitorRules $rules, private Practice $practice, private Words $words)
    {
    }

    /**
     * @param  Figure|null  $prospective  largest fault current, A
     * @return Correction|null null where there is no capacitor, or none can be chosen; the ledger says why
     */
    public function solve(
        Circuit $circuit,
        Motor $motor,
        Load $load,
        Measured $measured,
        Starting $starting,
        ?Figure $prospective,
        Ledger $ledger,
    ): ?Correction {
        $onBench = $circuit->chosen('subject', Subject::class) === Subject::BenchLoad;
        $supply = $motor->supplyVoltage ?? $circuit->number('supply.voltage');
        $frequency = $circuit->number('supply.frequency') ?? $motor->frequency;
        if ($supply === null || $frequency === null || $circuit->bad(...self::NEEDS)) {
            $ledger->block('No result: correct the marked field first.', Station::Correct);

            return null;
        }
        if ($starting->method?->isolates() === true && Basis::chosen($circuit, $onBench) === CorrectionBasis::Calculated) {
            $this->beforeElectronics($circuit, $motor, $frequency, $starting, $ledger);

            return null;
        }
        $toCorrect = Basis::load($circuit, $motor, $load, $measured, $onBench, $ledger);
        if ($toCorrect === null) {
            $ledger->block('No result: the power and current of the '.($onBench ? 'load' : 'motor').' are not known yet.',
                Station::Correct);

            return null;
        }
        self::inverter($circuit, $toCorrect, $ledger);
        $place = $onBench || $toCorrect->onePhase && ! $circuit->has('correction.place')
            ? CapacitorPlace::Board : $circuit->chosen('correction.place', CapacitorPlace::class) ?? CapacitorPlace::None;
        $required = $this->required($circuit, $toCorrect, $ledger);
        if ($toCorrect->reactive->number() < 0) {
            $ledger->note(CorrectFinding::AlreadyLeading)->title('Power factor already leading')
                ->because('A capacitor would make it worse.')->do('Look for capacitors already connected.')
                ->on(CorrectFigure::LoadReactive);
            $ledger->say(Station::Correct, 'The power factor is already leading: no capacitor.');

            return null;
        }
        if ($place === CapacitorPlace::None) {
            $ledger->say(Station::Correct, self::without($circuit, $required));

            return null;
        }
        if ((new Exclusion($this->rules, $this->words))->refuses($circuit, $motor, $frequency, $starting, $place, $ledger)) {
            $ledger->say(Station::Correct, 'No capacitor is allowed at this position.');

            return null;
        }
        self::runCapacitor($circuit, $motor, $ledger);
        self::generator($circuit, $ledger);
        if ($toCorrect->onePhase && $place->isBehindStarter() && $toCorrect->noLoadReactive === null) {
            $ledger->missing(
                $circuit->number('plate.no_load_current') === null ? 'plate.no_load_current' : 'plate.no_load_power',
                'Measure current and power without load: a capacitor at a single-phase motor may give 90 % of its no-load reactive power.',
            );
            $ledger->say(Station::Correct, 'No capacitor at the motor: its no-load current and power are not entered.');

            return null;
        }
        $capacitors = $this->practice->capacitor();
        $ceiling = Ceiling::of($circuit, $motor, $toCorrect, $place, $capacitors, $ledger);
        $plate = Nameplate::of($circuit, $supply, $frequency, $toCorrect->onePhase, $capacitors, $ledger);
        $unit = match (true) {
            $plate === null => null,
            $toCorrect->onePhase => OnePhaseUnit::choose($circuit, $plate, $toCorrect, $required, $ceiling, $capacitors, $ledger),
            default => CapacitorUnit::choose($circuit, $plate, $toCorrect, $required, $ceiling, $capacitors, $ledger),
        };
        if ($unit === null) {
            $ledger->say(Station::Correct, 'No capacitor chosen.');

            return null;
        }
        $figures = $unit->figures($supply, $this->rules, $capacitors, $circuit, $ledger);
        $this->overcurrent($figures, $ledger);
        $motorsOwn = $onBench ? null : $load->overloadCurrent;
        $correction = (new Effect($place, $figures))
            ->solve($circuit, $motorsOwn, $motor->powerFactor, $supply, $toCorrect, $ledger);
        $steps = $unit instanceof CapacitorUnit ? $unit->steps : [];
        $ledger->curve(new CorrectionCurve($toCorrect, $load, $correction, $supply->number(), $steps));
        $this->cautions($circuit, $supply, $figures, $toCorrect, $prospective, $ledger);
        (new AfterFitting)->solve($circuit, $measured, $toCorrect->onePhase, $figures, $ledger);
        $ledger->curve(new TrialCurve(
            $toCorrect, $correction, $this->rules->dischargeSeconds, self::wattsStay($circuit, $toCorrect),
        ));
        $ledger->say(
            Station::Correct,
            ($toCorrect->onePhase ? self::capacitance($figures, $frequency->number()) : $figures->rating->shown(3)).': '.
            $correction->sentence(),
        );

        return $correction;
    }

    /** It belongs to the motor: what it does to the supply is in the motor's own power factor. */
    private static function runCapacitor(Circuit $circuit, Motor $motor, Ledger $ledger): void
    {
        if ($motor->kind === MotorKind::SinglePhase && OnePhaseStart::hasRunCapacitor($circuit)) {
            $ledger->note(CorrectFinding::RunCapacitorStays)->title('The run capacitor stays')
                ->because('It feeds the second winding and makes the torque even. It is no power factor correction.')
                ->do('Connect the correction capacitor across the supply wires of the motor, beside it.')
                ->source(HowKnown::CommonPractice)->on(CorrectFigure::ReactiveRequired)->about('plate.run_capacitor');
        }
    }

    /** The supply sees a rectifier: nothing of the motor's plate says what it takes. */
    private function beforeElectronics(Circuit $circuit, Motor $motor, Figure $frequency, Starting $starting, Ledger $ledger): void
    {
        $place = $circuit->chosen('correction.place', CapacitorPlace::class) ?? CapacitorPlace::None;
        $ledger->say(Station::Correct, 'For a motor on a drive, no capacitor can be calculated from the nameplate.');
        if ($place === CapacitorPlace::None || ($place->isBehindStarter()
            && (new Exclusion($this->rules, $this->words))->refuses($circuit, $motor, $frequency, $starting, $place, $ledger))) {
            return;
        }
        $ledger->caution(CorrectFinding::SupplySeesDrive)->title('The supply sees the drive, not the motor')
            ->because('The rectifier of a drive takes almost no fundamental reactive power. Its power factor is low because of '.
                'harmonics, and '.'a capacitor does not correct those. It may resonate with them and burn out.')
            ->do('Measure the real power, true power factor and current distortion on the supply side of the drive. '.
                'Then choose “Measured values”.')
            ->source(HowKnown::CommonPractice)->about('correction.place', 'correction.basis');
    }

    private static function without(Circuit $circuit, ?Figure $required): string
    {
        if ($required === null) {
            return 'Enter a target power factor to see the capacitor needed.';
        }

        $target = $circuit->number('correction.target_power_factor');
        $for = match (true) {
            $target === null && $circuit->number('correction.kvar_per_kw') !== null => 'by the kvar per kW entered',
            ($target?->number() ?? 1.0) >= 1.0 => 'for unity power factor',
            default => 'for a power factor of '.Show::number($target?->number() ?? 1.0, 3),
        };

        return $required->number() <= 0
            ? 'No capacitor is needed for this target.' : 'No capacitor. '.$required->shown(3).' would be needed '.$for.'.';
    }

    /** What a capacitor would have to give, var; harmonics set a bound to what it can reach. */
    private function required(Circuit $circuit, LoadToCorrect $load, Ledger $ledger): ?Figure
    {
        $typed = $circuit->number('correction.target_power_factor');
        $share = $typed === null ? $circuit->number('correction.kvar_per_kw') : null;
        if ($share !== null) {
            return $ledger->work(CorrectFigure::ReactiveRequired)->from(P: $load->power, k: $share)
                ->as('P (tan φ1 − tan φ2)', '{P} × {k} kvar per kW')
                ->equals($load->power->number() * $share->number())->write();
        }
        $target = $typed ?? ($load->onePhase ? new TableEntry(1.0, 'unity, because no target is entered') : null);
        if ($target === null) {
            return null;
        }
        $wanted = $target instanceof Figure ? $target->number() : $target->value;
        $power = $load->power->number();
        if ($load->distortion <= 0) {
            return $ledger
                ->work(CorrectFigure::ReactiveRequired)
                ->from(Q: $load->reactive, P: $load->power, pf: $target)
                ->as('P (tan φ1 − tan φ2)', '{Q} − {P} × tan φ2, cos φ2 {pf}')
                ->equals(self::need($load->reactive->number() - $power * sqrt(1 - $wanted ** 2) / $wanted, $power))
                ->assuming($typed === null ? 'a target of unity' : null)
                ->write();
        }
        $attainable = $ledger
            ->work(CorrectFigure::AttainablePowerFactor)
            ->from(P: $load->power)
            ->as('P / √(P² + D²)', '{P} ÷ √({P}² + '.Show::quantity($load->distortion, Unit::VoltAmpere, 4).'²)')
            ->equals($power / hypot($power, $load->distortion))
            ->write();
        if ($wanted > $attainable->number() * (1 + 1e-6)) {
            $ledger->caution(CorrectFinding::Distortion)->title('Harmonics prevent the target power factor')
                ->because('No capacitor raises it above '.$attainable->shown(3).': the rest is distortion, not reactive power.')
                ->do('Fit a filter or a reactor at the source of the distortion. A capacitor near it may resonate.')
                ->source(HowKnown::Definition)->on(CorrectFigure::AttainablePowerFactor);
        }
        $left = sqrt(max(0.0, ($power / $wanted) ** 2 - $power ** 2 - $load->distortion ** 2));

        return $ledger
            ->work(CorrectFigure::ReactiveRequired)
            ->from(Q: $load->reactive, P: $load->power, pf: $target)
            ->as('Q − √((P / cos φ2)² − P² − D²)', '{Q} − '.Show::quantity($left, Unit::Var, 4).' that may remain at {pf}')
            ->equals(self::need($load->reactive->number() - $left, $power))
            ->assuming($typed === null ? 'a target of unity' : null)
            ->write();
    }

    /** What rounding leaves of a power factor that is the target is nothing. */
    private static function need(float $var, float $watts): float
    {
        return $var <= self::NOTHING * $watts ? 0.0 : $var;
    }

    private static function inverter(Circuit $circuit, LoadToCorrect $load, Ledger $ledger): void
    {
        $efficiency = $circuit->number('supply.inverter_efficiency');
        if ($efficiency === null) {
            return;
        }
        $input = $ledger->work(CorrectFigure::InverterInput)->from(P: $load->power, eta: $efficiency)->as('P / η', '{P} ÷ {eta}')
            ->equals($load->power->number() / ($efficiency->number() / 100))->write();
        $ledger->note(CorrectFinding::InverterSaving)->title('Saving on an inverter supply')
            ->because('The inverter takes '.$input->shown(3).' from the DC side without correction. '.
                'A capacitor reduces the output current of the inverter, so it can carry more load and runs cooler.')
            ->do('Ask the manufacturer first: some inverters trip on a capacitor.')
            ->source('definition; changes of efficiency with current are not included')->on(CorrectFigure::InverterInput);
    }

    /** Whether the watts stay: not behind an inverter, whose losses follow the current, and not where readings say otherwise. */
    private static function wattsStay(Circuit $circuit, LoadToCorrect $load): bool
    {
        $after = $circuit->number('correction.after_watts')?->number();

        return $circuit->number('supply.inverter_efficiency') === null
            && ($after === null || abs($after / $load->power->number() - 1) <= AfterReading::SAME_LOAD);
    }

    private static function generator(Circuit $circuit, Ledger $ledger): void
    {
        if ($circuit->source() === SupplySource::Generator) {
            $ledger->caution(CorrectFinding::CapacitorOnGenerator)->title('Capacitor on a generator')
                ->because('A leading load excites the generator: its regulator loses hold of the voltage, which can rise far.')
                ->do('Switch the capacitor with the motor, and keep the whole load of the set lagging. Disconnect fixed capacitors before '.
                    'the set runs with little load.')
                ->source(HowKnown::CommonPractice)->about('correction.place');
        }
    }

    private function overcurrent(UnitFigures $unit, Ledger $ledger): void
    {
        $times = $this->practice->capacitor()->mostCurrentTimes();
        if ($unit->current->number() > $times * $unit->ratedCurrent->number() * (1 + 1e-6)) {
            $ledger->stop(CorrectFinding::CapacitorOvercurrent)->title('Current above the capacitor rating')
                ->because($unit->current->shown(3).' at this supply, more than '.Show::number($times).' times its rated current, '.
                    $unit->ratedCurrent->shown(3).'.')
                ->do('Choose a capacitor for this frequency and voltage.')->source(Standard::Iec60831_1->at())
                ->on(CorrectFigure::CapacitorCurrent, CorrectFigure::CapacitorRatedCurrent);
        }
    }

    private function cautions(
        Circuit $circuit,
        Figure $supply,
        UnitFigures $unit,
        LoadToCorrect $load,
        ?Figure $prospective,
        Ledger $ledger,
    ): void {
        $ledger
            ->note(CorrectFinding::StoredCharge)
            ->title('Stored charge in the capacitor')
            ->because(
                'After switch-off it can hold '.Show::quantity(sqrt(2) * $supply->number(), Unit::Volt, 3).
                ' or more. Wait for the discharge time, prove it dead, then short-circuit and earth it before you touch it.',
            )
            ->do('Check the discharge resistors. A blown fuse can leave an element charged.')
            ->source('usual practice; have a licensed person check it against the local code')
            ->on(CorrectFigure::DischargeResistance);
        if ($prospective !== null) {
            $chosen = $circuit->chosen('supply.voltage_factor', VoltageFactor::class);
            $factor = $this->practice->guard()->voltageFactorMax($chosen)->value;
            // At a board the fault current has the share of its motors in it, which resonates with nothing.
            $ohm = hypot(
                $circuit->number('supply.board.resistance_ohm')?->number() ?? 0.0,
                $circuit->number('supply.board.reactance_ohm')?->number() ?? 0.0,
            );
            $fault = $ohm > 0 ? $supply->number() ** 2 / $ohm
                : $circuit->phaseFactor() * $supply->number() * $prospective->number() / $factor;
            (new Bus($fault))->solve($circuit, $unit->given, $unit->plate, $load->onePhase, $ledger);
        }
    }

    /** Capacitance of a unit for one phase, in words. */
    private static function capacitance(UnitFigures $figures, float $hertz): string
    {
        $volts = $figures->plate->volts->number();

        return Show::quantity($figures->givenAt($volts) / (2 * M_PI * $hertz * $volts ** 2), Unit::Farad, 3);
    }
}
